package org.kestan.desktop.session;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.WaitingSaves;

/**
 * What a window keeps on its machine while the ledger's server is away. Does nothing for a ledger that is always there. To be used on the
 * ledger's thread; only {@link #areNeeded} may be asked anywhere.
 */
final class ServerSaves {

    private final Ledger ledger;
    private final Optional<WaitingSaves> waiting;
    private boolean away;

    ServerSaves(Ledger ledger) {
        this.ledger = ledger;
        waiting = ledger.waiting();
    }

    /** Tells whether the ledger lies on a server. */
    boolean areNeeded() {
        return waiting.isPresent();
    }

    /** The ledger did not answer. */
    void unanswered() {
        away = areNeeded();
    }

    /** Keeps a job that could not be saved; false where that can't be done. */
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

    /** The ledger has a job as it is, or it was taken back; returns whether something of it was kept. */
    boolean forget(OpenJob target) {
        if (waiting.isEmpty() || !waiting.get().ids().contains(target.lastingId())) {
            return false;
        }
        try {
            waiting.get().forget(target.lastingId());
        } catch (IOException stays) {
            // It is delivered once more, which does no harm.
            log("a kept job stays", stays);
        }
        return true;
    }

    /**
     * Brings in what waited, now that the ledger answers: of all jobs but the open one, which is saved as it is now.
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
                // One that is not taken keeps no other from coming in, nor the window from following.
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
