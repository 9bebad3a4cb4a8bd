package org.kestan.desktop.session;

import java.lang.ref.WeakReference;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Calls something once a second on the application thread. A timeline would redraw the window at every frame. */
final class EverySecond<T> {

    private static final ScheduledExecutorService SECONDS = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "seconds");
        thread.setDaemon(true);
        return thread;
    });

    private final WeakReference<T> held;
    private final Consumer<T> call;
    private volatile boolean ended;

    private EverySecond(T called, Consumer<T> call) {
        held = new WeakReference<>(called);
        this.call = call;
    }

    /**
     * Calls until ended, or until the called object is garbage.
     *
     * @param called not kept alive by this
     * @param call what is called; must not hold on to the object either
     */
    static <T> EverySecond<T> call(T called, Consumer<T> call) {
        EverySecond<T> calls = new EverySecond<>(called, call);
        calls.schedule();
        return calls;
    }

    /** Ends the calls. To be used on the application thread; there is no call after it returns. */
    void end() {
        ended = true;
    }

    private void schedule() {
        SECONDS.schedule(
                () -> {
                    if (!ended && held.get() != null) {
                        Platform.runLater(this::callNow);
                        schedule();
                    }
                },
                1,
                TimeUnit.SECONDS);
    }

    private void callNow() {
        T called = held.get();
        if (!ended && called != null) {
            call.accept(called);
        }
    }
}
