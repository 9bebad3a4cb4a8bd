package org.kestan.ledger;

import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** A ledger in memory, to test what the port promises: it keeps the same contract as the one in a file. */
public final class MemoryLedger implements Ledger {

    /** What each folder holds, across openings. */
    private static final Map<Path, Map<String, Row>> ALL = new HashMap<>();

    private final Path folder;
    private final Map<String, Row> rows;
    private ShopStandards shop = ShopStandards.DEFAULT;

    private record Row(JobRecord record, Job job, JobProjection shown) {

        LedgerJob entry() {
            return new LedgerJob(record.id(), record.revision(), job);
        }

        Instant createdAt() {
            return record.created();
        }

        Instant changedAt() {
            return record.changed();
        }

        boolean archived() {
            return record.shelf() == JobLocation.AWAY;
        }

        boolean deleted() {
            return record.shelf() == JobLocation.BIN;
        }

        Row put(String replica, JobLocation shelf) {
            return new Row(
                    new JobRecord(
                            record.id(),
                            record.revision(),
                            record.versions().changedBy(replica),
                            record.created(),
                            record.changed(),
                            shelf,
                            shelf == JobLocation.BIN ? Instant.now() : null,
                            record.text()),
                    job,
                    shown);
        }

        JobCard card() {
            return new JobCard(
                    record.id(),
                    shown.name(),
                    shown.owner(),
                    shown.station(),
                    shown.waitsFor(),
                    shown.due(),
                    shown.line(),
                    record.created(),
                    record.changed(),
                    record.shelf());
        }
    }

    public MemoryLedger(Path folder) {
        this.folder = folder;
        rows = ALL.computeIfAbsent(folder, each -> new LinkedHashMap<>());
    }

    /** Identifies this ledger. */
    private String replica() {
        return "m" + Integer.toHexString(folder.hashCode());
    }

    @Override
    public List<JobWait> waits() {
        return rows.values().stream()
                .filter(row -> !row.deleted())
                .flatMap(row -> JobWait.read(
                        row.entry().id(), row.shown().name(), row.shown().waits())
                        .stream())
                .toList();
    }

    @Override
    public List<Lesson> lessons() {
        return rows.values().stream()
                .filter(row -> !row.deleted())
                .flatMap(row -> JobProjection.taught(row.shown().lesson()).stream())
                .toList();
    }

    @Override
    public Memory memory() {
        return Memory.of(lessons(), shop);
    }

    @Override
    public List<JobLesson> teaching(Predicate<Lesson> what, int most) {
        return Stream.of(JobLocation.BENCH, JobLocation.AWAY)
                .flatMap(shelf -> list(new Query("", Optional.empty(), shelf, Query.Order.CHANGED)).stream())
                .sorted(Comparator.comparing(JobCard::changedAt).reversed())
                .flatMap(
                        card -> JobProjection.taught(rows.get(card.id()).shown().lesson())
                                .map(lesson -> new JobLesson(card.id(), card.name(), lesson))
                                .stream())
                .filter(each -> what.test(each.lesson()))
                .limit(most)
                .toList();
    }

    private JobProjection shown(Job job) {
        return Derivation.by(shop).of(job);
    }

    private Optional<Row> row(String id) {
        return Optional.ofNullable(rows.get(id)).filter(row -> !row.deleted());
    }

    @Override
    public boolean isForPractice() {
        return false;
    }

    private Job own(Job job) {
        refusal(job).ifPresent(why -> {
            throw new LedgerException(why, new IllegalArgumentException(job.name()));
        });
        return job;
    }

    @Override
    public String place() {
        return "memory";
    }

    @Override
    public Pictures pictures() {
        return new Pictures(folder.resolve("pictures"));
    }

    @Override
    public Papers papers() {
        return new Papers(folder.resolve("papers"));
    }

    @Override
    public Backups backups() {
        throw new UnsupportedOperationException("memory has no copies");
    }

    @Override
    public void goBy(ShopStandards next) {
        shop = next;
    }

    @Override
    public int deriveAnew(Progress progress) {
        List<String> stale = rows.values().stream()
                .filter(row ->
                        !row.shown().derivedBy().equals(Derivation.by(shop).key()))
                .map(row -> row.entry().id())
                .toList();
        int done = 0;
        for (String id : stale) {
            if (!progress.step(done, stale.size())) {
                return done;
            }
            Row row = rows.get(id);
            rows.put(id, new Row(row.record(), row.job(), shown(row.job())));
            done++;
        }
        return done;
    }

