package org.kestan.job.visits;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Tool;
import org.kestan.job.section.Values;
import org.kestan.job.source.Provenance;
import org.kestan.job.source.SourcedReading;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.Stringing;
import org.kestan.job.tree.UnknownKeys;

/**
 * One measuring sheet: as received, after the relief was set, at a dry fit, strung up, or on a later visit.
 *
 * @param values the values entered, by their lines
 * @param takes where a reading was taken several times, all of them in order; the reading is then their median
 * @param tools tools other than the usual one
 * @param sources where values come from that nobody typed, by the key of their line
 * @param provisional readings taken in the wrong order, to be taken again
 * @param observations the findings of the inspection; none if there was no inspection
 * @param foreign what other programs keep with it
 */
@RecordBuilder
public record Visit(
        Values values,
        Map<Measurable, List<Length>> takes,
        Map<Measurable, Tool> tools,
        Map<String, Provenance> sources,
        Set<Reading> provisional,
        List<Observation> observations,
        UnknownKeys foreign)
        implements VisitBuilder.With {

    /** The default fret for the action. */
    public static final int ACTION_FRET = 12;

    /** An empty sheet. */
    public static final Visit BLANK =
            new Visit(Values.NONE, Map.of(), Map.of(), Map.of(), Set.of(), List.of(), UnknownKeys.NONE);

    /** Takes unmodifiable copies. */
    public Visit {
        takes = frozen(takes);
        tools = frozen(tools);
        sources = Collections.unmodifiableMap(new TreeMap<>(sources));
        EnumSet<Reading> marked = EnumSet.noneOf(Reading.class);
        marked.addAll(provisional);
        provisional = Collections.unmodifiableSet(marked);
        observations = List.copyOf(observations);
    }

    private static <V> Map<Measurable, V> frozen(Map<Measurable, V> values) {
        Map<Measurable, V> copy = new TreeMap<>(Measurable.IN_ORDER);
        copy.putAll(values);
        return Collections.unmodifiableMap(copy);
    }

    /** Returns a value, empty if it is missing. */
    public <T> Optional<T> get(Line<T> line) {
        return values.get(line);
    }

    /** Returns a reading in mm, empty if it was not taken. */
    public OptionalDouble millimeters(Line<Length> reading) {
        return values.millimeters(reading);
    }

    /** Returns the thickest leaf that goes under the bridge anywhere, mm; empty if none was tried. */
    public OptionalDouble bridgeLift() {
        return DoubleStream.concat(
                        millimeters(Reading.BRIDGE_LIFT).stream(),
                        get(Lines.BRIDGE_LIFT_AT).orElse(List.of()).stream()
                                .mapToDouble(row -> row.millimeters("leaf")))
                .max();
    }

    /** Returns the readings that were taken, in working order. */
    public Set<Reading> readings() {
        Set<Reading> taken = new LinkedHashSet<>();
        for (Reading reading : Reading.values()) {
            if (values.get(reading).isPresent()) {
                taken.add(reading);
            }
        }
        return taken;
    }

    /** Returns everything that was read with a tool, in working order, including fret-by-fret readings. */
    public List<Measurable> taken() {
        return values.lines().stream()
                .filter(Measurable.class::isInstance)
                .map(Measurable.class::cast)
                .sorted(Measurable.IN_ORDER)
                .toList();
    }

    /** Returns the fret-by-fret values of one reading, by the fret, in mm. */
    public SortedMap<Integer, Double> fretByFret(Reading reading) {
        SortedMap<Integer, Double> read = new TreeMap<>();
        for (Line<?> line : values.lines()) {
            if (line instanceof AtFret at && at.reading() == reading) {
                read.put(at.fret(), values.millimeters(at).orElseThrow(Expect.present("at")));
            }
        }
        return read;
    }

    /** Returns whether the relief is known, from its own reading or from a gap over any fret. */
    public boolean knowsRelief() {
        return get(Reading.RELIEF).isPresent()
                || !fretByFret(Reading.PROFILE_GAP).isEmpty()
                || !fretByFret(Reading.PROFILE_GAP_TREBLE).isEmpty();
    }

    /** Returns whether no string pulls: the strings are off, or the neck is loose or off. */
    public boolean unstrung() {
        return get(Lines.STRINGS).filter(Stringing.OFF::equals).isPresent()
                || get(Lines.JOINT_FIT).filter(fit -> fit != JointFit.FITS).isPresent();
    }

    /** Returns whether a projection was read, strung or slack. */
    public boolean knowsProjection() {
        return get(Reading.PROJECTION_STRUNG).isPresent()
                || get(Reading.PROJECTION_SLACK).isPresent();
    }

    /**
     * Returns the side toward which the center line points; empty without a drift. A negative offset means the other
     * side.
     */
    public Optional<Side> driftSide() {
        double offset = millimeters(Reading.SIDE_DRIFT).orElse(0);
        return offset == 0 ? Optional.empty() : get(Lines.DRIFT_TOWARD).map(side -> offset < 0 ? side.other() : side);
    }

    /** Returns the fret at which the action was read. */
    public int actionFret() {
        return get(Lines.ACTION_FRET).orElse(ACTION_FRET);
    }

    /** Returns the tool for a reading: the one entered, or the usual one. */
    public Tool tool(Measurable which) {
        return tools.getOrDefault(which, which.tool());
    }

    /** Returns all takes of a reading: none, the one reading, or several. */
    public List<Length> takesOf(Measurable which) {
        List<Length> several = takes.get(which);
        return several != null ? several : get(which).map(List::of).orElse(List.of());
    }

    /** Returns this visit with a value set; earlier takes of a reading are dropped. */
    public <T> Visit with(Line<T> line, T value) {
        return cleared(line).withValues(values.with(line, value));
    }

    /** Returns this visit without a value, and without all takes of a reading. */
    public Visit without(Line<?> line) {
        return cleared(line).withValues(values.without(line));
    }

    private Visit cleared(Line<?> line) {
        return withoutSource(line).withoutTakes(line);
    }

    private Visit withoutTakes(Line<?> line) {
        return line instanceof Measurable taken && (takes.containsKey(taken) || provisional.contains(taken))
                ? withTakes(without(takes, taken)).marked(taken, false)
                : this;
    }

    /** Returns this visit with all takes of a reading, of which one value counts. */
    public Visit withTakes(Measurable reading, List<Length> all, Length counts) {
        Map<Measurable, List<Length>> next = without(takes, reading);
        if (all.size() > 1) {
            next.put(reading, List.copyOf(all));
        }
        return withoutSource(reading).withTakes(next).withValues(values.with(reading, counts));
    }

    /** Returns the source of a value; empty if it was typed, or there is none. */
    public Optional<Provenance> source(Line<?> line) {
        return Optional.ofNullable(sources.get(line.key()))
                .filter(source -> get(line).isPresent());
    }

    /** Returns this visit with a reading that nobody typed, and its source. */
    public <T> Visit with(SourcedReading<T> reading) {
        return with(reading.line(), reading.value()).withSource(reading.line(), reading.provenance());
    }

    /** Returns this visit with the source of a value. */
    public Visit withSource(Line<?> line, Provenance source) {
        Map<String, Provenance> next = new TreeMap<>(sources);
        next.put(line.key(), source);
        return withSources(next);
    }

    private Visit withoutSource(Line<?> line) {
        if (!sources.containsKey(line.key())) {
            return this;
        }
        Map<String, Provenance> next = new TreeMap<>(sources);
        next.remove(line.key());
        return withSources(next);
    }

    /** Returns this visit with a reading marked provisional, or not. */
    public Visit marked(Measurable taken, boolean asProvisional) {
        if (!(taken instanceof Reading reading)) {
            return this;
        }
        Set<Reading> next = EnumSet.noneOf(Reading.class);
        next.addAll(provisional);
        boolean changed = asProvisional ? next.add(reading) : next.remove(reading);
        return changed ? withProvisional(next) : this;
    }

    /** Returns this visit with a reading taken with a tool. */
    public Visit withTool(Measurable reading, Tool tool) {
        Map<Measurable, Tool> next = without(tools, reading);
        if (tool != reading.tool()) {
            next.put(reading, tool);
        }
        return withTools(next);
    }

    private static <V> Map<Measurable, V> without(Map<Measurable, V> all, Measurable reading) {
        Map<Measurable, V> next = new TreeMap<>(Measurable.IN_ORDER);
        next.putAll(all);
        next.remove(reading);
        return next;
    }

    /** Returns what the inspection found for a defect, empty if it was not looked for. */
    public Optional<Observation> observation(Defect what) {
        return observations.stream().filter(each -> each.what() == what).findFirst();
    }

    /** Returns this visit with an observation set; what other programs store with it stays. */
    public Visit with(Observation seen) {
        UnknownKeys kept = observation(seen.what()).map(Observation::foreign).orElse(seen.foreign());
        List<Observation> next = new ArrayList<>(without(seen.what()).observations);
        next.add(new Observation(seen.what(), seen.severity(), seen.note(), kept));
        next.sort(java.util.Comparator.comparing(Observation::what));
        return withObservations(next);
    }

    /** Returns this visit without the observation of a defect. */
    public Visit without(Defect what) {
        return withObservations(
                observations.stream().filter(each -> each.what() != what).toList());
    }

    /** Returns a sheet for the next visit: how things are read is kept, the readings are not. */
    public Visit next() {
        Visit next = BLANK;
        for (Line<?> line : List.of(
                Lines.HELD,
                Lines.RELIEF_READ_AT,
                Lines.PROFILE_HELD,
                Lines.ACTION_FRET,
                Lines.PROJECTION_OVER,
                Lines.PROJECTION_ACROSS)) {
            next = copied(line, next);
        }
        return next;
    }

    private <T> Visit copied(Line<T> line, Visit to) {
        return get(line).map(value -> to.with(line, value)).orElse(to);
    }
}
