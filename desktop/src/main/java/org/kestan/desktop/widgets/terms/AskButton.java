package org.kestan.desktop.widgets.terms;

import javafx.scene.control.Button;
import org.kestan.desktop.messages.Messages;

/** A "?" that shows what a term means, until the next click or Esc. */
public final class AskButton extends Button {

    /** Makes a "?" for a term. */
    public AskButton(Term term) {
        super("?");
        getStyleClass().setAll("ask");
        setAccessibleText(Messages.message("ask-button.what-is", term.word()));
        setFocusTraversable(false);
        setOnAction(action -> HelpCard.show(this, term.word(), term.meaning()));
    }
}
