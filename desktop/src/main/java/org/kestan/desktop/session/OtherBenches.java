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

    /** Reacts to what others do, on the application thread. */
    interface Listener {

        /** A server that was away answers again. */
        void serverIsBack();

        /** Others wrote to the ledger, so lists have to update. */
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

    /**
     * What the ledger last reported about the writes of others; empty before the first time. Used only on the ledger's
     * thread.
     */
    private String written = "";

    OtherBenches(Ledger ledger, LedgerThread thread, ServerSaves server, Listener listener) {
        this.ledger = ledger;
        this.thread = thread;
        this.server = server;
        this.listener = listener;
    }

    /** Who has which job open, by the job's id, as far as the ledger knows. */
    public ReadOnlyObjectProperty<Map<String, List<String>>> openProperty() {
        return open.getReadOnlyProperty();
    }

    /** Returns who has a job open, in words; empty if nobody has. */
    public String openBy(String id) {
        List<String> who = open.get().getOrDefault(id, List.of());
        return who.isEmpty() ? "" : Messages.message("other-benches.open-elsewhere", String.join(", ", who));
    }

    /**
     * Asks the ledger in the background, and tells the listener.
     *
     * @param shown the job that is open here: the others are notified of it, and it is followed
     */
    void look(OpenJob shown) {
        // A server that is away takes a while to fail, so there is only one check at a time and saves get their turn.
        if (looking.compareAndSet(false, true)) {
            thread.execute(() -> {
                try {
                    ask(shown);
                } catch (LedgerException unanswered) {
                    // What can't be read now is tried again in a second; saving reports what is wrong.
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
