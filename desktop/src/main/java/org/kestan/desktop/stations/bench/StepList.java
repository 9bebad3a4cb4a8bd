package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.job.bench.StepMark;
import org.kestan.repair.steps.Step;
import org.kestan.text.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * All steps of the plan in order, showing which are done. Enter goes to one; beside it the shop edits its steps.
 */
final class StepList extends HBox {

    private final BenchContext desk;
    private final ListView<Step> list = new ListView<>();
    private final Label sum = new Label();
    private final StepEditor editor;
    private List<Step> shown = List.of();

    /**
     * @param go shows the step at hand
     */
    StepList(BenchContext desk, Runnable go) {
        this.desk = desk;
        editor = new StepEditor(desk, this::showAnew);
        getStyleClass().add("bench-page");
        list.setId("step-list");
        list.getStyleClass().add("step-list");
        list.setCellFactory(view -> new Cell());
        Label none = new Label(Messages.message("step-list.the-steps-follow-from"));
        none.setWrapText(true);
        list.setPlaceholder(none);
        list.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) {
                goTo(go);
                key.consume();
            }
        });
        list.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                goTo(go);
            }
        });
        list.getSelectionModel().selectedItemProperty().addListener((property, old, next) -> {
            if (next != null) {
                editor.show(next);
            }
        });
        FlowPane bar =
                new FlowPane(sum, new TextButton(Messages.message("step-list.go-to-it"), "step-go", () -> goTo(go)));
        bar.getStyleClass().add("plan-head");
        VBox left = new VBox(bar, list);
        VBox.setVgrow(list, Priority.ALWAYS);
        left.getStyleClass().add("step-list-left");
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(editor, Priority.ALWAYS);
        getChildren().addAll(left, editor);
    }

    private void goTo(Runnable go) {
        Step chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            desk.show(chosen);
            go.run();
        }
    }

    void focusFirst() {
        list.requestFocus();
    }

    private void showAnew() {
        desk.refresh();
        show();
    }

    void show() {
        List<Step> steps = new ArrayList<>(desk.steps());
        if (!steps.equals(shown)) {
            shown = List.copyOf(steps);
            String chosen = desk.shown().map(Step::id).orElse("");
            list.getItems().setAll(steps);
            for (int i = 0; i < steps.size(); i++) {
                if (steps.get(i).id().equals(chosen)) {
                    list.getSelectionModel().select(i);
                    list.scrollTo(Math.max(0, i - 2));
                }
            }
        } else {
            list.refresh();
        }
        int hands = steps.stream().mapToInt(step -> step.work().hands()).sum();
        int waits = steps.stream()
                .flatMap(step -> step.work().pause().stream())
                .mapToInt(Step.Pause::minutes)
                .sum();
        sum.setText(Messages.message(
                "step-list.steps-of-work-waits", steps.size(), DurationText.said(hands), Math.round(waits / 60.0)));
        editor.trouble();
    }

    private final class Cell extends ListCell<Step> {

        @Override
        protected void updateItem(Step step, boolean empty) {
            super.updateItem(step, empty);
            if (empty || step == null) {
                setText(null);
                setGraphic(null);
                return;
            }
            StepMark mark = desk.marks().get(step.id());
            FontIcon icon = new FontIcon(
                    mark == null
                            ? "fth-circle"
                            : switch (mark.state()) {
                                case DONE -> "fth-check-circle";
                                case SKIPPED -> "fth-minus-circle";
                                case UNREAD -> "fth-alert-circle";
                            });
            icon.getStyleClass().add("station-icon");
            setGraphic(icon);
            setText((mark != null && mark.state() == StepMark.State.UNREAD ? Wording.label(mark.state()) + ": " : "")
                    + step.text().title()
                    + (step.work().hands() > 0
                            ? "   " + DurationText.said(step.work().hands())
                            : "")
                    + step.work()
                            .pause()
                            .map(pause ->
                                    "   " + Wording.lower(pause.kind()) + " " + DurationText.said(pause.minutes()))
                            .orElse("")
                    + (step.edits().any() ? Messages.message("step-list.the-shops") : ""));
            setWrapText(true);
            setPrefWidth(0);
        }
    }
}
