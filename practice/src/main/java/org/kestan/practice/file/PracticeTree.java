package org.kestan.practice.file;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
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

/** Record and cases as structured data. What can't be read gives an error at its place. */
final class PracticeTree {

    private static final double GREATEST = 1000;
    private static final int MOST_FRETS = 40;
    private static final ValueType<Integer> COUNT = ValueType.whole(0, Integer.MAX_VALUE);

    private PracticeTree() {}

    static Tree.Entries write(PracticeRecord record) {
        List<Tree> cases = new ArrayList<>();
        for (PracticeRecord.Case each : record.cases()) {
            Tree.Draft entry = new Tree.Draft()
                    .put("job", Tree.text(each.job()))
                    .put("on", Tree.text(each.day().toString()));
            about(entry, each.seed(), each.level(), each.kind());
            cases.add(entry.put("measuring", number(each.marks().measuring()))
                    .put("judging", number(each.marks().judging()))
                    .put("working", number(each.marks().working()))
                    .entries());
        }
        List<Tree> drills = new ArrayList<>();
        for (PracticeRecord.Done each : record.drills()) {
            drills.add(new Tree.Draft()
                    .put("on", Tree.text(each.day().toString()))
                    .put("drill", Tree.text(each.drill().key()))
                    .put("right", Tree.number(each.right()))
                    .put("of", Tree.number(each.of()))
                    .entries());
        }
        return new Tree.Draft()
                .put("cases", new Tree.Items(cases))
                .put("drills", new Tree.Items(drills))
                .entries();
    }

    static Tree.Entries write(PracticeRun run) {
        Tree.Draft root = new Tree.Draft().put("version", Tree.number(PracticeCase.VERSION));
        about(root, run.given().seed(), run.given().level(), run.given().kind());
        List<Tree> events = new ArrayList<>();
        for (PracticeEvent event : run.events()) {
            events.add(write(event));
        }
        root.put("events", new Tree.Items(events));
        run.handedOver().ifPresent(job -> root.put("handedOver", JobTree.write(job)));
        return root.entries();
    }

    private static Tree write(PracticeEvent event) {
        if (event instanceof PracticeEvent.Measured measured) {
            return new Tree.Draft()
                    .put("tool", Tree.text(measured.tool().key()))
                    .put("spot", Tree.text(measured.placement().spot().key()))
                    .put("fret", Tree.number(measured.placement().fret()))
                    .put("side", Tree.text(measured.placement().side().key()))
                    .entries();
        }
        PracticeEvent.Worked worked = (PracticeEvent.Worked) event;
        return new Tree.Draft()
                .put("operation", Tree.text(worked.operation().key()))
                .put("bass", number(worked.amount().bass()))
                .put("treble", number(worked.amount().treble()))
                .entries();
    }

    private static void about(Tree.Draft entry, long seed, Level level, PracticeFamily kind) {
        entry.put("seed", Tree.number(seed))
                .put("level", Tree.text(level.key()))
                .put("family", Tree.text(kind.key()));
    }

    private static Tree number(double value) {
        return new Tree.Num(BigDecimal.valueOf(value));
    }

    /** Reads a record; if there are errors, what can be read without them. */
    static PracticeRecord record(TreeCursor root) {
        root.expectObject();
        List<PracticeRecord.Case> cases = new ArrayList<>();
        for (TreeCursor each : root.at("cases").elements()) {
            var job = needed(each, "job", ValueType.TEXT);
            var day = needed(each, "on", ValueType.DAY);
            Optional<PracticeCase> given = given(each);
            var measuring = number(each, "measuring", 0, Marks.MOST);
            var judging = number(each, "judging", 0, Marks.MOST);
            var working = number(each, "working", 0, Marks.MOST);
            if (root.faults().isEmpty()) {
                PracticeCase of = given.orElseThrow();
                cases.add(new PracticeRecord.Case(
                        job.orElseThrow(),
                        day.orElseThrow(),
                        of.seed(),
                        of.level(),
                        of.kind(),
                        new Marks(measuring.orElseThrow(), judging.orElseThrow(), working.orElseThrow())));
            }
        }
        List<PracticeRecord.Done> drills = new ArrayList<>();
        for (TreeCursor each : root.at("drills").elements()) {
            var day = needed(each, "on", ValueType.DAY);
            var drill = needed(each, "drill", ValueType.choice(Drill.class));
            var right = needed(each, "right", COUNT);
            var of = needed(each, "of", COUNT);
            if (root.faults().isEmpty()) {
                drills.add(new PracticeRecord.Done(
                        day.orElseThrow(), drill.orElseThrow(), right.orElseThrow(), of.orElseThrow()));
            }
        }
        return new PracticeRecord(cases, drills);
    }

