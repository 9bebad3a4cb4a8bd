package org.kestan.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.kestan.notation.BenchUnit;
import org.kestan.notation.Length;
import org.kestan.reckoning.WorkFigures;
import org.kestan.reckoning.WorkFigures.Group;
import org.kestan.reckoning.WorkFigures.Line;
import org.kestan.setup.Setup;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.Leaves;
import org.kestan.standards.School;
import org.kestan.standards.Standard;
import org.kestan.uncertainty.Uncertainty;
import org.kestan.ways.WayId;

/** The numbers of a work plan in words and bench units, grouped as they are worked: for the screen, for copying, for paper. */
public final class PlanFigures {

    /** Title of the group about the neck joint. */
    public static final String AT_THE_JOINT = "At the joint";

    private static final double SHOWN = 0.005;

    /** A spread that two decimals of a millimetre don't show. */
    private static final double LEAST_SPREAD = 0.005;

    /** A spread that a quarter of a sixty-fourth can't hide. */
    private static final double WORTH_SPREAD = 0.1;

    private final WorkPlan plan;
    private final BenchUnit unit;
    private final Map<PlanPart, Uncertainty.Estimate> known;

    private PlanFigures(WorkPlan plan, BenchUnit unit) {
        this.plan = plan;
        this.unit = unit;
        known = PlanPart.of(plan);
    }

    /** A figure with how well it is known, and which reading that comes from mostly. */
    private Line known(String label, String value, PlanPart part, String remark) {
        Uncertainty.Estimate estimate = known.get(part);
        if (estimate == null || estimate.expanded() < LEAST_SPREAD) {
            return new Line(label, value, remark);
        }
        String source = estimate.dominating()
                .map(reading -> "\u00b1 mostly from " + reading.fullLabel().toLowerCase(Locale.ROOT) + " ("
                        + plan.job().survey().tool(reading).label() + ")")
                .orElse("");
        return new Line(label, value + String.format(Locale.ROOT, " \u00b1 %.2f", estimate.expanded()), remark, source);
    }

    /** Where the figures with a spread would be known better, and by which reading. */
    private String worthMeasuring(PlanPart part) {
        Uncertainty.Estimate estimate = known.get(part);
        if (estimate == null || estimate.expanded() < WORTH_SPREAD) {
            return "";
        }
        return estimate.dominating()
                .map(reading -> " Worth measuring again: " + reading.fullLabel().toLowerCase(Locale.ROOT) + " makes "
                        + Math.round(estimate.share() * 100) + " % of the \u00b1.")
                .orElse("");
    }

    /** The figures of a plan, in working order; empty while nothing is planned. */
    public static List<Group> of(WorkPlan plan, BenchUnit unit) {
        return plan.planned()
                .map(after -> new PlanFigures(plan, unit).groups(plan.measured().orElseThrow(), after))
                .orElse(List.of());
    }

    /** The figures as plain text, one a line. */
    public static String text(WorkPlan plan, BenchUnit unit) {
        return WorkFigures.text(plan.reckoning(), of(plan, unit));
    }

    private List<Group> groups(Setup before, Setup after) {
        List<Group> groups = new ArrayList<>();
        boolean cut = plan.ways().isEmpty() || plan.heel().isPresent();
        if (cut) {
            groups.addAll(WorkFigures.of(plan.reckoning(), unit));
        } else {
            groups.add(afterwards(before, after));
        }
        joint(groups);
        SaddlePlan.of(plan).ifPresent(saddle -> saddle(groups, saddle));
        BridgePlan.of(plan).filter(BridgePlan::changes).ifPresent(bridge -> groups.add(bridge(bridge)));
        Clearance.of(plan).ifPresent(clearance -> groups.add(clearance(clearance)));
        Intonation.of(plan).ifPresent(intonation -> groups.add(intonation(intonation)));
        groups.add(nutAndFrets(before, after));
        return groups;
    }

    private Group afterwards(Setup before, Setup after) {
        List<Line> lines = new ArrayList<>();
        for (Side side : Side.values()) {
            lines.add(known(
                    "Action then, " + side.word(),
                    length(after.action().get(side)),
                    side == Side.BASS ? PlanPart.ACTION_BASS : PlanPart.ACTION_TREBLE,
                    change(after.action().get(side) - before.action().get(side))));
        }
        lines.add(new Line("Relief", fine(after.reliefGap()), change(after.reliefGap() - before.reliefGap())));
        ProjectionPlan.of(plan)
                .ifPresent(projection ->
                        lines.add(new Line("Straightedge, strung", length(projection.strung()), "at pitch")));
        String cautions = plan.ways().stream()
                .flatMap(way -> way.cautions().stream())
                .distinct()
                .collect(Collectors.joining(" "));
        return new Group("Afterwards", lines, cautions);
    }

