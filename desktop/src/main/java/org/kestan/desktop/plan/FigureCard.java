package org.kestan.desktop.plan;

import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.reckoning.WorkFigures;
import org.kordamp.ikonli.javafx.FontIcon;

/** A group of work figures as a card. A click on a value copies it, the button copies the whole group. */
final class FigureCard extends VBox {

    private final Consumer<String> say;

    /**
     * @param say told what was copied
     */
    FigureCard(WorkFigures.Group group, Consumer<String> say) {
        this.say = say;
        getStyleClass().add("card");
        Label title = new Label(group.title());
        title.getStyleClass().add("card-title");
        Button copy = new Button(null, new FontIcon("fth-copy"));
        copy.getStyleClass().setAll("card-copy");
        copy.setAccessibleText("Copy " + group.title());
        copy.setFocusTraversable(false);
        copy.setOnAction(action -> copy(text(group), group.title()));
        HBox head = new HBox(title, copy);
        head.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("card-grid");
        int row = 0;
        for (WorkFigures.Line line : group.lines()) {
            Label remark = new Label(line.remark());
            remark.getStyleClass().add("card-remark");
            Label label = new Label(line.label());
            label.getStyleClass().add("card-label");
            label.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(row++, label, value(line), remark);
        }
        getChildren().addAll(head, grid);
        if (!group.note().isEmpty()) {
            Label note = new Label(group.note());
            note.getStyleClass().add("card-note");
            note.setWrapText(true);
            getChildren().add(note);
        }
    }

    private Label value(WorkFigures.Line line) {
        Label value = new Label(line.value());
        value.getStyleClass().add("card-value");
        value.setId("value-" + line.label().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
        value.setAccessibleText(line.label() + ": " + line.value());
        value.setMinWidth(Region.USE_PREF_SIZE);
        value.setOnMouseClicked(click -> copy(line.value(), line.label()));
        return value;
    }

    private void copy(String text, String what) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
        say.accept("Copied: " + what);
    }

    private static String text(WorkFigures.Group group) {
        return group.lines().stream()
                .map(line -> line.label() + ": " + line.value()
                        + (line.remark().isEmpty() ? "" : " (" + line.remark() + ")"))
                .collect(Collectors.joining("\n", group.title() + "\n", "\n"));
    }
}
