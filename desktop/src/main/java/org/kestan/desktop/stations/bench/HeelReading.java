package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedLength;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.ValueType;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.text.Wording;

/** The fields for a dry-fit reading in the heel log. */
final class HeelReading extends FlowPane {

    private final JobSession session;
    private final Consumer<HeelEntry.Read> taker;
    private final BiConsumer<Node, String> wrong;
    private final TextField projection = field("heel-projection", 7);
    private final TextField drift = field("heel-drift", 7);
    private final ComboBox<Side> toward = new ComboBox<>(FXCollections.observableArrayList(Side.values()));
    private final TextField gap = field("heel-gap", 6);
    private final TextField bassEdge = field("heel-edge-bass", 6);
    private final TextField trebleEdge = field("heel-edge-treble", 6);
    private final List<TextField> lengths = List.of(projection, drift, gap, bassEdge, trebleEdge);
    private final WorkingOrder order = new WorkingOrder();

    /**
     * @param taker takes what was read
     * @param wrong receives what is wrong, and the field
     */
    HeelReading(JobSession session, Consumer<HeelEntry.Read> taker, BiConsumer<Node, String> wrong) {
        this.session = session;
        this.taker = taker;
        this.wrong = wrong;
        getStyleClass().add("heel-entry");
        toward.setId("heel-toward");
        toward.setConverter(new StringConverter<>() {
            @Override
            public String toString(Side side) {
                return side == null ? "to\u2026" : Messages.message("heel-reading.to-the", Wording.lower(side));
            }

            @Override
            public Side fromString(String text) {
                return null;
            }
        });
        for (Node each : List.of(projection, drift, toward, gap, bassEdge, trebleEdge)) {
            order.add(each);
        }
        for (TextField each : lengths) {
            each.setOnAction(event -> order.next(each));
        }
        toward.setOnAction(event -> {
            if (toward.isFocused() && toward.getValue() != null) {
                order.next(toward);
            }
        });
        order.setAfterLast(this::take);
        getChildren()
                .addAll(
                        named(Messages.message("heel-reading.projection-slack"), projection),
                        named(Messages.message("heel-reading.drift-at-the-bridge"), drift),
                        named(" ", toward),
                        named(Messages.message("heel-reading.gap-at-the-cap"), gap),
                        named(Messages.message("heel-reading.bass-edge"), bassEdge),
                        named(Messages.message("heel-reading.treble-edge"), trebleEdge),
                        new TextButton(
                                Messages.message("heel-reading.log-the-reading"), "heel-log-reading", this::take));
    }

    /** A field of the log. */
    static TextField field(String id, int columns) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    /** A field with its label above it. */
    static VBox named(String label, Node field) {
        Label name = new Label(label);
        name.getStyleClass().add("entry-label");
        name.setLabelFor(field);
        field.setAccessibleText(label);
        return new VBox(name, field);
    }

    /** Puts the focus on the first reading. */
    void focusFirst() {
        projection.requestFocus();
    }

    private void take() {
        List<Optional<Length>> typed = new ArrayList<>();
        for (TextField each : lengths) {
            String text = TypedLength.tidy(
                    each.getText().strip(), session.bareUnitProperty().get());
            if (text.isEmpty()) {
                typed.add(Optional.empty());
                continue;
            }
            Parsed<Length> parsed = ValueType.LENGTH.parse(text);
            if (parsed instanceof Parsed.Bad<Length> bad) {
                wrong.accept(each, session.words().correction(bad));
                return;
            }
            typed.add(parsed.optional());
        }
        Optional<Length> drifted = typed.get(lengths.indexOf(drift));
        if (typed.stream().allMatch(Optional::isEmpty)) {
            wrong.accept(projection, Messages.message("heel-reading.nothing-is-read-yet"));
        } else if (drifted.filter(each -> each.millimeters() != 0).isPresent() && toward.getValue() == null) {
            wrong.accept(toward, Messages.message("heel-reading.say-to-which-side"));
        } else {
            HeelEntry.Read read = new HeelEntry.Read(
                    typed.get(lengths.indexOf(projection)),
                    drifted,
                    drifted.isPresent() ? Optional.ofNullable(toward.getValue()) : Optional.empty(),
                    typed.get(lengths.indexOf(gap)),
                    typed.get(lengths.indexOf(bassEdge)),
                    typed.get(lengths.indexOf(trebleEdge)),
                    UnknownKeys.NONE);
            lengths.forEach(TextField::clear);
            toward.setValue(null);
            taker.accept(read);
        }
    }

    /** Describes what was read. */
    static String said(HeelEntry.Read read) {
        List<String> parts = new ArrayList<>();
        read.projection().ifPresent(each -> parts.add(Messages.message("heel-reading.projection", each.text())));
        read.drift()
                .ifPresent(each -> parts.add(Messages.message("heel-reading.drift", each.text())
                        + read.toward()
                                .map(side -> Messages.message("heel-reading.toward", Wording.lower(side)))
                                .orElse("")));
        read.gap().ifPresent(each -> parts.add(Messages.message("heel-reading.gap", each.text())));
        read.bassEdge().ifPresent(each -> parts.add(Messages.message("heel-reading.bass-edge-at", each.text())));
        read.trebleEdge().ifPresent(each -> parts.add(Messages.message("heel-reading.treble-edge-at", each.text())));
        return String.join(", ", parts);
    }
}
