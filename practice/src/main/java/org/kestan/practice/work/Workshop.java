package org.kestan.practice.work;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.job.terms.Joint;
import org.kestan.practice.work.BenchState.Seat;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;

/**
 * Performs operations on a practice instrument. What is cut is gone, and every hand is a little off. Sizes: common
 * practice, no source.
 */
public final class Workshop {

    /** Hours until glue can take a load. */
    public static final double CURED = 12;

    private static final double HAND = 0.03;
    private static final double ROD_TURN = 3_500;

    /** About how many turns of the rod take out a millimeter of relief. */
    public static final double TURNS_PER_MM = 4;

    private static final double ROD_TRAVEL = 9_000;
    private static final double SHORTEST_HEAT = 7;
    private static final double SHORTEST_HEAT_BOLTED = 3;
    private static final double LONGEST_HEAT = 16;
    private static final double HARM_COST = 120;

    /** What a pull of coarse paper removes at the cap, mm, and how far apart the two cheeks can be. */
    public static final double PULL = 0.022;

    private static final double HARDNESS = 0.25;
    private static final int UNEVEN = 8;
    private static final double ROCKED = 0.8;
    private static final double GAVE = 0.0035;
    private static final double CHIP_COST = 40;

    /**
     * If more comes off both cheeks together than this, mm, the tail is loose in the block; and how far such a neck
     * gives, radians.
     */
    private static final double SANDED = 0.2;

    private static final double LOOSE_TAIL_GIVES = 0.001;

    /** The most the end of the board may fall away, mm. */
    private static final double MOST_FALL = 1;

    /** How far a neck comes forward under its strings, radians per unit of the logarithm of its days. */
    private static final double CREEP = 0.0002;

    private static final double DAY = 24;
    private static final double SETTLES = 3;
    private static final double NEW_FRET = 0.008;
    private static final double LEAST_SADDLE = 1.2;
    private static final double LEAST_BRIDGE = 5.5;
    private static final double LEAST_SLOT = 0.05;

    private final Random random;
    private final Sides<Double> amount;
    private BenchState now;

    private Workshop(BenchState now, Sides<Double> amount, Random random) {
        this.now = now;
        this.amount = amount;
        this.random = random;
    }

    /**
     * The result of an operation: the next state, or why it can't be done.
     *
     * @param next the state after it; the one before where it was refused
     * @param refused why it can't be done; empty if it was
     */
    public record Outcome(BenchState next, Optional<Refusal> refused) {}

    /**
     * Performs an operation.
     *
     * @param amount by the operation: nothing of it, its bass side, or both
     * @param random where hands get their spread
     */
    public static Outcome act(BenchState from, Operation operation, Sides<Double> amount, Random random) {
        Optional<Refusal> refused = refusal(from, operation, amount);
        if (refused.isPresent()) {
            return new Outcome(from, refused);
        }
        Workshop workshop = new Workshop(from, amount, random);
        workshop.spend(operation.minutes(), operation.cost());
        workshop.work(operation);
        return new Outcome(workshop.now, Optional.empty());
    }

    private static Optional<Refusal> refusal(BenchState from, Operation operation, Sides<Double> amount) {
        VirtualInstrument instrument = from.instrument();
        Fitting fitting = instrument.bridge().floating() ? Fitting.FLOATING_BRIDGE : Fitting.PIN_BRIDGE;
        if (!operation.isOn(fitting)) {
            return Optional.of(Refusal.NO_SUCH_PART);
        }
        if (!isTaken(operation, amount)) {
            return Optional.of(Refusal.AMOUNT);
        }
        boolean off = from.isOff();
        Optional<Refusal> seat =
                switch (operation) {
                    case TUNE, TUNE_DOWN -> off ? Optional.of(Refusal.NECK_OFF) : Optional.empty();
                    case SAW_AND_BOLT ->
                        off
                                ? Optional.of(Refusal.NECK_OFF)
                                : isBolted(instrument) ? Optional.of(Refusal.BOLTED) : Optional.empty();
                    case SLIP_BACK -> off ? Optional.of(Refusal.NECK_OFF) : Optional.empty();
                    case FREE_NECK -> off ? Optional.of(Refusal.NECK_OFF) : Optional.empty();
                    case SAND_HEEL, SHIM_HEEL, SHIM_TAIL, DRY_FIT, WEDGE, FIX_NECK ->
                        off ? Optional.empty() : Optional.of(Refusal.NECK_ON);
                    case TURN_ROD ->
                        instrument.family() == Family.CLASSICAL ? Optional.of(Refusal.NO_ROD) : Optional.empty();
                    default -> Optional.empty();
                };
        return seat.or(
                () -> operation.wantsSlack() && from.strung() ? Optional.of(Refusal.STRINGS_UP) : Optional.empty());
    }

    private static boolean isTaken(Operation operation, Sides<Double> amount) {
        return switch (operation.amount()) {
            case NONE -> true;
            case ONE -> isWithin(operation, amount.bass());
            case SIDES -> isWithin(operation, amount.bass()) && isWithin(operation, amount.treble());
        };
    }

