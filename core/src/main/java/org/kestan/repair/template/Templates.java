package org.kestan.repair.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Effect;
import org.kestan.repair.plan.BridgePlan;
import org.kestan.repair.plan.Crown;
import org.kestan.repair.plan.JointPlan;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WedgePlan;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.template.TemplateElement.Path;
import org.kestan.repair.template.TemplateElement.Point;
import org.kestan.repair.template.TemplateElement.Style;

/** Draws the templates of a work plan. */
public final class Templates {

    /** How much of a heel's side is drawn behind its cheek, mm. */
    private static final double CHEEK_DEPTH = 26;

    private static final double GAP = 12;
    private static final double LETTERS = 2.8;
    private static final double SMALL = LETTERS * 0.85;
    private static final double HATCH_STEP = 2.5;

    /** Where the heel starts below its text, mm. */
    private static final double CHEEK_TOP = 5;

    /** The space for the exaggerated wood to remove, and for its values beside it, mm. */
    private static final double WIDENED = 14;

    private static final double VALUES = 9;
    private static final double WIDENED_GAP = 6;
    private static final double TICK = 2;
    private static final double DEPTH_WORDS = 9;

    /** The exaggeration of the wood; the largest for which there is room. */
    private static final List<Double> FACTORS = List.of(20.0, 15.0, 10.0, 8.0, 5.0, 4.0, 3.0, 2.0);

    private static final int CURVE_STEPS = 96;
    private static final int CORNER_STEPS = 12;

    /** Width of the bridge drawn, mm: a piece of it, since only the line matters. */
    private static final double BRIDGE_PIECE = 60;

    private static final double SADDLE_ENDS = 4;

    private final WorkPlan plan;

    private Templates(WorkPlan plan) {
        this.plan = plan;
    }

    /** The templates a plan needs. */
    public static List<Template> of(WorkPlan plan) {
        Templates templates = new Templates(plan);
        List<Template> all = new ArrayList<>();
        plan.heel().filter(cut -> cut.atCap() > Tolerances.SHOWN).ifPresent(cut -> all.add(templates.heel(cut)));
        plan.saddle().filter(SaddlePlan::changes).flatMap(templates::saddle).ifPresent(all::add);
        plan.wedge()
                .filter(wedge -> wedge.end() > Tolerances.SHOWN)
                .ifPresent(wedge -> all.add(templates.wedge(wedge)));
        plan.joint().pocketShim().flatMap(templates::shim).ifPresent(all::add);
        plan.bridge()
                .filter(bridge -> !bridge.floating() && bridge.changes())
                .ifPresent(bridge -> all.add(templates.bridge(bridge)));
        plan.leveling().map(LevelingStrip::of).ifPresent(all::add);
        return List.copyOf(all);
    }

    /** The readings missing for templates that a plan needs and can't draw yet; none if all are there. */
    public static List<Missing> missing(WorkPlan plan) {
        List<Missing> all = new ArrayList<>();
        boolean shim = plan.joint().pocketShim().isPresent();
        for (Reading reading : shim ? List.of(Reading.POCKET_LENGTH, Reading.HEEL_WIDTH_TOP) : List.<Reading>of()) {
            if (plan.job().get(reading).isEmpty()) {
                all.add(new Missing("pocket-shim", reading));
            }
        }
        if (plan.has(Effect.CUTS_HEEL) && plan.job().get(Reading.HEEL_HEIGHT).isEmpty()) {
            all.add(new Missing("heel-cheeks", Reading.HEEL_HEIGHT));
        }
        // In a pocket the board's end rests on the neck, unless one was read.
        boolean wedge = !shim && plan.has(Effect.TURNS_NECK) && plan.planned().isPresent();
        if (wedge && plan.job().get(Reading.EXTENSION_LENGTH).isEmpty()) {
            all.add(new Missing("wedge", Reading.EXTENSION_LENGTH));
        }
        if (plan.wedge()
                .filter(each -> each.end() > Tolerances.SHOWN && each.width().isEmpty())
                .isPresent()) {
            all.add(new Missing("wedge", Reading.EXTENSION_WIDTH));
        }
        return List.copyOf(all);
    }

    /**
     * A reading that a template needs to be drawn, or to be drawn completely.
     *
     * @param key of the template
     * @param reading what has to be read
     */
    public record Missing(String key, Reading reading) implements Keyed {

        @Override
        public String family() {
            return "template";
        }
    }

