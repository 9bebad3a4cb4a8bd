package org.kestan.desktop.practice;

import javafx.scene.control.Label;

/** What the drawer says about the last action, or why it was not done. */
final class DrawerNote extends Label {

    DrawerNote() {
        setId("practice-said");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        setMinWidth(0);
        say("");
    }

    /** Reports what was done, or what to do next. */
    void say(String text) {
        setText(text);
        getStyleClass().setAll("label", "card-label");
    }

    /** Explains why something was not done, or what went wrong. */
    void complain(String text) {
        setText(text);
        getStyleClass().setAll("label", "practice-wrong");
    }
}
