package org.kestan.desktop.stations.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.finding.Keyed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.repair.picture.Operation;
import org.kestan.text.Wording;

/**
 * Choosing what is drawn beside a step: an operation, drawn from the instrument's numbers, or the shop's own
 * photograph.
 */
final class StepDrawing extends VBox {

    private final JobSession session;
    private final ComboBox<String> choice = new ComboBox<>();

    StepDrawing(JobSession session, FileChoice files) {
        this.session = session;
        List<String> all = new ArrayList<>(List.of(""));
        Stream.of(Operation.values()).map(Operation::key).forEach(all::add);
        choice.setItems(FXCollections.observableArrayList(all));
        choice.setValue("");
        choice.setId("edit-drawing");
        choice.setAccessibleText(Messages.message("step-editor.drawing"));
        choice.setConverter(new StringConverter<>() {
            @Override
            public String toString(String key) {
                return key == null || key.isEmpty()
                        ? Messages.message("step-editor.no-drawing")
                        : Keyed.find(Operation.class, key).map(Wording::label).orElse(key);
            }

            @Override
            public String fromString(String text) {
                return text;
            }
        });
        Label name = new Label(Messages.message("step-editor.drawing"));
        name.getStyleClass().add("entry-label");
        name.setLabelFor(choice);
        TextButton photograph = new TextButton(
                Messages.message("step-editor.a-photograph"),
                "edit-photograph",
                () -> files.open(
                                getScene().getWindow(),
                                Messages.message("step-editor.photograph-of-the-step"),
                                FileChoice.Kind.PICTURE)
                        .ifPresent(this::keep));
        setSpacing(4);
        getChildren().addAll(name, choice, photograph);
    }

    /** Copies a photograph to the shop's steps, and assigns it to the step being edited. */
    private void keep(Path photograph) {
        try {
            choice.setValue(session.stepsProperty().get().keepPhotograph(photograph));
        } catch (IOException failed) {
            session.complain(Messages.message("step-editor.the-photograph-could-not", photograph.getFileName()));
        }
    }

    /** Shows the drawing of a step by its key or its file; empty for none. */
    void show(String drawing) {
        choice.setValue(drawing);
    }

    /** The chosen key or file; empty for none. */
    String chosen() {
        return choice.getValue();
    }
}
