package org.kestan.desktop.widgets.field;

import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Detail;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.text.Wording;

/**
 * A text of several lines. Enter takes it and moves on, Shift+Enter starts a new line, Tab moves on as everywhere.
 */
public final class LinesField extends VBox implements Explainable {

    private final JobSession session;
    private final Detail<String> line;
    /** The height of a line of text, and of the border around the lines, in text sizes. */
    private static final double LINE = 1.75;

    private static final double PADDING = 0.8;

    private final TextArea input = new TextArea();
    private String shown = "";

    /**
     * @param rows how many lines are seen at once
     */
    public LinesField(JobSession session, WorkingOrder order, Detail<String> line, int rows) {
        this.session = session;
        this.line = line;
        getStyleClass().add("entry");
        Label label = new Label(Wording.label(line));
        label.getStyleClass().addAll("entry-label", "entry-head");
        label.setLabelFor(input);
        input.setId(EntryField.id(line));
        input.setAccessibleText(Wording.label(line));
        input.setAccessibleHelp(Wording.hint(line));
        input.setWrapText(true);
        input.setPrefRowCount(rows);
        input.setPrefColumnCount(10);
        getChildren().addAll(label, input);
        // Its height depends on the text size alone, because what the skin measures of the typeface depends on earlier
        // content.
        input.setStyle(String.format(Locale.ROOT, "-fx-pref-height: %.2fem;", rows * LINE + PADDING));
        order.add(input);
        input.addEventFilter(KeyEvent.KEY_PRESSED, key -> pressed(key, order));
        input.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                session.hint(input, Messages.message("lines-field.shift-enter-begins-a", Wording.hint(line)));
            } else {
                take();
            }
        });
        session.analysisProperty()
                .addListener((property, old, next) -> show(next.job().text(line)));
        show(session.job().text(line));
    }

    private void pressed(KeyEvent key, WorkingOrder order) {
        if (key.getCode() == KeyCode.ENTER && key.isShiftDown()) {
            input.replaceSelection("\n");
        } else if (key.getCode() == KeyCode.ENTER) {
            take();
            order.next(input);
        } else if (key.getCode() == KeyCode.ESCAPE && !input.getText().equals(shown)) {
            input.setText(shown);
        } else if (key.getCode() == KeyCode.TAB && !key.isControlDown()) {
            // A text area would keep the tab; here it moves on.
            key.consume();
            input.fireEvent(
                    new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, key.isShiftDown(), true, false, false));
            return;
        } else if (key.getCode() == KeyCode.Z
                && key.isShortcutDown()
                && input.getText().equals(shown)) {
            if (key.isShiftDown()) {
                session.redo();
            } else {
                session.undo();
            }
        } else {
            return;
        }
        key.consume();
    }

    private void take() {
        String typed = input.getText().strip();
        if (!typed.equals(shown)) {
            shown = typed;
            session.edit(job -> typed.isEmpty() ? job.without(line) : job.with(line, typed));
        }
    }

    private void show(String text) {
        if (!text.equals(shown)) {
            shown = text;
            input.setText(text);
        }
    }

    @Override
    public String word() {
        return Wording.label(line);
    }

    @Override
    public String meaning() {
        return Messages.message("lines-field.enter-goes-on-shift", Wording.hint(line));
    }
}
