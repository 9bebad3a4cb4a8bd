package org.kestan.desktop.rooms.picture;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Dimension;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Job;

/** The lengths that give a photograph its scale, as they are typed. */
final class PictureLengths {

    /** Scale lengths closer together than this count as the same, mm. */
    private static final double SAME = 0.05;

    private final JobSession session;
    private final TextField scale = field("picture-scale", 9);
    private final TextField known = field("picture-known", 8);
    private final TextField distance = field("picture-distance", 7);
    private final TextField inset = field("picture-inset", 6);
    private final Map<TextField, String> lent = new HashMap<>();

    /** @param changed called once something was typed */
    PictureLengths(JobSession session, Runnable changed) {
        this.session = session;
        for (TextField each : all()) {
            each.setOnAction(event -> typed(each, changed));
            each.focusedProperty().addListener((property, was, is) -> {
                if (!is) {
                    typed(each, changed);
                }
            });
        }
    }

    private List<TextField> all() {
        return List.of(scale, known, distance, inset);
    }

    private static TextField field(String id, int columns) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    /** The fields, each with its label. */
    List<Node> fields() {
        return List.of(
                labeled(Messages.message("picture-room.scale"), scale),
                labeled(Messages.message("picture-room.known"), known),
                labeled(Messages.message("picture-room.distance"), distance),
                labeled(Messages.message("picture-room.inset"), inset));
    }

    private static HBox labeled(String text, TextField field) {
        Label label = new Label(text);
        label.setLabelFor(field);
        field.setAccessibleText(text);
        HBox box = new HBox(4, label, field);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /** A text that is not a length is reported, and stays in its field. */
    private void typed(TextField field, Runnable changed) {
        if (!field.getText().isBlank() && Length.parse(field.getText()) instanceof Parsed.Bad<Length> bad) {
            session.complain(session.words().problem(bad.problem(), bad.accepted()));
        }
        changed.run();
    }

    /** Shows the values of the sheet if nothing is typed. */
    void show(Job job) {
        scale.setPromptText(job.get(Dimension.SCALE).map(Length::text).orElse(""));
    }

    /** Another instrument was opened. */
    void clear() {
        all().forEach(TextField::clear);
    }

    /**
     * Fills in the measures of a sample, mm, if nothing is typed; its scale length if the sheet has another or none.
     */
    void lend(double sampleScale, double sampleDistance, double sampleInset) {
        takeBack();
        OptionalDouble own = scale();
        if (own.isEmpty() || Math.abs(own.getAsDouble() - sampleScale) > SAME) {
            lend(scale, sampleScale);
        }
        lend(distance, sampleDistance);
        lend(inset, sampleInset);
    }

    private void lend(TextField field, double length) {
        if (field.getText().isBlank()) {
            lent.put(field, millimeters(length));
            field.setText(millimeters(length));
        }
    }

    /** Removes the measures of a sample again: no other picture was taken like that. */
    void takeBack() {
        lent.forEach((field, text) -> {
            if (field.getText().equals(text)) {
                field.clear();
            }
        });
        lent.clear();
    }

    private static String millimeters(double length) {
        return String.format(Locale.ROOT, "%.1f mm", length);
    }

    /** Scale length, mm: what was typed here, for an instrument far away; otherwise the sheet's. */
    OptionalDouble scale() {
        OptionalDouble typed = length(scale);
        return typed.isPresent()
                ? typed
                : session.job()
                        .get(Dimension.SCALE)
                        .map(length -> OptionalDouble.of(length.millimeters()))
                        .orElse(OptionalDouble.empty());
    }

    /** A length visible in the picture, mm. */
    OptionalDouble known() {
        return length(known);
    }

    /** From the camera to the board, mm. */
    OptionalDouble distance() {
        return length(distance);
    }

    /** How far inside the board's edge the string is, mm. */
    OptionalDouble inset() {
        return length(inset);
    }

    private static OptionalDouble length(TextField field) {
        return field.getText().isBlank()
                ? OptionalDouble.empty()
                : Length.parse(field.getText())
                        .optional()
                        .map(Length::millimeters)
                        .filter(mm -> mm > 0)
                        .map(OptionalDouble::of)
                        .orElse(OptionalDouble.empty());
    }
}
