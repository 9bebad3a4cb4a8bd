package org.kestan.desktop.session;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.WaitingSaves;

/**
 * What a window stores on its machine while the ledger's server is away. Does nothing for a ledger that is always
 * available. To be used on the ledger's thread, except for {@link #areNeeded}.
 */
final class ServerSaves {

    private final Ledger ledger;
    private final Optional<WaitingSaves> waiting;
    private boolean away;

    ServerSaves(Ledger ledger) {
        this.ledger = ledger;
        waiting = ledger.waiting();
    }

    /** Returns whether the ledger is on a server. */
    boolean areNeeded() {
        return waiting.isPresent();
    }

    /** The ledger did not answer. */
    void unanswered() {
        away = areNeeded();
    }

    /** Stores a job that could not be saved; false if that is impossible. */
    boolean keep(OpenJob target, Job job) {
        unanswered();
        if (waiting.isEmpty()) {
            return false;
        }
        try {
            waiting.get().keep(target.lastingId(), target.id().map(known -> target.content()), job);
            return true;
        } catch (IOException notKept) {
            log("a job is not kept", notKept);
            return false;
        }
    }

    /** The ledger has the job as it is, or the change was undone; returns whether a version of it was stored. */
    boolean forget(OpenJob target) {
        if (waiting.isEmpty() || !waiting.get().ids().contains(target.lastingId())) {
            return false;
        }
        try {
            waiting.get().forget(target.lastingId());
        } catch (IOException stays) {
            // It will be delivered once more, which does no harm.
            log("a kept job stays", stays);
        }
        return true;
    }

    /**
     * Delivers what was waiting, now that the ledger answers: all jobs but the open one, which is saved in its present
     * state.
     *
     * @return whether the ledger was away, or something came in
     */
    boolean catchUp(OpenJob target) {
        boolean back = away;
        for (String id : waiting.map(WaitingSaves::ids).orElse(List.of())) {
            if (away && id.equals(target.lastingId())) {
                continue;
            }
            try {
                back |= waiting.get().deliver(ledger, id);
            } catch (IOException | LedgerException waitsOn) {
                // A job that is refused keeps neither the others from being delivered nor the window from following.
                log("a kept job", waitsOn);
            }
        }
        away = false;
        return back;
    }

    private static void log(String what, Exception why) {
        System.getLogger(ServerSaves.class.getName()).log(System.Logger.Level.WARNING, what, why);
    }
}
