package org.kestan.desktop.rooms.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.analysis.figures.Figure;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.judgment.verdict.GateId;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.drills.DrillQuestion;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.text.TypedLength;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Drills of about three minutes: a question, an answer, Enter. */
final class DrillPage extends VBox {

    private static final double TALL = 260;

    private final JobSession session;
    private final PracticeDesk desk;
    private final FlowPane drills = new FlowPane(8, 8);
    private final Label question = new Label();
    private final Label progress = new Label();
    private final Label verdict = new Label();
    private final RuleDrawing rule = new RuleDrawing();
    private final InstrumentView instrument = new InstrumentView();
    private final TextField answer = new TextField();
    private final ComboBox<Optional<GateId>> gate = new ComboBox<>();
    private final Button take = new Button(Messages.message("drill-page.take"));
    private final HBox answers;
    private Optional<Drill> drill = Optional.empty();
    private List<DrillQuestion> questions = List.of();
    private int at;
    private int right;

    DrillPage(JobSession session, PracticeDesk desk) {
        this.session = session;
        this.desk = desk;
        setSpacing(10);
        setMinHeight(0);
        for (Drill each : Drill.values()) {
            Button begin = new Button(PracticeText.label(each));
            begin.setId("drill-" + each.key());
            begin.getStyleClass().add("page");
            begin.setMinWidth(USE_PREF_SIZE);
            begin.setOnAction(event -> begin(each));
            drills.getChildren().add(begin);
        }
        question.setId("drill-question");
        question.getStyleClass().add("practice-owner");
        question.setWrapText(true);
        question.setMinHeight(USE_PREF_SIZE);
        progress.setId("drill-progress");
        progress.getStyleClass().add("card-label");
        verdict.setId("drill-verdict");
        verdict.setWrapText(true);
        verdict.setMinHeight(USE_PREF_SIZE);
        answer.setId("drill-answer");
        answer.setAccessibleText(Messages.message("drill-page.answer"));
        answer.setPrefColumnCount(10);
        answer.setOnAction(event -> take());
        gate.setId("drill-gate");
        gate.setAccessibleText(Messages.message("drill-page.answer"));
        gate.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<GateId> id) {
                return id == null ? "" : id.map(Wording::label).orElse(Messages.message("drill-page.none-stops"));
            }

            @Override
            public Optional<GateId> fromString(String text) {
                return Optional.empty();
            }
        });
        take.setId("drill-take");
        take.getStyleClass().add("plain-button");
        take.setOnAction(event -> take());
        answers = new HBox(8, answer, gate, take);
        answers.setAlignment(Pos.CENTER_LEFT);
        rule.setMinHeight(0);
        rule.setPrefHeight(TALL);
        VBox.setVgrow(rule, Priority.SOMETIMES);
        instrument.setId("drill-instrument");
        instrument.setPrefHeight(TALL);
        instrument.setMinHeight(0);
        instrument.movableProperty().set(false);
        getChildren().addAll(drills, question, rule, instrument, answers, verdict, progress);
        show();
    }

    private void begin(Drill next) {
        drill = Optional.of(next);
        questions = DrillQuestion.of(next, new Random().nextInt(1_000_000));
        at = 0;
        right = 0;
        verdict.setText("");
        show();
        focusFirst();
    }

    void focusFirst() {
        if (drill.isEmpty()) {
            drills.getChildren().get(0).requestFocus();
        } else if (gate.isVisible()) {
            gate.requestFocus();
        } else {
            answer.requestFocus();
        }
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void show() {
        boolean running = drill.isPresent() && at < questions.size();
        shown(answers, running);
        DrillQuestion now = running ? questions.get(at) : null;
        boolean gates = now instanceof DrillQuestion.Gates;
        shown(rule, now instanceof DrillQuestion.OnRule);
        shown(instrument, gates);
        shown(gate, gates);
        shown(answer, running && !gates);
        answer.clear();
        progress.setText(running ? Messages.message("drill-page.progress", at + 1, questions.size(), right) : "");
        if (!running) {
            question.setText(drill.isPresent() ? question.getText() : Messages.message("drill-page.choose"));
            return;
        }
        question.setText(asked(now));
        if (now instanceof DrillQuestion.OnRule onRule) {
            rule.show(onRule.height(), session.unit() != BenchUnit.MILLIMETERS);
        } else if (now instanceof DrillQuestion.Gates of) {
            gate.getItems().clear();
            gate.getItems().add(Optional.empty());
            of.analysis().gates().forEach(each -> gate.getItems().add(Optional.of(each.id())));
            gate.setValue(null);
            List<Figure> figures = of.analysis().figures();
            instrument.sideViewProperty().set(of.analysis().sideView());
            instrument.unitProperty().set(session.unit());
            instrument.figuresProperty().set(figures);
            instrument
                    .saidProperty()
                    .set(new InstrumentView.Said(false, Messages.message("drill-page.now"), "", session.words()));
        }
    }

    private String asked(DrillQuestion now) {
        if (now instanceof DrillQuestion.Pulls pulls) {
            return Messages.message(
                    "drill-page.pulls",
                    length(pulls.before()),
                    pulls.pulls(),
                    length(pulls.after()),
                    length(pulls.target()));
        }
        if (now instanceof DrillQuestion.Landing landing) {
            return Messages.message("drill-page.landing", length(landing.strung()), length(landing.sink()));
        }
        return now instanceof DrillQuestion.Gates
                ? Messages.message("drill-page.gates")
                : Messages.message("drill-page.rule");
    }

    private String length(double millimeters) {
        return session.words().numbers().fine(millimeters);
    }

    private void take() {
        DrillQuestion now = questions.get(at);
        Optional<Boolean> good = judge(now);
        if (good.isEmpty()) {
            verdict.setText(Messages.message("drill-page.no-answer"));
            return;
        }
        right += good.get() ? 1 : 0;
        verdict.setText(
                good.get() ? Messages.message("drill-page.right") : Messages.message("drill-page.wrong", answer(now)));
        at++;
        if (at == questions.size()) {
            Drill done = drill.orElseThrow();
            question.setText(Messages.message("drill-page.ended", PracticeText.label(done), right, questions.size()));
            desk.keep(new PracticeRecord.Done(LocalDate.now(), done, right, questions.size()));
            show();
            drills.getChildren().get(done.ordinal()).requestFocus();
        } else {
            show();
            focusFirst();
        }
    }

    private Optional<Boolean> judge(DrillQuestion now) {
        if (now instanceof DrillQuestion.Gates gates) {
            return Optional.ofNullable(gate.getValue()).map(gates.first()::equals);
        }
        if (now instanceof DrillQuestion.Pulls pulls) {
            try {
                return Optional.of(
                        pulls.isRight(Integer.parseInt(answer.getText().strip())));
            } catch (NumberFormatException none) {
                return Optional.empty();
            }
        }
        OptionalDouble said = TypedLength.millimeters(answer.getText());
        if (said.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                now instanceof DrillQuestion.OnRule onRule
                        ? onRule.isRight(said.getAsDouble(), rule.allowed())
                        : ((DrillQuestion.Landing) now).isRight(said.getAsDouble()));
    }

    private String answer(DrillQuestion now) {
        if (now instanceof DrillQuestion.Gates gates) {
            return gates.first().map(Wording::label).orElse(Messages.message("drill-page.none-stops"));
        }
        if (now instanceof DrillQuestion.Pulls pulls) {
            return Integer.toString(pulls.left());
        }
        if (now instanceof DrillQuestion.OnRule onRule) {
            return length(onRule.height());
        }
        return length(((DrillQuestion.Landing) now).answer());
    }
}
