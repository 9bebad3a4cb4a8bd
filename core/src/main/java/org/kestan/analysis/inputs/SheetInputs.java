package org.kestan.analysis.inputs;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;

/**
 * The inputs for working out a sheet. The last three have the values below unless the uncertainty of the neck's shape
 * is being worked out.
 *
 * @param job the job
 * @param standards the shop's defaults and thresholds
 * @param reliefEffect share of what constant curvature says that a changed relief moves the saddle's crown by, beside what is
 *     known of this neck's rod (§3.2): 1
 * @param lean how much more the neck leans than was read, mm: 0
 * @param waist how much more waist the neck has than was read, mm: 0
 */
@RecordBuilder
public record SheetInputs(Job job, ShopStandards standards, double reliefEffect, double lean, double waist)
        implements SheetInputsBuilder.With {

    /** A job and the shop's standards as they are. */
    public static SheetInputs of(Job job, ShopStandards standards) {
        return new SheetInputs(job, standards, 1, 0, 0);
    }

    /** The same with another value for a reading, mm. */
    public SheetInputs with(Measurable reading, double millimeters) {
        return withJob(job.with(reading, Length.exact(millimeters)));
    }

    /** Works out the trajectory, or what prevents it. */
    public Trajectory.Read trajectory() {
        Trajectory.Read read = Trajectory.of(job, standards);
        double effect = RodEffect.of(job, standards).share() + reliefEffect - 1;
        boolean asRead = effect == 1 && lean == 0 && waist == 0;
        return asRead
                ? read
                : new Trajectory.Read(
                        read.trajectory()
                                .map(known -> Trajectory.on(
                                        known.basis().withReliefEffect(effect).shaped(lean, waist))),
                        read.faults());
    }
}