    /**
     * Both cheeks, each as seen from its own side, with the joint's edge straight and the line to cut to beside it:
     * bass on the left with its edge to the right, treble mirrored. Outside each, the wood to remove, exaggerated by a
     * factor.
     */
    private Template heel(HeelCut cut) {
        Optional<Side> toward = plan.job().visit().driftSide();
        boolean driftFirst = toward.orElse(Side.BASS) == Side.BASS;
        double most = cut.stations().stream()
                .mapToDouble(each -> Math.max(each.driftSide(), each.otherSide()))
                .max()
                .orElse(0);
        double factor = FACTORS.stream()
                .filter(each -> most * each <= WIDENED)
                .findFirst()
                .orElse(1.0);
        List<TemplateElement> marks = new ArrayList<>();
        double bassEdge = WIDENED + VALUES + WIDENED_GAP + CHEEK_DEPTH;
        double trebleEdge = bassEdge + GAP;
        Finding one = toward.map(Templates::cheekOf).orElse(TemplateFinding.ONE_CHEEK.of());
        Finding other = toward.map(side -> cheekOf(side.other())).orElse(TemplateFinding.OTHER_CHEEK.of());
        new Cheek(marks, cut, "drift", one, HeelCut.Cheeks::driftSide)
                .draw(driftFirst ? bassEdge : trebleEdge, driftFirst ? -1 : 1, factor);
        new Cheek(marks, cut, "other", other, HeelCut.Cheeks::otherSide)
                .draw(driftFirst ? trebleEdge : bassEdge, driftFirst ? 1 : -1, factor);
        return new Template(
                "heel-cheeks",
                trebleEdge + CHEEK_DEPTH + WIDENED_GAP + WIDENED + VALUES,
                CHEEK_TOP + cut.height() + 1,
                marks);
    }

    private static Finding cheekOf(Side side) {
        return TemplateFinding.CHEEK.of(Quantity.term(side));
    }

