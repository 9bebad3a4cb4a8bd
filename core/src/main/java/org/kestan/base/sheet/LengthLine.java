package org.kestan.base.sheet;

import java.util.Optional;
import org.kestan.base.notation.Length;

/** A line that holds a length: a dimension of the instrument, a reading, an aim, or a reading at one fret. */
public sealed interface LengthLine extends Line<Length> permits Dimension, Measurable, Aim {

    /**
     * The properties of a line that holds a length. Lengths in mm.
     *
     * @param path path in the job file
     * @param number number on the sheet, 0 for none
     * @param place where it is read; empty for no one place
     * @param taker which instruments it is taken on
     * @param least least plausible value; a lesser one is questioned, not refused
     * @param greatest greatest plausible value; a greater one is questioned, not refused
     * @param mustBePositive whether the arithmetic has no meaning unless the value is above zero
     * @param tool what it is usually read with
     * @param span what it shows on the drawing
     */
    record Entry(
            String path,
            int number,
            Optional<Place> place,
            AppliesTo taker,
            double least,
            double greatest,
            boolean mustBePositive,
            Tool tool,
            Optional<Span> span) {}

    /** Returns its properties. */
    Entry entry();

    @Override
    default String path() {
        return entry().path();
    }

    @Override
    default ValueType<Length> type() {
        return ValueType.LENGTH;
    }

    @Override
    default int number() {
        return entry().number();
    }

    @Override
    default Optional<Place> place() {
        return entry().place();
    }

    @Override
    default AppliesTo taker() {
        return entry().taker();
    }

    @Override
    default Optional<Span> span() {
        return entry().span();
    }

    /** Returns whether the calculations make no sense unless the value is above zero. */
    default boolean mustBePositive() {
        return entry().mustBePositive();
    }

    /** Returns the tool it is usually read with. */
    default Tool tool() {
        return entry().tool();
    }

    /** Returns whether it is read or set with feelers, more finely than with a rule. */
    default boolean withFeelers() {
        return tool() == Tool.FEELERS;
    }

    /** Returns whether a value in mm is in the plausible range; one outside is questioned, not refused. */
    default boolean plausible(double millimeters) {
        return millimeters >= entry().least() && millimeters <= entry().greatest();
    }
}
