package org.kestan.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.correction.Correction;
import org.kestan.correction.Extension;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Survey;
import org.kestan.notation.BenchUnit;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.sheet.Tool;
import org.kestan.uncertainty.Derived;
import org.kestan.uncertainty.Uncertainty;

/** The numbers of a correction in words and bench units, grouped as they are worked: for the screen and for copying. */
public final class WorkFigures {

    private final Reckoning reckoning;
    private final Correction plan;
    private final BenchUnit unit;
    private final Uncertainty uncertainty;

    private WorkFigures(Reckoning reckoning, Correction plan, BenchUnit unit) {
        this.reckoning = reckoning;
        this.plan = plan;
        this.unit = unit;
        this.uncertainty = Uncertainty.of(reckoning.job(), reckoning.standards());
    }

    /**
     * Figures that belong together.
     *
     * @param title what they are about
     * @param lines the figures
     * @param note a remark or a caution under them, empty for none
     */
    public record Group(String title, List<Line> lines, String note) {}

    /**
     * One figure.
     *
     * @param label what it is
     * @param value the value with its unit; where the unit is not mm, millimetres beside it
     * @param remark a remark beside it, empty for none
     * @param source which reading its uncertainty comes from mostly, empty where none is given
     */
    public record Line(String label, String value, String remark, String source) {

        /** A figure without uncertainty. */
        public Line(String label, String value, String remark) {
            this(label, value, remark, "");
        }
    }

    /** The figures of a reckoning, in working order; empty while there is no correction. */
    public static List<Group> of(Reckoning reckoning, BenchUnit unit) {
        return reckoning
                .correction()
                .map(plan -> new WorkFigures(reckoning, plan, unit).groups())
                .orElse(List.of());
    }

    /** Groups of figures as plain text, one figure a line, under the instrument's name. */
    public static String text(Reckoning reckoning, List<Group> groups) {
        StringBuilder text = new StringBuilder();
        String name = reckoning.job().instrument().name();
        if (!name.isEmpty()) {
            text.append(name).append('\n');
        }
        for (Group group : groups) {
            text.append('\n').append(group.title()).append('\n');
            for (Line line : group.lines()) {
                text.append("  ").append(line.label()).append(": ").append(line.value());
                text.append(line.remark().isEmpty() ? "" : " (" + line.remark() + ")")
                        .append('\n');
            }
            text.append(group.note().isEmpty() ? "" : "  " + group.note() + '\n');
        }
        List<String> assumed = reckoning.assumed();
        if (!assumed.isEmpty()) {
            text.append("\nAssumed: ").append(String.join(", ", assumed)).append('\n');
        }
        return text.toString();
    }

