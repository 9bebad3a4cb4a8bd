package org.kestan.desktop.session;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.desktop.messages.Messages;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;

/** What other windows and other benches do with the ledger: what they write, and which jobs they have open. */
public final class OtherBenches {

    /** What has to be done about it, on the application thread. */
    interface Listener {

        /** A server that was away answers again. */
        void serverIsBack();

        /** Others wrote to the ledger: lists look again. */
        void wrote();

        /** Others changed a job that is open here; {@link #wrote} is called as well. */
        void received(OpenJob job, OpenJob.Change change);
    }

    private final Ledger ledger;
    private final LedgerThread thread;
    private final ServerSaves server;
    private final Listener listener;
    private final ReadOnlyObjectWrapper<Map<String, List<String>>> open =
            new ReadOnlyObjectWrapper<>(this, "open", Map.of());
    private final AtomicBoolean looking = new AtomicBoolean();

    /** What the ledger last said of what others wrote; empty before it was asked. Only touched by the ledger's thread. */
    private String written = "";

    OtherBenches(Ledger ledger, LedgerThread thread, ServerSaves server, Listener listener) {
        this.ledger = ledger;
        this.thread = thread;
        this.server = server;
        this.listener = listener;
    }

    /** Who has which job open, by the job's id, as far as the ledger can tell. */
    public ReadOnlyObjectProperty<Map<String, List<String>>> openProperty() {
        return open.getReadOnlyProperty();
    }

    /** Says who has a job open; empty text where nobody has. */
    public String openBy(String id) {
        List<String> who = open.get().getOrDefault(id, List.of());
        return who.isEmpty() ? "" : Messages.message("other-benches.open-elsewhere", String.join(", ", who));
    }

    /**
     * Asks the ledger away from the window, and tells the listener.
     *
     * @param shown the job that is open here: the others are told of it, and it is looked at again
     */
    void look(OpenJob shown) {
        // A server that is away takes its time to say so: one look at a time, so that what is to be saved has its turn.
        if (looking.compareAndSet(false, true)) {
            thread.execute(() -> {
                try {
                    ask(shown);
                } catch (LedgerException unanswered) {
                    // What can't be read now is looked for again in a second; saving says what is wrong.
                    server.unanswered();
                } finally {
                    looking.set(false);
                }
            });
        }
    }

    private void ask(OpenJob shown) {
        String now = ledger.writtenElsewhere();
        boolean wrote = !written.isEmpty() && !now.equals(written);
        written = now;
        if (server.catchUp(shown)) {
            Platform.runLater(listener::serverIsBack);
        }
        ledger.showing(shown.id());
        Map<String, List<String>> elsewhere = ledger.openElsewhere();
        if (!elsewhere.equals(open.get())) {
            Platform.runLater(() -> open.set(elsewhere));
        }
        Optional<OpenJob.Change> change = shown.look();
        if (wrote || change.isPresent()) {
            Platform.runLater(() -> {
                change.ifPresent(each -> listener.received(shown, each));
                listener.wrote();
            });
        }
    }
}
