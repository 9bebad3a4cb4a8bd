package org.kestan.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.job.pictures.Photo;
import org.kestan.job.section.Section;
import org.kestan.job.section.Values;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Bracing;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.job.visits.Visit;
import org.kestan.job.visits.Visits;

/** One instrument's job, made of its {@link Sections}. Immutable; every change is a new job. */
public final class Job {

    /** A job with nothing entered. */
    public static final Job BLANK = new Job(Map.of(), UnknownKeys.NONE);

    private final Map<Section<?>, Object> sections;
    private final UnknownKeys foreign;

    private Job(Map<Section<?>, Object> sections, UnknownKeys foreign) {
        this.sections = sections;
        this.foreign = foreign;
    }

    /** Returns a section; blank if nothing was entered in it. */
    public <T> T section(Section<T> section) {
        // A value is only ever put in under a section of its own type, by with().
        @SuppressWarnings("unchecked")
        T value = (T) sections.get(section);
        return value == null ? section.blank() : value;
    }

    /** Returns this job with another value of a section. */
    public <T> Job with(Section<T> section, T value) {
        Map<Section<?>, Object> next = new LinkedHashMap<>(sections);
        if (value.equals(section.blank())) {
            next.remove(section);
        } else {
            next.put(section, value);
        }
        return new Job(next, foreign);
    }

    /** Returns what other programs store with the job, beside what they store within its sections. */
    public UnknownKeys foreign() {
        return foreign;
    }

    /** Returns this job with what other programs store with it. */
    public Job withForeign(UnknownKeys next) {
        return new Job(sections, next);
    }

    /** Returns the value of a line, empty if there is none. */
    public <T> Optional<T> get(Line<T> line) {
        return values(line).get(line);
    }

    /** Returns the length on a line in mm, empty if there is none. */
    public OptionalDouble millimeters(Line<Length> line) {
        return values(line).millimeters(line);
    }

    /** Returns the text on a line as it was written; empty text if there is none. */
    public String text(Line<?> line) {
        return values(line).text(line).orElse("");
    }

    private Values values(Line<?> line) {
        return isOfVisit(line) ? visit().values() : section(section(line));
    }

    private static boolean isOfVisit(Line<?> line) {
        return line.path().startsWith("survey.");
    }

    /** Called for every line that is read, so paths are compared as they are, not taken apart. */
    private static Section<Values> section(Line<?> line) {
        String path = line.path();
        if (path.startsWith("target.")) {
            return Sections.TARGET;
        }
        if (path.startsWith("instrument.")) {
            return Sections.INSTRUMENT;
        }
        if (path.startsWith("intake.")) {
            return Sections.INTAKE;
        }
        if (path.startsWith("promised.")) {
            return Sections.PROMISE;
        }
        if (path.startsWith("proof.")) {
            return Sections.PROOF;
        }
        throw new IllegalArgumentException("no such line: " + path);
    }

    /** Returns this job with a value set on a line. */
    public <T> Job with(Line<T> line, T value) {
        return isOfVisit(line)
                ? withVisit(visit().with(line, value))
                : withValues(line, values -> values.with(line, value));
    }

    /** Returns this job with a line cleared. */
    public Job without(Line<?> line) {
        return isOfVisit(line) ? withVisit(visit().without(line)) : withValues(line, values -> values.without(line));
    }

    private Job withValues(Line<?> line, UnaryOperator<Values> change) {
        Section<Values> section = section(line);
        return with(section, change.apply(section(section)));
    }

    /** Returns the visit on the sheet. */
    public Visit visit() {
        return section(Sections.VISITS).current();
    }

    /** Returns the earlier and later visits, in the order they were put aside. */
    public List<Visit> otherVisits() {
        return section(Sections.VISITS).others();
    }

    /** Returns this job with another visit on the sheet in place of the present one. */
    public Job withVisit(Visit next) {
        return withVisits(visits -> visits.withCurrent(next));
    }

    /** Returns this job with its visits changed. */
    public Job withVisits(UnaryOperator<Visits> change) {
        return with(Sections.VISITS, change.apply(section(Sections.VISITS)));
    }

    /** Returns the string set from the bass side; empty if it was not entered. */
    public List<StringSpec> strings() {
        return section(Sections.STRINGS);
    }

    /** Returns this job with another string set. */
    public Job withStrings(List<StringSpec> next) {
        return with(Sections.STRINGS, List.copyOf(next));
    }

    /** Returns the set wanted instead of the present one, from the bass side; empty if the present one stays. */
    public List<StringSpec> wantedStrings() {
        return section(Sections.WANTED_STRINGS);
    }

    /** Returns this job with another set wanted. */
    public Job withWantedStrings(List<StringSpec> next) {
        return with(Sections.WANTED_STRINGS, List.copyOf(next));
    }

