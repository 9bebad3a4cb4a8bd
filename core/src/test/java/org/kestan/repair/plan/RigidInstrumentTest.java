package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.job.terms.Stringing;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/**
 * Random instruments in space are read, planned, cut as told, put together and read again: the action lands on target,
 * the straightedge reads what was predicted, the neck points at the bridge.
 */
public class RigidInstrumentTest {

    private static final int INSTRUMENTS = 300;
    private static final double CLOSE = 0.03;
    private static final double INCH = 25.4;

    private final Random random = new Random(20261125);

    private double worstAction;
    private double worstProjection;
    private double worstDrift;

    private double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    private static Job put(Job job, LengthLine line, double millimeters) {
        return job.with(line, Length.exact(millimeters));
    }

    @Test
    public void landsAsToldOnRandomInstruments() {
        int reset = 0;
        for (int i = 0; i < INSTRUMENTS; i++) {
            reset += one(i) ? 1 : 0;
        }
        System.out.printf(
                "rigid instruments: %d of %d set; worst action %.4f mm, projection %.4f mm, drift %.4f mm%n",
                reset, INSTRUMENTS, worstAction, worstProjection, worstDrift);
        assertThat(reset).isEqualTo(INSTRUMENTS);
    }

    private RigidInstrument instrument(int number, boolean archtop) {
        int joint = number % 3 == 0 ? 12 : 14;
        double scale = between(600, 660);
        double radius = number % 7 == 0 ? 1e7 : between(10, 20) * INCH;
        double fret = scale * (1 - Math.pow(2, -joint / 12.0));
        double extension = between(85, 120);
        RigidInstrument.Build build = new RigidInstrument.Build(
                scale,
                joint,
                scale - fret + between(1, 4),
                archtop ? between(10, 18) : between(5, 8),
                between(75, 105),
                between(48, 58),
                between(22, 32),
                radius,
                radius * between(1, 1.25),
                fret + extension,
                between(35, 39),
                between(50, 56),
                between(0, 1.2e-5),
                between(5, 11),
                number % 5 != 0);
        double pitch = Math.toRadians(archtop ? between(1.5, 4) : between(-0.6, 0.4));
        double drift = number % 6 == 0 ? 0 : between(-2.5, 2.5);
        // The sheet has no line for roll; turning a rolled neck back by θ turns it sideways by θ·roll: 0.03 mm at most
        // here.
        double roll = Math.toRadians(between(-0.2, 0.2));
        double line = build.overTop() + build.jointToSaddle() * Math.tan(pitch);
        // Strings so far above their target that the neck has to go back.
        Sides<Double> crowns = new Sides<>(line + between(5.6, 7), line + between(4.6, 5.8));
        return new RigidInstrument(
                build,
                new Sides<>(between(0.45, 0.7), between(0.35, 0.6)),
                pitch,
                Math.atan(drift / build.jointToSaddle()),
                roll,
                crowns);
    }

    private boolean one(int number) {
        boolean archtop = number % 4 == 3;
        RigidInstrument instrument = instrument(number, archtop);
        RigidInstrument.Build build = instrument.build();
        double extension = between(85, 120);
        double thickness = between(8, 10.5);
        double sink = between(0.2, 1.2);
        Job job = sheet(instrument, build, archtop, thickness, extension, sink);
        Way way = archtop || number % 2 == 0 ? WayCatalog.NECK_RESET : WayCatalog.HEEL_SANDING;
        job = job.with(Lines.JOINT, way == WayCatalog.HEEL_SANDING ? Joint.MORTISE_BOLT : Joint.DOVETAIL);
        WorkPlan plan = WorkPlan.of(Ways.of(SheetAnalysis.of(job, ShopStandards.DEFAULT)), List.of(way));
        if (plan.heel().isEmpty()) {
            return false;
        }
        carryOut(instrument, plan, archtop);
        Sides<Double> wanted = new Sides<>(2.1, 1.7);
        for (Side side : Side.values()) {
            double off = instrument.over(12, side) - wanted.get(side);
            worstAction = Math.max(worstAction, Math.abs(off));
            assertThat(off).as("action of %d, %s", number, side).isCloseTo(0, within(CLOSE));
        }
        ProjectionPlan told = plan.projection().orElseThrow();
        double strung = instrument.projection(0) - told.strungAsRead();
        double slack = instrument.projection(sink) - told.slackAsRead();
        worstProjection = Math.max(worstProjection, Math.max(Math.abs(strung), Math.abs(slack)));
        assertThat(strung).as("strung projection of %d", number).isCloseTo(0, within(CLOSE));
        assertThat(slack).as("slack projection of %d", number).isCloseTo(0, within(CLOSE));
        worstDrift = Math.max(worstDrift, Math.abs(instrument.drift()));
        assertThat(instrument.drift()).as("drift of %d", number).isCloseTo(0, within(CLOSE));
        return true;
    }

