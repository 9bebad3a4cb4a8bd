package org.kestan.job.takes;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.visits.Visit;

/** What taking a reading changes in a job. */
public final class ReadingTakes {

    private ReadingTakes() {}

    /**
     * Takes a reading, replacing the previous one.
     *
     * <p>An action taken while the relief is not in the shop's window is about the wrong neck: it is taken all the same and
     * marked provisional, until it is taken again with the relief right.
     */
    public static Job take(Job job, Measurable reading, Length length, ShopStandards standards) {
        return job.withVisit(mark(job.visit().with(reading, length), reading, standards));
    }

    /** Takes a reading once more: all takes are kept, their median counts. */
    public static Job takeAgain(Job job, Measurable reading, Length length, ShopStandards standards) {
        List<Length> all = new ArrayList<>(job.visit().takesOf(reading));
        all.add(length);
        return job.withVisit(mark(job.visit().withTakes(reading, all, median(all)), reading, standards));
    }

    /**
     * Removes one take of a reading; the median of the others counts. Removing the last one clears the reading.
     *
     * @param which the take, from 0
     */
    public static Job removeTake(Job job, Measurable reading, int which, ShopStandards standards) {
        List<Length> all = new ArrayList<>(job.visit().takesOf(reading));
        if (which < 0 || which >= all.size()) {
            return job;
        }
        all.remove(which);
        if (all.isEmpty()) {
            return job.withVisit(job.visit().without(reading));
        }
        return all.size() == 1
                ? take(job, reading, all.get(0), standards)
                : job.withVisit(mark(job.visit().withTakes(reading, all, median(all)), reading, standards));
    }

    /** The spread of the takes of a reading, largest minus smallest, in mm; empty with fewer than two. */
    public static OptionalDouble spread(Visit visit, Measurable reading) {
        List<Length> all = visit.takesOf(reading);
        if (all.size() < 2) {
            return OptionalDouble.empty();
        }
        double least = all.stream().mapToDouble(Length::millimeters).min().orElseThrow(Expect.present("at least one"));
        double greatest =
                all.stream().mapToDouble(Length::millimeters).max().orElseThrow(Expect.present("at least one"));
        return OptionalDouble.of(greatest - least);
    }

    /**
     * The median of lengths: the middle one as it was typed, or for an even count the mean of the middle two in
     * millimeters.
     *
     * @throws IllegalArgumentException if there are none
     */
    public static Length median(List<Length> lengths) {
        if (lengths.isEmpty()) {
            throw new IllegalArgumentException("no lengths");
        }
        List<Length> sorted = lengths.stream()
                .sorted(Comparator.comparingDouble(Length::millimeters))
                .toList();
        Length upper = sorted.get(sorted.size() / 2);
        Length lower = sorted.get((sorted.size() - 1) / 2);
        if (lower.millimeters() == upper.millimeters()) {
            return lower;
        }
        return Length.ofText(BigDecimal.valueOf((lower.millimeters() + upper.millimeters()) / 2)
                        .setScale(4, RoundingMode.HALF_EVEN)
                        .stripTrailingZeros()
                        .toPlainString()
                + " mm");
    }

    /** Returns whether the relief of a visit is within the shop's window. */
    public static boolean reliefInWindow(Visit visit, ShopStandards standards) {
        OptionalDouble relief = relief(visit);
        return relief.isPresent() && reliefInWindow(relief.getAsDouble(), standards);
    }

    /** Returns whether a relief, mm, is within the shop's window. */
    public static boolean reliefInWindow(double relief, ShopStandards standards) {
        return relief >= standards.get(Standard.RELIEF_LEAST) - Tolerances.ARITHMETIC
                && relief <= standards.get(Standard.RELIEF_MOST) + Tolerances.ARITHMETIC;
    }

    /** The relief as read, or else the largest gap of the profile. */
    private static OptionalDouble relief(Visit visit) {
        OptionalDouble read = visit.millimeters(Reading.RELIEF);
        return read.isPresent()
                ? read
                : visit.fretByFret(Reading.PROFILE_GAP).values().stream()
                        .mapToDouble(Double::doubleValue)
                        .max();
    }

    private static Visit mark(Visit visit, Measurable reading, ShopStandards standards) {
        boolean action = reading == Reading.ACTION_BASS || reading == Reading.ACTION_TREBLE;
        return visit.marked(reading, action && !reliefInWindow(visit, standards));
    }
}
