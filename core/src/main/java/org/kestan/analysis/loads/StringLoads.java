package org.kestan.analysis.loads;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.base.strings.LoadedString;
import org.kestan.base.strings.Material;
import org.kestan.base.strings.Note;
import org.kestan.base.strings.StringEnds;
import org.kestan.base.strings.Wire;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;

/**
 * The strings of a job at pitch (§3.15).
 *
 * @param strings those whose gauge and note are known, from the bass side
 * @param unknown how many strings of the set lack a gauge or a note
 * @param ends how they stretch past their ends and under the finger
 * @param offsets how much higher inner strings stand than between the outer two, by their numbers
 */
public record StringLoads(
        List<LoadedString> strings, int unknown, StringEnds ends, Map<Integer, StringOffset> offsets) {

    /** Takes an unmodifiable copy. */
    public StringLoads {
        strings = List.copyOf(strings);
        offsets = Map.copyOf(offsets);
    }

    /** The line of a string of a setup: between the outer two, unless it was read individually. */
    public StringLine line(Setup setup, LoadedString string) {
        return offsets.getOrDefault(string.number(), StringOffset.NONE)
                .on(
                        setup.line(string.place()),
                        setup.basis().frets().at(1),
                        setup.basis().actionAt());
    }

    /**
     * Works out the loads of a job's strings at the pitch its survey was taken at; empty without a scale or any known
     * string.
     */
    public static Optional<StringLoads> of(Job job, ShopStandards shop) {
        List<StringSpec> specs = job.strings();
        if (job.get(Dimension.SCALE).isEmpty()) {
            return Optional.empty();
        }
        double scale = job.millimeters(Dimension.SCALE).orElseThrow(Expect.present("scale"));
        int down = job.get(Lines.STEPS_DOWN).orElse(0);
        StringPlaces places = StringPlaces.of(
                job,
                job.millimeters(Reading.SPACING_BRIDGE).orElse(shop.get(Standard.SPACING_BRIDGE)),
                shop.get(Standard.COURSE_SPACING));
        List<LoadedString> known = new ArrayList<>();
        for (int i = 0; i < specs.size(); i++) {
            StringSpec spec = specs.get(i);
            OptionalDouble open = Note.frequency(spec.pitch());
            if (spec.gauge().isEmpty() || open.isEmpty() || spec.gauge().get().millimeters() <= 0) {
                continue;
            }
            Wire wire = Wire.of(spec.gauge().get().millimeters(), spec.wound(), material(job, spec), shop);
            double frequency = open.getAsDouble() * Math.pow(2, -down / 12.0);
            known.add(new LoadedString(
                    specs.size() - i, spec.pitch(), wire, frequency, wire.tension(scale, frequency), places.share(i)));
        }
        return known.isEmpty()
                ? Optional.empty()
                : Optional.of(new StringLoads(
                        known, specs.size() - known.size(), ends(job, shop), StringOffset.of(job, shop)));
    }

    private static StringEnds ends(Job job, ShopStandards shop) {
        double behind = job.floating()
                ? job.millimeters(Reading.TAILPIECE_DISTANCE).orElse(shop.get(Standard.BEYOND_FLOATING))
                : job.millimeters(Reading.PIN_DISTANCE).orElse(shop.get(Standard.PIN_DISTANCE))
                        + shop.get(Standard.BEYOND_PIN);
        return new StringEnds(shop.get(Standard.FINGER), shop.get(Standard.BEYOND_NUT) + behind);
    }

    /** As entered, or else the family's usual strings. */
    private static Material material(Job job, StringSpec spec) {
        return spec.material().orElse(job.family() == Family.CLASSICAL ? Material.NYLON : Material.STEEL);
    }

    /** Sum of the tensions, N. */
    public double total() {
        return strings.stream().mapToDouble(LoadedString::tension).sum();
    }

    /** Sum of the tensions, N, with all strings tuned down by half steps. */
    public double totalTunedDown(double halfSteps) {
        return strings.stream().mapToDouble(each -> each.tunedDown(halfSteps)).sum();
    }

    /**
     * Sum of the pressure on the saddle, for a break angle that varies evenly from the bass to the treble side.
     *
     * @param bass break angle there
     * @param treble break angle there
     * @return N
     */
    public double press(Angle bass, Angle treble) {
        return strings.stream()
                .mapToDouble(each -> each.press(
                        Angle.ofRadians(bass.radians() + (treble.radians() - bass.radians()) * each.place())))
                .sum();
    }

    /** Returns whether any of the strings is wound, which makes sums approximate. */
    public boolean isApproximate() {
        return strings.stream().anyMatch(each -> each.wire().wound());
    }
}
