package org.kestan.simulator.cases;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.instrument.VirtualInstrument.BodyMake;
import org.kestan.simulator.instrument.VirtualInstrument.BridgeMake;
import org.kestan.simulator.instrument.VirtualInstrument.HeelMake;
import org.kestan.simulator.instrument.VirtualInstrument.NeckMake;

/**
 * Makes cases from seeds: the same seed makes the same instrument on every machine. An instrument is made sound, then
 * faults are added; sizes and spreads are those of the trade (common practice, no source), the wood's stiffness along
 * the grain is that of hardwoods in published tables (9 to 14 kN/mm²).
 */
public final class CaseGenerator {

    private static final double PER_KILO = 1000;
    private static final double COMPENSATION = 2.5;
    private static final double FRET_TOLERANCE = 0.012;
    private static final int LAST_PAST_JOINT = 6;
    private static final int ACTION_FRET = 12;
    private static final int SETTING_STEPS = 5;
    private static final double ROLL = 0.08;

    /** How far the top is under or over its place at the shop's humidity: a 64th of an inch over a usual swing. */
    private static final double DRIEST = -0.2;

    private static final double DAMPEST = 0.2;

    /** How much more a body with ladder braces gives. */
    private static final double LADDER_GIVES = 1.5;

    private static final double SMALL_TURN = 1e-4;
    private static final int LOWERED_ONE_IN = 5;

    private final Random random;
    private final PracticeFamily kind;
    private final Set<InstrumentFault> faults = EnumSet.noneOf(InstrumentFault.class);

    private CaseGenerator(Random random, PracticeFamily kind) {
        this.random = random;
        this.kind = kind;
    }

    /** Makes the case for a seed. */
    public static PracticeCase of(long seed, Level level, PracticeFamily kind) {
        CaseGenerator generator = new CaseGenerator(Chance.of(seed, kind.ordinal(), level.ordinal()), kind);
        return generator.make(seed, level);
    }