    /** Returns the pictures kept with the job. */
    public List<Photo> photos() {
        return section(Sections.PHOTOS);
    }

    /** Returns this job with other pictures. */
    public Job withPhotos(List<Photo> next) {
        return with(Sections.PHOTOS, List.copyOf(next));
    }

    /** Returns this job with one more picture, unless it is there. */
    public Job withPhoto(Photo photo) {
        if (photos().stream().anyMatch(each -> each.file().equals(photo.file()))) {
            return this;
        }
        List<Photo> next = new ArrayList<>(photos());
        next.add(photo);
        return withPhotos(next);
    }

    /** Returns this job without a picture; the file in the shop's folder stays. */
    public Job withoutPhoto(String file) {
        return withPhotos(
                photos().stream().filter(each -> !each.file().equals(file)).toList());
    }

    /** Returns the instrument's name; empty if it has none yet. */
    public String name() {
        return get(Lines.NAME).orElse("");
    }

    /** Returns the joint fret, empty if not entered. */
    public OptionalInt jointFret() {
        Optional<Integer> said = get(Lines.JOINT_FRET);
        return said.isPresent() ? OptionalInt.of(said.get()) : OptionalInt.empty();
    }

    /** Returns the form of the body: as entered, or else that of its family; empty if neither is known. */
    public Optional<Form> form() {
        return get(Lines.FORM).or(() -> get(Lines.FAMILY).flatMap(Form::of));
    }

    /** Returns the family of instruments: as entered, or else by what carries its strings. */
    public Family family() {
        return get(Lines.FAMILY).orElseGet(() -> floating() ? Family.ARCHTOP : Family.STEEL);
    }

    /** Returns the kind of instrument, as shops distinguish them. */
    public InstrumentKind kind() {
        return new InstrumentKind(
                family().key(),
                get(Lines.BODY)
                        .map(body -> body.strip().toLowerCase(Locale.ROOT))
                        .orElse(""),
                get(Lines.BRACING).map(Bracing::key).orElse(""));
    }

    /** Returns whether the neck joint is one of the given ones. */
    public boolean joined(Joint... joints) {
        return get(Lines.JOINT).filter(List.of(joints)::contains).isPresent();
    }

    /** Returns whether nothing original may be cut. */
    public boolean collectible() {
        return get(Lines.COLLECTIBLE).orElse(false);
    }

    /** Returns whether its bridge is in one piece. */
    public boolean onSolidBridge() {
        return get(Lines.BRIDGE).filter(ArchtopBridge.SOLID::equals).isPresent();
    }

    /**
     * Returns what carries the strings. Readings count before the form does: a bridge height without a saddle means a
     * floating bridge, which a flat-top may have, too; a saddle or a bridge thickness without a bridge height means a
     * pin bridge. With neither or both, the form decides.
     */
    public Fitting fitting() {
        boolean floating = get(Reading.BRIDGE_HEIGHT).isPresent();
        boolean pins = get(Reading.BRIDGE_THICKNESS).isPresent()
                || get(Reading.SADDLE_BASS).isPresent()
                || get(Reading.SADDLE_TREBLE).isPresent();
        if (floating == pins) {
            return form().map(Form::fitting).orElse(Fitting.ANY);
        }
        return pins ? Fitting.PIN_BRIDGE : Fitting.FLOATING_BRIDGE;
    }

    /** How far from the nut's face the saddle is under each outer string, mm; empty unless both were read. */
    public Optional<Sides<Double>> saddlePlaces() {
        OptionalDouble bass = millimeters(Reading.SADDLE_PLACE_BASS);
        OptionalDouble treble = millimeters(Reading.SADDLE_PLACE_TREBLE);
        return bass.isPresent() && treble.isPresent()
                ? Optional.of(new Sides<>(bass.getAsDouble(), treble.getAsDouble()))
                : Optional.empty();
    }

    /** Returns whether it has a floating bridge. */
    public boolean floating() {
        return fitting() == Fitting.FLOATING_BRIDGE;
    }

    /** Returns whether a line is taken on this instrument, depending on its bridge and its joint. */
    public boolean takes(Line<?> line) {
        return switch (line.taker()) {
            case ANY -> true;
            case PIN_BRIDGE -> fitting() != Fitting.FLOATING_BRIDGE;
            case FLOATING_BRIDGE -> fitting() != Fitting.PIN_BRIDGE;
            case ADJUSTABLE_BRIDGE -> fitting() != Fitting.PIN_BRIDGE && !onSolidBridge();
            case FLAT_POCKET -> joined(Joint.POCKET_BOLT);
        };
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Job that && sections.equals(that.sections) && foreign.equals(that.foreign);
    }

    @Override
    public int hashCode() {
        return sections.hashCode();
    }

    @Override
    public String toString() {
        return sections.toString();
    }
}