    private static boolean isWithin(Operation operation, double amount) {
        return amount >= operation.least() && amount <= operation.most();
    }

    private void work(Operation operation) {
        double one = amount.bass();
        switch (operation) {
            case TUNE -> tune();
            case TUNE_DOWN -> {
                tune();
                now = now.tunedDown(Math.rint(one));
            }
            case SLIP_BACK ->
                make(old -> old.withPitch(old.neck().pitch()
                        + (one == 0 ? 0 : Math.max(0, one + hand()))
                                / old.heel().height()));
            case SAW_AND_BOLT -> {
                make(VirtualInstrument::bolted);
                seat(Seat.FREE, 0);
            }
            case SHAVE_BRACES -> make(old -> old.withTopGiving(1 + one / 100));
            case SLACKEN -> string(false);
            case TURN_ROD -> turnRod(one);
            case FILE_NUT ->
                nut(Sides.of(side -> instrument().nut().get(side)
                        - (amount.get(side) == 0 ? 0 : Math.max(0, amount.get(side) + hand()))));
            case NEW_NUT -> newNut();
            case LOWER_SADDLE ->
                saddle(Sides.of(side -> instrument().bridge().protrusion().get(side)
                        - (amount.get(side) == 0 ? 0 : Math.max(0, amount.get(side) + hand()))));
            case NEW_SADDLE -> saddle(Sides.of(side -> amount.get(side) + hand()));
            case SHAVE_BRIDGE -> bridge(instrument().bridge().thickness() - (one == 0 ? 0 : Math.max(0, one + hand())));
            case NEW_BRIDGE -> bridge(one + hand());
            case MOVE_BRIDGE ->
                make(old -> old.withBridge(
                        old.bridge().thickness(),
                        Sides.of(side -> old.bridge().protrusion().get(side)
                                + (amount.get(side) == 0 ? 0 : amount.get(side) + hand()))));
            case REGLUE_BRIDGE -> {
                make(old -> old.withLift(0));
                rest(CURED);
            }
            case GLUE_BRACE -> {
                make(old -> old.withLoosened(1));
                rest(CURED);
            }
            case RAMP_PINS, MOVE_TAILPIECE -> {
                double up = operation == Operation.RAMP_PINS ? -one : one;
                make(old -> old.withEndHeight(old.bridge().endHeight() + up));
            }
            case CHANGE_STRINGS -> changeStrings(1 + one / 100);
            case SCORE, SHIM_TAIL -> now = now.preparing(operation);
            case FREE_NECK -> heat(one);
            case SAND_HEEL -> sand();
            case SHIM_HEEL -> cheeks(Sides.of(side -> -amount.get(side) - (amount.get(side) == 0 ? 0 : hand() / 2)));
            case DRY_FIT -> seat(Seat.DRY, 0);
            case WEDGE -> wedge(one);
            case FIX_NECK -> fix();
            case WAIT -> rest(one);
            case REFRET ->
                make(old -> old.withCrowns(old.crowns().stream()
                        .map(each -> random.nextGaussian() * NEW_FRET)
                        .toList()));
            case CONDITION -> condition(one);
            case LEVEL_FRETS -> make(old -> old.withCrowns(leveled(old.crowns(), one)));
        }
    }

    private VirtualInstrument instrument() {
        return now.instrument();
    }

    /** Returns whether a neck is held by bolts. */
    public static boolean isBolted(VirtualInstrument instrument) {
        return instrument.joint() != Joint.DOVETAIL;
    }

    private boolean isBolted() {
        return isBolted(instrument());
    }

    private double hand() {
        return random.nextGaussian() * HAND;
    }

    private void tune() {
        if (now.seat() == Seat.GLUED) {
            if (now.curing() < CURED) {
                double gave = GAVE * (1 - now.curing() / CURED);
                make(old -> old.withPitch(old.neck().pitch() - gave));
                went(Mishap.GLUE_GAVE);
            }
            seat(Seat.SET, now.curing());
        }
        string(true);
        for (Side side : Side.values()) {
            if (new Frame(instrument()).over(now.shape(), 1, side) < LEAST_SLOT
                    && !now.mishaps().contains(Mishap.SLOT_DEEP)) {
                went(Mishap.SLOT_DEEP);
            }
        }
    }

    private void turnRod(double turns) {
        double moment = instrument().neck().rod() + turns * ROD_TURN;
        if (Math.abs(moment) > ROD_TRAVEL) {
            went(Mishap.ROD_AT_END);
        } else {
            make(old -> old.withRod(moment));
        }
    }

    private void newNut() {
        // The number is the clearance over fret 1 with the strings up; the slot that gives it is higher because of
        // their slope.
        double along = instrument().saddleAt()
                / (instrument().saddleAt() - instrument().frets().at(1));
        VirtualInstrument old = instrument();
        BenchState up = now.strung(true);
        Frame frame = new Frame(old);
        nut(Sides.of(
                side -> old.nut().get(side) + (amount.get(side) - frame.over(up.shape(), 1, side)) * along + hand()));
    }

    private void nut(Sides<Double> slots) {
        make(old -> old.withNut(slots));
    }

