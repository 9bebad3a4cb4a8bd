package org.kestan.desktop.stations.bench;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.desktop.session.JobSession;

/** A line under a step for a question; shown only while it is open. */
final class StepPrompt extends HBox {

    private final JobSession session;
    private final Runnable closed;
    private final Label what = new Label();
    private final TextField answer = new TextField();
    private Consumer<String> taker = said -> {};
    private String missing = "";

    /**
     * @param closed called when the question is closed
     */
    StepPrompt(JobSession session, Runnable closed) {
        this.session = session;
        this.closed = closed;
        getStyleClass().add("step-asking");
        setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(answer, Priority.ALWAYS);
        answer.setId("step-asked");
        what.setLabelFor(answer);
        what.setMinWidth(USE_PREF_SIZE);
        answer.setOnAction(event -> take());
        answer.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                close();
                key.consume();
            }
        });
        getChildren().addAll(what, answer);
        open(false);
    }

    /**
     * Asks for something.
     *
     * @param question label in front of the field
     * @param prompt prompt text in the field
     * @param ifNothing message when Enter is pressed on an empty field
     * @param then takes the answer
     */
    void ask(String question, String prompt, String ifNothing, Consumer<String> then) {
        what.setText(question);
        answer.setPromptText(prompt);
        missing = ifNothing;
        taker = then;
        open(true);
        answer.requestFocus();
    }

    private void take() {
        String said = answer.getText().strip();
        if (said.isEmpty()) {
            session.complain(missing);
            return;
        }
        close();
        taker.accept(said);
    }

    private void close() {
        answer.clear();
        open(false);
        closed.run();
    }

    private void open(boolean open) {
        setVisible(open);
        setManaged(open);
    }
}
