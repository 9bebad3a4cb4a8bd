package org.kestan.sheet;

/** One length of a job that a person types: a dimension of the instrument, a reading, or an aim. */
public interface Item {

    /** Returns what there is to say of it. */
    Line line();

    /** Returns the path of the value in the job file, keys joined by dots, such as {@code survey.action.bass}. */
    default String path() {
        return line().path();
    }

    /** Returns the label beside the field, without its place. */
    default String label() {
        return line().label();
    }

    /** Returns one line on where to put the tool and how to read it. */
    default String hint() {
        return line().hint();
    }

    /** Tells whether the arithmetic has no meaning unless the value is above zero. */
    default boolean mustBePositive() {
        return line().mustBePositive();
    }

    /** Tells whether it is read or set with feelers, finer than a rule can show. */
    default boolean withFeelers() {
        return line().withFeelers();
    }

    /** Returns the fitting that the line is for. */
    default Fitting fitting() {
        return line().fitting();
    }

    /** Returns the JSON pointer of the value in the job file, such as {@code /survey/action/bass}. */
    default String pointer() {
        return "/" + path().replace('.', '/');
    }

    /** Tells whether a value in mm lies in the plausible range; one outside is questioned, not refused. */
    default boolean plausible(double millimetres) {
        return millimetres >= line().least() && millimetres <= line().greatest();
    }
}
