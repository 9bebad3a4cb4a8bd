package org.kestan.ledger;

import java.util.List;

/**
 * The first of the requested jobs.
 *
 * @param cards what the list shows of them
 * @param found how many there are, those that are not shown included, as far as was to be counted
 */
public record JobPage(List<JobCard> cards, int found) {

    /** Takes an unmodifiable copy. */
    public JobPage {
        cards = List.copyOf(cards);
    }
}
