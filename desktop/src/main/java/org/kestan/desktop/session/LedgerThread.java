package org.kestan.desktop.session;

import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.kestan.desktop.messages.Messages;
import org.kestan.ledger.LedgerException;

/** A thread for calls to the ledger, one after the other. If one fails, the status line says so. */
final class LedgerThread {

    /** The longest the window may block; a slow disk on a busy machine may take a few seconds. */
    private static final int PATIENCE_MILLIS = Integer.getInteger("kestan.patience", 5000);

    private final ExecutorService executor;
    private final JobSession session;

    LedgerThread(String name, JobSession session) {
        this.session = session;
        executor = Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** Runs something in its turn. */
    void execute(Runnable work) {
        executor.execute(work);
    }

    /**
     * Asks in the background.
     *
     * @param answered receives the answer, on the application thread
     */
    <T> void ask(Callable<T> question, Consumer<T> answered) {
        executor.execute(() -> {
            try {
                T answer = question.call();
                Platform.runLater(() -> answered.accept(answer));
            } catch (LedgerException failed) {
                Platform.runLater(() -> troubled(failed));
            } catch (Exception failed) {
                System.getLogger(LedgerThread.class.getName())
                        .log(System.Logger.Level.ERROR, "the ledger's answer", failed);
                Platform.runLater(
                        () -> session.complain(Messages.message("job-store.that-could-not-be", failed.getMessage())));
            }
        });
    }

    /** Asks, and waits no longer than a user would; empty if the ledger can't answer. */
    <T> Optional<T> answer(Callable<T> question) {
        try {
            return Optional.of(executor.submit(question).get(PATIENCE_MILLIS, TimeUnit.MILLISECONDS));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof LedgerException said) {
                troubled(said);
            } else {
                throw new IllegalStateException(failed.getCause());
            }
        } catch (TimeoutException late) {
            session.complain(Messages.message("job-store.ledger-slow"));
        }
        return Optional.empty();
    }

    /** Reports a problem with the ledger. */
    void troubled(LedgerException failed) {
        session.complain(Messages.message(
                "job-store.the-ledger-does-not", session.words().say(failed.why())));
    }
}
