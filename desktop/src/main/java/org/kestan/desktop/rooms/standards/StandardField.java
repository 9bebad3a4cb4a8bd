package org.kestan.desktop.rooms.standards;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Parsed;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.Explainable;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.text.Wording;

/** One standard: its label, the value as typed, its source, and a way to reset it. */
final class StandardField extends VBox implements Explainable {

    private final Standard standard;
    private final JobSession session;
    private final Consumer<ShopStandards> taker;
    private final TextField input = new TextField();
    private final Label mark = new Label();
    private final Label error = new Label();
    private final Button reset = new Button(Messages.message("standard-field.back"));
    private ShopStandards shop = ShopStandards.DEFAULT;

    StandardField(Standard standard, JobSession session, Consumer<ShopStandards> taker) {
        this.session = session;
        this.standard = standard;
        this.taker = taker;
        getStyleClass().add("standard");
        input.setId("standard-" + standard.key());
    }

    /** Builds the visible parts; before that the field only keeps its place. */
    void build() {
        if (!getChildren().isEmpty()) {
            return;
        }
        Label label = new Label(Wording.label(standard));
        label.getStyleClass().add("standard-label");
        label.setLabelFor(input);
        label.setWrapText(true);
        input.setAccessibleText(Wording.label(standard.group()) + ", " + Wording.label(standard));
        input.setAccessibleHelp(Wording.more(standard, "note"));
        input.getStyleClass().add("standard-input");
        Label unit = new Label(Wording.label(standard.measure()));
        unit.getStyleClass().add("standard-unit");
        mark.getStyleClass().add("standard-mark");
        mark.setId(input.getId() + "-mark");
        reset.setId(input.getId() + "-reset");
        reset.getStyleClass().add("link-button");
        reset.setFocusTraversable(false);
        reset.setOnAction(event -> write(standard.startText()));
        LazyTooltip.on(mark, () -> Wording.more(shop.origin(standard), "meaning"));
        LazyTooltip.on(
                reset,
                () -> Messages.message(
                        "standard-field.back-to", standard.startText(), Wording.more(standard.origin(), "meaning")));
        Label note = new Label(Wording.more(standard, "note"));
        note.getStyleClass().add("standard-note");
        HBox row = new HBox(label, input, unit, mark, reset, note);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("standard-row");
        error.setId(input.getId() + "-error");
        error.getStyleClass().addAll("entry-note", "entry-note-error");
        error.setManaged(false);
        error.setWrapText(true);
        getChildren().addAll(row, error);
        input.setOnAction(event -> write(input.getText()));
        input.focusedProperty().addListener((property, was, is) -> {
            if (!is && !input.getText().equals(shop.text(standard))) {
                write(input.getText());
            }
        });
        input.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                show(shop);
                key.consume();
            }
        });
        show(shop);
    }

    private void write(String typed) {
        Parsed<ShopStandards> next = shop.with(standard, typed);
        if (next instanceof Parsed.Bad<ShopStandards> bad) {
            say(session.words().correction(bad));
            return;
        }
        taker.accept(next.optional().orElseThrow(Expect.present("valid value")));
        show(next.optional().orElseThrow(Expect.present("valid value")));
    }

    /** Returns whether all words occur in the texts of the value. */
    boolean has(List<String> words) {
        String said = String.join(
                        " ",
                        Wording.label(standard),
                        Wording.more(standard, "note"),
                        Wording.label(standard.group()),
                        Wording.label(shop.origin(standard)))
                .toLowerCase(Locale.ROOT);
        return words.stream().allMatch(said::contains);
    }

    boolean isIn(Standard.Group group) {
        return standard.group() == group;
    }

    @Override
    public String word() {
        return Wording.label(standard);
    }

    @Override
    public String meaning() {
        return Messages.message(
                "standard-field.where-it-comes-from",
                Wording.more(standard, "note"),
                Wording.more(shop.origin(standard), "meaning"),
                (shop.isSet(standard)
                        ? Messages.message(
                                "standard-field.a-shop-starts-with",
                                standard.startText(),
                                Wording.more(standard.origin(), "meaning"))
                        : ""));
    }

    @Override
    public void requestFocus() {
        build();
        input.requestFocus();
    }

    private void say(String problem) {
        error.setText(problem);
        error.setVisible(!problem.isEmpty());
        error.setManaged(!problem.isEmpty());
        input.getStyleClass().remove("input-error");
        if (!problem.isEmpty()) {
            input.getStyleClass().add("input-error");
        }
    }

    void show(ShopStandards next) {
        shop = next;
        if (getChildren().isEmpty()) {
            return;
        }
        input.setText(next.text(standard));
        Origin from = next.origin(standard);
        mark.setText(Wording.label(from));
        reset.setVisible(next.isSet(standard));
        reset.setAccessibleText(
                Messages.message("standard-field.was-reset", Wording.label(standard), standard.startText()));
        say("");
    }
}
