package org.kestan.desktop.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
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
    private final List<Label> values = new ArrayList<>();
    private final List<Label> remarks = new ArrayList<>();
    private final List<Tooltip> sources = new ArrayList<>();
    private final Label note = new Label();
    private WorkFigures.Group group;

    /**
     * @param say told what was copied
     */
    FigureCard(WorkFigures.Group group, Consumer<String> say) {
        this.say = say;
        this.group = group;
        getStyleClass().add("card");
        Label title = new Label(group.title());
        title.getStyleClass().add("card-title");
        Button copy = new Button(null, new FontIcon("fth-copy"));
        copy.getStyleClass().setAll("card-copy");
        copy.setAccessibleText("Copy " + group.title());
        copy.setFocusTraversable(false);
        copy.setOnAction(action -> copy(text(this.group), group.title()));
        HBox head = new HBox(title, copy);
        head.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("card-grid");
        int row = 0;
        for (WorkFigures.Line line : group.lines()) {
            Label remark = new Label();
            remark.getStyleClass().add("card-remark");
            remarks.add(remark);
            Label label = new Label(line.label());
            label.getStyleClass().add("card-label");
            label.setMinWidth(Region.USE_PREF_SIZE);
            Label value = value(line.label(), row);
            values.add(value);
            Tooltip source = new Tooltip();
            value.setTooltip(source);
            sources.add(source);
            grid.addRow(row++, label, value, remark);
        }
        note.getStyleClass().add("card-note");
        note.setWrapText(true);
        getChildren().addAll(head, grid, note);
        show(group);
    }

    /** Tells whether this card can show a group: the same lines under the same title. */
    boolean fits(WorkFigures.Group other) {
        return group.title().equals(other.title()) && labels(group).equals(labels(other));
    }

    /** Shows the numbers of a group that fits. */
    void show(WorkFigures.Group next) {
        group = next;
        for (int i = 0; i < values.size(); i++) {
            WorkFigures.Line line = next.lines().get(i);
            values.get(i).setText(line.value());
            values.get(i).setAccessibleText(line.label() + ": " + line.value() + ". " + line.source());
            sources.get(i).setText(line.source().isEmpty() ? "Click to copy" : line.source());
            remarks.get(i).setText(line.remark());
        }
        note.setText(next.note());
        note.setManaged(!next.note().isEmpty());
    }

    private static List<String> labels(WorkFigures.Group group) {
        return group.lines().stream().map(WorkFigures.Line::label).toList();
    }

    private Label value(String label, int row) {
        Label value = new Label();
        value.getStyleClass().add("card-value");
        value.setId("value-" + label.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
        value.setMinWidth(Region.USE_PREF_SIZE);
        value.setOnMouseClicked(click -> copy(group.lines().get(row).value(), label));
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
