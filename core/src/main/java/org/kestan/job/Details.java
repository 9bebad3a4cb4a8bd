package org.kestan.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.notation.Angle;
import org.kestan.sheet.Detail;

/**
 * Values of a job or a survey that are no lengths, each under its {@link Detail}. Immutable.
 */
public final class Details {

    /** Nothing said. */
    public static final Details NONE = new Details(Map.of());

    /** Built by hand, one of a kind, or from parts. */
    public static final Detail<Boolean> HANDMADE =
            Detail.flag("instrument.handmade", "Handmade", "Built by hand by one person: its bridge is never shaved.");

    /** Year or age in words. */
    public static final Detail<String> AGE =
            Detail.text("instrument.age", "Year or age", "When it was built, as far as known.");

    /** What the instrument would bring as it stands. */
    public static final Detail<Double> VALUE = Detail.number(
            "instrument.value", "Value", "What it would bring in good order; decides what work is worth it.", 0, 1e9);

    /** The currency of the value. */
    public static final Detail<String> CURRENCY =
            Detail.text("instrument.currency", "Currency", "The currency of the value, such as EUR.");

    /** What it means to its owner. */
    public static final Detail<String> MEANING =
            Detail.text("instrument.meaning", "Meaning to its owner", "What it means beyond its price.");

    /** The kind of floating bridge. */
    public static final Detail<ArchtopBridge> BRIDGE = Detail.choice(
            "instrument.bridge", "Floating bridge", "A for adjustable, S for solid.", ArchtopBridge.class);

    /** Who it belongs to. */
    public static final Detail<String> OWNER = Detail.text("intake.owner", "Owner", "Who brings it.");

    /** What the owner complains of. */
    public static final Detail<String> COMPLAINT =
            Detail.text("intake.complaint", "Complaint", "What is wrong, in the owner\u2019s words.");

    /** How it is played. */
    public static final Detail<PlayingStyle> STYLE = Detail.choice(
            "intake.style", "Played", "S for strummed, P for picked; slide by the arrow keys.", PlayingStyle.class);

    /** How hard it is played. */
    public static final Detail<Touch> TOUCH =
            Detail.choice("intake.touch", "Hand", "L for a light hand, M for medium, H for a hard one.", Touch.class);

    /** Earlier repairs seen. */
    public static final Detail<String> REPAIRS = Detail.text(
            "intake.repairs",
            "Earlier repairs",
            "What has been done to it before: shims, planing, glue, plugged holes.");

    /** The ways taken into the plan, by their keys. */
    public static final Detail<String> WAYS =
            Detail.words("plan.ways", "Ways taken", "The ways taken into the plan, in the order of the work.");

    /** When in the work a survey was taken. */
    public static final Detail<Occasion> OCCASION = Detail.choice(
            "survey.occasion", "Occasion", "When in the course of the work this sheet was taken.", Occasion.class);

    /** How many half steps below pitch the strings were. */
    public static final Detail<Integer> STEPS_DOWN = Detail.whole(
            "survey.stepsDown", "Half steps down", "How far below pitch the strings are tuned; 0 at pitch.", 0, 12);

    /** The state of the truss rod. */
    public static final Detail<TrussRod> TRUSS_ROD = Detail.choice(
            "survey.trussRod",
            "Truss rod",
            "W works, T tight, A at its end, D dead, N none; two-way by the arrow keys.",
            TrussRod.class);

    /** The neck angle read with an angle gauge. */
    public static final Detail<Angle> NECK_ANGLE = Detail.angle(
            "survey.neckAngle",
            "Neck angle",
            "Digital level on the frets, less the same on the top; positive when set back.");

    /** Cents at fret 12 against the octave, bass string. */
    public static final Detail<Double> CENTS_BASS = Detail.number(
            "survey.intonation.bass",
            "Cents, bass",
            "Tuner: fret 12 against the octave; sharp is positive.",
            -200,
            200);

    /** Cents at fret 12 against the octave, treble string. */
    public static final Detail<Double> CENTS_TREBLE = Detail.number(
            "survey.intonation.treble",
            "Cents, treble",
            "Tuner: fret 12 against the octave; sharp is positive.",
            -200,
            200);

    /** What the saddle is made of. */
    public static final Detail<String> SADDLE_MATERIAL =
            Detail.text("survey.saddleMaterial", "Saddle material", "What the saddle is made of, such as bone.");

    /** How the feet of a floating bridge fit the arch. */
    public static final Detail<String> FOOT_FIT =
            Detail.text("survey.footFit", "Foot fit", "Carbon paper or sandpaper under the feet: where they touch.");

    /** Notes on the inspection. */
    public static final Detail<String> NOTES = Detail.text("survey.notes", "Notes", "Whatever else was seen.");

    /** Details of the job as a whole, in the order they are asked. */
    public static final List<Detail<?>> OF_JOB =
            List.of(OWNER, COMPLAINT, STYLE, TOUCH, REPAIRS, AGE, HANDMADE, VALUE, CURRENCY, MEANING, BRIDGE, WAYS);

    /** Details of a survey, in the order they are asked. */
    public static final List<Detail<?>> OF_SURVEY = List.of(
            OCCASION, STEPS_DOWN, TRUSS_ROD, NECK_ANGLE, CENTS_BASS, CENTS_TREBLE, SADDLE_MATERIAL, FOOT_FIT, NOTES);

    private final Map<Detail<?>, Object> values;

    private Details(Map<Detail<?>, Object> values) {
        this.values = values;
    }

    /** Returns a value, empty when it was not said. */
    public <T> Optional<T> get(Detail<T> detail) {
        // A value is only ever put in under a detail of its own type, by with().
        @SuppressWarnings("unchecked")
        T value = (T) values.get(detail);
        return Optional.ofNullable(value);
    }

    /** Returns these details with one replaced, or taken off when empty. */
    public <T> Details with(Detail<T> detail, Optional<T> next) {
        Map<Detail<?>, Object> copy = new LinkedHashMap<>(values);
        next.ifPresentOrElse(value -> copy.put(detail, value), () -> copy.remove(detail));
        return new Details(copy);
    }

    /** Returns the text of a value, as a file or a field has it; empty when it was not said. */
    public <T> Optional<String> text(Detail<T> detail) {
        return get(detail).map(detail::write);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Details that && values.equals(that.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }

    @Override
    public String toString() {
        return values.toString();
    }
}
