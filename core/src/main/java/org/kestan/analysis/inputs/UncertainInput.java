package org.kestan.analysis.inputs;

import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/**
 * An input that is not known exactly: a reading, a default used for one, the shape of the neck.
 *
 * @param reading which reading it is, or what would have to be read to know it
 * @param line the line of the sheet it stands on
 * @param assumed whether a default is used for it
 * @param rectangular the share of its variance that is spread evenly between two bounds: a tool's step, a default's half-width
 * @param byOne the sheet with it shifted by so many standard uncertainties
 */
public record UncertainInput(Reading reading, Measurable line, boolean assumed, double rectangular, Shift byOne) {

    /** A sheet with an input shifted. */
    @FunctionalInterface
    public interface Shift {
        SheetInputs apply(SheetInputs from, double standards);
    }

    /** The sheet with this input shifted by a number of its standard uncertainties. */
    public SheetInputs shifted(SheetInputs from, double standards) {
        return byOne.apply(from, standards);
    }

    /**
     * All inputs of a sheet that are not known exactly.
     *
     * @param known what follows from it
     */
    public static List<UncertainInput> of(SheetInputs sheet, Trajectory known) {
        List<UncertainInput> inputs = new ArrayList<>();
        for (Measurable line : sheet.job().visit().taken()) {
            double value = sheet.job().millimeters(line).orElseThrow(Expect.present("reading"));
            double standard = Repeatability.standard(sheet.job().visit(), line, sheet.standards());
            if (Double.isFinite(value)) {
                double tool = Math.min(standard, sheet.job().visit().tool(line).resolution() / Math.sqrt(3));
                inputs.add(new UncertainInput(
                        line.reading(),
                        line,
                        false,
                        tool * tool / (standard * standard),
                        (from, by) -> from.with(line, value + by * standard)));
            }
        }
        defaults(sheet, known, inputs);
        return inputs;
    }

    /** Defaults in use, each with the half-width beside it in the shop standards, rectangular (4.3.7). */
    private static void defaults(SheetInputs sheet, Trajectory known, List<UncertainInput> inputs) {
        Basis basis = known.basis();
        ShopStandards shop = sheet.standards();
        standIn(sheet, basis, Reading.NUT_BASS, basis.nut().bass(), Standard.NUT_HEIGHT_SPREAD, inputs);
        standIn(sheet, basis, Reading.NUT_TREBLE, basis.nut().treble(), Standard.NUT_HEIGHT_SPREAD, inputs);
        standIn(sheet, basis, Reading.RELIEF, basis.reliefGap(), Standard.RELIEF_SPREAD, inputs);
        standIn(sheet, basis, Reading.JOINT_TO_SADDLE, basis.jointToSaddle(), Standard.COMPENSATION_SPREAD, inputs);
        standIn(sheet, basis, Reading.FRETS_OVER_TOP, basis.fretsOverTop(), Standard.FRETS_OVER_TOP_SPREAD, inputs);
        standIn(
                sheet,
                basis,
                Reading.BRIDGE_FRONT,
                basis.straightedge().bridgeFront(),
                Standard.BRIDGE_FRONT_SPREAD,
                inputs);
        if (!basis.board().isFlat() && basis.straightedge().middleOverEdge() != 0) {
            standIn(sheet, basis, Reading.RADIUS_NUT, basis.board().radiusNut(), Standard.RADIUS_SPREAD, inputs);
            standIn(sheet, basis, Reading.SPACING_NUT, basis.board().spacingNut(), Standard.SPACING_SPREAD, inputs);
            standIn(
                    sheet,
                    basis,
                    Reading.SPACING_BRIDGE,
                    basis.board().spacingBridge(),
                    Standard.SPACING_SPREAD,
                    inputs);
        }
        if (known.sink().isEmpty() && !shop.holds(School.IGNORE_SINK)) {
            double standard = rectangular(shop.get(Standard.SINK_SPREAD));
            inputs.add(new UncertainInput(
                    Reading.PROJECTION_SLACK,
                    Reading.PROJECTION_SLACK,
                    true,
                    1,
                    (from, by) -> from.withStandards(sunk(from.standards(), by * standard))));
        }
        shape(basis, shop, inputs);
        // However many gaps were read: they show the neck as it is, not how the rod will bend it (§3.2).
        RodEffect rod = RodEffect.of(sheet.job(), shop);
        if (!basis.reliefStays() && sheet.job().visit().knowsRelief()) {
            inputs.add(new UncertainInput(
                    Reading.RELIEF,
                    Reading.RELIEF,
                    false,
                    rod.seen().isPresent() ? 0 : 1,
                    (from, by) -> from.withReliefEffect(1 + by * rod.standard())));
        }
    }

    /** What the gaps leave open about the neck's shape, as a shape that changes nothing that was read. */
    private static void shape(Basis basis, ShopStandards shop, List<UncertainInput> inputs) {
        int terms = basis.profile().terms();
        double lean = shop.get(Standard.SHAPE_LEAN);
        double waist = shop.get(Standard.SHAPE_WAIST);
        if (terms == 1) {
            inputs.add(new UncertainInput(
                    Reading.PROFILE_GAP, Reading.PROFILE_GAP, false, 0, (from, by) -> from.withLean(by * lean)));
        }
        if (terms == 1 || terms == 2) {
            inputs.add(new UncertainInput(
                    Reading.PROFILE_GAP, Reading.PROFILE_GAP, false, 0, (from, by) -> from.withWaist(by * waist)));
        }
    }

    private static void standIn(
            SheetInputs sheet,
            Basis basis,
            Reading reading,
            double value,
            Standard spread,
            List<UncertainInput> inputs) {
        double standard = rectangular(sheet.standards().get(spread));
        if (sheet.job().get(reading).isEmpty() && basis.assumes(reading.path())) {
            inputs.add(new UncertainInput(
                    reading, reading, true, 1, (from, by) -> from.with(reading, value + by * standard)));
        }
    }

    private static double rectangular(double halfWidth) {
        return halfWidth / Math.sqrt(3);
    }

    private static ShopStandards sunk(ShopStandards shop, double by) {
        double sink = shop.get(Standard.SINK) + by;
        return shop.with(Standard.SINK, Length.exact(sink).text()).optional().orElse(shop);
    }
}
