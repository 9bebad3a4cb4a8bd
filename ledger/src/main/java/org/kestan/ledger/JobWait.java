package org.kestan.ledger;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;

/**
 * A running wait of a job.
 *
 * @param id the job's id
 * @param name what the shop calls the instrument
 * @param running what is waited for
 */
public record JobWait(String id, String name, Wait running) {

    /** Nobody watches more than these. */
    private static final int MOST = 40;

    /** Writes the running waits of a job for storage, one per line. */
    public static String write(Job job) {
        return job.section(Sections.WAITS).stream()
                .filter(Wait::isOpen)
                .limit(MOST)
                .map(wait -> wait.from() + " " + wait.kind().key() + " " + wait.minutes())
                .collect(Collectors.joining("\n"));
    }

    /** Reads what {@link #write} wrote; skips what can't be read. */
    public static List<JobWait> read(String id, String name, String text) {
        return Stream.of(text.split("\n"))
                .flatMap(line -> wait(line).stream())
                .map(wait -> new JobWait(id, name, wait))
                .toList();
    }

    private static Optional<Wait> wait(String line) {
        String[] words = line.split(" ");
        if (words.length != 3 || !words[2].matches("\\d{1,6}")) {
            return Optional.empty();
        }
        try {
            Instant from = Instant.parse(words[0]);
            return Keyed.find(WaitKind.class, words[1])
                    .map(kind -> new Wait(from, kind, Integer.parseInt(words[2]), "", Optional.empty()));
        } catch (DateTimeException odd) {
            return Optional.empty();
        }
    }
}
