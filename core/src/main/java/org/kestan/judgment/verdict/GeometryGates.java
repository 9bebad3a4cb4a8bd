package org.kestan.judgment.verdict;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Obstacle;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingTouch;

/** The gates about the strings over the body: action, saddle, break angle, bridge, neck pitch, and whether it is worth it. */
final class GeometryGates {

    private final SheetAnalysis sheetAnalysis;
    private final Job job;
    private final ShopStandards shop;
    private final Optional<Setup> measured;

    GeometryGates(SheetAnalysis sheetAnalysis) {
        this.sheetAnalysis = sheetAnalysis;
        this.job = sheetAnalysis.job();
        this.shop = sheetAnalysis.standards();
        this.measured = sheetAnalysis.measured();
    }

    Gate action() {
        OptionalDouble bass = job.millimeters(Reading.ACTION_BASS);
        OptionalDouble treble = job.millimeters(Reading.ACTION_TREBLE);
        if (bass.isEmpty() || treble.isEmpty()) {
            return Gate.of(GateId.ACTION, GateState.UNKNOWN, GateFinding.READ_ACTION.of());
        }
        double now = bass.getAsDouble();
        Quantity stands = Quantity.length(now);
        Quantity grade = new Quantity.Said(grade(now).of());
        Sides<Double> wanted = Targets.of(job, shop).action();
        double bassOff = now - wanted.bass();
        double trebleOff = treble.getAsDouble() - wanted.treble();
        double over = Math.max(bassOff, trebleOff);
        double under = Math.max(-bassOff, -trebleOff);
        boolean met = Math.max(over, under) <= shop.get(Standard.ACTION_REACH) + Tolerances.SAME;
        Gate gate = met
                ? Gate.of(GateId.ACTION, GateState.PASS, GateFinding.ACTION_NEAR.of(stands, grade))
                : now >= limit(Standard.ACTION_OUT_OF_SPEC)
                        ? Gate.of(GateId.ACTION, GateState.STOP, GateFinding.ACTION_STANDS.of(stands, grade))
                        : now < limit(Standard.ACTION_LOW)
                                ? Gate.of(
                                        GateId.ACTION,
                                        GateState.STOP,
                                        GateFinding.ACTION_UNDER.of(stands, grade, Quantity.length(under)))
                                : off(stands, grade, over, under);
        return withRoom(gate, wanted)
                .with(GateNumber.BASS, stands)
                .with(GateNumber.TREBLE, Quantity.length(treble.getAsDouble()))
                .with(GateNumber.OVER, Quantity.length(over));
    }

    /** Whether the target action is playable on this neck with this hand, once its relief is right (§3.22). */
    private Gate withRoom(Gate gate, Sides<Double> wanted) {
        PlayingTouch hand = StringClearance.hand(job);
        Optional<Setup> there = measured.map(setup -> RodAdjustment.set(setup, job, shop))
                .map(setup -> setup.afterSaddleRaised(setup.crownRiseFor(wanted)));
        double fall = FretCrowns.fall(job);
        Optional<Swing> swing = there.flatMap(setup -> StringClearance.swing(sheetAnalysis, setup, fall, hand));
        Optional<StringOverFrets> worst = swing.flatMap(Swing::worst)
                .filter(string -> -string.least().clearance() > shop.get(Standard.SWING_TOUCH));
        if (worst.isEmpty() || !swing.get().knowsBothSides()) {
            return gate;
        }
        StringOverFrets.Meeting hit = worst.get().least();
        Sides<Double> clean = swing.get().lowestActions();
        Gate said = gate.atLeastWarning().also(buzzes(worst.get().number(), hit, hand, clean));
        return FretCrowns.areRead(there.get(), job) ? withLeveling(said, there.get(), hand, clean) : said;
    }