    /**
     * No strings to read by: the neck is off, and only the straightedge on the dry-fitted neck shows where it points
     * (§3.6a). Set by that, strung and read again, the action is on target, as the body has folded by the assumed
     * amount.
     */
    @Test
    public void landsAsToldWithoutStrings() {
        double sink = ShopStandards.DEFAULT.get(Standard.SINK);
        for (int i = 0; i < INSTRUMENTS / 3; i++) {
            boolean archtop = i % 3 == 2;
            RigidInstrument instrument = instrument(i, archtop);
            Job job = sheet(instrument, instrument.build(), archtop, 9, 100, sink)
                    .with(Lines.STRINGS, Stringing.OFF)
                    .with(Lines.JOINT_FIT, JointFit.OFF)
                    .with(Lines.JOINT, Joint.DOVETAIL);
            for (Reading read : List.of(Reading.ACTION_BASS, Reading.ACTION_TREBLE, Reading.PROJECTION_STRUNG)) {
                job = job.without(read);
            }
            WorkPlan plan =
                    WorkPlan.of(Ways.of(SheetAnalysis.of(job, ShopStandards.DEFAULT)), List.of(WayCatalog.NECK_RESET));
            assertThat(plan.heel()).as("of " + i).isPresent();
            carryOut(instrument, plan, archtop);
            double mean = (instrument.over(12, Side.BASS) + instrument.over(12, Side.TREBLE)) / 2;
            assertThat(mean).as("action of " + i).isCloseTo((2.1 + 1.7) / 2, within(CLOSE));
        }
    }

    /** The saddle or the floating bridge alone: cut as told, the action is on target on both sides. */
    @Test
    public void theSaddleAloneLandsAsTold() {
        for (int i = 0; i < INSTRUMENTS / 3; i++) {
            boolean archtop = i % 3 == 2;
            RigidInstrument instrument = instrument(i, archtop);
            Job job = sheet(instrument, instrument.build(), archtop, 5, 100, 0.5);
            job = job.without(Aim.SADDLE).without(Aim.BRIDGE_HEIGHT);
            double bass = instrument.over(12, Side.BASS);
            double treble = instrument.over(12, Side.TREBLE);
            job = put(put(job, Aim.ACTION_BASS, bass - 0.5), Aim.ACTION_TREBLE, treble - 0.4);
            // The adjusting wheels move both sides alike; a solid bridge is trimmed at its feet.
            WorkPlan plan = WorkPlan.of(
                    Ways.of(SheetAnalysis.of(job, ShopStandards.DEFAULT)),
                    List.of(archtop ? WayCatalog.FLOATING_BRIDGE : WayCatalog.SADDLE));
            Sides<Double> rise = archtop
                    ? plan.bridge().orElseThrow().sides()
                    : plan.saddle().orElseThrow().off().map(off -> -off);
            instrument.crowns(instrument.crowns().with(rise, Double::sum));
            double mean = (instrument.over(12, Side.BASS) + instrument.over(12, Side.TREBLE)) / 2;
            assertThat(mean).as("action of " + i).isCloseTo((bass + treble) / 2 - 0.45, within(CLOSE));
            if (!archtop) {
                assertThat(instrument.over(12, Side.BASS)).isCloseTo(bass - 0.5, within(CLOSE));
            }
        }
    }