    private List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        groups.add(relief());
        groups.add(neck());
        groups.add(projection());
        plan.protrusion().ifPresentOrElse(sides -> groups.add(saddle(sides)), () -> groups.add(floatingBridge()));
        plan.extension().ifPresent(extension -> groups.add(extension(extension)));
        return groups;
    }

    private Group relief() {
        double change = plan.relief().deepest() - plan.trajectory().relief().deepest();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                "Deepest dip",
                fine(plan.relief().deepest()),
                "now " + unit.fine().format(plan.trajectory().relief().deepest())));
        for (Side side : Side.values()) {
            lines.add(known(
                    "Action then, " + side.word(),
                    length(plan.actionAfterRelief(side)),
                    side == Side.BASS ? Derived.ACTION_BASS : Derived.ACTION_TREBLE,
                    ""));
        }
        return new Group(
                "Relief first",
                lines,
                Math.abs(change) < 1e-9
                        ? "The relief stays as it is."
                        : "An estimate: read the sheet again after the rod has been turned.");
    }

    private Group neck() {
        List<Line> lines = new ArrayList<>();
        lines.add(known(
                "Neck angle correction",
                degrees(plan.angle()),
                Derived.NECK_ANGLE,
                plan.angle() > 0 ? "set back" : plan.angle() < 0 ? "forward" : ""));
        lines.add(known(
                "Neck pitch",
                degrees(plan.plannedPitch()),
                Derived.PLANNED_PITCH,
                "now " + degrees(plan.trajectory().pitch())));
        lines.add(known("Saddle drop, mean", length(plan.meanSaddleDrop()), Derived.SADDLE_DROP, ""));
        String note = "";
        if (plan.heel().isPresent()) {
            HeelCut heel = plan.heel().get();
            lines.add(known(
                    "Heel cut at the cap",
                    fine(heel.atCap()),
                    Derived.HEEL_CUT,
                    heel.atCap() < 0 ? "wood would be missing" : ""));
            double difference = heel.atCap() - heel.ruleOfThumb();
            boolean raised = Math.abs(plan.crownRise()) > 0.005;
            String rise = raised ? "" : "differs by " + unit.fine().format(Math.abs(difference));
            lines.add(new Line("Rule of thumb", fine(heel.ruleOfThumb()), rise));
            note = "Slacken all strings before cutting or taking the neck off. Chisel: both hands behind the edge."
                    + " Dust: extraction and a mask."
                    + (raised ? " The rule of thumb leaves out that the crown is to rise." : "")
                    + worthMeasuring();
        } else {
            lines.add(new Line("Heel cut at the cap", "\u2014", "read the heel height"));
        }
        return new Group("Neck and heel", lines, note);
    }

    private Group projection() {
        boolean assumed = reckoning.isAssumed("survey.projection");
        double bridge = plan.bridgeThickness().orElse(plan.supportHeight());
        List<Line> lines = List.of(
                known(
                        "Straightedge, slack",
                        length(plan.targetSlack()),
                        Derived.TARGET_SLACK,
                        "at dry fit, no strings"),
                new Line(
                        "over the bridge\u2019s top",
                        unit.formatSigned(plan.targetSlack() - bridge)
                                + (unit == BenchUnit.MILLIMETRES
                                        ? ""
                                        : " \u00b7 " + BenchUnit.MILLIMETRES.formatSigned(plan.targetSlack() - bridge)),
                        ""),
                known("Straightedge, strung", length(plan.targetStrung()), Derived.TARGET_STRUNG, "at pitch"),
                known("Sink", fine(plan.sink()), Derived.SINK, assumed ? "assumed" : "slack less strung"));
        return new Group(
                "Fret line to aim for",
                lines,
                "Over the soundboard at the bridge. Overshoot by the sink or it is lost again.");
    }

    private Group saddle(Sides<Double> after) {
        Sides<Double> now = plan.trajectory().basis().protrusion().orElseThrow();
        List<Line> lines = new ArrayList<>();
        for (Side side : Side.values()) {
            double change = after.get(side) - now.get(side);
            lines.add(known(
                    "Saddle out, " + side.word(),
                    length(after.get(side)),
                    side == Side.BASS ? Derived.SADDLE_BASS : Derived.SADDLE_TREBLE,
                    change(change)));
        }
        plan.bridgeThickness()
                .ifPresent(thickness -> lines.add(new Line(
                        "Bridge thickness",
                        length(thickness),
                        change(thickness
                                - plan.trajectory().basis().bridgeThickness().orElse(thickness)))));
        return new Group("Saddle and bridge", lines, "");
    }

    private Group floatingBridge() {
        double change = plan.supportHeight() - plan.trajectory().basis().supportHeight();
        double tilt = plan.saddleDrop(Side.BASS) - plan.saddleDrop(Side.TREBLE);
        List<Line> lines = List.of(
                new Line("Bridge height", length(plan.supportHeight()), change(change)),
                new Line(
                        "Bass against treble",
                        length(-tilt),
                        Math.abs(tilt) < 0.005
                                ? "no tilt"
                                : tilt > 0 ? "bass side comes down more" : "treble side comes down more"));
        return new Group("Floating bridge", lines, "");
    }

    private Group extension(Extension extension) {
        Survey survey = reckoning.job().survey();
        List<Line> lines = List.of(
                known(
                        "Fall-away after",
                        fine(extension.fallAwayAfter()),
                        Derived.FALL_AWAY,
                        survey.reading(Reading.EXTENSION_FALL_AWAY)
                                .map(read -> "now " + unit.fine().format(read.millimetres()))
                                .orElse("")),
                known("Wedge at its end", fine(extension.wedge()), Derived.WEDGE, "nothing at the joint"));
        return new Group("Extension", lines, "");
    }

    /** A figure with its uncertainty, and the reading that contributes most to it. */
    private Line known(String label, String value, Derived figure, String remark) {
        String source = uncertainty
                .of(figure)
                .flatMap(Uncertainty.Estimate::dominating)
                .map(reading -> "\u00b1 mostly from " + reading.fullLabel().toLowerCase(Locale.ROOT) + " ("
                        + reckoning.job().survey().tool(reading).label() + ")")
                .orElse("");
        return new Line(label, value + plusMinus(figure), remark, source);
    }

    /** The expanded uncertainty of a figure, millimetres or degrees, as it stands behind the value. */
    private String plusMinus(Derived figure) {
        return uncertainty
                .of(figure)
                .filter(estimate -> estimate.expanded() > 0)
                .map(estimate -> figure.isAngle()
                        ? String.format(Locale.ROOT, " \u00b1 %.2f\u00b0", Math.toDegrees(estimate.expanded()))
                        : String.format(Locale.ROOT, " \u00b1 %.2f", estimate.expanded()))
                .orElse("");
    }

    /** What would make the heel cut better known: the reading that dominates, and a better tool for it. */
    private String worthMeasuring() {
        Optional<Uncertainty.Estimate> cut = uncertainty.of(Derived.HEEL_CUT);
        if (cut.isEmpty() || cut.get().dominating().isEmpty()) {
            return "";
        }
        Reading reading = cut.get().dominating().get();
        Tool tool = reckoning.job().survey().tool(reading);
        String text = " \u00b1 is for k = 2; most of it comes from "
                + reading.fullLabel().toLowerCase(Locale.ROOT) + " (" + tool.label() + ")";
        double gain = cut.get().gain(tool, Tool.DIAL);
        return gain >= 1.2
                ? text + ": a dial gauge there makes the cut " + String.format(Locale.ROOT, "%.1f", gain)
                        + " times better known."
                : text + ".";
    }

    private String change(double by) {
        if (Math.abs(by) < 0.005) {
            return "as it is";
        }
        return unit.format(Math.abs(by)) + (by < 0 ? " off" : " more");
    }

    private String length(double millimetres) {
        return both(unit, millimetres);
    }

    /** A length that is set with feelers. */
    private String fine(double millimetres) {
        return both(unit.fine(), millimetres);
    }

    private static String both(BenchUnit first, double millimetres) {
        return first == BenchUnit.MILLIMETRES
                ? first.format(millimetres)
                : first.format(millimetres) + " \u00b7 " + BenchUnit.MILLIMETRES.format(millimetres);
    }

    /** Prints an angle in degrees with two decimals. */
    public static String degrees(double radians) {
        double degrees = Math.toDegrees(radians);
        String text = String.format(Locale.ROOT, "%.2f\u00b0", Math.abs(degrees));
        return degrees < 0 && !text.equals("0.00\u00b0") ? "\u2212" + text : text;
    }
}