    /** What leveling would allow, if it allows more. */
    private Gate withLeveling(Gate said, Setup setup, PlayingTouch hand, Sides<Double> clean) {
        Sides<Double> levelled = StringClearance.of(sheetAnalysis, setup, FretCrowns.fall(job), hand)
                .map(room -> room.levelled().lowestActions())
                .orElse(clean);
        double touch = shop.get(Standard.SWING_TOUCH);
        return clean.bass() - levelled.bass() > touch || clean.treble() - levelled.treble() > touch
                ? said.also(GateFinding.LEVELLING_ALLOWS.of(
                        Quantity.length(levelled.bass()), Quantity.length(levelled.treble())))
                : said;
    }

    private static Finding buzzes(int string, StringOverFrets.Meeting hit, PlayingTouch hand, Sides<Double> clean) {
        Quantity number = Quantity.count(string);
        Quantity fret = new Quantity.Fret(hit.meets());
        Quantity by = Quantity.fine(-hit.clearance());
        Quantity bass = Quantity.length(clean.bass());
        Quantity treble = Quantity.length(clean.treble());
        return hit.pressed() == 0
                ? GateFinding.WANTED_BUZZES_OPEN.of(number, fret, by, Quantity.term(hand), bass, treble)
                : GateFinding.WANTED_BUZZES.of(
                        number, new Quantity.Fret(hit.pressed()), fret, by, Quantity.term(hand), bass, treble);
    }

    private static Gate off(Quantity stands, Quantity grade, double over, double under) {
        Finding how = over >= under
                ? GateFinding.ACTION_OVER.of(stands, grade, Quantity.length(over))
                : GateFinding.ACTION_UNDER.of(stands, grade, Quantity.length(under));
        return Gate.of(GateId.ACTION, GateState.WARN, how);
    }

    private double limit(Standard standard) {
        return shop.get(standard, job.family());
    }

    private GateFinding grade(double action) {
        return action >= limit(Standard.ACTION_OUT_OF_SPEC)
                ? GateFinding.GRADE_OUT_OF_SPEC
                : action >= limit(Standard.ACTION_HIGH)
                        ? GateFinding.GRADE_MEDIUM_HIGH
                        : action >= limit(Standard.ACTION_MEDIUM)
                                ? GateFinding.GRADE_MEDIUM
                                : action >= limit(Standard.ACTION_LOW)
                                        ? GateFinding.GRADE_LOW
                                        : GateFinding.GRADE_TOO_LOW;
    }

    /** Whether the saddle alone could make the whole change, without touching the neck. */
    Gate saddle() {
        if (job.floating()) {
            return Gate.of(GateId.SADDLE, GateState.PASS, GateFinding.FLOATING_CARRIES.of());
        }
        if (measured.isEmpty()) {
            return Gate.of(GateId.SADDLE, GateState.UNKNOWN, GateFinding.READ_SADDLE.of());
        }
        Sides<Double> protrusion = measured.get().protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double left = Math.min(protrusion.bass(), protrusion.treble());
        Setup setup = RodAdjustment.set(measured.get(), job, shop);
        Sides<Double> rise = setup.crownRiseFor(Targets.of(job, shop).action());
        Sides<Double> then = protrusion.with(rise, Double::sum);
        double remaining = Math.min(then.bass(), then.treble());
        double drop = -Math.min(rise.bass(), rise.treble());
        return saddle(setup, rise, protrusion, left, drop, remaining)
                .with(GateNumber.LEFT, Quantity.length(left))
                .with(GateNumber.DROP, Quantity.length(drop))
                .with(GateNumber.REMAINING, Quantity.length(remaining));
    }

