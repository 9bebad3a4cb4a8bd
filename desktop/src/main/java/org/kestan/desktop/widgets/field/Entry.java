package org.kestan.desktop.widgets.field;

import java.util.Optional;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.job.Job;

/** One value of the job as text: how it is read from the job, and how typed text goes into it. */
public interface Entry {

    /** Returns the line of the value. */
    Line<?> line();

    /** Returns the label of the field. */
    String label();

    /** Returns one line on what to enter or where to put the tool. */
    String hint();

    /** Returns the text of the value, as typed; empty if there is none. */
    String text(Job job);

    /**
     * Puts typed text into the job. Empty text removes the value.
     *
     * @return the job with the value, or what is wrong with the text
     */
    Parsed<Job> write(Job job, String typed);

    /** Returns whether it belongs to the visit on the sheet, which questions and assumed values are about. */
    default boolean onSheet() {
        return true;
    }

    /** Returns the job whose sheet it is on. */
    default Job sheet(Job job) {
        return job;
    }

    /** Returns the line if it holds a length. */
    default Optional<LengthLine> length() {
        return line() instanceof LengthLine length ? Optional.of(length) : Optional.empty();
    }
}
