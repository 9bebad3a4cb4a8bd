package org.kestan.verdict;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.DecidingFigures;
import org.kestan.reckoning.Figure;
import org.kestan.reckoning.Figure.Standing;
import org.kestan.reckoning.Reckoning;
import org.kestan.reckoning.State;
import org.kestan.setup.Setup;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/** The gates about the strings over the body: action, saddle, break angle, bridge, neck pitch, and whether it is worth it. */
final class GeometryGates {

    private static final String SHEET_FIRST = "The sheet does not say yet: nut, action and bridge come first.";

    private final Reckoning reckoning;
    private final Job job;
    private final ShopStandards shop;
    private final BenchUnit unit;
    private final List<Figure> figures;

    GeometryGates(Reckoning reckoning, BenchUnit unit) {
        this.reckoning = reckoning;
        this.job = reckoning.job();
        this.shop = reckoning.standards();
        this.unit = unit;
        this.figures = DecidingFigures.of(reckoning, unit);
    }

    Gate action() {
        OptionalDouble bass = job.survey().millimetres(Reading.ACTION_BASS);
        OptionalDouble treble = job.survey().millimetres(Reading.ACTION_TREBLE);
        if (bass.isEmpty() || treble.isEmpty()) {
            return Gate.of(GateId.ACTION, GateState.UNKNOWN, "Read the action, bass and treble.");
        }
        double now = bass.getAsDouble();
        String grade = now >= shop.get(Standard.ACTION_OUT_OF_SPEC)
                ? "out of spec"
                : now >= shop.get(Standard.ACTION_HIGH)
                        ? "medium-high"
                        : now >= shop.get(Standard.ACTION_MEDIUM) ? "medium" : "low";
        Sides<Double> wanted = Wanted.of(job, shop).action();
        double over = Math.max(now - wanted.bass(), treble.getAsDouble() - wanted.treble());
        String sentence = "The bass stands at " + unit.format(now) + ", " + grade;
        Gate gate = now >= shop.get(Standard.ACTION_OUT_OF_SPEC)
                ? Gate.of(GateId.ACTION, GateState.STOP, sentence + ".")
                : over > shop.get(Standard.ACTION_REACH)
                        ? Gate.of(
                                GateId.ACTION,
                                GateState.WARN,
                                sentence + "; " + unit.format(over) + " more than wanted.")
                        : Gate.of(GateId.ACTION, GateState.PASS, sentence + ", and near what is wanted.");
        return gate.with("bass", now).with("treble", treble.getAsDouble()).with("over", over);
    }

    /** Whether the saddle alone could take the whole drop, the neck left as it is. */
    Gate saddle() {
        if (job.fitting() == Fitting.FLOATING_BRIDGE) {
            return Gate.of(
                    GateId.SADDLE, GateState.PASS, "A floating bridge carries the strings itself: see the bridge.");
        }
        Optional<Sides<Double>> protrusion =
                reckoning.trajectory().flatMap(known -> known.basis().protrusion());
        if (protrusion.isEmpty()) {
            return Gate.of(GateId.SADDLE, GateState.UNKNOWN, "Read the saddle, bass and treble.");
        }
        double least = Math.min(protrusion.get().bass(), protrusion.get().treble());
        Setup setup = Rod.set(Setup.measured(reckoning.trajectory().orElseThrow(), job.survey(), shop), job, shop);
        Sides<Double> wanted = Wanted.of(job, shop).action();
        Sides<Double> rise = setup.crownRiseFor(wanted);
        Sides<Double> then = protrusion.get().with(rise, Double::sum);
        double remaining = Math.min(then.bass(), then.treble());
        double drop = -Math.min(rise.bass(), rise.treble());
        Gate gate;
        if (setup.meets(wanted, shop.get(Standard.ACTION_REACH)) || drop <= 0) {
            gate = Gate.of(
                    GateId.SADDLE, GateState.PASS, "The saddle has " + unit.format(least) + " and need not come down.");
        } else if (remaining >= shop.get(Standard.PROTRUSION_LEAST)) {
            gate = Gate.of(
                    GateId.SADDLE,
                    GateState.PASS,
                    "The saddle can take it: " + unit.format(drop) + " down leaves " + unit.format(remaining) + ".");
        } else if (setup.withSaddleRaised(Spare.within(rise, protrusion.get(), shop))
                .meets(wanted, shop.get(Standard.ACTION_REACH))) {
            gate = Gate.of(
                    GateId.SADDLE,
                    GateState.WARN,
                    "The saddle can just take it, down to " + unit.format(shop.get(Standard.PROTRUSION_LEAST))
                            + ": next time it will be the neck.");
        } else {
            gate = Gate.of(
                    GateId.SADDLE,
                    GateState.STOP,
                    "The saddle has " + unit.format(least) + " left; this needs "
                            + unit.format(drop + shop.get(Standard.PROTRUSION_LEAST)) + ".");
        }
        return gate.with("left", least).with("drop", drop).with("remaining", remaining);
    }

