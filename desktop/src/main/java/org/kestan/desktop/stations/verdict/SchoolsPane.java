package org.kestan.desktop.stations.verdict;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.judgment.advice.SchoolPlan;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * The schools side by side: those of projection worked out for this instrument, to be used for this job; for the
 * others, the shop's choice. The shop's choice can be changed only in its standards.
 */
final class SchoolsPane extends ScrollPane {

    private final JobSession session;
    private final GridPane projections = new GridPane();
    private final Map<SchoolQuestion, Label> others = new EnumMap<>(SchoolQuestion.class);

    /**
     * @param standards shows the shop's standards
     */
    SchoolsPane(JobSession session, Runnable standards) {
        this.session = session;
        projections.getStyleClass().add("compare-grid");
        projections.setId("projection-schools");
        Label title = new Label(Wording.label(SchoolQuestion.PROJECTION));
        title.getStyleClass().add("place-title");
        Label why = new Label(Messages.message("schools-pane.the-action-is-the"));
        why.setWrapText(true);
        why.getStyleClass().add("card-remark");
        VBox all = new VBox(title, why, projections);
        all.getStyleClass().add("schools");
        GridPane questions = new GridPane();
        questions.getStyleClass().add("school-questions");
        int at = 0;
        for (SchoolQuestion question : SchoolQuestion.values()) {
            if (question != SchoolQuestion.PROJECTION) {
                Label head = new Label(Wording.label(question));
                head.getStyleClass().add("place-title");
                Label chosen = new Label();
                chosen.setWrapText(true);
                chosen.setId("school-of-shop-" + question.key());
                others.put(question, chosen);
                questions.add(new VBox(head, chosen), at % 2, at / 2);
                at++;
            }
        }
        for (int i = 0; i < 2; i++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(50);
            questions.getColumnConstraints().add(half);
        }
        Label shops = new Label(Messages.message("schools-pane.the-shops-way-in"));
        shops.getStyleClass().add("card-remark");
        all.getChildren()
                .addAll(
                        shops,
                        questions,
                        new TextButton(
                                Messages.message("schools-pane.shop-standards"), "schools-standards", standards));
        setContent(all);
        setFitToWidth(true);
        getStyleClass().add("station-scroll");
    }

    /** A school of projection with its reason; the shop's own is marked. */
    private VBox named(School school) {
        boolean shops = session.standards().holds(school);
        Label name = new Label(Wording.label(school) + (shops ? Messages.message("schools-pane.the-shops-way") : ""));
        name.setWrapText(true);
        if (shops) {
            name.getStyleClass().add("school-of-shop");
        }
        Label reason = new Label(Wording.more(school, "reason"));
        reason.setWrapText(true);
        reason.getStyleClass().add("card-remark");
        return new VBox(name, reason);
    }

    void show() {
        others.forEach((question, label) ->
                label.setText(Wording.label(session.standards().school(question))));
        projections.getChildren().clear();
        projections.getColumnConstraints().clear();
        List<SchoolPlan> plans = session.analysis().schools();
        if (plans.isEmpty()) {
            Label none = new Label(Messages.message("schools-pane.for-a-bridge-with"));
            none.getStyleClass().add("waiting");
            none.setWrapText(true);
            projections.add(none, 0, 0);
            return;
        }
        row(
                0,
                "number-head",
                "",
                Messages.message("schools-pane.heel-cut-at-the"),
                Messages.message("schools-pane.saddle-left"),
                Messages.message("schools-pane.straightedge-slack"),
                "strung",
                Messages.message("schools-pane.over-the-bridge-slack"));
        BenchUnit unit = session.unit();
        for (int i = 0; i < plans.size(); i++) {
            SchoolPlan plan = plans.get(i);
            double bridge = plan.after().bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
            projections.add(named(plan.school()), 0, i + 1);
            cell(
                    1,
                    i + 1,
                    plan.removalAtCap().isPresent()
                            ? unit.fine().format(plan.removalAtCap().getAsDouble())
                            : Messages.message("schools-pane.read-the-heel"));
            cell(2, i + 1, unit.format(plan.protrusion()));
            cell(3, i + 1, unit.format(plan.slackAsRead()));
            cell(4, i + 1, unit.format(plan.strungAsRead()));
            cell(5, i + 1, unit.formatSigned(plan.slackAsRead() - bridge));
            Button use = new Button(Messages.message("schools-pane.for-this-job"));
            use.getStyleClass().add("plain-button");
            use.setId("use-" + plan.school().key());
            use.setAccessibleText(Messages.message("schools-pane.plan-this-job-by", Wording.label(plan.school())));
            use.setOnAction(event -> use(plan));
            projections.add(use, 6, i + 1);
        }
        for (int i = 0; i < 7; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(i == 0 ? Priority.ALWAYS : Priority.NEVER);
            column.setHalignment(i == 0 ? HPos.LEFT : HPos.RIGHT);
            if (i > 0) {
                column.setMinWidth(USE_PREF_SIZE);
            }
            projections.getColumnConstraints().add(column);
        }
    }

    /** Plans this job by a school: the saddle it leaves becomes the job's target. */
    private void use(SchoolPlan plan) {
        double saddle = Math.round(plan.protrusion() * 1000) / 1000.0;
        session.edit(job -> job.with(Aim.SADDLE, Length.exact(saddle)));
        session.say(Messages.message(
                "schools-pane.this-job-is-planned", session.unit().format(plan.protrusion())));
    }

    private void row(int row, String style, String... texts) {
        for (int i = 0; i < texts.length; i++) {
            Label label = new Label(texts[i]);
            label.getStyleClass().add(style);
            projections.add(label, i, row);
        }
    }

    private void cell(int column, int row, String text) {
        Label label = new Label(text);
        label.getStyleClass().add("number-cell");
        projections.add(label, column, row);
    }
}