    /** One cheek of the heel. */
    private record Cheek(
            List<TemplateElement> marks, HeelCut cut, String id, Finding name, ToDoubleFunction<HeelCut.Cheeks> off) {

        /**
         * @param edge where the joint's edge lies
         * @param sign in which direction the heel lies from it
         */
        void draw(double edge, int sign, double factor) {
            double bottom = CHEEK_TOP + cut.height();
            double back = edge + sign * CHEEK_DEPTH;
            words(Math.min(edge, back), LETTERS, LETTERS, name);
            line("edge", Style.EDGE, true, edge, CHEEK_TOP, back, CHEEK_TOP, back, bottom, edge, bottom);
            line("cut", Style.CUT, false, at(edge, sign, 1, 0), CHEEK_TOP, at(edge, sign, 1, cut.height()), bottom);
            hatch("hatch", edge, sign, 1);
            double base = back + sign * WIDENED_GAP;
            words(sign < 0 ? 0 : base, LETTERS, SMALL, TemplateFinding.WIDENED.of(new Quantity.Plain(factor)));
            line(
                    "widened",
                    Style.CUT,
                    true,
                    base,
                    CHEEK_TOP,
                    at(base, sign, factor, 0),
                    CHEEK_TOP,
                    at(base, sign, factor, cut.height()),
                    bottom,
                    base,
                    bottom);
            hatch("widened-hatch", base, sign, factor);
            int number = 0;
            for (HeelCut.Cheeks station : cut.stations()) {
                boolean cap = station.depth() == cut.height();
                if (!cap
                        && (station.depth() % (2 * HeelCut.STATION) != 0 || cut.height() - station.depth() < LETTERS)) {
                    continue;
                }
                double y = CHEEK_TOP + station.depth();
                line("tick-" + number++, Style.EDGE, false, back, y, back - sign * TICK, y);
                words(
                        sign < 0 ? back + TICK + 1 : back - TICK - DEPTH_WORDS,
                        y + (cap ? -0.5 : 1),
                        SMALL,
                        TemplateFinding.DEPTH.of(new Quantity.Plain(station.depth())));
                double tip = at(base, sign, factor, station.depth());
                words(
                        sign < 0 ? Math.min(tip, base) - VALUES + 1 : Math.max(tip, base) + 1,
                        y + (cap ? 0 : 1),
                        SMALL,
                        TemplateFinding.OFF.of(new Quantity.Plain(off.applyAsDouble(station))));
            }
        }

        private double at(double edge, int sign, double factor, double depth) {
            return edge + sign * factor * off.applyAsDouble(cut.cheeksAt(depth));
        }

        private void hatch(String what, double edge, int sign, double factor) {
            int number = 0;
            for (double depth = HATCH_STEP; depth < cut.height(); depth += HATCH_STEP) {
                if (off.applyAsDouble(cut.cheeksAt(depth)) > Tolerances.SHOWN) {
                    double y = CHEEK_TOP + depth;
                    line(what + "-" + number++, Style.HATCH, false, edge, y, at(edge, sign, factor, depth), y);
                }
            }
        }

        private void words(double x, double y, double size, Finding said) {
            marks.add(new TemplateElement.Words(new Point(x, y), size, said));
        }

        private void line(String what, Style style, boolean closed, double... places) {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < places.length; i += 2) {
                points.add(new Point(places[i], places[i + 1]));
            }
            marks.add(new Path("heel-" + id + "-" + what, style, points, closed));
        }
    }

    /** The saddle from the front: its bottom straight, its crown, the strings' places. */
    private Optional<Template> saddle(SaddlePlan saddle) {
        return saddle.crown().map(crown -> saddle(saddle, crown));
    }

    private Template saddle(SaddlePlan saddle, Crown crown) {
        List<Crown.Point> strings = crown.strings();
        Crown.Point first = strings.get(0);
        Crown.Point last = strings.get(strings.size() - 1);
        double spread = last.across() - first.across();
        OptionalDouble slotLength = saddle.blank().map(SaddlePlan.Blank::length).orElse(OptionalDouble.empty());
        double length = Math.max(slotLength.orElse(0), spread + 2 * SADDLE_ENDS);
        double slot = saddle.blank().map(SaddlePlan.Blank::slot).orElse(0.0);
        double highest =
                strings.stream().mapToDouble(Crown.Point::height).max().orElseThrow(Expect.present("at least one"));
        double top = LETTERS + 4;
        double bridgeTop = top + highest + 1;
        double bottom = bridgeTop + slot;
        double middle = length / 2;
        List<Point> outline = new ArrayList<>();
        outline.add(new Point(0, bottom));
        for (int i = 0; i <= CURVE_STEPS; i++) {
            double across = -length / 2 + length * i / CURVE_STEPS;
            outline.add(new Point(middle + across, bridgeTop - heightAt(crown, across)));
        }
        outline.add(new Point(length, bottom));
        List<TemplateElement> marks = new ArrayList<>();
        marks.add(new Path("saddle-outline", Style.CUT, outline, true));
        if (slot > 0) {
            marks.add(new Path(
                    "saddle-bridge-top",
                    Style.EDGE,
                    List.of(new Point(0, bridgeTop), new Point(length, bridgeTop)),
                    false));
        }
        for (Crown.Point string : strings) {
            double x = middle + string.across();
            marks.add(new Path(
                    "saddle-string-" + string.string(),
                    Style.CENTRE,
                    List.of(new Point(x, bridgeTop - string.height() - 2), new Point(x, bridgeTop)),
                    false));
            marks.add(new TemplateElement.Words(
                    new Point(x - 1, top - 1),
                    LETTERS * 0.85,
                    TemplateFinding.STRING.of(Quantity.count(string.string()))));
        }
        marks.add(new TemplateElement.Words(new Point(0, LETTERS), LETTERS, TemplateFinding.BASS.of()));
        marks.add(new TemplateElement.Words(new Point(length - 9, LETTERS), LETTERS, TemplateFinding.TREBLE.of()));
        return new Template("saddle-crown", length, bottom + 1, marks);
    }

    /** The height of the crown at any place across: the circle above the chord of the outer strings. */
    private static double heightAt(Crown crown, double across) {
        Crown.Point first = crown.strings().get(0);
        Crown.Point last = crown.strings().get(crown.strings().size() - 1);
        double half = last.across();
        double share = (across - first.across()) / (last.across() - first.across());
        double chord = first.height() + (last.height() - first.height()) * share;
        double radius = crown.radius();
        if (Double.isInfinite(radius)) {
            return chord;
        }
        double inside = Math.max(0, radius * radius - across * across);
        return chord + Math.sqrt(inside) - Math.sqrt(radius * radius - half * half);
    }

    /** The wedge from the side, and from above. */
    private Template wedge(WedgePlan wedge) {
        double width = wedge.width().orElse(0);
        double top = LETTERS + 2;
        List<TemplateElement> marks = new ArrayList<>();
        marks.add(new TemplateElement.Words(new Point(0, LETTERS), LETTERS, TemplateFinding.JOINT_NOTHING.of()));
        marks.add(new TemplateElement.Words(
                new Point(Math.max(0, wedge.length() - 24), LETTERS),
                LETTERS,
                TemplateFinding.WEDGE_END.of(new Quantity.Plain(wedge.end()))));
        marks.add(new Path(
                "wedge-side",
                Style.CUT,
                List.of(
                        new Point(0, top + wedge.end()),
                        new Point(wedge.length(), top),
                        new Point(wedge.length(), top + wedge.end())),
                true));
        double below = top + wedge.end() + 5;
        for (WedgePlan.Point point : wedge.profile()) {
            if (point.at() % 20 == 0) {
                marks.add(new TemplateElement.Words(
                        new Point(point.at(), below),
                        LETTERS * 0.85,
                        TemplateFinding.OFF.of(new Quantity.Plain(point.thickness()))));
            }
        }
        double height = below + 2;
        if (width > 0) {
            marks.add(new Path("wedge-plan", Style.CUT, rectangle(0, below + 4, wedge.length(), width), true));
            height = below + 4 + width + 1;
        }
        return new Template("wedge", wedge.length() + 1, height, marks);
    }

    /** The shim from above with its corners and holes, and from the side. */
    private Optional<Template> shim(JointPlan.PocketShim shim) {
        OptionalDouble pocket = plan.job().millimeters(Reading.POCKET_LENGTH);
        OptionalDouble across = plan.job().millimeters(Reading.HEEL_WIDTH_TOP);
        if (pocket.isEmpty() || across.isEmpty() || shim.thick().isEmpty()) {
            return Optional.empty();
        }
        double length = pocket.getAsDouble();
        double width = across.getAsDouble();
        double top = LETTERS + 3;
        double radius = Math.min(
                plan.job().millimeters(Reading.POCKET_RADIUS).orElse(plan.shop().get(Standard.POCKET_CORNER)),
                width / 2);
        double inset = plan.shop().get(Standard.SCREW_INSET);
        double hole = plan.shop().get(Standard.SCREW_HOLE) / 2;
        List<TemplateElement> marks = new ArrayList<>();
        marks.add(new Path("shim-outline", Style.CUT, rounded(0, top, length, width, radius), true));
        int number = 1;
        for (double x : new double[] {inset, length - inset}) {
            for (double y : new double[] {inset, width - inset}) {
                marks.add(new TemplateElement.Hole("shim-hole-" + number++, new Point(x, top + y), hole));
            }
        }
        double side = top + width + 8;
        double thick = shim.thick().getAsDouble();
        boolean bridgeward = shim.angle().radians() > 0;
        marks.add(new Path(
                "shim-side",
                Style.CUT,
                List.of(
                        new Point(0, side + thick),
                        bridgeward ? new Point(length, side) : new Point(0, side),
                        new Point(length, side + thick)),
                true));
        marks.add(new TemplateElement.Words(new Point(0, LETTERS), LETTERS, TemplateFinding.NUT_END.of()));
        marks.add(new TemplateElement.Words(new Point(length - 18, LETTERS), LETTERS, TemplateFinding.BRIDGE_END.of()));
        marks.add(new TemplateElement.Words(
                new Point(0, side + thick + 5),
                LETTERS,
                (bridgeward ? TemplateFinding.SHIM_TOWARD_BRIDGE : TemplateFinding.SHIM_TOWARD_NUT)
                        .of(Quantity.turn(shim.angle().abs()), new Quantity.Plain(thick))));
        return Optional.of(new Template("pocket-shim", length, side + thick + 8, marks));
    }

    /** A piece of the bridge's front edge at the saddle, with the line to plane to. */
    private Template bridge(BridgePlan bridge) {
        double tall = Math.max(bridge.before(), bridge.after());
        double top = LETTERS + 3;
        double base = top + tall;
        List<TemplateElement> marks = new ArrayList<>();
        marks.add(new Path(
                "bridge-now", Style.EDGE, rectangle(0, base - bridge.before(), BRIDGE_PIECE, bridge.before()), true));
        marks.add(new Path(
                "bridge-line",
                Style.CUT,
                List.of(new Point(0, base - bridge.after()), new Point(BRIDGE_PIECE, base - bridge.after())),
                false));
        marks.add(new TemplateElement.Words(
                new Point(0, LETTERS),
                LETTERS,
                TemplateFinding.BRIDGE_LINE.of(
                        new Quantity.Plain(bridge.before()),
                        new Quantity.Plain(bridge.after()),
                        new Quantity.Plain(bridge.proportion()))));
        return new Template("bridge-line", BRIDGE_PIECE, base + 1, marks);
    }

    private static List<Point> rectangle(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    private static List<Point> rounded(double x, double y, double width, double height, double radius) {
        List<Point> points = new ArrayList<>();
        double[][] centers = {
            {x + width - radius, y + radius, -90},
            {x + width - radius, y + height - radius, 0},
            {x + radius, y + height - radius, 90},
            {x + radius, y + radius, 180}
        };
        for (double[] corner : centers) {
            for (int i = 0; i <= CORNER_STEPS; i++) {
                double angle = Math.toRadians(corner[2] + 90.0 * i / CORNER_STEPS);
                points.add(new Point(corner[0] + radius * Math.cos(angle), corner[1] + radius * Math.sin(angle)));
            }
        }
        return points;
    }
}
