package org.kestan.desktop.session;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ObservableValue;
import org.kestan.ground.sheet.Line;

/** What is being typed, for whoever shows it large: the field that had the focus last. */
public final class Typing {

    private final ReadOnlyObjectWrapper<Line<?>> line = new ReadOnlyObjectWrapper<>(this, "line");
    private final StringProperty text = new SimpleStringProperty(this, "text", "");
    private final StringProperty note = new SimpleStringProperty(this, "note", "");
    private String number = "";

    Typing() {}

    /** A field got the focus: its text and what is said of it are followed from now on. */
    public void begin(Line<?> next, String of, ObservableValue<String> typed, ObservableValue<String> said) {
        number = of;
        text.bind(typed);
        note.bind(said);
        line.set(next);
    }

    /** The line of the field that had the focus last; null before the first. */
    public ReadOnlyObjectProperty<Line<?>> lineProperty() {
        return line.getReadOnlyProperty();
    }

    /** Returns its number on the sheet, empty for none. */
    public String number() {
        return number;
    }

    /** What is typed in it. */
    public StringProperty textProperty() {
        return text;
    }

    /** What is said under it: the value in the other unit, a question, an error. */
    public StringProperty noteProperty() {
        return note;
    }
}
