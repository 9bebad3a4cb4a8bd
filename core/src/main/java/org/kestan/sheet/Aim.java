package org.kestan.sheet;

import java.util.List;
import java.util.stream.Stream;

/** The lengths that a job is worked toward. What is not aimed at stays as it is. */
public enum Aim implements Item {
    ACTION_BASS(
            "action.bass",
            "Action, bass",
            Fitting.ANY,
            Reading.ACTION_BASS,
            "The action wanted, at the fret where it was read, with the relief wanted."),
    ACTION_TREBLE(
            "action.treble",
            "Action, treble",
            Fitting.ANY,
            Reading.ACTION_TREBLE,
            "The action wanted, at the fret where it was read, with the relief wanted."),
    RELIEF(
            "relief",
            "Relief",
            Fitting.ANY,
            Reading.RELIEF,
            "The relief wanted, held and read at the same frets; empty leaves it as it is."),
    NUT_BASS(
            "nut.bass",
            "Nut, bass",
            Fitting.ANY,
            Reading.NUT_BASS,
            "String over fret 1 wanted; empty leaves it as it is."),
    NUT_TREBLE(
            "nut.treble",
            "Nut, treble",
            Fitting.ANY,
            Reading.NUT_TREBLE,
            "String over fret 1 wanted; empty leaves it as it is."),
    SADDLE(
            "saddle",
            "Saddle, centre",
            Fitting.PIN_BRIDGE,
            Reading.SADDLE_BASS,
            "Saddle protrusion wanted at the centre; empty leaves it as it is."),
    BRIDGE_THICKNESS(
            "bridgeThickness",
            "Bridge thickness",
            Fitting.PIN_BRIDGE,
            Reading.BRIDGE_THICKNESS,
            "Bridge thickness wanted; empty leaves it as it is."),
    BRIDGE_HEIGHT(
            "bridgeHeight",
            "Bridge height",
            Fitting.FLOATING_BRIDGE,
            Reading.BRIDGE_HEIGHT,
            "Bridge height wanted, top to crown; empty leaves it as it is."),
    FALL_AWAY(
            "fallAway",
            "Fall-away",
            Fitting.ANY,
            Reading.EXTENSION_FALL_AWAY,
            "How far the last fret should lie below the fret line; empty takes the shop's standard.");

    private final String key;
    private final Reading measured;
    private final Line line;

    Aim(String key, String label, Fitting fitting, Reading measured, String hint) {
        this.key = key;
        this.measured = measured;
        line = new Line(
                "target." + key,
                label,
                hint,
                measured.line().least(),
                measured.line().greatest(),
                false,
                measured.withFeelers(),
                fitting);
    }

    /** Returns the aims that apply to an instrument with the given fitting. */
    public static List<Aim> forFitting(Fitting instrument) {
        return Stream.of(values())
                .filter(aim -> aim.fitting().covers(instrument))
                .toList();
    }

    /** Returns the reading that says what this is now (of the bass side where one aim stands for both). */
    public Reading measured() {
        return measured;
    }

    /** Returns the key within {@code target} of the job file. */
    public String key() {
        return key;
    }

    @Override
    public Line line() {
        return line;
    }
}
