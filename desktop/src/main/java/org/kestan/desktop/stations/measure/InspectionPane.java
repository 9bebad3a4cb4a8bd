package org.kestan.desktop.stations.measure;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.job.visits.Visit;
import org.kestan.text.Wording;

/**
 * The inspection, as a quick pass by keyboard: on each line 0 for sound, 1 for slight, 2 for serious, a note if
 * wanted, Enter for the next. What was not checked stays "not inspected".
 */
final class InspectionPane extends VBox {

    private final JobSession session;
    private final WorkingOrder order;
    private final Button summary = new Button();
    private Runnable afterLast = () -> {};
    private final Map<Defect, Row> rows = new EnumMap<>(Defect.class);

    /**
     * The pane when folded: its summary is the second stop of the sheet. Enter moves on, Space or a digit opens the
     * pane, and after its last line the sheet continues.
     */
    InspectionPane(JobSession session, WorkingOrder order) {
        this.session = session;
        this.order = order;
        getStyleClass().add("inspection");
        setId("inspection");
        summary.setId("structure");
        summary.getStyleClass().add("plain-button");
        summary.setMaxWidth(Double.MAX_VALUE);
        summary.setOnAction(event -> open(!isVisible()));
        summary.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.isShortcutDown() || key.isAltDown() || key.isMetaDown()) {
                return;
            }
            if (key.getCode() == KeyCode.A) {
                allSound();
                order.next(summary);
                key.consume();
            } else if (key.getCode() == KeyCode.ENTER) {
                order.next(summary);
                key.consume();
            } else if (key.getCode().isDigitKey() || key.getCode() == KeyCode.SPACE) {
                open(true);
                rows.get(Defect.values()[0]).focus();
                if (key.getCode().isDigitKey()) {
                    rows.get(Defect.values()[0]).choices.getOnKeyPressed().handle(key);
                }
                key.consume();
            }
        });
        summary.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                session.hint(summary, Messages.message("inspection-pane.light-and-mirror-feeler"));
            }
        });
        setVisible(false);
        setManaged(false);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                leave();
                key.consume();
            }
        });
        session.settledProperty().addListener((property, old, next) -> show(next.job()));
        show(session.job());
    }

    /** The summary, to be placed where the pane has its turn; already a stop of the sheet. */
    Node summary() {
        Label label = new Label(Messages.message("inspection-pane.2-structure"));
        label.getStyleClass().addAll("entry-label", "entry-head");
        label.setLabelFor(summary);
        VBox box = new VBox(label, summary);
        box.getStyleClass().add("entry");
        order.add(summary);
        return box;
    }

    /** Most sheets are filled in with the pane folded, so its lines are built when it is first opened. */
    private void build() {
        Label title = new Label(Messages.message("inspection-pane.0-sound-1-slight"));
        title.getStyleClass().add("card-remark");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("inspection-grid");
        int at = 0;
        for (Defect what : Defect.values()) {
            Row row = new Row(what);
            rows.put(what, row);
            grid.addRow(at++, row.name, row.choices, row.note);
        }
        WorkingOrder own = new WorkingOrder();
        own.setAfterLast(this::leave);
        EntryField notes = new EntryField(session, JobEntries.of(Lines.NOTES, session::standards), "", own);
        notes.input().setPrefColumnCount(30);
        afterLast = notes::requestFocus;
        getChildren().addAll(title, grid, notes);
        show(session.job());
    }

    /** Marks everything not checked yet as checked and sound. */
    private void allSound() {
        session.edit(job -> {
            Visit visit = job.visit();
            for (Defect what : Defect.values()) {
                if (visit.observation(what).isEmpty()) {
                    visit = visit.with(new Observation(what, Severity.SOUND, ""));
                }
            }
            return job.withVisit(visit);
        });
        session.say(Messages.message("inspection-pane.all-said-sound"));
    }

    /** Shows or folds the lines. */
    void open(boolean shown) {
        if (shown && rows.isEmpty()) {
            build();
        }
        setVisible(shown);
        setManaged(shown);
    }

    private void leave() {
        open(false);
        order.next(summary);
    }

    private void show(Job job) {
        rows.forEach((what, row) -> row.show(job.visit().observation(what)));
        int seen = job.visit().observations().size();
        long found = job.visit().observations().stream()
                .filter(each -> each.severity() != Severity.SOUND)
                .count();
        summary.setText(
                seen == 0
                        ? Messages.message("inspection-pane.not-inspected")
                        : found == 0
                                ? Messages.message("inspection-pane.all-sound", seen, Defect.values().length)
                                : Messages.message(
                                        "inspection-pane.to-watch-or-mend", seen, Defect.values().length, found));
        summary.setAccessibleText(Messages.message("inspection-pane.structure", summary.getText()));
    }

    private void next(Defect from) {
        Defect[] all = Defect.values();
        if (from.ordinal() + 1 < all.length) {
            rows.get(all[from.ordinal() + 1]).focus();
        } else {
            afterLast.run();
        }
    }

    /** One thing to inspect. */
    private final class Row {

        private final Defect what;
        private final Label name;
        private final HBox choices = new HBox();
        private final TextField note = new TextField();
        private final ToggleGroup group = new ToggleGroup();
        private final Map<Severity, ToggleButton> buttons = new EnumMap<>(Severity.class);
        private boolean showing;

        Row(Defect what) {
            this.what = what;
            name = new Label(Wording.label(what));
            name.getStyleClass().add("card-label");
            name.setMinWidth(USE_PREF_SIZE);
            choices.setAlignment(Pos.CENTER_LEFT);
            for (Severity severity : Severity.values()) {
                ToggleButton button = new ToggleButton(severity.ordinal() + " " + Wording.lower(severity));
                button.setId("inspect-" + what.key() + "-" + severity.key());
                button.getStyleClass().add("severity");
                button.setToggleGroup(group);
                button.setFocusTraversable(severity == Severity.SOUND);
                button.setAccessibleText(Wording.label(what) + ": " + Wording.label(severity));
                button.setOnAction(event -> take(button.isSelected() ? Optional.of(severity) : Optional.empty()));
                buttons.put(severity, button);
                choices.getChildren().add(button);
            }
            choices.setOnKeyPressed(key -> {
                if (key.isShortcutDown() || key.isAltDown() || key.isMetaDown()) {
                    return;
                }
                switch (key.getCode()) {
                    case DIGIT0, NUMPAD0 -> take(Optional.of(Severity.SOUND));
                    case DIGIT1, NUMPAD1 -> take(Optional.of(Severity.SLIGHT));
                    case DIGIT2, NUMPAD2 -> take(Optional.of(Severity.SERIOUS));
                    case DELETE, BACK_SPACE -> take(Optional.empty());
                    case ENTER -> {
                        // Not inspected stays not inspected.
                    }
                    default -> {
                        return;
                    }
                }
                key.consume();
                next(what);
            });
            note.setPromptText(Messages.message("inspection-pane.where-how"));
            note.setId("inspect-" + what.key() + "-note");
            note.setPrefColumnCount(22);
            note.setAccessibleText(Wording.label(what) + ", note");
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
                    show(session.job().visit().observation(what));
                }
            });
        }

        void focus() {
            buttons.get(Severity.SOUND).requestFocus();
        }

        void show(Optional<Observation> observation) {
            showing = true;
            group.selectToggle(
                    observation.map(each -> buttons.get(each.severity())).orElse(null));
            String text = observation.map(Observation::note).orElse("");
            if (!note.getText().equals(text) && (!note.isFocused() || !text.isEmpty())) {
                note.setText(text);
            }
            showing = false;
        }

        private void take(Optional<Severity> severity) {
            if (!showing) {
                session.edit(job -> job.withVisit(severity.map(each -> job.visit()
                                .with(new Observation(what, each, note.getText().strip())))
                        .orElseGet(() -> job.visit().without(what))));
            }
        }

        private void takeNote() {
            String text = note.getText().strip();
            Optional<Observation> now = session.job().visit().observation(what);
            if (now.isPresent() ? now.get().note().equals(text) : text.isEmpty()) {
                return;
            }
            Severity severity = now.map(Observation::severity).orElse(Severity.SLIGHT);
            session.edit(job -> job.withVisit(job.visit().with(new Observation(what, severity, text))));
        }
    }
}