    private Gate saddle(
            Setup setup, Sides<Double> rise, Sides<Double> protrusion, double left, double drop, double remaining) {
        Sides<Double> wanted = Targets.of(job, shop).action();
        double reach = shop.get(Standard.ACTION_REACH);
        double least = SaddleReserve.least(setup, shop);
        double most = shop.get(Standard.PROTRUSION_MOST);
        double tallest = Math.max(protrusion.bass(), protrusion.treble());
        boolean met = setup.meets(wanted, reach);
        if (!met && drop <= 0 && tallest + Math.max(rise.bass(), rise.treble()) > most) {
            return Gate.of(
                    GateId.SADDLE,
                    GateState.STOP,
                    GateFinding.SADDLE_CANNOT_RISE.of(
                            Quantity.length(tallest),
                            Quantity.length(Math.max(rise.bass(), rise.treble())),
                            Quantity.length(most)));
        }
        if (tallest > most) {
            return Gate.of(
                    GateId.SADDLE,
                    GateState.WARN,
                    GateFinding.SADDLE_TOO_TALL.of(Quantity.length(tallest), Quantity.length(most)));
        }
        if (met && left < least) {
            return Gate.of(
                    GateId.SADDLE,
                    GateState.WARN,
                    GateFinding.SADDLE_LOW.of(Quantity.length(left), Quantity.length(least)));
        }
        if (met || drop <= 0) {
            return Gate.of(GateId.SADDLE, GateState.PASS, GateFinding.SADDLE_NEED_NOT.of(Quantity.length(left)));
        }
        if (remaining >= least) {
            return Gate.of(
                    GateId.SADDLE,
                    GateState.PASS,
                    GateFinding.SADDLE_CAN.of(Quantity.length(drop), Quantity.length(remaining)));
        }
        return setup.afterSaddleRaised(SaddleReserve.within(rise, setup, shop)).meets(wanted, reach)
                ? Gate.of(GateId.SADDLE, GateState.WARN, GateFinding.SADDLE_JUST_CAN.of(Quantity.length(least)))
                : Gate.of(
                        GateId.SADDLE,
                        GateState.STOP,
                        GateFinding.SADDLE_CANNOT.of(Quantity.length(left), Quantity.length(drop + least)));
    }

    Gate breakAngle() {
        Optional<Angle> least = measured.flatMap(Setup::leastBreakAngle);
        if (least.isEmpty()) {
            return Gate.of(
                    GateId.BREAK_ANGLE,
                    GateState.UNKNOWN,
                    (measured.isEmpty() ? GateFinding.SHEET_FIRST : GateFinding.READ_STRING_END).of());
        }
        Quantity angle = Quantity.turn(least.get());
        Optional<Double> height = heightThatCounts();
        if (height.isPresent()) {
            boolean low = height.get() < shop.get(Standard.STRING_HEIGHT_LEAST);
            Quantity over = Quantity.length(height.get());
            return Gate.of(
                            GateId.BREAK_ANGLE,
                            low ? GateState.WARN : GateState.PASS,
                            (low ? GateFinding.STRINGS_STAND_LOW : GateFinding.STRINGS_STAND).of(over, angle))
                    .with(GateNumber.DEGREES, angle)
                    .with(GateNumber.STRING_HEIGHT, over);
        }
        return bend(least.get(), angle).with(GateNumber.DEGREES, angle);
    }

    private Gate bend(Angle least, Quantity angle) {
        if (least.degrees() < shop.get(Standard.BREAK_ANGLE_LEAST)) {
            Finding remedy = (job.floating() ? GateFinding.HIGHER_BRIDGE_WOULD : GateFinding.RAMPS_MAY_DO).of();
            return Gate.of(GateId.BREAK_ANGLE, GateState.STOP, GateFinding.BEND_TOO_LITTLE.of(angle), remedy);
        }
        return least.degrees() < shop.get(Standard.BREAK_ANGLE_GOOD)
                ? Gate.of(GateId.BREAK_ANGLE, GateState.WARN, GateFinding.BEND_LITTLE.of(angle))
                : Gate.of(GateId.BREAK_ANGLE, GateState.PASS, GateFinding.BEND.of(angle));
    }

    /** The height of the strings over the top at a pin bridge, if the shop goes by it; otherwise empty. */
    private Optional<Double> heightThatCounts() {
        return shop.holds(School.BREAK_BY_HEIGHT) && !job.floating()
                ? measured.map(Setup::supportHeight)
                : Optional.empty();
    }