    private PracticeCase make(long seed, Level level) {
        List<InstrumentFault> possible = new ArrayList<>(List.of(InstrumentFault.values()));
        if (kind.floating()) {
            possible.removeAll(
                    List.of(InstrumentFault.BRIDGE_CUT, InstrumentFault.SADDLE_HIGH, InstrumentFault.BRIDGE_LIFTED));
        }
        Collections.shuffle(possible, random);
        if (kind == PracticeFamily.PARLOR) {
            possible.remove(InstrumentFault.BRIDGE_CUT);
            possible.add(0, InstrumentFault.BRIDGE_CUT);
        }
        for (InstrumentFault fault : possible) {
            boolean contrary = fault == InstrumentFault.NUT_LOW && faults.contains(InstrumentFault.NUT_HIGH)
                    || fault == InstrumentFault.NUT_HIGH && faults.contains(InstrumentFault.NUT_LOW)
                    || fault == InstrumentFault.SADDLE_HIGH && faults.contains(InstrumentFault.NECK_FORWARD)
                    || fault == InstrumentFault.NECK_FORWARD && faults.contains(InstrumentFault.SADDLE_HIGH);
            if (faults.size() < level.faults() && !contrary) {
                faults.add(fault);
            }
        }
        VirtualInstrument made = instrument();
        // An instrument that was tuned down reads lower than it plays; that is not for a learner's first case.
        int lowered = level != Level.EASY && random.nextInt(LOWERED_ONE_IN) == 0 ? 1 + random.nextInt(2) : 0;
        return new PracticeCase(seed, level, kind, List.copyOf(faults), made, lowered);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private boolean has(InstrumentFault fault) {
        return faults.contains(fault);
    }

    private VirtualInstrument instrument() {
        PracticeFamily.Sizes sizes = kind.sizes();
        Frets frets = new Frets(sizes.scale());
        double jointToSaddle = frets.scale() - frets.at(sizes.joint()) + COMPENSATION * sizes.scale() / 645;
        double fretsOverTop = kind.floating() ? between(13, 16) * sizes.scale() / 635 : between(6.5, 7.5);
        BridgeMake bridge = bridge(jointToSaddle, fretsOverTop);
        NeckMake neck = neck();
        double action = action();
        // A body that gives more has the same pull to bear.
        double pulled = pulled() / (kind == PracticeFamily.LADDER_BRACED ? LADDER_GIVES : 1);
        BodyMake body = new BodyMake(
                fretsOverTop,
                between(0.0002, 0.0007) / (pulled * 16),
                kind.floating() ? between(0.15, 0.4) / (pulled * 0.25) : between(0.02, 0.12) / (pulled * 12),
                between(DRIEST, DAMPEST),
                has(InstrumentFault.LOOSE_BRACE) ? between(1.5, 2.2) : 1);
        List<Double> crowns = new ArrayList<>();
        int last = sizes.joint() + LAST_PAST_JOINT;
        for (int fret = 1; fret <= last; fret++) {
            double worn = has(InstrumentFault.WORN_FRETS) && fret <= 4 ? -between(0.08, 0.2) : 0;
            crowns.add(random.nextGaussian() * FRET_TOLERANCE + worn);
        }
        if (has(InstrumentFault.PROUD_FRET)) {
            int fret = 5 + random.nextInt(sizes.joint() - 5);
            crowns.set(fret - 1, crowns.get(fret - 1) + between(0.12, 0.25));
        }
        double nut = has(InstrumentFault.NUT_HIGH) ? between(0.5, 0.8) : between(0.05, 0.15);
        double low = has(InstrumentFault.NUT_LOW) ? -between(0.25, 0.4) : 0;
        // A slot is above the fret plane by the string's clearance over the first fret and by the rise of the board up
        // to there.
        Sides<Double> slots = new Sides<>(nut + 0.45, nut + 0.3 + low);
        HeelMake heel = new HeelMake(
                between(86, 96) * Math.min(1, sizes.scale() / 645 + 0.15),
                between(52, 58) * sizes.widthJoint() / 56,
                between(22, 30) * sizes.widthJoint() / 56,
                has(InstrumentFault.DRIFT) ? (random.nextBoolean() ? 1 : -1) * between(1, 2.2) : between(-0.3, 0.3),
                between(-ROLL, ROLL));
        VirtualInstrument made = new VirtualInstrument(
                kind.trade(),
                kind.joint(),
                frets,
                sizes.joint(),
                last,
                neck,
                body,
                bridge,
                slots,
                crowns,
                kind.strings(),
                heel);
        return set(made, action);
    }

    /** Radius of the board across the strings, mm; boards of classical guitars and many mandolins are flat. */
    private double radius() {
        return kind == PracticeFamily.CLASSICAL || kind == PracticeFamily.MANDOLIN ? 0 : between(300, 420);
    }

    /** Pull of a usual set, N, to which compliance is scaled. */
    private double pulled() {
        return switch (kind) {
            case TWELVE_STRING -> 1050;
            case CLASSICAL -> 380;
            case MANDOLIN -> 700;
            case FLAT_TOP, BOLT_ON, ARCHTOP, PARLOR, LADDER_BRACED -> 720;
        };
    }

    private BridgeMake bridge(double jointToSaddle, double fretsOverTop) {
        double spread = kind.floating() ? between(48, 53) : between(52, 56);
        if (kind.floating()) {
            double height = fretsOverTop + between(9, 12) * jointToSaddle / 285;
            return new BridgeMake(
                    true, jointToSaddle, height, Sides.of(side -> 0.0), between(95, 125), height * 0.45, spread, 0);
        }
        double thickness = has(InstrumentFault.BRIDGE_CUT) ? between(5.6, 7) : between(8.4, 9.6);
        double protrusion = has(InstrumentFault.NECK_FORWARD)
                ? between(1, 2)
                : has(InstrumentFault.SADDLE_HIGH) ? between(4.6, 5.8) : between(2.8, 3.8);
        return new BridgeMake(
                false,
                jointToSaddle,
                thickness,
                new Sides<>(protrusion + 0.25, protrusion - 0.25),
                between(6.5, 8.5),
                thickness - between(0.3, 1),
                spread,
                has(InstrumentFault.BRIDGE_LIFTED) ? between(0.25, 0.7) : 0);
    }

    /** The action it should have: as once wanted, or as it has become. */
    private double action() {
        PracticeFamily.Sizes sizes = kind.sizes();
        double wanted = (sizes.bass() + sizes.treble()) / 2;
        return has(InstrumentFault.NECK_FORWARD)
                ? wanted + between(1, 1.8)
                : has(InstrumentFault.SADDLE_HIGH) ? wanted + between(0.6, 1.1) : wanted + between(-0.1, 0.2);
    }

    private NeckMake neck() {
        PracticeFamily.Sizes sizes = kind.sizes();
        return new NeckMake(
                between(9.5, 13.5) * PER_KILO,
                sizes.widthNut(),
                sizes.widthJoint(),
                sizes.depthNut() * between(0.96, 1.05),
                sizes.depthJoint() * between(0.96, 1.05),
                0,
                has(InstrumentFault.RELIEF) ? between(0.15, 0.35) : between(-0.22, -0.05),
                random.nextInt(4) == 0 ? between(0, 0.08) : 0,
                between(-0.12, 0.12),
                0,
                between(0, 0.003),
                radius());
    }

    /**
     * The neck angle is chosen so that the strings are at the intended height over fret 12, with everything bent as it
     * is.
     */
    private static VirtualInstrument set(VirtualInstrument made, double action) {
        double pitch = 0;
        for (int step = 0; step < SETTING_STEPS; step++) {
            VirtualInstrument tried = made.withPitch(pitch);
            double off = mean(Equilibrium.strung(tried)) - action;
            double further = mean(Equilibrium.strung(made.withPitch(pitch + SMALL_TURN))) - action;
            pitch -= off * SMALL_TURN / (further - off);
        }
        return made.withPitch(pitch);
    }

    private static double mean(State strung) {
        VirtualInstrument of = strung.instrument();
        double mean = 0;
        for (Side side : Side.values()) {
            mean += (strung.string(of.frets().at(ACTION_FRET), side)
                            - strung.plane(of.frets().at(ACTION_FRET), side))
                    / 2;
        }
        return mean;
    }
}
