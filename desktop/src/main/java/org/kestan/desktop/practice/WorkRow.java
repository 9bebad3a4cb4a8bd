package org.kestan.desktop.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.overview.JobAnalysis;
import org.kestan.practice.hints.NextWork;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.text.TypedLength;
import org.kestan.practice.work.Mishap;
import org.kestan.practice.work.Operation;

/** Work on the instrument: choose it, say how much, do it. */
final class WorkRow extends FlowPane {

    private static final double GAP = 6;

    private final PracticeDesk desk;
    private final JobSession session;
    private final DrawerNote note;
    private final Runnable done;
    private final ComboBox<Operation> operation = new ComboBox<>();
    private final TextField first = new TextField();
    private final TextField second = new TextField();
    private final Label takes = new Label();
    private final Button hint = PracticeDrawer.button("practice-hint", Messages.message("practice-drawer.hint"));
    private final Button act = PracticeDrawer.button("practice-do", Messages.message("practice-drawer.do"));

    /**
     * @param done called when something was done
     */
    WorkRow(PracticeDesk desk, JobSession session, DrawerNote note, Runnable done) {
        super(GAP, GAP);
        this.desk = desk;
        this.session = session;
        this.note = note;
        this.done = done;
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(0);
        operation.setId("practice-operation");
        operation.setConverter(PracticeDrawer.labels());
        operation.setAccessibleText(Messages.message("practice-drawer.what"));
        operation.valueProperty().addListener((property, old, next) -> ask());
        for (TextField field : new TextField[] {first, second}) {
            field.setPrefColumnCount(6);
            field.setMinWidth(USE_PREF_SIZE);
            field.setOnAction(event -> act());
        }
        first.setId("practice-first");
        second.setId("practice-second");
        takes.setId("practice-takes");
        takes.getStyleClass().add("card-label");
        takes.setMinWidth(0);
        act.setOnAction(event -> act());
        hint.setOnAction(event -> hint());
        getChildren().addAll(operation, first, second, act, hint, takes);
    }

    /** Starts with another instrument. */
    void reset(PracticeRun run) {
        Fitting fitting = run.state().instrument().bridge().floating() ? Fitting.FLOATING_BRIDGE : Fitting.PIN_BRIDGE;
        List<Operation> can = Arrays.stream(Operation.values())
                .filter(each -> each.isOn(fitting))
                .toList();
        operation.getItems().setAll(can);
        operation.setValue(Operation.SLACKEN);
    }

    void show(PracticeRun run) {
        act.setDisable(run.handedOver().isPresent());
        hint.setDisable(run.handedOver().isPresent());
        sayWhatItTakes();
    }

    /** Asks for the numbers that the operation needs. */
    private void ask() {
        Operation.Amount amount = operation.getValue() == null
                ? Operation.Amount.NONE
                : operation.getValue().amount();
        first.setVisible(amount != Operation.Amount.NONE);
        second.setVisible(amount == Operation.Amount.SIDES);
        for (TextField field : new TextField[] {first, second}) {
            field.setManaged(field.isVisible());
            field.clear();
        }
        first.setPromptText(amount == Operation.Amount.SIDES ? Messages.message("practice-drawer.bass") : "");
        second.setPromptText(Messages.message("practice-drawer.treble"));
        sayWhatItTakes();
    }

    private void sayWhatItTakes() {
        Operation chosen = operation.getValue();
        if (chosen == null) {
            return;
        }
        boolean length = chosen.measure() == Operation.Measure.LENGTH;
        String what = what(chosen.measure());
        first.setAccessibleText(what);
        second.setAccessibleText(what);
        takes.setText(
                chosen.amount() == Operation.Amount.NONE
                        ? Messages.message("practice-drawer.takes-time", chosen.minutes())
                        : Messages.message(
                                "practice-drawer.takes",
                                what,
                                length ? session.unit().format(chosen.least()) : plain(chosen.least()),
                                length ? session.unit().format(chosen.most()) : plain(chosen.most()),
                                chosen.minutes()));
    }

