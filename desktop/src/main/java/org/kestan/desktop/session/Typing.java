package org.kestan.desktop.session;

import java.util.LinkedHashSet;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ObservableValue;
import org.kestan.base.sheet.Line;

/** What is being typed, for views that show it large: the field that last had the focus. */
public final class Typing {

    private final ReadOnlyObjectWrapper<Line<?>> line = new ReadOnlyObjectWrapper<>(this, "line");
    private final StringProperty text = new SimpleStringProperty(this, "text", "");
    private final StringProperty note = new SimpleStringProperty(this, "note", "");
    private final Set<Line<?>> refused = new LinkedHashSet<>();
    private String number = "";

    Typing() {}

    /** A field got the focus: its text and note are followed from now on. */
    public void begin(Line<?> next, String of, ObservableValue<String> typed, ObservableValue<String> said) {
        number = of;
        text.bind(typed);
        note.bind(said);
        line.set(next);
    }

    /** A field lost the focus: its text was accepted, or can't be. */
    public void end(Line<?> left, boolean taken) {
        if (taken) {
            refused.remove(left);
        } else {
            refused.add(left);
        }
    }

    /** Returns the lines whose fields contain text that can't be accepted. */
    public Set<Line<?>> refused() {
        return Set.copyOf(refused);
    }

    /** Forgets text that can't be accepted, because another job is shown. */
    void forget() {
        refused.clear();
    }

    /** The line of the field that last had the focus; null before the first. */
    public ReadOnlyObjectProperty<Line<?>> lineProperty() {
        return line.getReadOnlyProperty();
    }

    /** Returns its number on the sheet, empty for none. */
    public String number() {
        return number;
    }

    /** The text in it. */
    public StringProperty textProperty() {
        return text;
    }

    /** The note below it: the value in the other unit, a question, an error. */
    public StringProperty noteProperty() {
        return note;
    }
}
