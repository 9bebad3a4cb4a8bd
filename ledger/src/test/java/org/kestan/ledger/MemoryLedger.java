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
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** A ledger in memory, to hold the port to what it says: it keeps the same contract as the one in a file. */
final class MemoryLedger implements Ledger {

    /** What each folder holds, across openings. */
    private static final Map<Path, Map<String, Row>> ALL = new HashMap<>();

    private final Path folder;
    private final Map<String, Row> rows;
    private ShopStandards shop = ShopStandards.DEFAULT;

    private record Row(
            LedgerJob entry,
            JobProjection shown,
            Instant createdAt,
            Instant changedAt,
            boolean archived,
            boolean deleted) {

        Row with(LedgerJob next, JobProjection projection) {
            return new Row(next, projection, createdAt, Instant.now(), archived, deleted);
        }

        Row put(boolean away, boolean binned) {
            return new Row(entry, shown, createdAt, changedAt, away, binned);
        }

        JobCard card() {
            return new JobCard(
                    entry.id(),
                    shown.name(),
                    shown.owner(),
                    shown.station(),
                    shown.waitsFor(),
                    shown.due(),
                    shown.line(),
                    createdAt,
                    changedAt,
                    deleted ? JobLocation.BIN : archived ? JobLocation.AWAY : JobLocation.BENCH);
        }
    }

    MemoryLedger(Path folder) {
        this.folder = folder;
        rows = ALL.computeIfAbsent(folder, each -> new LinkedHashMap<>());
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
        return JobProjection.of(job, shop);
    }

    private Optional<Row> row(String id) {
        return Optional.ofNullable(rows.get(id)).filter(row -> !row.deleted());
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
                .filter(row -> !row.shown().derivedBy().equals(JobProjection.by(shop)))
                .map(row -> row.entry().id())
                .toList();
        int done = 0;
        for (String id : stale) {
            if (!progress.step(done, stale.size())) {
                return done;
            }
            Row row = rows.get(id);
            rows.put(
                    id,
                    new Row(
                            row.entry(),
                            shown(row.entry().job()),
                            row.createdAt(),
                            row.changedAt(),
                            row.archived(),
                            row.deleted()));
            done++;
        }
        return done;
    }

    private Stream<Row> matching(Query query) {
        List<String> words = query.patterns().stream()
                .map(pattern -> pattern.substring(1, pattern.length() - 1)
                        .replace("!%", "%")
                        .replace("!_", "_")
                        .replace("!!", "!"))
                .toList();
        return rows.values().stream()
                .filter(row -> row.card().shelf() == query.shelf())
                .filter(row -> query.station()
                        .map(station -> station == row.shown().station())
                        .orElse(true))
                .filter(row -> words.stream().allMatch(row.shown().search()::contains));
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
    public List<JobCard> list(Query query, int most) {
        return matching(query)
                .sorted(by(query.order()))
                .limit(most)
                .map(Row::card)
                .toList();
    }

    @Override
    public int count(Query query) {
        return (int) matching(query).count();
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
    public LedgerJob insert(Job job) {
        return insert(job, UUID.randomUUID().toString());
    }

    @Override
    public LedgerJob insert(Job job, String id) {
        LedgerJob entry = new LedgerJob(rows.containsKey(id) ? UUID.randomUUID().toString() : id, 1, job);
        rows.put(entry.id(), new Row(entry, shown(job), Instant.now(), Instant.now(), false, false));
        return entry;
    }

    @Override
    public SaveResult save(String id, int revision, Job job) {
        Optional<Row> row = row(id).filter(each -> each.entry().revision() == revision);
        row.ifPresent(each -> rows.put(id, each.with(new LedgerJob(id, revision + 1, job), shown(job))));
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
        change(id, row -> row.put(away, row.deleted()));
    }

    @Override
    public void delete(String id) {
        change(id, row -> row.put(row.archived(), true));
    }

    @Override
    public void restore(String id) {
        change(id, row -> row.put(row.archived(), false));
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
        // What it holds is found again under its folder.
    }
}
