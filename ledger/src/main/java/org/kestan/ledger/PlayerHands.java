package org.kestan.ledger;

import java.util.Locale;
import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/** How hard the shop's players play: what was found on one instrument holds for the next one of the same owner. */
public final class PlayerHands {

    /** The most jobs of an owner that are searched. */
    private static final int MOST = 20;

    private PlayerHands() {}

    /**
     * The last job of an owner on which the force of the player's hand was found.
     *
     * @param owner as it is written in the job; letter case does not count
     * @throws LedgerException if the ledger cannot be read
     */
    public static Optional<Job> latest(Ledger ledger, String owner) {
        if (owner.isBlank()) {
            return Optional.empty();
        }
        Query ofOwner = new Query(owner, Query.ALL.station(), Query.ALL.shelf(), Query.ALL.order());
        return ledger.list(ofOwner, MOST).stream()
                .filter(card -> same(card.owner(), owner))
                .flatMap(card -> ledger.read(card.id()).stream())
                .map(LedgerJob::job)
                .filter(job -> job.get(Lines.PLUCK_FORCE).isPresent())
                .findFirst();
    }

    private static boolean same(String one, String other) {
        return one.strip().toLowerCase(Locale.ROOT).equals(other.strip().toLowerCase(Locale.ROOT));
    }
}
