package org.kestan.desktop.widgets.field;

import javafx.scene.control.Button;

/** A button with only text on it. */
public final class TextButton extends Button {

    /**
     * @param id by which it is found
     * @param action what it does
     */
    public TextButton(String words, String id, Runnable action) {
        super(words);
        setId(id);
        getStyleClass().add("plain-button");
        setOnAction(event -> action.run());
    }
}
