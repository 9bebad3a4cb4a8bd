package org.kestan.job;

import java.util.Optional;
import java.util.OptionalInt;
import org.kestan.notation.Length;
import org.kestan.sheet.Fitting;

/**
 * What is lasting about an instrument.
 *
 * @param name what the shop calls it; empty when it has no name yet
 * @param form flat-top or archtop, empty when not said
 * @param joint the neck joint, empty when not said
 * @param scale scale length, empty when not said
 * @param jointFret the fret at the body joint, from 2; empty when not said
 * @param body size of the body in a word ("small", "medium", "large"); empty when not said
 * @param collectible whether nothing original may be cut; empty when not said
 */
public record Instrument(
        String name,
        Optional<Form> form,
        Optional<Joint> joint,
        Optional<Length> scale,
        OptionalInt jointFret,
        String body,
        Optional<Boolean> collectible) {

    /** An instrument of which nothing is known. */
    public static final Instrument BLANK = new Instrument(
            "", Optional.empty(), Optional.empty(), Optional.empty(), OptionalInt.empty(), "", Optional.empty());

    /** Returns what carries the strings, {@link Fitting#ANY} when the form was not said. */
    public Fitting fitting() {
        return form.map(Form::fitting).orElse(Fitting.ANY);
    }

    /** Returns this instrument with another name. */
    public Instrument withName(String next) {
        return new Instrument(next, form, joint, scale, jointFret, body, collectible);
    }

    /** Returns this instrument with another form. */
    public Instrument withForm(Optional<Form> next) {
        return new Instrument(name, next, joint, scale, jointFret, body, collectible);
    }

    /** Returns this instrument with another joint. */
    public Instrument withJoint(Optional<Joint> next) {
        return new Instrument(name, form, next, scale, jointFret, body, collectible);
    }

    /** Returns this instrument with another scale length. */
    public Instrument withScale(Optional<Length> next) {
        return new Instrument(name, form, joint, next, jointFret, body, collectible);
    }

    /** Returns this instrument with another joint fret. */
    public Instrument withJointFret(OptionalInt next) {
        return new Instrument(name, form, joint, scale, next, body, collectible);
    }

    /** Returns this instrument with another body size. */
    public Instrument withBody(String next) {
        return new Instrument(name, form, joint, scale, jointFret, next, collectible);
    }

    /** Returns this instrument marked collectible or not. */
    public Instrument withCollectible(Optional<Boolean> next) {
        return new Instrument(name, form, joint, scale, jointFret, body, next);
    }
}