    Gate breakAngle() {
        Standing now = standing(Figure.Kind.BREAK_ANGLE);
        if (now.values().isEmpty()) {
            return Gate.of(
                    GateId.BREAK_ANGLE,
                    GateState.UNKNOWN,
                    reckoning.trajectory().isEmpty() ? SHEET_FIRST : "Read where the strings go behind the bridge.");
        }
        double degrees = Math.toDegrees(now.values().get(0));
        String angle = String.format(java.util.Locale.ROOT, "%.0f\u00b0", degrees);
        OptionalDouble height = heightThatCounts();
        if (height.isPresent()) {
            boolean low = height.getAsDouble() < shop.get(Standard.STRING_HEIGHT_LEAST);
            return Gate.of(
                            GateId.BREAK_ANGLE,
                            low ? GateState.WARN : GateState.PASS,
                            "The strings stand " + unit.format(height.getAsDouble()) + " over the top"
                                    + (low ? ", low," : "") + " and bend by " + angle + ".")
                    .with("degrees", degrees)
                    .with("stringHeight", height.getAsDouble());
        }
        String reason =
                switch (now.state()) {
                    case STOP ->
                        "The strings bend by " + angle + " only: too little to seat them. "
                                + (job.fitting() == Fitting.FLOATING_BRIDGE
                                        ? "A higher bridge or a lower tailpiece would."
                                        : "Ramped pin holes may do.");
                    case MARGINAL -> "The strings bend by " + angle + ": some would want more.";
                    default -> "The strings bend by " + angle + ".";
                };
        return Gate.of(GateId.BREAK_ANGLE, state(now.state()), reason).with("degrees", degrees);
    }

    /** The strings' height over the top at a pin bridge, where the shop goes by that; else empty. */
    private OptionalDouble heightThatCounts() {
        return shop.holds(School.BREAK_BY_HEIGHT) && job.fitting() != Fitting.FLOATING_BRIDGE
                ? reckoning
                        .trajectory()
                        .map(known -> OptionalDouble.of(known.basis().supportHeight()))
                        .orElse(OptionalDouble.empty())
                : OptionalDouble.empty();
    }

    Gate bridge() {
        if (job.fitting() == Fitting.FLOATING_BRIDGE) {
            return floatingBridge();
        }
        OptionalDouble read = job.survey().millimetres(Reading.BRIDGE_THICKNESS);
        if (read.isEmpty()) {
            return Gate.of(GateId.BRIDGE, GateState.UNKNOWN, "Read the bridge\u2019s thickness at the saddle.");
        }
        double thickness = read.getAsDouble();
        Gate gate = thickness < shop.get(Standard.BRIDGE_CUT)
                ? Gate.of(
                        GateId.BRIDGE,
                        GateState.STOP,
                        "At " + unit.format(thickness) + " the bridge has already been cut.")
                : thickness < shop.bridgeThin(job.instrument().body())
                        ? Gate.of(
                                GateId.BRIDGE,
                                GateState.WARN,
                                "At " + unit.format(thickness) + " the bridge is thin: nothing more should come off.")
                        : Gate.of(GateId.BRIDGE, GateState.PASS, "The bridge is " + unit.format(thickness) + " thick.");
        return gate.with("thickness", thickness);
    }

