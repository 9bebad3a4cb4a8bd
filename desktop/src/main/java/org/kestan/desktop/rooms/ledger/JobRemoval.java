package org.kestan.desktop.rooms.ledger;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;

/** Archives jobs, deletes them, restores them, and erases them for good, all in the background. */
final class JobRemoval {

    private final JobSession session;
    private final JobStore store;
    private final Runnable done;
    private final Deque<String> deleted = new ArrayDeque<>();
    private final Button undelete =
            new TextButton(Messages.message("job-removal.undo-delete"), "ledger-undelete", this::bringBack);

    /** The job in the bin that was asked to be erased once: asked again it goes. */
    private Optional<String> sure = Optional.empty();

    /** @param done called when the ledger has changed, on the application thread */
    JobRemoval(JobSession session, JobStore store, Runnable done) {
        this.session = session;
        this.store = store;
        this.done = done;
        undelete.setDisable(true);
    }

    /** Returns the button that brings back what was deleted last. */
    Button undelete() {
        return undelete;
    }

    /** Tells whether something was deleted that can be brought back. */
    boolean isUndoable() {
        return !deleted.isEmpty();
    }

    /** What was asked to be erased once is asked for anew. */
    void reconsider() {
        sure = Optional.empty();
    }

    /** Puts a job away or takes it out again; one in the bin is brought back. */
    void moveAway(JobCard card) {
        store.ask(
                () -> {
                    if (card.shelf() == JobLocation.BIN) {
                        store.ledger().restore(card.id());
                    } else {
                        store.ledger().archive(card.id(), card.shelf() == JobLocation.BENCH);
                    }
                    return card;
                },
                moved -> done.run());
    }

    /** Puts a job into the bin; one that lies there is erased. */
    void delete(JobCard card) {
        if (card.shelf() == JobLocation.BIN) {
            erase(card);
            return;
        }
        // What was typed last is in the ledger before the job goes, for the day it is brought back.
        store.saveNow();
        store.ask(
                () -> {
                    store.ledger().delete(card.id());
                    return card;
                },
                this::deleted);
    }

    private void deleted(JobCard card) {
        deleted.push(card.id());
        undelete.setDisable(false);
        if (store.openId().filter(card.id()::equals).isPresent()) {
            store.startBlank();
        }
        String name = card.name().isEmpty() ? Messages.message("job-removal.a-job") : card.name();
        session.say(Messages.message("job-removal.deleted-it-is-in", name));
        done.run();
    }

    /** Brings back what was deleted last. */
    void bringBack() {
        if (deleted.isEmpty()) {
            return;
        }
        String id = deleted.pop();
        undelete.setDisable(deleted.isEmpty());
        store.ask(
                () -> {
                    store.ledger().restore(id);
                    return id;
                },
                restored -> {
                    session.say(Messages.message("job-removal.brought-back"));
                    done.run();
                });
    }

    /** Erases at the second press; the first says what that means. */
    private void erase(JobCard card) {
        if (!sure.equals(Optional.of(card.id()))) {
            sure = Optional.of(card.id());
            session.complain(Messages.message("job-removal.erasing-removes-the-job"));
            return;
        }
        sure = Optional.empty();
        store.ask(() -> store.ledger().erase(card.id()), erased -> {
            session.say(Messages.message("job-removal.erasing"));
            done.run();
            cleanse();
        });
    }

    /** Writes anew what has traces, which takes its time, and says when none are left. */
    private void cleanse() {
        store.askAtLength(() -> store.ledger().cleanse(), stay -> {
            if (stay.isEmpty()) {
                session.say(Messages.message("job-removal.erased-from-the-backups"));
            } else {
                session.complain(Messages.message(
                        "job-removal.erased-these-backups-could",
                        stay.stream().map(copy -> copy.getFileName().toString()).collect(Collectors.joining(", "))));
            }
        });
    }
}