    private Stream<Row> matching(Query query) {
        return rows.values().stream()
                .filter(row -> row.card().shelf() == query.shelf())
                .filter(row -> query.station()
                        .map(station -> station == row.shown().station())
                        .orElse(true))
                .filter(row -> query.terms().stream().allMatch(row.shown().search()::contains));
    }

    private static Comparator<Row> by(Query.Order order) {
        return switch (order) {
            case CHANGED -> Comparator.comparing(Row::changedAt).reversed();
            case CREATED -> Comparator.comparing(Row::createdAt).reversed();
            case NAME -> Comparator.comparing(row -> row.shown().name().toLowerCase());
            case OWNER -> Comparator.comparing(row -> row.shown().owner().toLowerCase());
            case WAITING -> Comparator.comparing(row -> row.shown().station());
            case DUE -> Comparator.comparing(row -> row.shown().due().orElse(LocalDate.MAX));
        };
    }

    @Override
    public JobPage find(Query query, int shown, int counted) {
        return new JobPage(
                matching(query)
                        .sorted(by(query.order()))
                        .limit(shown)
                        .map(Row::card)
                        .toList(),
                (int) matching(query).limit(counted).count());
    }

    @Override
    public int count() {
        return (int) rows.values().stream().filter(row -> !row.deleted()).count();
    }

    @Override
    public Optional<LedgerJob> read(String id) {
        return row(id).map(Row::entry);
    }

    @Override
    public OptionalInt revision(String id) {
        return read(id).map(entry -> OptionalInt.of(entry.revision())).orElseGet(OptionalInt::empty);
    }

    @Override
    public String writtenElsewhere() {
        return "";
    }

    @Override
    public Optional<String> text(String id) {
        return read(id).map(LedgerJob::job).map(JobWriter::write);
    }

    @Override
    public LedgerJob insert(String id, Job job) {
        own(job);
        Instant now = Instant.now();
        JobRecord record = new JobRecord(
                id, 1, Versions.NONE.changedBy(replica()), now, now, JobLocation.BENCH, null, JobWriter.write(job));
        put(record);
        return new LedgerJob(record.id(), 1, job);
    }

    @Override
    public Optional<JobRecord> record(String id) {
        return Optional.ofNullable(rows.get(id)).map(Row::record);
    }

    @Override
    public void put(JobRecord record) {
        Job job = own(JobReader.read(record.text()).job().orElseThrow());
        rows.put(record.id(), new Row(record, job, shown(job)));
    }

    @Override
    public Optional<Finding> check() {
        return Optional.empty();
    }

    @Override
    public List<Path> cleanse() {
        return List.of();
    }

    @Override
    public SaveResult save(String id, int revision, Job job) {
        own(job);
        Optional<Row> row = row(id).filter(each -> each.record().revision() == revision);
        row.ifPresent(each -> put(new JobRecord(
                id,
                revision + 1,
                each.record().versions().changedBy(replica()),
                each.createdAt(),
                Instant.now(),
                each.record().shelf(),
                null,
                JobWriter.write(job))));
        return row.isPresent() ? new SaveResult.Done(revision + 1) : new SaveResult.Conflict();
    }

    @Override
    public Optional<LedgerJob> duplicate(String id) {
        return read(id).map(LedgerJob::job).map(job -> insert(job.with(Lines.NAME, (job.name() + " (copy)").strip())));
    }

    private void change(String id, java.util.function.UnaryOperator<Row> change) {
        rows.computeIfPresent(id, (same, row) -> change.apply(row));
    }

    @Override
    public void archive(String id, boolean away) {
        change(id, row -> row.put(replica(), away ? JobLocation.AWAY : JobLocation.BENCH));
    }

    @Override
    public void delete(String id) {
        change(id, row -> row.put(replica(), JobLocation.BIN));
    }

    @Override
    public void restore(String id) {
        change(id, row -> row.put(replica(), JobLocation.BENCH));
    }

    @Override
    public boolean erase(String id) {
        boolean erased = rows.entrySet()
                .removeIf(each -> each.getKey().equals(id) && each.getValue().deleted());
        if (erased) {
            papers().remove(id);
        }
        return erased;
    }

    @Override
    public int emptyBin(Instant before) {
        int all = rows.size();
        rows.values().removeIf(row -> row.deleted() && row.changedAt().isBefore(before));
        return all - rows.size();
    }

    @Override
    public void together(Runnable work) {
        List<Map.Entry<String, Row>> before = new ArrayList<>(Map.copyOf(rows).entrySet());
        try {
            work.run();
        } catch (RuntimeException failed) {
            rows.clear();
            before.forEach(each -> rows.put(each.getKey(), each.getValue()));
            throw failed;
        }
    }

    @Override
    public void close() {
        // Its content is found again under its folder.
    }
}
