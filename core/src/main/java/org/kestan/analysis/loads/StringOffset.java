package org.kestan.analysis.loads;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Row;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/**
 * How far an inner string is, as read, above the line between the outer two: over fret 1 and where the action is read,
 * mm; negative if it is lower.
 *
 * @param first over fret 1
 * @param action over the fret of the action
 */
public record StringOffset(double first, double action) {

    /** On the line between the outer two. */
    public static final StringOffset NONE = new StringOffset(0, 0);

    /** The readings of a job's inner strings, by their numbers counted from the treble; empty if there are none. */
    public static Map<Integer, StringOffset> of(Job job, ShopStandards shop) {
        Map<Integer, Double> first = offsets(job, shop, Lines.NUT_EACH, Reading.NUT_BASS, Reading.NUT_TREBLE);
        Map<Integer, Double> action = offsets(job, shop, Lines.ACTION_EACH, Reading.ACTION_BASS, Reading.ACTION_TREBLE);
        Map<Integer, StringOffset> all = new HashMap<>();
        first.forEach((string, off) -> all.put(string, new StringOffset(off, action.getOrDefault(string, 0.0))));
        action.forEach((string, off) -> all.putIfAbsent(string, new StringOffset(0, off)));
        return all;
    }

    private static Map<Integer, Double> offsets(
            Job job, ShopStandards shop, Detail<List<Row>> line, Reading bass, Reading treble) {
        Map<Integer, Double> off = new HashMap<>();
        OptionalDouble low = job.millimeters(bass);
        OptionalDouble high = job.millimeters(treble);
        if (low.isEmpty() || high.isEmpty()) {
            return off;
        }
        StringPlaces places = StringPlaces.of(
                job,
                job.millimeters(Reading.SPACING_BRIDGE).orElse(shop.get(Standard.SPACING_BRIDGE)),
                shop.get(Standard.COURSE_SPACING));
        int strings = places.across().size();
        for (Row row : job.get(line).orElse(List.of())) {
            int string = row.whole("string");
            if (string > 1 && string < strings) {
                double share = places.share(strings - string);
                double between = low.getAsDouble() + (high.getAsDouble() - low.getAsDouble()) * share;
                off.put(string, row.millimeters("height") - between);
            }
        }
        return off;
    }

    /**
     * Applies it to a string's line.
     *
     * @param between the line between the outer two
     * @param firstFret position of fret 1, mm
     * @param actionFret position of the fret of the action, mm
     */
    public StringLine on(StringLine between, double firstFret, double actionFret) {
        return equals(NONE)
                ? between
                : StringLine.through(
                        firstFret,
                        between.heightAt(firstFret) + first,
                        actionFret,
                        between.heightAt(actionFret) + action);
    }
}
