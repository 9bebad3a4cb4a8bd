package org.kestan.desktop.shell;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;

/** At startup, lists the instruments that are due for a check. */
final class DueReminder {

    private static final int MOST_LOOKED_AT = 100;

    /** How many instruments are named; the rest are counted. */
    private static final int MOST_NAMED = 2;

    private DueReminder() {}

    /** Asks the ledger, and shows the answer in the status line; does nothing if nothing is due. */
    static void ask(JobStore store, JobSession session) {
        Query due = new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.DUE);
        store.ask(
                () -> store.ledger().list(due, MOST_LOOKED_AT).stream()
                        .filter(card -> card.due()
                                .filter(day -> !day.isAfter(LocalDate.now()))
                                .isPresent())
                        .map(JobCard::name)
                        .toList(),
                names -> {
                    if (!names.isEmpty()) {
                        session.say(sentence(names));
                    }
                });
    }

    private static String sentence(List<String> names) {
        String named = String.join(", ", names.subList(0, Math.min(MOST_NAMED, names.size())));
        return names.size() > MOST_NAMED
                ? Messages.message("due-reminder.and-more", named, names.size() - MOST_NAMED)
                : Messages.message("due-reminder.look-at-again", named);
    }
}
