package org.kestan.repair.sideview;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Place;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Ways;
import org.kestan.repair.plan.WorkPlan;

/**
 * A generic instrument, drawn as long as a job is not complete enough to be drawn itself, to show the places to
 * measure. Its proportions are common practice, no source; nothing is worked out from them.
 *
 * @param view how it is drawn
 * @param numbers the numbers of the sheet that are read at each place of such an instrument, ascending
 */
public record PlaceholderInstrument(SideView view, Map<Place, List<Integer>> numbers) {

    /** The highest number that every sheet has; later ones are rarely read. */
    private static final int LAST_USUAL = 15;

    private static final Map<LengthLine, String> COMMON = Map.of(
            Dimension.SCALE, "645 mm",
            Reading.RELIEF, "0.2 mm",
            Reading.NUT_BASS, "0.5 mm",
            Reading.NUT_TREBLE, "0.4 mm",
            Reading.ACTION_BASS, "2.4 mm",
            Reading.ACTION_TREBLE, "2 mm",
            Reading.HEEL_HEIGHT, "92 mm");

    private static final Map<LengthLine, String> PINNED = Map.of(
            Reading.SADDLE_BASS, "3 mm",
            Reading.SADDLE_TREBLE, "3 mm",
            Reading.BRIDGE_THICKNESS, "8.5 mm",
            Reading.FRETS_OVER_TOP, "7 mm");

    private static final Map<LengthLine, String> FLOATING =
            Map.of(Reading.BRIDGE_HEIGHT, "25 mm", Reading.FRETS_OVER_TOP, "14 mm");

    /** Takes an unmodifiable copy. */
    public PlaceholderInstrument {
        numbers = Map.copyOf(numbers);
    }

    /** Returns a plain instrument whose strings are supported like those of the job. */
    public static PlaceholderInstrument like(Job job) {
        boolean floating = job.fitting() == Fitting.FLOATING_BRIDGE;
        Job plain = Job.BLANK
                .with(Lines.FORM, floating ? Form.ARCHTOP : Form.FLAT_TOP)
                .with(Lines.JOINT_FRET, 14);
        plain = filled(filled(plain, COMMON), floating ? FLOATING : PINNED);
        SideView view = SideView.of(WorkPlan.nothing(Ways.of(SheetAnalysis.of(plain, ShopStandards.DEFAULT))))
                .orElseThrow(Expect.present("value"));
        Map<Place, List<Integer>> numbers = new EnumMap<>(Place.class);
        for (Place place : Place.values()) {
            numbers.put(
                    place,
                    Arrays.stream(Reading.values())
                            .filter(reading ->
                                    reading.place().filter(place::equals).isPresent())
                            .filter(reading ->
                                    reading.number() <= LAST_USUAL && !reading.perFret() && job.takes(reading))
                            .map(Reading::number)
                            .distinct()
                            .sorted()
                            .toList());
        }
        return new PlaceholderInstrument(view, numbers);
    }

    private static Job filled(Job job, Map<LengthLine, String> lengths) {
        Job filled = job;
        for (Map.Entry<LengthLine, String> each : lengths.entrySet()) {
            filled = filled.with(each.getKey(), Length.ofText(each.getValue()));
        }
        return filled;
    }
}
