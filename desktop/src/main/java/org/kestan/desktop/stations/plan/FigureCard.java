package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.text.Card;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * A card with numbers of a plan that belong together. Click a value to copy it, or use the button to copy the whole
 * card.
 */
final class FigureCard extends VBox {

    private final Consumer<String> say;
    private final List<Label> values = new ArrayList<>();
    private final List<Label> remarks = new ArrayList<>();
    private final Label note = new Label();
    private Card card;

    /**
     * @param say receives what was copied
     */
    FigureCard(Card card, Consumer<String> say) {
        this.say = say;
        this.card = card;
        getStyleClass().add("card");
        Label title = new Label(card.title());
        title.getStyleClass().add("card-title");
        Button copy = new Button(null, new FontIcon("fth-copy"));
        copy.getStyleClass().setAll("card-copy");
        copy.setAccessibleText(Messages.message("figure-card.copy", card.title()));
        copy.setFocusTraversable(false);
        copy.setOnAction(action -> copy(text(this.card), card.title()));
        HBox head = new HBox(title, copy);
        head.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("card-grid");
        int at = 0;
        for (Card.Row row : card.rows()) {
            Label remark = new Label();
            remark.getStyleClass().add("card-remark");
            remark.setWrapText(true);
            remark.setMinWidth(0);
            remarks.add(remark);
            Label label = new Label(row.label());
            label.getStyleClass().add("card-label");
            label.setMinWidth(Region.USE_PREF_SIZE);
            Label value = value(row.label(), at);
            values.add(value);
            int which = at;
            LazyTooltip.on(value, () -> {
                String source = this.card.rows().get(which).source();
                return source.isEmpty() ? Messages.message("figure-card.click-to-copy") : source;
            });
            // In a narrow card the remark goes below its value.
            FlowPane said = new FlowPane(value, remark);
            said.getStyleClass().add("card-said");
            said.setRowValignment(VPos.BASELINE);
            remark.maxWidthProperty().bind(said.widthProperty());
            remark.managedProperty().bind(remark.textProperty().isNotEmpty());
            GridPane.setHgrow(said, Priority.ALWAYS);
            GridPane.setValignment(label, VPos.TOP);
            grid.addRow(at++, label, said);
        }
        note.getStyleClass().add("card-note");
        note.setWrapText(true);
        getChildren().addAll(head, grid, note);
        show(card);
    }

    /** Returns whether this card can show another card: the same rows under the same title. */
    boolean fits(Card other) {
        return card.id() == other.id() && labels(card).equals(labels(other));
    }

    /** Shows the numbers of a matching card. */
    void show(Card next) {
        card = next;
        for (int i = 0; i < values.size(); i++) {
            Card.Row row = next.rows().get(i);
            values.get(i).setText(row.value());
            values.get(i).setAccessibleText(row.label() + ": " + row.value() + ". " + row.source());
            remarks.get(i).setText(row.remark());
        }
        note.setText(next.note());
        note.setManaged(!next.note().isEmpty());
    }

    private static List<String> labels(Card card) {
        return card.rows().stream().map(Card.Row::label).toList();
    }

    private Label value(String label, int at) {
        Label value = new Label();
        value.getStyleClass().add("card-value");
        value.setId("value-" + label.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"));
        value.setMinWidth(Region.USE_PREF_SIZE);
        value.setOnMouseClicked(click -> copy(card.rows().get(at).value(), label));
        return value;
    }

    private void copy(String text, String what) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
        say.accept(Messages.message("figure-card.copied", what));
    }

    private static String text(Card card) {
        return card.rows().stream()
                .map(row ->
                        row.label() + ": " + row.value() + (row.remark().isEmpty() ? "" : " (" + row.remark() + ")"))
                .collect(Collectors.joining("\n", card.title() + "\n", "\n"));
    }
}