    private Gate floatingBridge() {
        OptionalDouble height = job.survey().millimetres(Reading.BRIDGE_HEIGHT);
        OptionalDouble lowest = job.survey().millimetres(Reading.BRIDGE_LOWEST);
        if (height.isEmpty()) {
            return Gate.of(GateId.BRIDGE, GateState.UNKNOWN, "Read the bridge\u2019s height.");
        }
        if (lowest.isEmpty()) {
            boolean solid = !job.takes(Reading.BRIDGE_LOWEST);
            return Gate.of(
                            GateId.BRIDGE,
                            solid ? GateState.PASS : GateState.UNKNOWN,
                            solid
                                    ? "A one-piece bridge: it is trimmed or raised with strips."
                                    : "Read how low and how high the bridge can go.")
                    .with("height", height.getAsDouble());
        }
        double left = height.getAsDouble() - lowest.getAsDouble();
        return Gate.of(
                        GateId.BRIDGE,
                        left <= shop.get(Standard.ACTION_REACH) ? GateState.WARN : GateState.PASS,
                        left <= shop.get(Standard.ACTION_REACH)
                                ? "The bridge is at the bottom of its adjustment."
                                : "The bridge can come down by " + unit.format(left) + ".")
                .with("height", height.getAsDouble())
                .with("lowest", lowest.getAsDouble());
    }

    Gate neckPitch() {
        Standing now = standing(Figure.Kind.NECK_PITCH);
        if (now.values().isEmpty()) {
            return Gate.of(GateId.NECK_PITCH, GateState.UNKNOWN, SHEET_FIRST);
        }
        double degrees = Math.toDegrees(now.values().get(0));
        boolean lowSaddle = saddle().state() == GateState.STOP;
        boolean high = action().state() == GateState.STOP || action().state() == GateState.WARN;
        String reason = now.state() == State.GOOD
                ? "The neck is set back."
                : now.state() == State.MARGINAL
                        ? "The neck stands about level with the top."
                        : "The neck leans forward.";
        boolean reset = now.state() != State.GOOD && lowSaddle && high;
        return Gate.of(
                        GateId.NECK_PITCH,
                        reset ? GateState.STOP : now.state() == State.GOOD ? GateState.PASS : GateState.WARN,
                        reset ? reason + " High action and no saddle left: the neck has to go back." : reason)
                .with("degrees", degrees);
    }

    Gate worth() {
        Optional<Double> value = job.details().get(Details.VALUE);
        if (job.instrument().collectible().orElse(false)) {
            return Gate.of(
                    GateId.WORTH, GateState.WARN, "Collectible: nothing original is cut, whatever the sum says.");
        }
        if (value.isEmpty()) {
            return Gate.of(GateId.WORTH, GateState.UNKNOWN, "Say what it would bring in good order.");
        }
        double cost = shop.cost(ShopStandards.RESET);
        String sums = "A reset takes about " + Math.round(shop.hours(ShopStandards.RESET)) + " hours and comes to "
                + Math.round(cost) + ", against a value of " + Math.round(value.get());
        Gate gate = value.get() < cost
                ? Gate.of(
                        GateId.WORTH,
                        GateState.STOP,
                        sums + ": the cheaper ways come first, unless it means more than its price.")
                : value.get() < shop.get(Standard.WORTH_RATIO) * cost
                        ? Gate.of(GateId.WORTH, GateState.WARN, sums + ": talk it over with the owner.")
                        : Gate.of(GateId.WORTH, GateState.PASS, sums + ".");
        return gate.with("value", value.get()).with("resetCost", cost);
    }

    private Standing standing(Figure.Kind kind) {
        return figures.stream()
                .filter(figure -> figure.kind() == kind)
                .findFirst()
                .orElseThrow()
                .now();
    }

    private static GateState state(State state) {
        return switch (state) {
            case GOOD -> GateState.PASS;
            case MARGINAL -> GateState.WARN;
            case STOP -> GateState.STOP;
            case UNKNOWN -> GateState.UNKNOWN;
        };
    }
}
