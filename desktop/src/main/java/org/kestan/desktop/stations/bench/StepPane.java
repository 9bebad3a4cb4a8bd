package org.kestan.desktop.stations.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.VisitEntry;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.bench.StepMark;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepCheck;
import org.kestan.repair.steps.StepVisit;
import org.kestan.text.StepText;
import org.kestan.text.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The current step: its numbers very large, what to do, what must be true before going on, and fields for its
 * readings.
 */
final class StepPane extends VBox {

    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final PseudoClass ROOMY = PseudoClass.getPseudoClass("roomy");

    /** Below this width, in text sizes, nothing is shown beside the step. */
    private static final double NARROW = 60;

    private final BenchContext desk;
    private final JobSession session;
    private final StepActions actions;
    private final Label where = new Label();
    private final Label title = new Label();
    private final Label why = new Label();
    private final FlowPane numbers = new FlowPane();
    private final Label doing = new Label();
    private final VBox check = new VBox();
    private final VBox cautions = new VBox();
    private final FlowPane fields = new FlowPane();
    private final Map<String, Label> verdicts = new LinkedHashMap<>();
    private final WaitsBox waits;
    private final VBox card;
    private final VBox column = new VBox();
    private final StepSidebar side;
    private final ScrollPane scroll;
    private final ScrollPane beside;
    private boolean isNarrow;
    private boolean arranged;
    private final StepPicture picture;
    private final StepPrompt asking;
    private final Button done;
    private final Button wait;
    private WorkingOrder order = new WorkingOrder();
    private List<EntryField> readings = List.of();
    private Optional<Step> built = Optional.empty();

    /** Actions of buttons and keys that are not the context's. */
    interface StepActions {

        /** Asks for a picture and keeps it with the job. */
        void picture();

        /** Shows the tool of the step. */
        void tool(Step.Tool tool);
    }

    StepPane(BenchContext desk, StepActions actions) {
        this.desk = desk;
        this.actions = actions;
        session = desk.session();
        waits = new WaitsBox(desk);
        getStyleClass().add("step-pane");
        where.getStyleClass().add("step-where");
        title.setId("step-title");
        title.getStyleClass().add("step-title");
        why.getStyleClass().add("step-why");
        doing.setId("step-do");
        doing.getStyleClass().add("step-do");
        for (Label each : List.of(where, title, why, doing)) {
            each.setWrapText(true);
            each.setMinWidth(0);
            each.setMinHeight(USE_PREF_SIZE);
        }
        numbers.setId("step-numbers");
        numbers.getStyleClass().add("step-numbers");
        check.getStyleClass().add("step-check");
        cautions.setId("step-cautions");
        cautions.getStyleClass().add("step-cautions");
        fields.getStyleClass().add("step-fields");
        picture = new StepPicture(session);
        VBox words = new VBox(where, title, why, numbers, fields);
        words.getStyleClass().add("step-words");
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox top = new HBox(words, picture);
        top.getStyleClass().add("step-top");
        card = new VBox(top, doing, check, cautions);
        card.setId("step-card");
        card.getStyleClass().add("step-card");
        column.getChildren().add(card);
        column.getStyleClass().add("step-column");
        card.setFocusTraversable(true);
        card.setOnMousePressed(event -> card.requestFocus());
        scroll = new ScrollPane(column);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        HBox.setHgrow(scroll, Priority.ALWAYS);
        WorkingOrder.follow(scroll);
        scroll.viewportBoundsProperty().addListener((property, old, next) -> fit());
        side = new StepSidebar(desk, actions::tool);
        beside = new ScrollPane();
        beside.setFitToWidth(true);
        beside.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        beside.getStyleClass().addAll("station-scroll", "step-beside-scroll");
        HBox both = new HBox(scroll, beside);
        both.getStyleClass().add("step-both");
        VBox.setVgrow(both, Priority.ALWAYS);
        arrange(false);
        widthProperty()
                .addListener((property, old, next) ->
                        arrange(next.doubleValue() < NARROW * where.getFont().getSize()));
        asking = new StepPrompt(session, () -> {
            if (getScene() != null) {
                card.requestFocus();
            }
        });
        done = button(Messages.message("step-pane.done"), "step-done", desk::done);
        done.getStyleClass().add("main-button");
        wait = button(Messages.message("step-pane.begin-the-wait"), "step-wait", desk::beginWait);
        FlowPane bar = new FlowPane(
                button(Messages.message("step-pane.back"), "step-back", () -> desk.look(-1)),
                done,
                button(Messages.message("step-pane.pass-over"), "step-skip", this::askReason),
                button(Messages.message("step-pane.note"), "step-note", this::askNote),
                button(Messages.message("step-pane.picture"), "step-picture", actions::picture),
                wait,
                button(Messages.message("step-pane.open-again"), "step-reopen", desk::reopen));
        bar.getStyleClass().add("step-bar");
        getChildren().addAll(both, asking, bar);
        desk.shownProperty().addListener((property, old, next) -> show());
    }

