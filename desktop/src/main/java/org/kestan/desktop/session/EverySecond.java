package org.kestan.desktop.session;

import java.lang.ref.WeakReference;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Calls once a second on the application thread. A timeline would have the window redrawn at every frame. */
final class EverySecond {

    private static final ScheduledExecutorService SECONDS = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "seconds");
        thread.setDaemon(true);
        return thread;
    });

    private EverySecond() {}

    /**
     * Calls as long as somebody uses the one that is called.
     *
     * @param called is not kept alive by this
     * @param call what is called; must not hold on to it either
     */
    static <T> void call(T called, Consumer<T> call) {
        next(new WeakReference<>(called), call);
    }

    private static <T> void next(WeakReference<T> held, Consumer<T> call) {
        SECONDS.schedule(
                () -> {
                    if (held.get() != null) {
                        Platform.runLater(() -> {
                            T called = held.get();
                            if (called != null) {
                                call.accept(called);
                            }
                        });
                        next(held, call);
                    }
                },
                1,
                TimeUnit.SECONDS);
    }
}
