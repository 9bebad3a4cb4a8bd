package org.kestan.judgment.verdict;

import java.util.Optional;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Instruments;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;

/** Instruments for the gate tests that are right at every gate except for one reading. */
final class GateInstruments {

    static final ShopStandards SHOP = ShopStandards.DEFAULT;

    /** How far an instrument lies on either side of a threshold, in the unit of its reading. */
    static final double STEP = 0.01;

    private GateInstruments() {}

    static double shop(Standard standard) {
        return SHOP.get(standard, Family.STEEL);
    }

    /** Right at every gate: the tests move one reading of it across a threshold. */
    static Job right() {
        Job job = Jobs.sound(Jobs.flatTop()).withStrings(Instruments.ON).with(Lines.VALUE, 5000.0);
        job = action(job, 2.0, 1.6);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 2.0), Aim.ACTION_TREBLE, 1.6);
        return Jobs.put(job, Reading.PIN_DISTANCE, 6);
    }

    static Job action(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Reading.ACTION_BASS, bass), Reading.ACTION_TREBLE, treble);
    }

    static Job saddle(Job job, double both) {
        return Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, both), Reading.SADDLE_TREBLE, both);
    }

    static Job wanting(Job job, double bass, double treble) {
        return Jobs.put(Jobs.put(job, Aim.ACTION_BASS, bass), Aim.ACTION_TREBLE, treble);
    }

    static Job humidity(double percent) {
        return right().withVisit(right().visit().with(Lines.HUMIDITY, percent));
    }

    static Job archtop(double height) {
        Job job = Jobs.put(Jobs.put(Jobs.archtop(), Reading.BRIDGE_LOWEST, 22), Reading.BRIDGE_HIGHEST, 30);
        return Jobs.put(job, Reading.BRIDGE_HEIGHT, height);
    }

    /**
     * A pin bridge whose break angle is this many degrees more than the string's slope in front of the saddle gives.
     */
    static Job bending(double degrees) {
        Job job = right();
        for (double pins = 5; pins < 40; pins += 0.002) {
            Job tried = Jobs.put(job, Reading.PIN_DISTANCE, pins);
            double bend = SheetAnalysis.of(tried, SHOP)
                    .measured()
                    .orElseThrow()
                    .leastBreakAngle()
                    .orElseThrow()
                    .degrees();
            if (bend <= degrees) {
                return tried;
            }
        }
        throw new AssertionError("no pin distance bends by " + degrees);
    }

    /** The height of the frets over the top that gives the neck this pitch, in degrees. */
    static Job pitched(double degrees) {
        Job job = right();
        double crown = SheetAnalysis.of(job, SHOP).measured().orElseThrow().projection();
        double over = crown - 283 * Math.tan(Math.toRadians(degrees));
        return Jobs.put(Jobs.put(job, Reading.FRETS_OVER_TOP, over), Reading.PROJECTION_STRUNG, crown);
    }

    /** As if a reset were what would be done. */
    static Optional<RepairPrice> reset() {
        return Optional.of(new RepairPrice(SHOP.hours(ShopStandards.RESET), SHOP.cost(ShopStandards.RESET)));
    }

    static Gate gate(Job job, GateId id) {
        return Verdict.of(SheetAnalysis.of(job, SHOP), reset()).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    static Gate neck(Job job) {
        return Verdict.of(SheetAnalysis.of(job, SHOP)).stream()
                .filter(each -> each.id() == GateId.NECK_PITCH)
                .findFirst()
                .orElseThrow();
    }
}
