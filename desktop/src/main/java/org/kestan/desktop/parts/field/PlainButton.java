package org.kestan.desktop.parts.field;

import javafx.scene.control.Button;

/** A button with words on it and no more. */
public final class PlainButton extends Button {

    /**
     * @param id by which it is found
     * @param action what it does
     */
    public PlainButton(String words, String id, Runnable action) {
        super(words);
        setId(id);
        getStyleClass().add("plain-button");
        setOnAction(event -> action.run());
    }
}
