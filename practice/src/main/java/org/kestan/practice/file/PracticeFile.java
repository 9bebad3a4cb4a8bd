package org.kestan.practice.file;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.files.disk.Disk;
import org.kestan.files.json.Json;
import org.kestan.job.tree.Tree;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.run.PracticeEvent;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/**
 * The learner's record and the begun cases, as JSON in one folder: {@code record.json}, and one file a case by the id of its
 * job. A file that can't be read is moved aside under another name and said, so that nothing is lost by going on.
 */
public final class PracticeFile {

    private static final String RECORD = "record.json";
    private static final int MOST_EVENTS = 5_000;

    private final Path folder;

    /** Keeps them in a folder, which is made when it is first written to. */
    public PracticeFile(Path folder) {
        this.folder = folder;
    }

    /**
     * What was read.
     *
     * @param value what there is; nothing done yet where there is no file, or none that can be read
     * @param aside where a file was moved that can't be read
     */
    public record Read<T>(T value, Optional<Path> aside) {}

    /** A file that is none of ours. */
    private static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;

        Unreadable(String what) {
            super(what);
        }
    }

    @FunctionalInterface
    private interface Reader<T> {
        T read(Tree.Entries root) throws Unreadable;
    }

    /** Reads the record. */
    public Read<PracticeRecord> record() throws IOException {
        return read(folder.resolve(RECORD), PracticeRecord.NONE, PracticeFile::record);
    }

    /** Keeps the record. */
    public void keep(PracticeRecord record) throws IOException {
        List<Tree> cases = new ArrayList<>();
        for (PracticeRecord.Case each : record.cases()) {
            Map<String, Tree> entry = new LinkedHashMap<>();
            entry.put("on", Tree.text(each.day().toString()));
            about(entry, each.seed(), each.level(), each.kind());
            entry.put("measuring", number(each.marks().measuring()));
            entry.put("judging", number(each.marks().judging()));
            entry.put("working", number(each.marks().working()));
            cases.add(new Tree.Entries(entry));
        }
        List<Tree> drills = new ArrayList<>();
        for (PracticeRecord.Done each : record.drills()) {
            Map<String, Tree> entry = new LinkedHashMap<>();
            entry.put("on", Tree.text(each.day().toString()));
            entry.put("drill", Tree.text(each.drill().key()));
            entry.put("right", Tree.number(each.right()));
            entry.put("of", Tree.number(each.of()));
            drills.add(new Tree.Entries(entry));
        }
        Map<String, Tree> root = new LinkedHashMap<>();
        root.put("cases", new Tree.Items(cases));
        root.put("drills", new Tree.Items(drills));
        write(folder.resolve(RECORD), new Tree.Entries(root));
    }

    /** Reads a case by the id of its job; empty where there is none. */
    public Read<Optional<PracticeRun>> run(String job) throws IOException {
        return read(file(job), Optional.empty(), root -> Optional.of(run(root)));
    }

    /** Keeps a case by the id of its job. */
    public void keep(String job, PracticeRun run) throws IOException {
        Map<String, Tree> root = new LinkedHashMap<>();
        root.put("version", Tree.number(PracticeCase.VERSION));
        about(root, run.given().seed(), run.given().level(), run.given().kind());
        root.put("handedOver", new Tree.Flag(run.handedOver()));
        List<Tree> events = new ArrayList<>();
        for (PracticeEvent event : run.events()) {
            Map<String, Tree> entry = new LinkedHashMap<>();
            if (event instanceof PracticeEvent.Measured measured) {
                entry.put("tool", Tree.text(measured.tool().key()));
                entry.put("spot", Tree.text(measured.placement().spot().key()));
                entry.put("fret", Tree.number(measured.placement().fret()));
                entry.put("side", Tree.text(measured.placement().side().key()));
            } else if (event instanceof PracticeEvent.Worked worked) {
                entry.put("operation", Tree.text(worked.operation().key()));
                entry.put("bass", number(worked.amount().bass()));
                entry.put("treble", number(worked.amount().treble()));
            }
            events.add(new Tree.Entries(entry));
        }
        root.put("events", new Tree.Items(events));
        write(file(job), new Tree.Entries(root));
    }

    private Path file(String job) {
        if (!job.matches("[A-Za-z0-9-]{1,64}")) {
            throw new IllegalArgumentException("no id of a job: " + job);
        }
        return folder.resolve("case-" + job + ".json");
    }

    private static void about(Map<String, Tree> entry, long seed, Level level, PracticeFamily kind) {
        entry.put("seed", Tree.number(seed));
        entry.put("level", Tree.text(level.key()));
        entry.put("family", Tree.text(kind.key()));
    }

    private static Tree number(double value) {
        return new Tree.Num(BigDecimal.valueOf(value));
    }

    private static void write(Path file, Tree.Entries root) throws IOException {
        Disk.ownFolder(file.getParent());
        Disk.write(file, Json.print(root).getBytes(StandardCharsets.UTF_8));
    }

    private static <T> Read<T> read(Path file, T none, Reader<T> reader) throws IOException {
        if (!Files.exists(file)) {
            return new Read<>(none, Optional.empty());
        }
        try {
            Json.Read read = Json.read(Files.readString(file), "docs/practice.md");
            if (!(read.tree().orElse(null) instanceof Tree.Entries root)) {
                throw new Unreadable("no object");
            }
            return new Read<>(reader.read(root), Optional.empty());
        } catch (Unreadable | MalformedInputException bad) {
            Path aside = file.resolveSibling(file.getFileName() + ".unreadable");
            Files.move(file, aside, StandardCopyOption.REPLACE_EXISTING);
            return new Read<>(none, Optional.of(aside));
        }
    }

    private static PracticeRecord record(Tree.Entries root) throws Unreadable {
        List<PracticeRecord.Case> cases = new ArrayList<>();
        for (Tree.Entries each : items(root, "cases")) {
            cases.add(new PracticeRecord.Case(
                    day(each),
                    whole(each, "seed"),
                    key(Level.class, each, "level"),
                    key(PracticeFamily.class, each, "family"),
                    new Marks(mark(each, "measuring"), mark(each, "judging"), mark(each, "working"))));
        }
        List<PracticeRecord.Done> drills = new ArrayList<>();
        for (Tree.Entries each : items(root, "drills")) {
            drills.add(new PracticeRecord.Done(
                    day(each), key(Drill.class, each, "drill"), (int) whole(each, "right"), (int) whole(each, "of")));
        }
        return new PracticeRecord(cases, drills);
    }

    private static PracticeRun run(Tree.Entries root) throws Unreadable {
        if (whole(root, "version") != PracticeCase.VERSION) {
            throw new Unreadable("another version");
        }
        List<PracticeEvent> events = new ArrayList<>();
        for (Tree.Entries each : items(root, "events")) {
            if (each.get("operation").isPresent()) {
                events.add(new PracticeEvent.Worked(
                        key(Operation.class, each, "operation"),
                        new Sides<>(decimal(each, "bass"), decimal(each, "treble"))));
            } else {
                events.add(new PracticeEvent.Measured(
                        key(SimulatedTool.class, each, "tool"),
                        new Placement(
                                key(Spot.class, each, "spot"),
                                (int) whole(each, "fret"),
                                key(Side.class, each, "side"))));
            }
        }
        if (events.size() > MOST_EVENTS) {
            throw new Unreadable("too long");
        }
        PracticeCase given = CaseGenerator.of(
                whole(root, "seed"), key(Level.class, root, "level"), key(PracticeFamily.class, root, "family"));
        boolean over = root.get("handedOver").orElse(null) instanceof Tree.Flag flag && flag.flag();
        return PracticeRun.replay(given, events, over);
    }

    private static List<Tree.Entries> items(Tree.Entries of, String key) throws Unreadable {
        if (!(of.get(key).orElse(null) instanceof Tree.Items items)) {
            throw new Unreadable(key);
        }
        List<Tree.Entries> all = new ArrayList<>();
        for (Tree each : items.all()) {
            if (!(each instanceof Tree.Entries entry)) {
                throw new Unreadable(key);
            }
            all.add(entry);
        }
        return all;
    }

    private static double decimal(Tree.Entries of, String key) throws Unreadable {
        if (of.get(key).orElse(null) instanceof Tree.Num number) {
            return number.number().doubleValue();
        }
        throw new Unreadable(key);
    }

    private static long whole(Tree.Entries of, String key) throws Unreadable {
        double value = decimal(of, key);
        if (value != Math.rint(value) || Math.abs(value) > 1e15) {
            throw new Unreadable(key);
        }
        return (long) value;
    }

    private static double mark(Tree.Entries of, String key) throws Unreadable {
        double value = decimal(of, key);
        if (!(value >= 0 && value <= Marks.MOST)) {
            throw new Unreadable(key);
        }
        return value;
    }

    private static String text(Tree.Entries of, String key) throws Unreadable {
        if (of.get(key).orElse(null) instanceof Tree.Text text) {
            return text.text();
        }
        throw new Unreadable(key);
    }

    private static <E extends Enum<E> & Keyed> E key(Class<E> type, Tree.Entries of, String key) throws Unreadable {
        String said = text(of, key);
        return Keyed.find(type, said).orElseThrow(() -> new Unreadable(said));
    }

    private static LocalDate day(Tree.Entries of) throws Unreadable {
        try {
            return LocalDate.parse(text(of, "on"));
        } catch (DateTimeParseException none) {
            throw new Unreadable("on");
        }
    }
}