    private void joint(List<Group> groups) {
        JointPlan joint = JointPlan.of(plan);
        List<Line> lines = new ArrayList<>();
        joint.scribe().ifPresent(stack -> lines.add(new Line("Scribe at the cap", leaves(stack), error(stack))));
        joint.cheekShim()
                .ifPresent(
                        cap -> lines.add(new Line("Shim of each tail cheek", fine(cap), "at the cap, 0 at the top")));
        joint.pocketShim().ifPresent(shim -> {
            lines.add(new Line(
                    "Pocket shim",
                    degrees(shim.degrees()),
                    shim.degrees() > 0 ? "thick end toward the bridge" : "thick end toward the nut"));
            lines.add(new Line(
                    "Thick end", shim.thick().isPresent() ? fine(shim.thick().getAsDouble()) : "read the pocket", ""));
            shim.choices()
                    .forEach(choice -> lines.add(new Line(
                            "with " + degrees(choice.degrees()),
                            both(choice.after().action()),
                            "action")));
        });
        joint.kerfFiller().ifPresent(kerf -> lines.add(new Line("Filler in the saw kerf", fine(kerf), "")));
        if (!lines.isEmpty()) {
            groups.add(new Group(AT_THE_JOINT, lines, String.join(" ", joint.warnings())));
        }
    }

    private void saddle(List<Group> groups, SaddlePlan saddle) {
        List<Line> lines = new ArrayList<>();
        for (Side side : Side.values()) {
            double off = saddle.off().get(side);
            if (off >= SHOWN) {
                lines.add(known(
                        "Off the bottom, " + side.word(),
                        fine(off),
                        side == Side.BASS ? PlanPart.OFF_BASS : PlanPart.OFF_TREBLE,
                        leaves(saddle.leaves().get(side))
                                + (saddle.leaves().get(side).leaves().isEmpty()
                                        ? ""
                                        : ", " + error(saddle.leaves().get(side)))));
            } else if (off <= -SHOWN) {
                lines.add(known(
                        "Taller by, " + side.word(),
                        fine(-off),
                        side == Side.BASS ? PlanPart.OFF_BASS : PlanPart.OFF_TREBLE,
                        "a new one"));
            } else {
                lines.add(new Line("Saddle, " + side.word(), "stays", ""));
            }
        }
        saddle.blank().ifPresent(blank -> {
            lines.add(new Line("Blank, bass / treble", both(blank.height()), "bottom to crown"));
            lines.add(new Line("Blank, long \u00d7 thick", pair(blank.length(), blank.thickness()), "as the slot"));
            lines.add(new Line("In the slot", length(blank.slot()), ""));
        });
        saddle.crown()
                .ifPresent(crown -> crown.strings()
                        .forEach(point -> lines.add(new Line(
                                "Crown at string " + point.string(),
                                length(point.height()),
                                point.groove().isPresent()
                                        ? "groove "
                                                + unit.fine()
                                                        .format(point.groove().getAsDouble())
                                        : ""))));
        if (!saddle.needs().isEmpty()) {
            lines.add(new Line(
                    "Read for more",
                    saddle.needs().stream().map(Reading::label).collect(Collectors.joining(", ")),
                    ""));
        }
        String fit = plan.shop().holds(School.THROUGH_GLUED)
                ? "Hide glue only in an old through-slot."
                : "Bare-hand snug, never glued.";
        groups.add(new Group(
                "Saddle, to make",
                lines,
                String.join(" ", saddle.warnings())
                        + (saddle.warnings().isEmpty() ? "" : " ")
                        + fit
                        + worthMeasuring(PlanPart.OFF_BASS)));
    }

    private Group bridge(BridgePlan bridge) {
        List<Line> lines = new ArrayList<>();
        lines.add(known(
                bridge.floating() ? "Height" : "Thickness at the saddle",
                length(bridge.after()),
                PlanPart.BRIDGE,
                change(bridge.after() - bridge.before())));
        if (!bridge.floating()) {
            lines.add(new Line(
                    "Edges and wings",
                    String.format(Locale.ROOT, "\u00d7 %.3f", bridge.proportion()),
                    "in proportion"));
            return new Group(
                    "Bridge, to plane",
                    lines,
                    bridge.after() > bridge.before()
                            ? "A new bridge: protected woods, follow the law where you are."
                            : "Both hands behind the scraper's edge. Dust: extraction and a mask.");
        }
        for (Side side : Side.values()) {
            lines.add(known(
                    side.word() + " side",
                    unit.formatSigned(bridge.sides().get(side)),
                    side == Side.BASS ? PlanPart.RISE_BASS : PlanPart.RISE_TREBLE,
                    bridge.sides().get(side) > 0 ? "up" : "down"));
        }
        if (bridge.trim() > SHOWN) {
            lines.add(new Line("Off the foot or the seat", fine(bridge.trim()), "past the wheels"));
        }
        if (bridge.riser() > SHOWN) {
            lines.add(new Line("Strips under the feet", fine(bridge.riser()), ""));
        }
        bridge.adjuster().ifPresent(up -> lines.add(new Line("Wheels then", length(up), "above their lowest")));
        return new Group(
                "Floating bridge, to fit",
                lines,
                "Fit the feet to the arch again; find the saddle's place again." + worthMeasuring(PlanPart.RISE_BASS));
    }

