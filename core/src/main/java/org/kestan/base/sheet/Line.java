package org.kestan.base.sheet;

import java.util.Optional;
import org.kestan.base.finding.Keyed;

/**
 * A line of the sheet or of the intake: one value of a job, with all its properties except its texts. Fields, files,
 * tables, papers and drawings are built from it.
 *
 * @param <T> the value it holds
 */
public sealed interface Line<T> extends Keyed permits LengthLine, Detail {

    /** Returns the path of the value in the job file, keys joined by dots, such as {@code survey.action.bass}. */
    String path();

    /** Returns the type of its value. */
    ValueType<T> type();

    /** Returns its number on the measuring sheet in working order; 0 for none. Lines that belong together share one. */
    int number();

    /** Returns where on the instrument it is read; empty for a value without a place. */
    Optional<Place> place();

    /** Returns the instruments on which it is taken. */
    default AppliesTo taker() {
        return AppliesTo.ANY;
    }

    /** Returns its dimension on the drawing, where the tool goes; empty for none. */
    default Optional<Span> span() {
        return Optional.empty();
    }

    /** Returns the first key of the path: the section of the job it belongs to. */
    default String section() {
        return path().substring(0, path().indexOf('.'));
    }

    /** Returns the path within its section, such as {@code action.bass}. */
    @Override
    default String key() {
        return path().substring(path().indexOf('.') + 1);
    }

    @Override
    default String family() {
        return section();
    }

    /** Returns the JSON pointer of the value in the job file, such as {@code /survey/action/bass}. */
    default String pointer() {
        return "/" + path().replace('.', '/');
    }
}
