package org.kestan.sheet;

/** One length of a job that a person types: a dimension of the instrument, a reading, or an aim. */
public interface Item {

    /** Returns the path of the value in the job file, keys joined by dots, such as {@code survey.action.bass}. */
    String path();

    /** Returns the label beside the field, without its place. */
    String label();

    /** Returns one line on where to put the tool and how to read it. */
    String hint();

    /** Returns the least plausible value in mm; a lesser one is questioned, not refused. */
    double least();

    /** Returns the greatest plausible value in mm; a greater one is questioned, not refused. */
    double greatest();

    /** Tells whether the arithmetic has no meaning unless the value is above zero. */
    boolean mustBePositive();

    /** Returns the fitting that the line is for. */
    Fitting fitting();

    /** Tells whether it is read or set with feelers, finer than a rule can show. */
    boolean withFeelers();

    /** Returns the JSON pointer of the value in the job file, such as {@code /survey/action/bass}. */
    default String pointer() {
        return "/" + path().replace('.', '/');
    }

    /** Tells whether a value lies in the plausible range. */
    default boolean plausible(double millimetres) {
        return millimetres >= least() && millimetres <= greatest();
    }
}
