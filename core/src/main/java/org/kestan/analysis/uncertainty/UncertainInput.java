package org.kestan.analysis.uncertainty;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/**
 * Something the figures rest on that is not known exactly: a reading, a default used for one, the shape of the
 * neck.
 *
 * @param reading which reading it is, or what would have to be read to know it
 * @param assumed whether a default is used for it
 * @param rectangular the share of its variance that is spread evenly between two bounds: a tool's step, a default's half-width
 * @param byOne what follows from the job with it shifted by so many standard uncertainties
 */
record UncertainInput(Reading reading, boolean assumed, double rectangular, Shift byOne) {

    /** What follows from a job with an input shifted. */
    @FunctionalInterface
    interface Shift {
        SheetAnalysis apply(SheetAnalysis as, double standards);
    }

    SheetAnalysis shifted(SheetAnalysis as, double standards) {
        return byOne.apply(as, standards);
    }

    /** All inputs of a job that are not known exactly. */
    static List<UncertainInput> of(SheetAnalysis as) {
        List<UncertainInput> inputs = new ArrayList<>();
        Job job = as.job();
        for (Measurable reading : job.visit().taken()) {
            double value = job.millimeters(reading).orElseThrow(Expect.present("reading"));
            double standard = Repeatability.standard(job.visit(), reading, as.standards());
            if (Double.isFinite(value)) {
                double tool = job.visit().tool(reading).resolution() / Math.sqrt(3);
                inputs.add(new UncertainInput(
                        reading.reading(),
                        false,
                        tool * tool / (standard * standard),
                        (from, by) -> put(from, reading, value + by * standard)));
            }
        }
        as.trajectory().ifPresent(known -> defaults(as, known.basis(), inputs));
        return inputs;
    }

    /** Defaults that stood in, each with the half-width beside it in the shop standards, rectangular (4.3.7). */
    private static void defaults(SheetAnalysis as, Basis basis, List<UncertainInput> inputs) {
        standIn(as, basis, Reading.NUT_BASS, basis.nut().bass(), Standard.NUT_HEIGHT_SPREAD, inputs);
        standIn(as, basis, Reading.NUT_TREBLE, basis.nut().treble(), Standard.NUT_HEIGHT_SPREAD, inputs);
        standIn(as, basis, Reading.JOINT_TO_SADDLE, basis.jointToSaddle(), Standard.COMPENSATION_SPREAD, inputs);
        standIn(as, basis, Reading.FRETS_OVER_TOP, basis.fretsOverTop(), Standard.FRETS_OVER_TOP_SPREAD, inputs);
        standIn(
                as,
                basis,
                Reading.BRIDGE_FRONT,
                basis.straightedge().bridgeFront(),
                Standard.BRIDGE_FRONT_SPREAD,
                inputs);
        if (!basis.board().isFlat() && basis.straightedge().middleOverEdge() != 0) {
            standIn(as, basis, Reading.RADIUS_NUT, basis.board().radiusNut(), Standard.RADIUS_SPREAD, inputs);
            standIn(as, basis, Reading.SPACING_NUT, basis.board().spacingNut(), Standard.SPACING_SPREAD, inputs);
            standIn(as, basis, Reading.SPACING_BRIDGE, basis.board().spacingBridge(), Standard.SPACING_SPREAD, inputs);
        }
        ShopStandards shop = as.standards();
        if (as.trajectory().orElseThrow(Expect.present("complete sheet")).sink().isEmpty()
                && !shop.holds(School.IGNORE_SINK)) {
            double standard = rectangular(shop.get(Standard.SINK_SPREAD));
            inputs.add(new UncertainInput(
                    Reading.PROJECTION_SLACK,
                    true,
                    1,
                    (from, by) -> SheetAnalysis.of(from.job(), sunk(from.standards(), by * standard))));
        }
        double shape = rectangular(shape(basis.profile().terms(), shop));
        if (!basis.reliefStays() && as.job().visit().knowsRelief()) {
            inputs.add(
                    new UncertainInput(Reading.RELIEF, false, 1, (from, by) -> from.withReliefEffect(1 + by * shape)));
        }
    }

    /** The half-width of what a changed relief moves at the saddle, by how many terms of the shape were read (§3.2). */
    private static double shape(int terms, ShopStandards shop) {
        double one = shop.get(Standard.SHAPE_ONE_GAP);
        double three = shop.get(Standard.SHAPE_THREE_GAPS);
        return terms <= 1 ? one : terms == 2 ? (one + three) / 2 : three;
    }

    private static void standIn(
            SheetAnalysis as,
            Basis basis,
            Reading reading,
            double value,
            Standard spread,
            List<UncertainInput> inputs) {
        double standard = rectangular(as.standards().get(spread));
        if (as.job().get(reading).isEmpty() && basis.assumes(reading.path())) {
            inputs.add(new UncertainInput(reading, true, 1, (from, by) -> put(from, reading, value + by * standard)));
        }
    }

    private static double rectangular(double halfWidth) {
        return halfWidth / Math.sqrt(3);
    }

    private static SheetAnalysis put(SheetAnalysis from, Measurable reading, double value) {
        return SheetAnalysis.of(from.job().with(reading, Length.exact(value)), from.standards());
    }

    private static ShopStandards sunk(ShopStandards shop, double by) {
        double sink = shop.get(Standard.SINK) + by;
        return shop.with(Standard.SINK, Length.exact(sink).text()).optional().orElse(shop);
    }
}