    /** Reads a case and repeats what was done on it; empty if there are errors. */
    static Optional<PracticeRun> run(TreeCursor root) {
        root.expectObject();
        int version = PracticeCase.VERSION;
        needed(root, "version", ValueType.whole(version, version));
        Optional<PracticeCase> given = given(root);
        List<PracticeEvent> events = new ArrayList<>();
        for (TreeCursor each : root.at("events").elements()) {
            event(each).ifPresent(events::add);
        }
        Optional<Job> handedOver = handedOver(root.at("handedOver"));
        return root.faults().isEmpty()
                ? given.map(each -> PracticeRun.replay(each, events, handedOver))
                : Optional.empty();
    }

    private static Optional<Job> handedOver(TreeCursor at) {
        if (!at.isPresent()) {
            return Optional.empty();
        }
        Optional<Job> job = JobTree.read(at.entries()).job();
        if (job.isEmpty()) {
            at.fault(TreeFinding.LACKS.of(Quantity.text("kestan")), TreeFinding.OBJECT_IN_BRACES.of());
        }
        return job;
    }

    private static Optional<PracticeEvent> event(TreeCursor at) {
        if (at.at("operation").isPresent()) {
            var operation = needed(at, "operation", ValueType.choice(Operation.class));
            var bass = number(at, "bass", -GREATEST, GREATEST);
            var treble = number(at, "treble", -GREATEST, GREATEST);
            return operation.isPresent() && bass.isPresent() && treble.isPresent()
                    ? Optional.of(new PracticeEvent.Worked(operation.get(), new Sides<>(bass.get(), treble.get())))
                    : Optional.empty();
        }
        var tool = needed(at, "tool", ValueType.choice(SimulatedTool.class));
        var spot = needed(at, "spot", ValueType.choice(Spot.class));
        var fret = needed(at, "fret", ValueType.whole(0, MOST_FRETS));
        var side = needed(at, "side", ValueType.choice(Side.class));
        return tool.isPresent() && spot.isPresent() && fret.isPresent() && side.isPresent()
                ? Optional.of(new PracticeEvent.Measured(tool.get(), new Placement(spot.get(), fret.get(), side.get())))
                : Optional.empty();
    }

    private static Optional<PracticeCase> given(TreeCursor at) {
        Optional<Long> seed = seed(at.at("seed"));
        var level = needed(at, "level", ValueType.choice(Level.class));
        var kind = needed(at, "family", ValueType.choice(PracticeFamily.class));
        return seed.isPresent() && level.isPresent() && kind.isPresent()
                ? Optional.of(CaseGenerator.of(seed.get(), level.get(), kind.get()))
                : Optional.empty();
    }

    /** Any whole number the generator accepts, which may have more digits than a decimal number of the machine. */
    private static Optional<Long> seed(TreeCursor at) {
        Optional<BigDecimal> number = at.number(TreeFinding.A_NUMBER.of());
        try {
            if (number.isPresent()) {
                return Optional.of(number.get().longValueExact());
            }
        } catch (ArithmeticException fraction) {
            // Said below.
        }
        at.fault(TreeFinding.LACKS.of(Quantity.text("seed")), TreeFinding.A_NUMBER.of());
        return Optional.empty();
    }

    /** Reads a number with all its digits, so that repeating gives exactly the same result. */
    private static Optional<Double> number(TreeCursor at, String key, double least, double greatest) {
        TreeCursor place = at.at(key);
        Finding accepted = NotationFinding.NUMBER_FROM_TO.of(new Quantity.Plain(least), new Quantity.Plain(greatest));
        if (!place.isPresent()) {
            place.fault(TreeFinding.LACKS.of(Quantity.text(key)), accepted);
        }
        Optional<Double> read = place.number(accepted).map(BigDecimal::doubleValue);
        if (read.filter(value -> value < least || value > greatest).isPresent()) {
            place.fault(NotationFinding.NO_SUCH_NUMBER.of(Quantity.text(place.shownText())), accepted);
            return Optional.empty();
        }
        return read;
    }

    /** Reads a required value. */
    private static <T> Optional<T> needed(TreeCursor at, String key, ValueType<T> type) {
        TreeCursor place = at.at(key);
        if (!place.isPresent()) {
            place.fault(TreeFinding.LACKS.of(Quantity.text(key)), TreeFinding.OBJECT_IN_BRACES.of());
        }
        return place.value(type);
    }
}
