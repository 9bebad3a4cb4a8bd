package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.inputs.SheetInputs;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.analysis.uncertainty.DerivedFigure;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.geometry.Straightedge;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Propagation of distributions (JCGM 101:2008): instruments whose true numbers are known are read with the tools' steps and an
 * unsteady hand, once or several times, some lines not at all; the stated ± has to cover the truth in 93 to 97 of a
 * hundred.
 */
public class CoverageTest {

    private static final int INSTRUMENTS = Integer.getInteger("kestan.instruments", 450);
    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final List<Way> RESET = List.of(WayCatalog.NECK_RESET);

    private final Random random = new Random(20261125);

    private enum Told {
        HEEL_CUT(DerivedFigure.HEEL_CUT),
        PROJECTION_AS_READ(DerivedFigure.SLACK_AS_READ),
        PROJECTION_STRUNG_AS_READ(DerivedFigure.STRUNG_AS_READ),
        IMPLIED(DerivedFigure.IMPLIED_STRUNG),
        DRIFT_SIDE(DerivedFigure.CAP_DRIFT_SIDE),
        OTHER_SIDE(DerivedFigure.CAP_OTHER_SIDE),
        WEDGE(DerivedFigure.WEDGE),
        SADDLE(DerivedFigure.SADDLE_BASS),
        /** The result of following the plan to the letter. */
        ACTION(null);

        private final DerivedFigure figure;

        Told(DerivedFigure figure) {
            this.figure = figure;
        }
    }

    private double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    @DataProvider
    public Object[][] forms() {
        return new Object[][] {{Form.FLAT_TOP}, {Form.ARCHTOP}};
    }

    @Test(groups = "slow", dataProvider = "forms")
    public void theStatedSpreadCoversTheTruth(Form form) {
        Map<Told, Integer> covered = new EnumMap<>(Told.class);
        Map<Told, Integer> told = new EnumMap<>(Told.class);
        for (int i = 0; i < INSTRUMENTS; i++) {
            one(form, i, covered, told);
        }
        for (Told figure : told.keySet()) {
            double share = (double) covered.getOrDefault(figure, 0) / told.get(figure);
            System.out.printf("coverage of %s, %s: %.3f of %d%n", figure, form, share, told.get(figure));
            // The share of 0.95 that chance undercuts only seven times in a thousand at this count.
            double chance = 2.7 * Math.sqrt(0.95 * 0.05 / told.get(figure));
            assertThat(share).as(form + " " + figure.name()).isBetween(0.95 - chance, 0.95 + chance);
        }
        assertThat(told.keySet())
                .containsAll(
                        form == Form.FLAT_TOP
                                ? EnumSet.allOf(Told.class)
                                : EnumSet.complementOf(EnumSet.of(Told.SADDLE)));
    }

