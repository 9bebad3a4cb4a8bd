package org.kestan.base.sheet;

import java.util.Optional;

/**
 * A reading taken fret by fret, at one of them.
 *
 * @param reading what is read; one that {@link Reading#perFret} says is read fret by fret
 * @param fret the fret's number, from 1
 */
public record AtFret(Reading reading, int fret) implements Measurable {

    /**
     * @throws IllegalArgumentException if the reading is not taken fret by fret, or there is no such fret
     */
    public AtFret {
        if (!reading.perFret() || fret < 1) {
            throw new IllegalArgumentException(reading + " at fret " + fret);
        }
    }

    @Override
    public int fretNumber() {
        return fret;
    }

    @Override
    public Entry entry() {
        return reading.entry();
    }

    /** The dimension of the reading over this fret, if it has one. */
    @Override
    public Optional<Span> span() {
        return reading.span()
                .map(span -> span instanceof Span.Upright upright
                        ? new Span.OverFret(fret, upright.from(), upright.to())
                        : span);
    }

    /** The path with the fret in it, such as {@code survey.frets[9].proud}. */
    @Override
    public String path() {
        String path = reading.path();
        int dot = path.lastIndexOf('.');
        return path.substring(0, dot) + "[" + fret + "]" + path.substring(dot);
    }

    /** Its list; its position in the list depends on the file. */
    @Override
    public String pointer() {
        String whole = reading.pointer();
        return whole.substring(0, whole.lastIndexOf('/'));
    }
}