    Gate bridge() {
        if (job.floating()) {
            return floatingBridge();
        }
        OptionalDouble read = job.millimeters(Reading.BRIDGE_THICKNESS);
        if (read.isEmpty()) {
            return Gate.of(GateId.BRIDGE, GateState.UNKNOWN, GateFinding.READ_BRIDGE_THICKNESS.of());
        }
        Quantity thickness = Quantity.length(read.getAsDouble());
        Gate gate = read.getAsDouble() < shop.get(Standard.BRIDGE_CUT)
                ? Gate.of(GateId.BRIDGE, GateState.STOP, GateFinding.BRIDGE_CUT.of(thickness))
                : read.getAsDouble() < shop.bridgeThin(job.text(Lines.BODY))
                        ? Gate.of(GateId.BRIDGE, GateState.WARN, GateFinding.BRIDGE_THIN.of(thickness))
                        : read.getAsDouble() > shop.get(Standard.BRIDGE_HEAVY)
                                ? Gate.of(GateId.BRIDGE, GateState.WARN, GateFinding.BRIDGE_HEAVY.of(thickness))
                                : Gate.of(GateId.BRIDGE, GateState.PASS, GateFinding.BRIDGE_THICK.of(thickness));
        return gate.with(GateNumber.THICKNESS, thickness);
    }

    private Gate floatingBridge() {
        OptionalDouble height = job.millimeters(Reading.BRIDGE_HEIGHT);
        OptionalDouble lowest = job.millimeters(Reading.BRIDGE_LOWEST);
        if (height.isEmpty()) {
            return Gate.of(GateId.BRIDGE, GateState.UNKNOWN, GateFinding.READ_BRIDGE_HEIGHT.of());
        }
        Quantity now = Quantity.length(height.getAsDouble());
        if (lowest.isEmpty()) {
            boolean solid = !job.takes(Reading.BRIDGE_LOWEST);
            return Gate.of(
                            GateId.BRIDGE,
                            solid ? GateState.PASS : GateState.UNKNOWN,
                            (solid ? GateFinding.BRIDGE_ONE_PIECE : GateFinding.READ_BRIDGE_RANGE).of())
                    .with(GateNumber.HEIGHT, now);
        }
        double left = height.getAsDouble() - lowest.getAsDouble();
        boolean bottom = left <= shop.get(Standard.ACTION_REACH);
        return Gate.of(
                        GateId.BRIDGE,
                        bottom ? GateState.WARN : GateState.PASS,
                        bottom
                                ? GateFinding.BRIDGE_AT_BOTTOM.of()
                                : GateFinding.BRIDGE_CAN_COME_DOWN.of(Quantity.length(left)))
                .with(GateNumber.HEIGHT, now)
                .with(GateNumber.LOWEST, Quantity.length(lowest.getAsDouble()));
    }

    Gate neckPitch() {
        if (measured.isEmpty()) {
            return Gate.of(GateId.NECK_PITCH, GateState.UNKNOWN, GateFinding.SHEET_FIRST.of());
        }
        Trajectory trajectory = sheetAnalysis.trajectory().orElseThrow(Expect.present("complete sheet"));
        Optional<Angle> pitch = measured.get().pitch();
        Finding stands = pitch.map(this::stands).orElseGet(GateFinding.PITCH_NOT_TOLD::of);
        boolean good = pitch.filter(angle -> angle.degrees() > shop.get(Standard.PITCH_ZERO))
                .isPresent();
        boolean saddleStops = saddle().state() == GateState.STOP;
        // As read, or else as the projection implies it (§3.6a).
        Sides<Double> high = measured.get().action().with(Targets.of(job, shop).action(), (now, aim) -> now - aim);
        double over = Math.max(high.bass(), high.treble());
        Optional<Finding> body = body(trajectory);
        Gate gate;
        if (pitch.isEmpty()) {
            gate = Gate.of(GateId.NECK_PITCH, GateState.UNKNOWN, stands);
        } else if (!good && saddleStops && over > 0) {
            gate = Gate.of(GateId.NECK_PITCH, GateState.STOP, stands, GateFinding.NECK_HAS_TO_GO_BACK.of());
        } else if (saddleStops && over <= 0) {
            gate = Gate.of(GateId.NECK_PITCH, GateState.WARN, stands, GateFinding.NECK_OVER_SET.of());
        } else if (body.isPresent()) {
            gate = Gate.of(GateId.NECK_PITCH, GateState.WARN, stands, body.get());
        } else {
            gate = Gate.of(GateId.NECK_PITCH, good ? GateState.PASS : GateState.WARN, stands);
        }
        if (gate.state() != GateState.UNKNOWN
                && body.isPresent()
                && !gate.reasons().contains(body.get())) {
            gate = gate.also(body.get());
        }
        Gate told = pitch.isPresent() ? gate.with(GateNumber.DEGREES, Quantity.turn(pitch.get())) : gate;
        Gate whole = trajectory.sink().isPresent()
                ? told.with(GateNumber.SINK, Quantity.length(trajectory.sink().getAsDouble()))
                : told;
        Gate sunk = trajectory.bodySink().isPresent()
                ? whole.with(
                        GateNumber.SINK_BODY,
                        Quantity.length(trajectory.bodySink().getAsDouble()))
                : whole;
        return trajectory.disagreement().isPresent()
                ? sunk.with(
                        GateNumber.DISAGREEMENT,
                        Quantity.fine(trajectory.disagreement().getAsDouble()))
                : sunk;
    }

