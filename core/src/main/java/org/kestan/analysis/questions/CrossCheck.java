package org.kestan.analysis.questions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/**
 * The body cross-check (§3.4): whether the strings, the bridge and the straightedge agree, and if not, which single
 * reading, if it were wrong, would explain it.
 *
 * @param disagreement measured minus implied strung projection, mm
 * @param suspects readings that could explain it alone, the least change first
 */
public record CrossCheck(double disagreement, List<Suspect> suspects) {

    /** Every reading that could explain a contradiction by itself. */
    public static final List<Reading> CANDIDATES = List.of(
            Reading.PROJECTION_STRUNG,
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.SADDLE_BASS,
            Reading.SADDLE_TREBLE,
            Reading.BRIDGE_THICKNESS,
            Reading.BRIDGE_HEIGHT,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.RELIEF);

    private static final double STEP = 1e-3;

    /**
     * A reading that could explain the disagreement by itself.
     *
     * @param reading which
     * @param wouldHaveToBe what it would have to read, mm
     */
    public record Suspect(Reading reading, double wouldHaveToBe) {}

    /** Checks a job; empty if the projection was not read strung or the trajectory can't be worked out. */
    public static Optional<CrossCheck> of(Job job, ShopStandards standards) {
        OptionalDouble off = disagreement(job, standards);
        if (off.isEmpty()) {
            return Optional.empty();
        }
        double disagreement = off.getAsDouble();
        List<Suspect> suspects = new ArrayList<>();
        if (Math.abs(disagreement) > standards.get(Standard.DISAGREEMENT)) {
            for (Reading reading : CANDIDATES) {
                suspect(job, standards, reading, disagreement).ifPresent(suspects::add);
            }
            suspects.sort(Comparator.comparingDouble(suspect -> Math.abs(
                    suspect.wouldHaveToBe() - job.millimeters(suspect.reading()).orElse(0))));
        }
        return Optional.of(new CrossCheck(disagreement, List.copyOf(suspects)));
    }

    /** The value that would remove the disagreement, if it is plausible: the model is very nearly linear. */
    private static Optional<Suspect> suspect(Job job, ShopStandards standards, Reading reading, double disagreement) {
        OptionalDouble read = job.millimeters(reading);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        Job nudged = job.with(reading, Length.exact(read.getAsDouble() + STEP));
        double slope = (disagreement(nudged, standards).orElse(disagreement) - disagreement) / STEP;
        if (Math.abs(slope) < 1e-6) {
            return Optional.empty();
        }
        double needed = read.getAsDouble() - disagreement / slope;
        return reading.plausible(needed) ? Optional.of(new Suspect(reading, needed)) : Optional.empty();
    }

    private static OptionalDouble disagreement(Job job, ShopStandards standards) {
        return Trajectory.of(job, standards)
                .trajectory()
                .map(Trajectory::disagreement)
                .orElse(OptionalDouble.empty());
    }
}
