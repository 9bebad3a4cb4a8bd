package org.kestan.judgment.verdict;

import java.util.List;
import java.util.OptionalDouble;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/**
 * The targets for an instrument: those of the job, or else the shop's usual ones. Millimeters.
 *
 * @param action at the fret where it is read, each side
 * @param actionAssumed whether the shop's usual action is assumed on a side
 * @param relief the relief to set: the job's, else the middle of the shop's window
 * @param reliefSaid whether the job states it
 */
public record Targets(Sides<Double> action, boolean actionAssumed, double relief, boolean reliefSaid) {

    private static final Sides<Aim> AIMS = new Sides<>(Aim.ACTION_BASS, Aim.ACTION_TREBLE);

    private static final Sides<Standard> USUAL =
            new Sides<>(Standard.ACTION_WANTED_BASS, Standard.ACTION_WANTED_TREBLE);

    /** The targets for a job's instrument. */
    public static Targets of(Job job, ShopStandards shop) {
        Sides<Double> action =
                Sides.of(side -> job.millimeters(AIMS.get(side)).orElse(shop.get(USUAL.get(side), job.family())));
        boolean assumed = List.of(Side.values()).stream()
                .anyMatch(side -> job.get(AIMS.get(side)).isEmpty());
        OptionalDouble said = job.millimeters(Aim.RELIEF);
        double usual = (shop.get(Standard.RELIEF_LEAST) + shop.get(Standard.RELIEF_MOST)) / 2;
        return new Targets(action, assumed, said.orElse(usual), said.isPresent());
    }

    /** Returns the job with the shop's usual action as its target if it has none. */
    public static Job filled(Job job, ShopStandards shop) {
        Job filled = job;
        for (Side side : Side.values()) {
            if (job.get(AIMS.get(side)).isEmpty()) {
                filled = filled.with(
                        AIMS.get(side), Length.ofText(shop.text(USUAL.get(side).of(job.family()))));
            }
        }
        return filled;
    }
}
