package org.kestan.desktop.field;

import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.notation.Parsed;
import org.kestan.sheet.Item;

/** One value of the job as text: how it is read out of the job and how typed text goes into it. */
public interface Entry {

    /** Returns the label beside the field. */
    String label();

    /** Returns one line on what to enter or where to put the tool. */
    String hint();

    /** Returns the JSON pointer of the value, by which faults find their field. */
    String pointer();

    /** Returns the text of the value, as typed; empty when there is none. */
    String text(Job job);

    /**
     * Puts typed text into the job. Empty text takes the value off.
     *
     * @return the job with the value, or what is wrong with the text
     */
    Parsed<Job> write(Job job, String typed);

    /** Returns the line of the sheet this is, if it is one. */
    default Optional<Item> item() {
        return Optional.empty();
    }
}