    private static Button button(String words, String id, Runnable action) {
        return new TextButton(words, id, action);
    }

    void askNote() {
        asking.ask(
                Messages.message("step-pane.note-title"),
                Messages.message("step-pane.enter-keeps-it-esc"),
                Messages.message("step-pane.nothing-is-written-there"),
                desk::note);
    }

    void askReason() {
        asking.ask(
                Messages.message("step-pane.passed-over-because"),
                Messages.message("step-pane.a-reason-enter-keeps"),
                Messages.message("step-pane.say-why-it-is"),
                desk::skip);
    }

    /** Puts the focus on the card, where one key marks the step done. */
    void focusCard() {
        card.requestFocus();
    }

    /** A digit typed on the card goes into the first missing reading. */
    boolean typed(String digit) {
        if (readings.isEmpty() || !card.isFocused()) {
            return false;
        }
        EntryField first = readings.stream()
                .filter(field -> field.input().getText().isEmpty())
                .findFirst()
                .orElse(readings.get(0));
        first.requestFocus();
        first.input().setText(digit);
        first.input().end();
        return true;
    }

    /** Shows the current step. */
    void show() {
        desk.refresh();
        Optional<Step> step = desk.shown();
        waits.show();
        if (step.isEmpty()) {
            empty();
            return;
        }
        boolean another = !step.equals(built);
        if (another) {
            build(step.get());
        }
        live(step.get());
        picture.show(step.get());
        fit();
        if (another) {
            scroll.setVvalue(0);
            if (!fields.getChildren().isEmpty() || getScene() != null) {
                card.requestFocus();
            }
        }
    }

    /** In a narrow window the column beside the step moves below it, and the waits above it. */
    private void arrange(boolean narrow) {
        if (narrow == isNarrow && arranged) {
            return;
        }
        isNarrow = narrow;
        arranged = true;
        side.under(Optional.empty());
        column.getChildren().setAll(card);
        beside.setContent(null);
        if (narrow) {
            column.getChildren().setAll(waits, card, side);
        } else {
            side.under(Optional.of(waits));
            beside.setContent(side);
        }
        show(beside, !narrow);
    }

    /** If there is room, the text is large enough to read from across the bench. */
    private void fit() {
        double width = scroll.getViewportBounds().getWidth();
        double height = scroll.getViewportBounds().getHeight();
        if (width > 0 && card.getScene() != null) {
            card.pseudoClassStateChanged(ROOMY, true);
            card.applyCss();
            if (isNarrow || card.prefHeight(width) > height) {
                card.pseudoClassStateChanged(ROOMY, false);
                card.applyCss();
            }
        }
    }

    private void empty() {
        built = Optional.empty();
        where.setText("");
        title.setText(
                session.analysis().plan().ways().isEmpty()
                        ? Messages.message("step-pane.nothing-is-planned-yet")
                        : Messages.message("step-pane.no-steps"));
        why.setText(Messages.message("step-pane.the-steps-follow-from"));
        side.clear();
        for (VBox each : List.of(check, cautions)) {
            each.getChildren().clear();
        }
        for (FlowPane each : List.of(numbers, fields)) {
            each.getChildren().clear();
        }
        doing.setText("");
        readings = List.of();
        done.setDisable(true);
        wait.setDisable(true);
    }

