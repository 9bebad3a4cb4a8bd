package org.kestan.desktop.measure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.FindingKind;
import org.kestan.job.Job;
import org.kestan.job.Severity;

/**
 * The look inside, as a quick pass by keyboard: on each line 0 for sound, 1 for slight, 2 for serious, a note if wanted,
 * Enter for the next. What was not looked at stays "not inspected".
 */
final class InspectionPane extends VBox {

    private final JobSession session;
    private final Map<FindingKind, Row> rows = new EnumMap<>(FindingKind.class);

    InspectionPane(JobSession session, WorkingOrder order) {
        this.session = session;
        getStyleClass().add("inspection");
        Label title = new Label("2  Structure: light and mirror, feeler, palette knife, hand");
        title.getStyleClass().add("place-title");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("inspection-grid");
        int at = 0;
        for (FindingKind what : FindingKind.values()) {
            Row row = new Row(what);
            rows.put(what, row);
            grid.addRow(at++, row.name, row.choices, row.note);
        }
        EntryField notes = new EntryField(session, Entries.ofSurvey(Details.NOTES), "", order);
        notes.input().setPrefColumnCount(30);
        getChildren().addAll(title, grid, notes);
        session.reckoningProperty().addListener((property, old, next) -> show(next.job()));
        show(session.job());
    }

    private void show(Job job) {
        rows.forEach((what, row) -> row.show(job.survey().finding(what)));
    }

    private void next(FindingKind from) {
        FindingKind[] all = FindingKind.values();
        rows.get(all[(from.ordinal() + 1) % all.length]).focus();
    }

    /** One thing to look at. */
    private final class Row {

        private final FindingKind what;
        private final Label name;
        private final HBox choices = new HBox();
        private final TextField note = new TextField();
        private final ToggleGroup group = new ToggleGroup();
        private final Map<Severity, ToggleButton> buttons = new EnumMap<>(Severity.class);
        private boolean showing;

        Row(FindingKind what) {
            this.what = what;
            name = new Label(what.label());
            name.getStyleClass().add("card-label");
            name.setMinWidth(USE_PREF_SIZE);
            choices.setAlignment(Pos.CENTER_LEFT);
            for (Severity severity : Severity.values()) {
                ToggleButton button = new ToggleButton(
                        severity.ordinal() + " " + severity.label().toLowerCase(java.util.Locale.ROOT));
                button.setId("inspect-" + what.key() + "-" + severity.key());
                button.getStyleClass().add("severity");
                button.setToggleGroup(group);
                button.setFocusTraversable(severity == Severity.SOUND);
                button.setAccessibleText(what.label() + ": " + severity.label());
                button.setOnAction(event -> take(button.isSelected() ? Optional.of(severity) : Optional.empty()));
                buttons.put(severity, button);
                choices.getChildren().add(button);
            }
            choices.setOnKeyPressed(key -> {
                switch (key.getCode()) {
                    case DIGIT0, NUMPAD0 -> take(Optional.of(Severity.SOUND));
                    case DIGIT1, NUMPAD1 -> take(Optional.of(Severity.SLIGHT));
                    case DIGIT2, NUMPAD2 -> take(Optional.of(Severity.SERIOUS));
                    case DELETE, BACK_SPACE -> take(Optional.empty());
                    default -> {
                        return;
                    }
                }
                key.consume();
                next(what);
            });
            note.setPromptText("where, how");
            note.setId("inspect-" + what.key() + "-note");
            note.setPrefColumnCount(22);
            note.setAccessibleText(what.label() + ", note");
            note.setOnAction(event -> {
                takeNote();
                next(what);
            });
            note.focusedProperty().addListener((property, was, is) -> {
                if (!is) {
                    takeNote();
                }
            });
            note.setOnKeyPressed(key -> {
                if (key.getCode() == KeyCode.ESCAPE) {
                    show(session.job().survey().finding(what));
                }
            });
        }

        void focus() {
            buttons.get(Severity.SOUND).requestFocus();
        }

        void show(Optional<Finding> finding) {
            showing = true;
            group.selectToggle(finding.map(each -> buttons.get(each.severity())).orElse(null));
            String text = finding.map(Finding::note).orElse("");
            if (!note.getText().equals(text) && (!note.isFocused() || !text.isEmpty())) {
                note.setText(text);
            }
            showing = false;
        }

        private void take(Optional<Severity> severity) {
            if (!showing) {
                session.edit(job -> job.withSurvey(job.survey()
                        .withFinding(
                                what,
                                severity.map(each ->
                                        new Finding(what, each, note.getText().strip())))));
            }
        }

        private void takeNote() {
            String text = note.getText().strip();
            Optional<Finding> now = session.job().survey().finding(what);
            if (now.isPresent() ? now.get().note().equals(text) : text.isEmpty()) {
                return;
            }
            Severity severity = now.map(Finding::severity).orElse(Severity.SLIGHT);
            session.edit(job ->
                    job.withSurvey(job.survey().withFinding(what, Optional.of(new Finding(what, severity, text)))));
        }
    }
}
