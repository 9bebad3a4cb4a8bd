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

    /** The job in the bin for which Erase was pressed once; the second press erases it. */
    private Optional<String> sure = Optional.empty();

    /** @param done called when the ledger has changed, on the application thread */
    JobRemoval(JobSession session, JobStore store, Runnable done) {
        this.session = session;
        this.store = store;
        this.done = done;
        undelete.setDisable(true);
    }

    /** Returns the button that restores the last deleted job. */
    Button undelete() {
        return undelete;
    }

    /** Returns whether a deleted job can be restored. */
    boolean isUndoable() {
        return !deleted.isEmpty();
    }

    /** Erase has to be pressed twice again. */
    void reconsider() {
        sure = Optional.empty();
    }

    /** Archives or unarchives a job; one in the bin is restored. */
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

    /** Moves a job to the bin; one that is already there is erased. */
    void delete(JobCard card) {
        if (card.shelf() == JobLocation.BIN) {
            erase(card);
            return;
        }
        // What was typed last is saved before the job is deleted, in case it is restored.
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

    /** Restores the job that was deleted last. */
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

    /** Erases at the second press; the first one explains what that means. */
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

    /** Rewrites everything that has traces of the job, which takes a while, and reports when none are left. */
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