    private static String what(Operation.Measure measure) {
        return switch (measure) {
            case NOTHING -> "";
            case LENGTH -> Messages.message("practice-drawer.length");
            case TURNS -> Messages.message("practice-drawer.turns");
            case PULLS -> Messages.message("practice-drawer.pulls");
            case MINUTES -> Messages.message("practice-drawer.minutes-of-heat");
            case HOURS -> Messages.message("practice-drawer.hours");
            case DAYS -> Messages.message("practice-drawer.days");
            case PERCENT -> Messages.message("practice-drawer.percent");
            case HALF_STEPS -> Messages.message("practice-drawer.half-steps");
        };
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    /** Selects what Kestan would do next, going by the ways taken; whether to do it is up to the learner. */
    private void hint() {
        JobAnalysis analysis = session.analysis();
        if (analysis.isPreview()) {
            note.complain(Messages.message("practice-drawer.no-plan"));
            return;
        }
        desk.runProperty()
                .get()
                .flatMap(run -> NextWork.of(run, analysis.plan()))
                .ifPresentOrElse(this::choose, () -> note.say(Messages.message("practice-drawer.all-done")));
    }

    private void choose(NextWork next) {
        Operation chosen = next.operation();
        operation.setValue(chosen);
        if (chosen.amount() != Operation.Amount.NONE) {
            first.setText(amount(chosen, next.amount().bass()));
        }
        if (chosen.amount() == Operation.Amount.SIDES) {
            second.setText(amount(chosen, next.amount().treble()));
        }
        boolean lands = chosen == Operation.SAND_HEEL || chosen == Operation.SHIM_HEEL;
        String label = PracticeText.label(chosen);
        note.say(session.analysis()
                .plan()
                .projection()
                .filter(any -> lands)
                .map(landing -> Messages.message(
                        "practice-drawer.next-to-land", label, session.unit().format(landing.slackAsRead())))
                .orElseGet(() -> Messages.message("practice-drawer.next", label)));
    }

    private String amount(Operation of, double value) {
        return of.measure() == Operation.Measure.LENGTH ? session.unit().format(value) : plain(value);
    }

    private void act() {
        Operation chosen = operation.getValue();
        Optional<Sides<Double>> amount = amount(chosen);
        if (amount.isEmpty()) {
            note.complain(takes.getText());
            return;
        }
        int before = mishaps().size();
        desk.work(chosen, amount.get()).ifPresent(step -> {
            List<Mishap> after = mishaps();
            if (step.refused().isPresent()) {
                note.complain(PracticeText.label(step.refused().get()));
            } else if (after.size() > before) {
                note.complain(PracticeText.label(after.get(after.size() - 1)));
            } else {
                note.say(Messages.message("practice-drawer.done", PracticeText.label(chosen)));
            }
            done.run();
        });
    }

    private List<Mishap> mishaps() {
        return desk.runProperty().get().map(run -> run.state().mishaps()).orElse(List.of());
    }

    private Optional<Sides<Double>> amount(Operation chosen) {
        OptionalDouble bass = chosen.amount() == Operation.Amount.NONE ? OptionalDouble.of(0) : number(chosen, first);
        OptionalDouble treble =
                chosen.amount() == Operation.Amount.SIDES ? number(chosen, second) : OptionalDouble.of(0);
        return bass.isPresent() && treble.isPresent()
                ? Optional.of(new Sides<>(bass.getAsDouble(), treble.getAsDouble()))
                : Optional.empty();
    }

    private static OptionalDouble number(Operation chosen, TextField field) {
        if (chosen.measure() == Operation.Measure.LENGTH) {
            return TypedLength.millimeters(field.getText());
        }
        String typed = field.getText().strip().replace(',', '.');
        return typed.matches("[-+]?[0-9]{1,4}([.][0-9]{1,3})?")
                ? OptionalDouble.of(Double.parseDouble(typed))
                : OptionalDouble.empty();
    }
}
