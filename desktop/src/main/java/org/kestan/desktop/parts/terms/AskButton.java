package org.kestan.desktop.parts.terms;

import javafx.geometry.Bounds;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;

/** A "?" that shows what a term means, until the next click or Esc. */
public final class AskButton extends Button {

    /** Makes a "?" for a term. */
    public AskButton(Term term) {
        super("?");
        getStyleClass().setAll("ask");
        setAccessibleText("What is " + term.word() + "?");
        setFocusTraversable(false);
        setOnAction(action -> show(term));
    }

    private void show(Term term) {
        Label word = new Label(term.word());
        word.getStyleClass().add("ask-word");
        Label meaning = new Label(term.meaning());
        meaning.getStyleClass().add("ask-meaning");
        meaning.setWrapText(true);
        VBox card = new VBox(word, meaning);
        card.getStyleClass().addAll(getScene().getRoot().getStyleClass());
        card.getStyleClass().add("ask-card");
        card.getStylesheets().setAll(getScene().getStylesheets());
        card.setStyle(getScene().getRoot().getStyle());
        Popup popup = new Popup();
        popup.setAutoHide(true);
        popup.setHideOnEscape(true);
        popup.getContent().add(card);
        Bounds at = localToScreen(getBoundsInLocal());
        popup.show(this, at.getMinX(), at.getMaxY() + 4);
    }
}
