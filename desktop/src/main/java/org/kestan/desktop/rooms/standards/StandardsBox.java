package org.kestan.desktop.rooms.standards;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;

/** A group of fields saved together: on Enter, and when a field is left. */
abstract class StandardsBox extends VBox {

    /** @param title what stands over it */
    StandardsBox(String title) {
        getStyleClass().add("standards-group");
        Label head = new Label(title);
        head.getStyleClass().add("place-title");
        getChildren().add(head);
    }

    /** Saves the contents of the fields, or reports what is wrong. */
    abstract void keep();

    final void put(String label, String id, TextInputControl field) {
        Label name = new Label(label);
        name.getStyleClass().add("entry-label");
        name.setLabelFor(field);
        name.setWrapText(true);
        field.setId(id);
        field.setAccessibleText(label);
        if (field instanceof TextField line) {
            line.setOnAction(event -> keep());
        }
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                keep();
            }
        });
        getChildren().addAll(name, field);
    }

    /** Shows the saved values, unless somebody is typing. */
    static void set(TextInputControl field, String text) {
        if (!field.isFocused() && !field.getText().equals(text)) {
            field.setText(text);
        }
    }
}
