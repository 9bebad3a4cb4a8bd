package org.kestan.desktop.widgets.terms;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import org.kestan.desktop.widgets.field.Explainable;

/** A small card with a word and its meaning, below what it belongs to, until the next click or Esc. */
public final class HelpCard {

    private HelpCard() {}

    /**
     * Explains a control, with its own text or its text for screen readers.
     *
     * @return whether there was any help to show
     */
    public static boolean about(Node control) {
        for (Node each = control; each != null; each = each.getParent()) {
            if (each instanceof Explainable explained) {
                show(control, explained.word(), explained.meaning());
                return true;
            }
        }
        String word = said(control.getAccessibleText());
        String meaning = said(control.getAccessibleHelp());
        if (control instanceof Labeled labeled && word.isEmpty()) {
            word = said(labeled.getText());
        }
        if (word.isEmpty() && meaning.isEmpty()) {
            return false;
        }
        show(control, word, meaning);
        return true;
    }

    private static String said(String text) {
        return text == null ? "" : text;
    }

    /** Shows a card under a node. */
    static void show(Node under, String word, String meaning) {
        Label head = new Label(word);
        head.getStyleClass().add("ask-word");
        Label body = new Label(meaning);
        body.setId("help-card-meaning");
        body.getStyleClass().add("ask-meaning");
        body.setWrapText(true);
        body.setManaged(!meaning.isEmpty());
        VBox card = new VBox(head, body);
        card.setId("help-card");
        card.getStyleClass().add("ask-card");
        card.getStylesheets().setAll(under.getScene().getStylesheets());
        under.getScene().getRoot().getPseudoClassStates().forEach(state -> card.pseudoClassStateChanged(state, true));
        Popup popup = new Popup();
        popup.setAutoHide(true);
        popup.setHideOnEscape(true);
        popup.getContent().add(card);
        Bounds at = under.localToScreen(under.getBoundsInLocal());
        popup.show(under, at.getMinX(), at.getMaxY() + 4);
    }
}
