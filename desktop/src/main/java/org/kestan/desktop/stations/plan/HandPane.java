package org.kestan.desktop.stations.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.util.StringConverter;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.PlayerHands;

/**
 * How hard this player plays, found from the note that just starts to buzz, or taken from another of the owner's
 * instruments.
 */
final class HandPane extends FlowPane {

    private final JobSession session;
    private final JobStore store;
    private final ComboBox<Integer> string = new ComboBox<>();
    private final ComboBox<Integer> pressed = new ComboBox<>();
    private final Label said = new Label();
    private final Button keep = new Button(Messages.message("hand-pane.keep"));
    private final Button other = new Button();
    private final Button forget = new Button(Messages.message("hand-pane.forget"));
    private String askedFor = "";
    private Optional<Job> found = Optional.empty();

    HandPane(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
        setId("hand");
        getStyleClass().add("plan-head");
        string.setId("hand-string");
        pressed.setId("hand-fret");
        keep.setId("hand-keep");
        other.setId("hand-other");
        forget.setId("hand-forget");
        said.setId("hand-said");
        string.setPromptText(Messages.message("hand-pane.string"));
        pressed.setPromptText(Messages.message("hand-pane.fret"));
        pressed.setConverter(new FretWords());
        Label asked = new Label(Messages.message("hand-pane.just-buzzes"));
        asked.setLabelFor(string);
        getChildren().addAll(asked, string, pressed, said, keep, other, forget);
        string.valueProperty().addListener((property, old, next) -> show());
        pressed.valueProperty().addListener((property, old, next) -> show());
        keep.setOnAction(event -> force().ifPresent(this::take));
        other.setOnAction(
                event -> found.flatMap(job -> job.get(Lines.PLUCK_FORCE)).ifPresent(this::take));
        forget.setOnAction(event -> session.edit(job -> job.without(Lines.PLUCK_FORCE)));
    }

    /**
     * Shows the current job.
     *
     * @param swing the strings as measured
     */
    void show(Swing swing) {
        List<Integer> strings =
                swing.strings().stream().map(StringOverFrets::number).toList();
        if (!string.getItems().equals(strings)) {
            string.getItems().setAll(strings);
            pressed.getItems()
                    .setAll(IntStream.range(0, swing.crowns().last()).boxed().toList());
        }
        String owner = session.job().text(Lines.OWNER);
        if (!owner.equals(askedFor)) {
            askedFor = owner;
            found = Optional.empty();
            store.ask(() -> PlayerHands.latest(store.ledger(), owner), job -> {
                found = job;
                show();
            });
        }
        show();
    }

    private OptionalDouble force() {
        return string.getValue() == null || pressed.getValue() == null
                ? OptionalDouble.empty()
                : StringClearance.force(session.analysis().sheetAnalysis(), string.getValue(), pressed.getValue());
    }

    private void take(double force) {
        String newtons = newtons(force);
        session.edit(job -> job.with(Lines.PLUCK_FORCE, Double.parseDouble(newtons)));
        session.say(Messages.message("hand-pane.kept", newtons));
    }

    private void show() {
        Optional<Double> kept = session.job().get(Lines.PLUCK_FORCE);
        boolean chosen = string.getValue() != null && pressed.getValue() != null;
        OptionalDouble force = force();
        said.setText(
                force.isPresent()
                        ? Messages.message("hand-pane.that-is", newtons(force.getAsDouble()))
                        : chosen
                                ? Messages.message("hand-pane.touches-at-rest")
                                : kept.map(each -> Messages.message("hand-pane.goes-by", newtons(each)))
                                        .orElse(""));
        visible(keep, force.isPresent());
        visible(forget, kept.isPresent());
        Optional<Double> elsewhere = found.flatMap(job -> job.get(Lines.PLUCK_FORCE));
        other.setText(elsewhere
                .map(each -> Messages.message(
                        "hand-pane.as-found-on", found.map(Job::name).orElse(""), newtons(each)))
                .orElse(""));
        visible(other, kept.isEmpty() && elsewhere.isPresent());
    }

    private static void visible(Button button, boolean shown) {
        button.setVisible(shown);
        button.setManaged(shown);
    }

    private static String newtons(double force) {
        return String.format(Locale.ROOT, "%.2f", force);
    }

    private static final class FretWords extends StringConverter<Integer> {

        @Override
        public String toString(Integer fret) {
            return fret == null
                    ? ""
                    : fret == 0 ? Messages.message("hand-pane.open") : Messages.message("hand-pane.pressed", fret);
        }

        @Override
        public Integer fromString(String text) {
            throw new UnsupportedOperationException("it is only chosen");
        }
    }
}