    private void one(Form form, int number, Map<Told, Integer> covered, Map<Told, Integer> counted) {
        Job truth = truth(form);
        if (random.nextInt(3) == 0) {
            truth = truth.withVisit(
                    truth.visit().withTool(Reading.ACTION_BASS, Tool.DIAL).withTool(Reading.ACTION_TREBLE, Tool.DIAL));
        }
        ShopStandards asItIs = SHOP;
        List<Reading> unread = new ArrayList<>();
        if (random.nextInt(3) == 0) {
            // Not read: the default is as uncertain as the shop says. Without a slack reading there is no strung one.
            double sink = SHOP.get(Standard.SINK) + between(-1, 1) * SHOP.get(Standard.SINK_SPREAD);
            asItIs = SHOP.with(Standard.SINK, Length.exact(sink).text())
                    .optional()
                    .orElseThrow();
            unread.addAll(List.of(Reading.PROJECTION_STRUNG, Reading.PROJECTION_SLACK));
        }
        if (number % 4 < 2) {
            for (Reading reading : List.of(Reading.NUT_BASS, Reading.NUT_TREBLE)) {
                double off = between(-1, 1) * SHOP.get(Standard.NUT_HEIGHT_SPREAD);
                truth = truth.with(reading, Length.exact(SHOP.get(Standard.NUT_HEIGHT) + off));
                unread.add(reading);
            }
        }
        if (number % 5 == 0) {
            double top = SHOP.get(SHOP.fretsOverTop(truth.floating()))
                    + between(-1, 1) * SHOP.get(Standard.FRETS_OVER_TOP_SPREAD);
            truth = truth.with(Reading.FRETS_OVER_TOP, Length.exact(top));
            unread.add(Reading.FRETS_OVER_TOP);
        }
        SheetInputs inputs = SheetInputs.of(truth, asItIs)
                .withReliefEffect(1 + between(-1, 1) * SHOP.get(Standard.ROD_SHAPE))
                .withLean(random.nextGaussian() * SHOP.get(Standard.SHAPE_LEAN))
                .withWaist(random.nextGaussian() * SHOP.get(Standard.SHAPE_WAIST));
        // The straightedge shows the fret line where the strings put it: one instrument, read in two ways.
        Trajectory strings = inputs.trajectory().trajectory().orElseThrow();
        Straightedge straightedge = strings.basis().straightedge();
        double slack = strings.impliedStrung()
                + (unread.contains(Reading.PROJECTION_SLACK) ? asItIs.get(Standard.SINK) : between(0.4, 1.2));
        truth = truth.with(Reading.PROJECTION_STRUNG, Length.exact(straightedge.asRead(strings.impliedStrung())))
                .with(Reading.PROJECTION_SLACK, Length.exact(straightedge.asRead(slack)));
        Job read = truth;
        for (Reading reading : truth.visit().readings()) {
            if (reading != Reading.SPACING_NUT && reading != Reading.SPACING_BRIDGE && reading != Reading.RADIUS_NUT) {
                read = taken(read, reading, number % 3 == 0 ? 3 : 1);
            }
        }
        for (Reading reading : unread) {
            read = read.without(reading);
        }
        SheetAnalysis right = SheetAnalysis.of(inputs.withJob(truth), OptionalDouble.of(1));
        SheetAnalysis seen = SheetAnalysis.of(read, SHOP);
        WorkPlan told = WorkPlan.of(Ways.of(seen), RESET);
        WorkPlan wanted = WorkPlan.of(Ways.of(right), RESET);
        Uncertainty spread = Uncertainty.of(
                SheetAnalysis.of(read, SHOP),
                as -> WorkPlan.of(Ways.of(as), RESET).correction());
        Correction was = told.correction().orElseThrow();
        Correction is = wanted.correction().orElseThrow();
        for (Told figure : Told.values()) {
            if (figure.figure != null && figure.figure.of(was).isPresent()) {
                counted.merge(figure, 1, Integer::sum);
                double off = figure.figure.of(was).orElseThrow()
                        - figure.figure.of(is).orElseThrow();
                double within = spread.of(figure.figure).orElseThrow().expanded();
                covered.merge(figure, Math.abs(off) <= within ? 1 : 0, Integer::sum);
            }
        }
        counted.merge(Told.ACTION, 1, Integer::sum);
        double action = ExecutedPlan.on(told, right).action().get(Side.BASS);
        double off = Math.abs(action - was.plannedAction(Side.BASS));
        if (off <= PlanFigure.of(told).get(PlanFigure.ACTION_BASS).expanded()) {
            covered.merge(Told.ACTION, 1, Integer::sum);
        }
    }

    /** Read this often by this hand with the usual tool: the median counts, and all takes are kept. */
    private Job taken(Job job, Reading reading, int times) {
        double step = 2 * job.visit().tool(reading).resolution();
        // A hand may be steadier or less steady than the shop's usual one.
        double hand = hand(job, reading) * between(0.9, 1.25);
        double[] values = new double[times];
        for (int i = 0; i < times; i++) {
            double value = job.millimeters(reading).orElseThrow() + hand * random.nextGaussian();
            values[i] = Math.rint(value / step) * step;
        }
        Arrays.sort(values);
        List<Length> takes = new ArrayList<>();
        for (double value : values) {
            takes.add(Length.exact(value));
        }
        return job.withVisit(job.visit().withTakes(reading, takes, Length.exact(values[times / 2])));
    }

