package org.kestan.job;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import org.kestan.notation.Length;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Tool;

/**
 * One taking of the measuring sheet.
 *
 * @param takenOn the day, empty when not said
 * @param humidity relative humidity in percent, empty when not read
 * @param readings the lengths read, as typed; what was not read is not in the map
 * @param takes where a reading was taken several times, all of them in order; the reading is then their median
 * @param tools tools other than the usual one
 * @param provisional readings taken in the wrong order, to be taken again
 * @param held the frets held down for the relief, empty for fret 1 and the joint fret
 * @param reliefReadAt the fret at which the gap was read, empty for the one nearest the middle
 * @param actionFret the fret at which the action was read, empty for fret 12
 * @param projectionOver what the projection was read against, empty for the soundboard
 * @param driftToward the side toward which the centre line lands, empty when there is no drift
 * @param findings what was looked at in the inspection; empty when nothing was
 * @param details values that are no lengths
 * @param origin the text it was read from, opaque to everything but the file module; empty for one made here
 */
public record Survey(
        Optional<LocalDate> takenOn,
        OptionalDouble humidity,
        Map<Reading, Length> readings,
        Map<Reading, List<Length>> takes,
        Map<Reading, Tool> tools,
        Set<Reading> provisional,
        Optional<Held> held,
        OptionalInt reliefReadAt,
        OptionalInt actionFret,
        Optional<ProjectionOver> projectionOver,
        Optional<Side> driftToward,
        List<Finding> findings,
        Details details,
        String origin) {

    /** The fret at which action is read unless another is said. */
    public static final int ACTION_FRET = 12;

    /** A sheet on which nothing has been written. */
    public static final Survey BLANK = new Draft().survey();

    /** Takes unmodifiable copies. */
    public Survey {
        readings = frozen(Reading.class, readings);
        takes = frozen(Reading.class, takes);
        tools = frozen(Reading.class, tools);
        EnumSet<Reading> marked = EnumSet.noneOf(Reading.class);
        marked.addAll(provisional);
        provisional = Collections.unmodifiableSet(marked);
        findings = List.copyOf(findings);
    }

    /** A survey being edited: change the fields, then it is a survey again. */
    public static final class Draft {
        public Optional<LocalDate> takenOn = Optional.empty();
        public OptionalDouble humidity = OptionalDouble.empty();
        public Map<Reading, Length> readings = new EnumMap<>(Reading.class);
        public Map<Reading, List<Length>> takes = new EnumMap<>(Reading.class);
        public Map<Reading, Tool> tools = new EnumMap<>(Reading.class);
        public Set<Reading> provisional = EnumSet.noneOf(Reading.class);
        public Optional<Held> held = Optional.empty();
        public OptionalInt reliefReadAt = OptionalInt.empty();
        public OptionalInt actionFret = OptionalInt.empty();
        public Optional<ProjectionOver> projectionOver = Optional.empty();
        public Optional<Side> driftToward = Optional.empty();
        public List<Finding> findings = List.of();
        public Details details = Details.NONE;
        public String origin = "";

        private Survey survey() {
            return new Survey(
                    takenOn,
                    humidity,
                    readings,
                    takes,
                    tools,
                    provisional,
                    held,
                    reliefReadAt,
                    actionFret,
                    projectionOver,
                    driftToward,
                    findings,
                    details,
                    origin);
        }
    }

    /** Returns this survey with changes. */
    public Survey edit(Consumer<Draft> change) {
        Draft draft = new Draft();
        draft.takenOn = takenOn;
        draft.humidity = humidity;
        draft.readings.putAll(readings);
        draft.takes.putAll(takes);
        draft.tools.putAll(tools);
        draft.provisional.addAll(provisional);
        draft.held = held;
        draft.reliefReadAt = reliefReadAt;
        draft.actionFret = actionFret;
        draft.projectionOver = projectionOver;
        draft.driftToward = driftToward;
        draft.findings = findings;
        draft.details = details;
        draft.origin = origin;
        change.accept(draft);
        return draft.survey();
    }

    static <K extends Enum<K>, V> Map<K, V> frozen(Class<K> type, Map<K, V> values) {
        EnumMap<K, V> copy = new EnumMap<>(type);
        copy.putAll(values);
        return Collections.unmodifiableMap(copy);
    }

    static <K extends Enum<K>, V> Map<K, V> changed(Class<K> type, Map<K, V> values, K key, Optional<V> next) {
        EnumMap<K, V> copy = new EnumMap<>(type);
        copy.putAll(values);
        next.ifPresentOrElse(value -> copy.put(key, value), () -> copy.remove(key));
        return copy;
    }

    /** Returns a reading, empty when it was not taken. */
    public Optional<Length> reading(Reading which) {
        return Optional.ofNullable(readings.get(which));
    }

    /** Returns a reading in mm, empty when it was not taken. */
    public OptionalDouble millimetres(Reading which) {
        Length length = readings.get(which);
        return length == null ? OptionalDouble.empty() : OptionalDouble.of(length.millimetres());
    }

    /** Returns the side toward which the centre line lands; empty without a drift. A negative offset lands on the other side. */
    public Optional<Side> driftSide() {
        double offset = millimetres(Reading.SIDE_DRIFT).orElse(0);
        return offset == 0 ? Optional.empty() : driftToward.map(side -> offset < 0 ? side.other() : side);
    }

    /** Returns the fret at which the action was read. */
    public int actionFretOrDefault() {
        return actionFret.orElse(ACTION_FRET);
    }

    /** Returns the tool a reading is taken with: the one said, or the usual one. */
    public Tool tool(Reading which) {
        return tools.getOrDefault(which, Tool.usual(which));
    }

    /** Returns all takes of a reading: none, the one reading, or several. */
    public List<Length> takesOf(Reading which) {
        List<Length> several = takes.get(which);
        return several != null ? several : reading(which).map(List::of).orElse(List.of());
    }

    /** Returns this survey with one reading replaced, or taken off when empty; earlier takes of it go. */
    public Survey with(Reading which, Optional<Length> next) {
        return edit(draft -> {
            draft.readings = changed(Reading.class, readings, which, next);
            draft.takes.remove(which);
            draft.provisional.remove(which);
        });
    }

    /** Returns this survey with one detail replaced, or taken off when empty. */
    public <T> Survey with(Detail<T> detail, Optional<T> next) {
        return edit(draft -> draft.details = details.with(detail, next));
    }

    /** Returns this survey with another day. */
    public Survey withTakenOn(Optional<LocalDate> next) {
        return edit(draft -> draft.takenOn = next);
    }

    /** Returns this survey with another relative humidity, in percent. */
    public Survey withHumidity(OptionalDouble next) {
        return edit(draft -> draft.humidity = next);
    }

    /** Returns this survey with other held frets. */
    public Survey withHeld(Optional<Held> next) {
        return edit(draft -> draft.held = next);
    }

    /** Returns this survey with another fret at which the relief was read. */
    public Survey withReliefReadAt(OptionalInt next) {
        return edit(draft -> draft.reliefReadAt = next);
    }

    /** Returns this survey with another fret at which the action was read. */
    public Survey withActionFret(OptionalInt next) {
        return edit(draft -> draft.actionFret = next);
    }

    /** Returns this survey with the projection read against something else. */
    public Survey withProjectionOver(Optional<ProjectionOver> next) {
        return edit(draft -> draft.projectionOver = next);
    }

    /** Returns this survey with the drift toward another side. */
    public Survey withDriftToward(Optional<Side> next) {
        return edit(draft -> draft.driftToward = next);
    }

    /** Returns what the inspection found at one place, empty when it was not looked at. */
    public Optional<Finding> finding(FindingKind what) {
        return findings.stream().filter(finding -> finding.what() == what).findFirst();
    }

    /** Returns this survey with one finding replaced, or taken off when empty. */
    public Survey withFinding(FindingKind what, Optional<Finding> next) {
        EnumMap<FindingKind, Finding> all = new EnumMap<>(FindingKind.class);
        findings.forEach(finding -> all.put(finding.what(), finding));
        next.ifPresentOrElse(finding -> all.put(what, finding), () -> all.remove(what));
        return edit(draft -> draft.findings = List.copyOf(all.values()));
    }
}
