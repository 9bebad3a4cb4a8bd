package org.kestan.ledger;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.kestan.job.Job;

/** Imports jobs of other ledgers into one, recognizing those it already has. */
final class ArchiveTaking {

    /**
     * Which of two diverged versions keeps the id: first one that is not in the bin, then by properties that are the
     * same in every ledger.
     */
    private static final Comparator<JobRecord> KEEPS_ITS_ID = Comparator.comparing(
                    (JobRecord record) -> record.shelf() != JobLocation.BIN)
            .thenComparing(JobRecord::changed)
            .thenComparing(JobRecord::text)
            .thenComparing(JobRecord::shelf)
            .thenComparing(JobRecord::created)
            .thenComparing(JobRecord::deleted, Comparator.nullsFirst(Comparator.naturalOrder()));

    /** How a job relates to what is in the ledger. */
    private enum Meeting {
        NEW,
        SAME,
        NEWER,
        OLDER,
        PARTED
    }

    private final Ledger ledger;
    private final Map<Meeting, Integer> met = new EnumMap<>(Meeting.class);

    ArchiveTaking(Ledger ledger) {
        this.ledger = ledger;
    }

    /** Imports a job. */
    void take(Job job, JobRecord record) {
        met.merge(meet(job, record), 1, Integer::sum);
    }

    private Meeting meet(Job job, JobRecord theirs) {
        if (theirs.id().isEmpty()) {
            // A file without an id is recognized only if it is identical.
            if (isHere(job)) {
                return Meeting.SAME;
            }
            LedgerJob taken = ledger.insert(job);
            if (theirs.shelf() == JobLocation.AWAY) {
                ledger.archive(taken.id(), true);
            }
            return Meeting.NEW;
        }
        Optional<JobRecord> found = ledger.record(theirs.id());
        if (found.isEmpty()) {
            ledger.put(theirs);
            return Meeting.NEW;
        }
        JobRecord ours = found.get();
        boolean same = ours.text().equals(theirs.text()) && ours.shelf() == theirs.shelf();
        if (same) {
            JobRecord keeper = Stream.of(ours, theirs)
                    .max(KEEPS_ITS_ID)
                    .orElseThrow()
                    .with(ours.versions().and(theirs.versions()), Math.max(ours.revision(), theirs.revision()));
            if (!keeper.equals(ours)) {
                ledger.put(keeper);
            }
            return Meeting.SAME;
        }
        return switch (theirs.versions().to(ours.versions())) {
            case NEWER -> {
                ledger.put(theirs);
                yield Meeting.NEWER;
            }
            case OLDER -> theirs.versions().equals(Versions.NONE) ? part(ours, theirs) : Meeting.OLDER;
            default -> part(ours, theirs);
        };
    }

    /** Keeps both, in such a way that every ledger with the two ends up the same. */
    private Meeting part(JobRecord ours, JobRecord theirs) {
        List<JobRecord> both = Stream.of(ours, theirs).sorted(KEEPS_ITS_ID).toList();
        JobRecord other = both.get(0);
        JobRecord keeper = both.get(1);
        if (!other.text().equals(keeper.text())) {
            String id = UUID.nameUUIDFromBytes((other.id() + other.text()).getBytes(StandardCharsets.UTF_8))
                    .toString();
            if (ledger.record(id).isEmpty()) {
                ledger.put(other.withId(id).with(Versions.read("parted:1"), 1));
            }
        }
        ledger.put(
                keeper.with(ours.versions().and(theirs.versions()), Math.max(ours.revision(), theirs.revision()) + 1));
        return Meeting.PARTED;
    }

    private boolean isHere(Job job) {
        return Stream.of(JobLocation.BENCH, JobLocation.AWAY)
                .flatMap(shelf ->
                        ledger.list(new Query(job.name(), Optional.empty(), shelf, Query.Order.CHANGED)).stream())
                .filter(card -> card.name().equals(job.name()))
                .anyMatch(card -> ledger.read(card.id())
                        .map(LedgerJob::job)
                        .filter(job::equals)
                        .isPresent());
    }

    Archive.Outcome outcome(boolean stopped, List<String> refused) {
        return new Archive.Outcome(
                met.getOrDefault(Meeting.NEW, 0),
                new Archive.Met(
                        met.getOrDefault(Meeting.SAME, 0),
                        met.getOrDefault(Meeting.NEWER, 0),
                        met.getOrDefault(Meeting.OLDER, 0),
                        met.getOrDefault(Meeting.PARTED, 0)),
                stopped,
                refused);
    }
}
