package org.kestan.desktop.stations.measure;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.Typing;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.job.Job;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.job.terms.Lines;
import org.kestan.overview.NextStep;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/** The reading being taken, large enough to read from the bench: where the tool goes, remarks, and its takes. */
final class NextReading extends HBox {

    private final JobSession session;
    private final Supplier<List<Line<?>>> sheet;
    private final Label title = new Label();
    private final Label value = new Label();
    private final Label note = new Label();
    private final Label hint = new Label();
    private final Label progress = new Label();
    private final FlowPane takes = new FlowPane();

    /**
     * @param sheet the lines of the sheet as it is shown
     * @param pressed moves the focus to the reading that is shown
     */
    NextReading(JobSession session, Supplier<List<Line<?>>> sheet, Runnable pressed) {
        this.session = session;
        this.sheet = sheet;
        setId("next-reading");
        getStyleClass().add("next-reading");
        setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("next-title");
        title.setId("next-title");
        value.getStyleClass().add("next-value");
        value.setId("next-value");
        // A long text stays within its column and shows the end being typed.
        value.setMinWidth(0);
        value.setTextOverrun(OverrunStyle.LEADING_ELLIPSIS);
        note.getStyleClass().add("next-note");
        note.setId("next-note");
        note.setWrapText(true);
        note.managedProperty().bind(note.textProperty().isNotEmpty().and(note.visibleProperty()));
        hint.getStyleClass().add("next-hint");
        hint.setId("next-hint");
        hint.setWrapText(true);
        progress.getStyleClass().add("card-remark");
        progress.setId("next-progress");
        takes.getStyleClass().add("next-takes");
        takes.setId("next-takes");
        // Without takes its room is the hint's.
        takes.managedProperty().bind(Bindings.isNotEmpty(takes.getChildren()));
        VBox left = new VBox(title, value);
        left.getStyleClass().add("next-left");
        VBox right = new VBox(hint, note);
        right.setMinWidth(0);
        right.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(right, Priority.ALWAYS);
        VBox far = new VBox(takes, progress);
        far.setAlignment(Pos.CENTER_RIGHT);
        far.getStyleClass().add("next-far");
        getChildren().addAll(left, right, far);
        setOnMouseClicked(event -> pressed.run());
        Typing typing = session.typing();
        value.textProperty().bind(typing.textProperty());
        note.textProperty().bind(typing.noteProperty());
        typing.lineProperty().addListener((property, old, next) -> show());
        session.settledProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    private void show() {
        Line<?> line = session.typing().lineProperty().get();
        List<Line<?>> lines = sheet.get();
        Job job = session.job();
        boolean onSheet = line instanceof AtFret || line != null && lines.contains(line);
        for (Label each : List.of(value, note)) {
            each.setVisible(onSheet);
        }
        takes.getChildren().clear();
        if (onSheet) {
            String number = session.typing().number();
            title.setText((number.isEmpty() ? "" : number + "  ") + Wording.full(line));
            hint.setText(Wording.hint(line)
                    + (line instanceof Measurable reading
                            ? Messages.message(
                                    "next-reading.tool-f4-for-another",
                                    Wording.label(job.visit().tool(reading)))
                            : ""));
            if (line instanceof Measurable reading) {
                show(reading, job);
            }
        } else {
            title.setText(Messages.message("next-reading.next"));
            hint.setText(next(lines, job)
                    .map(each -> each.number() + "  " + Wording.label(each) + ": " + Wording.hint(each))
                    .orElseGet(() -> Wording.label(NextStep.of(session.analysis(), Station.MEASURE))));
        }
        List<Line<?>> asked = lines.stream()
                .filter(each -> !Lines.OUT_OF_THE_ORDINARY.contains(each))
                .toList();
        long read = asked.stream().filter(each -> job.get(each).isPresent()).count();
        progress.setText(Messages.message("next-reading.of-on-the-sheet", read, asked.size()));
    }

    /** Returns the first of some lines that is not read yet, in working order; rare lines are not asked for. */
    static Optional<Line<?>> next(List<Line<?>> lines, Job job) {
        return lines.stream()
                .filter(each -> each.number() > 0 && each.number() < MeasureStation.FIRST_RARE)
                .filter(each -> job.get(each).isEmpty() && !Lines.OUT_OF_THE_ORDINARY.contains(each))
                .findFirst();
    }

    /** The takes of a reading, each with a button to remove it. */
    private void show(Measurable reading, Job job) {
        List<Length> all = job.visit().takesOf(reading);
        if (all.size() < 2) {
            return;
        }
        for (int i = 0; i < all.size(); i++) {
            int which = i;
            Button remove = new TextButton(all.get(i).text() + "  \u00d7", "take-" + i, () -> {
                session.edit(each -> ReadingTakes.removeTake(each, reading, which, session.standards()));
                session.say(Messages.message("next-reading.that-take-is-out"));
            });
            remove.setAccessibleText(Messages.message(
                    "next-reading.take-take-it-out", (i + 1), all.get(i).text()));
            takes.getChildren().add(remove);
        }
    }
}