    private static void carryOut(RigidInstrument instrument, WorkPlan plan, boolean floating) {
        HeelCut cut = plan.heel().orElseThrow();
        Side toward = plan.job().visit().driftSide().orElse(Side.BASS);
        instrument.cut((depth, side) -> {
            HeelCut.Cheeks cheeks = cut.cheeksAt(depth);
            return side == toward ? cheeks.driftSide() : cheeks.otherSide();
        });
        if (floating) {
            Sides<Double> rise = plan.bridge().orElseThrow().sides();
            instrument.crowns(instrument.crowns().with(rise, Double::sum));
        } else {
            double top = plan.bridge().orElseThrow().after();
            instrument.crowns(plan.saddle().orElseThrow().out().map(out -> top + out));
        }
    }

    private Job sheet(
            RigidInstrument instrument,
            RigidInstrument.Build build,
            boolean archtop,
            double thickness,
            double extension,
            double sink) {
        Job job = Job.BLANK
                .with(Lines.FORM, archtop ? Form.ARCHTOP : Form.FLAT_TOP)
                .with(Lines.JOINT_FRET, build.joint())
                .with(Lines.TRUSS_ROD, TrussRod.NONE)
                .with(
                        Lines.PROJECTION_ACROSS,
                        build.middle() ? StraightedgePosition.MIDDLE : StraightedgePosition.EDGE);
        job = put(job, Dimension.SCALE, build.scale());
        double first = build.fret(1);
        double joint = build.fret(build.joint());
        double middle = build.fret(7);
        job = put(job, Reading.RELIEF, build.curvature() / 2 * (middle - first) * (joint - middle));
        job = job.with(Lines.RELIEF_READ_AT, 7);
        job = put(job, Reading.NUT_BASS, instrument.over(1, Side.BASS));
        job = put(job, Reading.NUT_TREBLE, instrument.over(1, Side.TREBLE));
        job = put(job, Reading.ACTION_BASS, instrument.over(12, Side.BASS));
        job = put(job, Reading.ACTION_TREBLE, instrument.over(12, Side.TREBLE));
        Sides<Double> crowns = instrument.crowns();
        if (archtop) {
            job = put(job, Reading.BRIDGE_HEIGHT, Sides.mean(crowns)).with(Lines.BRIDGE, ArchtopBridge.SOLID);
            job = put(job, Aim.BRIDGE_HEIGHT, Sides.mean(crowns) + between(-1, 2));
        } else {
            job = put(job, Reading.BRIDGE_THICKNESS, thickness);
            job = put(job, Reading.SADDLE_BASS, crowns.bass() - thickness);
            job = put(job, Reading.SADDLE_TREBLE, crowns.treble() - thickness);
            job = put(job, Aim.SADDLE, between(2.5, 4));
        }
        job = put(job, Reading.PROJECTION_STRUNG, instrument.projection(0));
        job = put(job, Reading.PROJECTION_SLACK, instrument.projection(sink));
        job = put(job, Reading.BRIDGE_FRONT, build.bridgeFront());
        job = put(job, Reading.JOINT_TO_SADDLE, build.jointToSaddle());
        job = put(job, Reading.FRETS_OVER_TOP, instrument.fretsOverTop());
        job = put(job, Reading.HEEL_HEIGHT, build.heel());
        job = put(job, Reading.HEEL_WIDTH_TOP, build.widthTop());
        job = put(job, Reading.HEEL_WIDTH_CAP, build.widthCap());
        job = put(job, Reading.EXTENSION_LENGTH, extension);
        job = put(job, Reading.SPACING_NUT, build.spacingNut());
        job = put(job, Reading.SPACING_BRIDGE, build.spacingBridge());
        job = put(job, Reading.RADIUS_NUT, build.radiusNut());
        job = put(job, Reading.RADIUS_BODY, build.radiusBody());
        double drift = instrument.drift();
        job = put(job, Reading.SIDE_DRIFT, Math.abs(drift))
                .with(Lines.DRIFT_TOWARD, drift < 0 ? Side.BASS : Side.TREBLE);
        job = put(job, Aim.ACTION_BASS, 2.1);
        return put(job, Aim.ACTION_TREBLE, 1.7);
    }
}