    private Group clearance(Clearance clearance) {
        return new Group(
                "Over the obstacle",
                List.of(
                        new Line(
                                "Fret line clears it by",
                                unit.formatSigned(clearance.fretLineAfter()),
                                "now " + unit.formatSigned(clearance.fretLineBefore())),
                        new Line(
                                "Lowest string by",
                                unit.formatSigned(clearance.stringAfter()),
                                "now " + unit.formatSigned(clearance.stringBefore())),
                        new Line(
                                "Least rotation that clears it",
                                degrees(Math.toDegrees(clearance.leastRotation())),
                                "from now")),
                clearance.fretLineAfter() < 0 || clearance.stringAfter() < 0 ? "It would be in the way." : "");
    }

    private Group intonation(Intonation intonation) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line("String length", far(intonation.lengthAfter()), change(intonation.lengthChange())));
        lines.add(new Line(
                "Fret 12 against the octave",
                cents(intonation.centsChange()),
                intonation.stringsKnown() ? "change, bass / treble" : "by the lengths alone"));
        intonation
                .setBack()
                .ifPresent(back -> lines.add(new Line("Saddle back by", bothFine(back), "to sound the octave")));
        if (!intonation.compensation().isEmpty()) {
            lines.add(new Line(
                    "Compensation",
                    intonation.compensation().stream()
                            .map(each -> unit.fine().format(each.back()).replaceAll(" .*", ""))
                            .collect(Collectors.joining(" ")),
                    unit.fine().label() + ", bass to treble"));
        }
        intonation
                .line()
                .ifPresent(line -> lines.add(new Line(
                        "A new saddle line",
                        far(line.bass()) + " / " + far(line.treble()),
                        "from the nut end, bass / treble")));
        String note = intonation.setBack().isPresent()
                ? "A worn or misplaced slot is plugged with the bridge's own wood and cut anew."
                : "Read fret 12 against the octave to know where the saddle belongs.";
        return new Group("Intonation", lines, note);
    }

    private Group nutAndFrets(Setup before, Setup after) {
        List<Line> lines = new ArrayList<>();
        for (Side side : Side.values()) {
            lines.add(new Line(
                    "Over fret 1, " + side.word(),
                    fine(after.nut().get(side)),
                    change(after.nut().get(side) - before.nut().get(side))));
        }
        double low = Math.min(after.nut().bass(), after.nut().treble());
        String nut = low < plan.shop().get(Standard.NUT_LOW)
                ? "A slot comes too low: raise the nut. "
                : "Look at the nut again when all else is done. ";
        String frets = WedgePlan.of(plan)
                .map(wedge -> wedge.end() > SHOWN
                        ? "The wedge moves the frets past the joint: level and crown them, dust extracted."
                        : "No wedge; the last fret falls away by " + unit.fine().format(wedge.fallAway()) + ".")
                .orElse(
                        plan.turnsNeck() && !plan.takes(WayId.TUNE_DOWN)
                                ? "Read the extension to know what the frets past the joint will ask."
                                : "The frets stay as they are.");
        return new Group("Nut and frets", lines, nut + frets);
    }

    private String leaves(Leaves.Stack stack) {
        return stack.leaves().isEmpty()
                ? "no leaf is as thin"
                : stack.leaves().stream().map(Length::text).collect(Collectors.joining(" + "));
    }

    private String error(Leaves.Stack stack) {
        double thou = stack.error() / 0.0254;
        return Math.abs(thou) < 0.05
                ? "to the mark"
                : String.format(Locale.ROOT, "%+.1f thou", thou).replace('-', '\u2212');
    }

    private String change(double millimetres) {
        return Math.abs(millimetres) < SHOWN ? "as now" : unit.fine().formatSigned(millimetres);
    }

    private String length(double millimetres) {
        return beside(unit.format(millimetres), millimetres);
    }

    private String fine(double millimetres) {
        return beside(unit.fine().format(millimetres), millimetres);
    }

    private String beside(String text, double millimetres) {
        return unit == BenchUnit.MILLIMETRES ? text : text + " \u00b7 " + BenchUnit.MILLIMETRES.format(millimetres);
    }

    private String both(Sides<Double> sides) {
        return unit.format(sides.bass()) + " / " + unit.format(sides.treble());
    }

    private String bothFine(Sides<Double> sides) {
        return unit.fine().format(sides.bass()) + " / " + unit.fine().format(sides.treble());
    }

    private String pair(OptionalDouble first, OptionalDouble second) {
        return (first.isPresent() ? unit.format(first.getAsDouble()) : "?") + " \u00d7 "
                + (second.isPresent() ? unit.fine().format(second.getAsDouble()) : "?");
    }

    /** A length too long for thousandths. */
    private String far(double millimetres) {
        return unit == BenchUnit.MILLIMETRES ? unit.format(millimetres) : BenchUnit.DECIMAL_INCH.format(millimetres);
    }

    private static String cents(Sides<Double> cents) {
        return String.format(Locale.ROOT, "%+.1f / %+.1f cents", cents.bass(), cents.treble())
                .replace('-', '\u2212');
    }

    private static String degrees(double value) {
        return String.format(Locale.ROOT, "%.2f\u00b0", value).replace('-', '\u2212');
    }
}