    private void build(Step step) {
        built = Optional.of(step);
        done.setDisable(false);
        wait.setDisable(step.work().pause().isEmpty());
        title.setText(step.text().title());
        why.setText(step.text().why());
        doing.setText(step.text().doing());
        check.getChildren().clear();
        if (!step.text().check().isEmpty()) {
            check.getChildren()
                    .add(labeled(
                            "fth-check-square",
                            Messages.message(
                                    "step-pane.before-going-on", step.text().check()),
                            "step-check-text"));
        }
        if (!step.text().failing().isEmpty()) {
            Label failing = labeled(
                    "fth-corner-down-right",
                    Messages.message("step-pane.if-not", step.text().failing()),
                    "step-failing");
            failing.setId("step-failing");
            check.getChildren().add(failing);
        }
        show(check, !check.getChildren().isEmpty());
        cautions.getChildren()
                .setAll(step.text().cautions().stream()
                        .map(each -> labeled("fth-alert-triangle", each, "step-caution"))
                        .toList());
        show(cautions, !step.text().cautions().isEmpty());
        fields(step);
    }

    private static Label labeled(String icon, String text, String style) {
        Label label = new Label(text, new FontIcon(icon));
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinWidth(0);
        return label;
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void fields(Step step) {
        order = new WorkingOrder();
        verdicts.clear();
        List<Node> all = new ArrayList<>();
        List<EntryField> inputs = new ArrayList<>();
        for (Line<?> line : step.work().reads()) {
            String label = Wording.full(line);
            EntryField field = new EntryField(
                    session,
                    new VisitEntry(
                            JobEntries.of(line, label, session::standards),
                            label,
                            step.work().into()),
                    "",
                    order);
            String id = "bench-" + EntryField.id(line);
            field.input().setId(id);
            Label verdict = new Label();
            verdict.setId(id + "-check");
            verdict.getStyleClass().add("step-verdict");
            verdict.setWrapText(true);
            verdicts.put(line.path(), verdict);
            VBox box = new VBox(field, verdict);
            box.getStyleClass().add("step-field");
            all.add(box);
            inputs.add(field);
        }
        order.setAfterLast(card::requestFocus);
        readings = inputs;
        fields.getChildren().setAll(all);
        show(fields, !all.isEmpty());
    }

    /** What changes while the step stays the same: numbers, checks, finished steps. */
    private void live(Step step) {
        int at = desk.index();
        StepMark mark = desk.marks().get(step.id());
        where.setText(Messages.message(
                "step-pane.step-of",
                (at + 1),
                desk.steps().size(),
                (step.work().hands() > 0
                        ? Messages.message("step-pane.min-of-work", step.work().hands())
                        : ""),
                step.work()
                        .pause()
                        .map(pause -> "  \u00b7  then " + Wording.lower(pause.kind()) + " "
                                + DurationText.said(pause.minutes()))
                        .orElse(""),
                (mark == null
                        ? ""
                        : "  \u00b7  " + Wording.label(mark.state()) + " " + Wording.moment(mark.at())
                                + (mark.reason().isEmpty() ? "" : ": " + mark.reason()))));
        numbers.getChildren()
                .setAll(StepText.of(step.work().numbers(), session.analysis().plan(), session.words()).stream()
                        .map(StepPane::number)
                        .toList());
        show(numbers, !numbers.getChildren().isEmpty());
        boolean out = false;
        for (Line<?> line : step.work().reads()) {
            Optional<StepCheck> checked = StepCheck.of(
                    session.analysis().plan(),
                    step.work().into(),
                    StepVisit.of(session.job(), step.work().into(), LocalDate.now()),
                    line);
            Label verdict = verdicts.get(line.path());
            verdict.setText(
                    checked.map(each -> StepText.check(each, session.words())).orElse(""));
            boolean off = checked.filter(StepCheck::isOut).isPresent();
            verdict.getStyleClass().setAll("label", "step-verdict", off ? "step-verdict-out" : "step-verdict-in");
            out |= off;
        }
        check.pseudoClassStateChanged(OUT, out);
        side.show(step, at);
    }

    private static Node number(StepText each) {
        Label value = new Label(each.value());
        value.getStyleClass().addAll("step-number", each.wide() ? "step-number-wide" : "step-number-large");
        Label label = new Label(each.label());
        label.getStyleClass().add("step-number-label");
        value.setMinWidth(USE_PREF_SIZE);
        VBox box = new VBox(label, value);
        box.getStyleClass().add("step-number-box");
        box.setAccessibleText(each.label() + " " + each.value());
        return box;
    }
}