    private Finding stands(Angle pitch) {
        boolean level = Math.abs(pitch.degrees()) <= shop.get(Standard.PITCH_ZERO);
        return (level
                        ? GateFinding.NECK_LEVEL
                        : pitch.radians() > 0 ? GateFinding.NECK_SET_BACK : GateFinding.NECK_FORWARD)
                .of();
    }

    /** What the body's response suggests to look at: it folds too far, or the readings disagree. */
    private Optional<Finding> body(Trajectory trajectory) {
        double most = shop.get(Standard.SINK_MOST);
        double sink = trajectory.judgedSink(job.visit()).orElse(0);
        if (sink > most) {
            return Optional.of(GateFinding.SINKS_TOO_FAR.of(Quantity.length(sink)));
        }
        double whole = trajectory.sink().orElse(0);
        if (whole > most && trajectory.needsSlackRelief(job.visit())) {
            return Optional.of(GateFinding.READ_SLACK_RELIEF.of(Quantity.length(whole)));
        }
        double off = Math.abs(trajectory.disagreement().orElse(0));
        return off > shop.get(Standard.DISAGREEMENT)
                ? Optional.of(GateFinding.READINGS_DISAGREE.of(Quantity.fine(off)))
                : Optional.empty();
    }

    /** Whether the strings clear what is under them (§3.19); empty if nothing is. */
    Optional<Gate> clearance() {
        if (Stream.of(Reading.OBSTACLE_HEIGHT, Reading.OBSTACLE_DISTANCE)
                .allMatch(each -> job.get(each).isEmpty())) {
            return Optional.empty();
        }
        Optional<Obstacle> obstacle = Obstacle.of(job, measured);
        if (obstacle.isEmpty()) {
            return Optional.of(Gate.of(GateId.CLEARANCE, GateState.UNKNOWN, GateFinding.READ_OBSTACLE.of()));
        }
        double free = obstacle.get().underStrings(measured.orElseThrow(Expect.present("measured setup")));
        double wanted = job.millimeters(Aim.CLEARANCE).orElse(shop.get(Standard.CLEARANCE));
        boolean clears = free >= wanted - Tolerances.SHOWN;
        Finding how = clears
                ? GateFinding.CLEARS.of(Quantity.length(free), Quantity.length(wanted))
                : free > 0
                        ? GateFinding.CLEARS_TOO_LITTLE.of(Quantity.length(free), Quantity.length(wanted))
                        : GateFinding.STRINGS_TOUCH.of(Quantity.length(wanted));
        // The usual limit warns; the requested one, or a string that touches, stops.
        boolean stops = free <= 0 || job.get(Aim.CLEARANCE).isPresent();
        GateState state = clears ? GateState.PASS : stops ? GateState.STOP : GateState.WARN;
        return Optional.of(Gate.of(GateId.CLEARANCE, state, how)
                .with(GateNumber.CLEARANCE, Quantity.length(free))
                .with(GateNumber.WANTED, Quantity.length(wanted)));
    }
}
