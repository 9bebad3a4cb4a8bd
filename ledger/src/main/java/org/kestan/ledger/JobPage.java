package org.kestan.ledger;

import java.util.List;

/**
 * The first of the requested jobs.
 *
 * @param cards their rows in the list
 * @param found how many there are, including those not shown, up to the number that was to be counted
 */
public record JobPage(List<JobCard> cards, int found) {

    /** Takes an unmodifiable copy. */
    public JobPage {
        cards = List.copyOf(cards);
    }
}