    /** How far a reading scatters by hand and eye. */
    private static double hand(Job job, Reading reading) {
        return switch (reading) {
            case PROJECTION_STRUNG, PROJECTION_SLACK -> 0.15;
            case SADDLE_BASS, SADDLE_TREBLE, BRIDGE_THICKNESS, BRIDGE_HEIGHT, FRETS_OVER_TOP -> 0.1;
            case ACTION_BASS, ACTION_TREBLE ->
                job.visit().tool(reading) == Tool.DIAL
                        ? 0.08 * Tool.DIAL.resolution() / Tool.RULE_64.resolution()
                        : 0.08;
            case RELIEF -> 0.01;
            case SIDE_DRIFT -> 0.2;
            default -> 0;
        };
    }

    /** A floating bridge carries the strings of the same neck; its board stands higher over the top. */
    private Job truth(Form form) {
        Job job = flatTop();
        if (form == Form.FLAT_TOP) {
            return job;
        }
        for (LengthLine line :
                List.of(Reading.SADDLE_BASS, Reading.SADDLE_TREBLE, Reading.BRIDGE_THICKNESS, Aim.SADDLE)) {
            job = job.without(line);
        }
        job = Jobs.put(job.with(Lines.FORM, Form.ARCHTOP), Reading.BRIDGE_HEIGHT, between(20, 28));
        job = Jobs.put(job, Reading.EXTENSION_LENGTH, between(80, 110));
        return Jobs.put(job, Reading.FRETS_OVER_TOP, between(11, 17));
    }

    private Job flatTop() {
        Job job = Jobs.flatTop()
                .with(Lines.JOINT, Joint.DOVETAIL)
                .with(Lines.TRUSS_ROD, TrussRod.WORKS)
                .with(Lines.PROJECTION_ACROSS, StraightedgePosition.MIDDLE);
        job = Jobs.put(job, Reading.RELIEF, between(0.15, 0.4));
        job = Jobs.put(job, Aim.RELIEF, 0.15);
        job = Jobs.put(job, Reading.NUT_BASS, between(0.4, 0.7));
        job = Jobs.put(job, Reading.NUT_TREBLE, between(0.35, 0.6));
        job = Jobs.put(job, Reading.ACTION_BASS, between(3.2, 4.4));
        job = Jobs.put(job, Reading.ACTION_TREBLE, between(2.7, 3.6));
        job = Jobs.put(job, Reading.SADDLE_BASS, between(1.5, 3.5));
        job = Jobs.put(job, Reading.SADDLE_TREBLE, between(1.3, 3));
        job = Jobs.put(job, Reading.BRIDGE_THICKNESS, between(7.5, 10));
        double strung = between(3, 6);
        job = Jobs.put(job, Reading.PROJECTION_STRUNG, strung);
        job = Jobs.put(job, Reading.PROJECTION_SLACK, strung + between(0.4, 1.2));
        job = Jobs.put(job, Reading.FRETS_OVER_TOP, between(6, 8));
        job = Jobs.put(job, Reading.JOINT_TO_SADDLE, between(275, 300));
        job = Jobs.put(job, Reading.BRIDGE_FRONT, between(6, 10));
        job = Jobs.put(job, Reading.SPACING_NUT, between(36, 38));
        job = Jobs.put(job, Reading.SPACING_BRIDGE, between(52, 56));
        job = Jobs.put(job, Reading.RADIUS_NUT, between(300, 500));
        return Jobs.put(job, Aim.SADDLE, between(2.8, 3.6));
    }
}