    private void saddle(Sides<Double> protrusion) {
        if (protrusion.bass() < LEAST_SADDLE || protrusion.treble() < LEAST_SADDLE) {
            went(Mishap.SADDLE_GONE);
        }
        make(old -> old.withBridge(old.bridge().thickness(), Sides.of(side -> Math.max(0, protrusion.get(side)))));
    }

    private void bridge(double thickness) {
        if (thickness < LEAST_BRIDGE) {
            went(Mishap.BRIDGE_THIN);
        }
        make(old -> old.withBridge(thickness, old.bridge().protrusion()));
    }

    private void changeStrings(double thicker) {
        make(old -> old.withStrings(old.strings().stream()
                .map(string -> string.withGauge(
                        string.gauge().map(gauge -> Length.toMicrometer(gauge.millimeters() * thicker))))
                .toList()));
    }

    private void wedge(double thick) {
        make(old -> old.withFall(old.neck().fall() - thick / extension(old)));
        now = now.preparing(Operation.WEDGE);
    }

    private static double extension(VirtualInstrument of) {
        return of.frets().at(of.lastFret()) - of.jointAt();
    }

    private void fix() {
        if (instrument().neck().fall() * extension(instrument()) > MOST_FALL) {
            went(Mishap.BOARD_DROPS);
        }
        boolean sanded = now.removed().bass() + now.removed().treble() > SANDED;
        if (!isBolted() && sanded && !now.prepared().contains(Operation.SHIM_TAIL)) {
            went(Mishap.TAIL_LOOSE);
            make(old -> old.withPitch(old.neck().pitch() - LOOSE_TAIL_GIVES));
        }
        seat(isBolted() ? Seat.SET : Seat.GLUED, 0);
    }

    private void heat(double minutes) {
        spend(minutes, 0);
        if (minutes > LONGEST_HEAT) {
            spend(0, HARM_COST);
            went(Mishap.HEAT_HARM);
        }
        if (minutes < (isBolted() ? SHORTEST_HEAT_BOLTED : SHORTEST_HEAT)) {
            went(Mishap.NOT_FREE);
        } else {
            if (!now.prepared().contains(Operation.SCORE)) {
                spend(0, CHIP_COST);
                went(Mishap.FINISH_CHIPPED);
            }
            seat(Seat.FREE, 0);
        }
    }

    private void sand() {
        double harder = HARDNESS * Math.sin(instrument().heel().height() * 7);
        Sides<Double> taken = Sides.of(side -> amount.get(side)
                * PULL
                * (1 + (side == Side.BASS ? harder : -harder) / 2)
                * (1 + random.nextGaussian() * 0.06));
        if (Math.abs(amount.bass() - amount.treble()) > UNEVEN) {
            went(Mishap.CHEEK_ROCKED);
            make(old -> old.withDrift(old.heel().drift() + (amount.bass() > amount.treble() ? ROCKED : -ROCKED)));
        }
        cheeks(taken);
    }

    /** Wood off the cheeks, mm at the cap: if even, it sets the neck back; if uneven, it turns the neck to one side. */
    private void cheeks(Sides<Double> taken) {
        double mean = (taken.bass() + taken.treble()) / 2;
        double turned = mean / instrument().heel().height();
        double aside = (taken.bass() - taken.treble())
                / instrument().heel().widthTop()
                * instrument().bridge().jointToSaddle()
                / 2;
        // The end of the board still rests on the top, so it falls away by as much as the neck was turned.
        make(old -> old.withPitch(old.neck().pitch() + turned)
                .withFall(old.neck().fall() + turned)
                .withDrift(old.heel().drift() + aside));
        now = now.removing(taken);
        seat(Seat.FREE, 0);
    }

    private void rest(double hours) {
        double curing = now.curing() + hours;
        boolean cured = now.seat() == Seat.GLUED && curing >= CURED;
        seat(cured ? Seat.SET : now.seat(), curing);
        if (now.strung()) {
            double crept = CREEP * (Math.log1p((now.waited() + hours) / DAY) - Math.log1p(now.waited() / DAY));
            make(old -> old.withPitch(old.neck().pitch() - crept));
        }
        now = now.waiting(hours);
    }

    /** The top moves to its place at the shop's humidity, most of the way in the first days. */
    private void condition(double days) {
        make(old -> old.withSwell(old.body().swell() * Math.exp(-days / SETTLES)));
        rest(days * DAY);
    }

    private static List<Double> leveled(List<Double> crowns, double most) {
        double highest = crowns.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return crowns.stream().map(each -> Math.min(each, highest - most)).toList();
    }

    private void make(UnaryOperator<VirtualInstrument> change) {
        now = now.with(change.apply(instrument()));
    }

    private void string(boolean atPitch) {
        now = now.strung(atPitch);
    }

    private void seat(Seat seat, double curing) {
        now = now.seated(seat, curing);
    }

    private void spend(double minutes, double cost) {
        now = now.spending(minutes, cost);
    }

    private void went(Mishap mishap) {
        now = now.after(mishap);
    }
}
