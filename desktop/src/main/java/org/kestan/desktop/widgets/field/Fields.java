package org.kestan.desktop.widgets.field;

import javafx.scene.Node;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.session.JobSession;

/** Makes the field of a line: a choice if there are choices, otherwise a text field. */
public final class Fields {

    private Fields() {}

    /**
     * Makes the field of a line.
     *
     * @param number the line's number on the sheet, empty for none
     */
    public static Node of(JobSession session, WorkingOrder order, Line<?> line, String number) {
        return line.type().choices().isEmpty()
                ? new EntryField(session, JobEntries.of(line, session::standards), number, order)
                : ChoiceField.of(session, order, line);
    }
}
