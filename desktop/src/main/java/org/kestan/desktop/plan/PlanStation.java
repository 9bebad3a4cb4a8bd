package org.kestan.desktop.plan;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.plan.PlanFigures;
import org.kestan.reckoning.WorkFigures;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;

/** Targets on the left, the numbers of the work in the middle, cheeks and ladder on the right. */
public final class PlanStation extends HBox {

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();
    private final GridPane targets = new GridPane();
    private final FlowPane figures = new FlowPane();
    private Fitting fitting;

    /** Makes the station for a session. */
    public PlanStation(JobSession session) {
        this.session = session;
        getStyleClass().add("plan");
        targets.getStyleClass().add("targets");
        figures.getStyleClass().add("work-figures");
        Label title = new Label("What is wanted");
        title.getStyleClass().add("place-title");
        ScrollPane left = scroll(new VBox(title, targets));
        left.getStyleClass().add("targets-scroll");
        ScrollPane middle = scroll(figures);
        middle.setId("work-figures");
        HBox.setHgrow(middle, Priority.ALWAYS);
        getChildren().addAll(left, middle, new CheekTable(session), new FretLadder(session));
        build(session.job().fitting());
        session.reckoningProperty().addListener((property, old, next) -> {
            if (next.job().fitting() != fitting) {
                build(next.job().fitting());
            }
            show();
        });
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    /** Puts the focus on the first target. */
    public void focusFirst() {
        order.first();
    }

    private void build(Fitting next) {
        fitting = next;
        order.clear();
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        targets.getColumnConstraints().setAll(half, half);
        targets.getChildren().clear();
        List<Aim> aims = Aim.forFitting(next);
        for (int i = 0; i < aims.size(); i++) {
            EntryField field = new EntryField(session, Entries.length(aims.get(i), session::standards), "", order);
            targets.add(field, i % 2, i / 2);
        }
        order.setAfterLast(order::first);
    }

    private void show() {
        List<WorkFigures.Group> groups = PlanFigures.of(session.workPlan(), session.unit());
        if (fits(groups)) {
            for (int i = 0; i < groups.size(); i++) {
                ((FigureCard) figures.getChildren().get(i)).show(groups.get(i));
            }
            return;
        }
        figures.getChildren().clear();
        if (groups.isEmpty()) {
            Label waiting = new Label(waitingFor());
            waiting.getStyleClass().add("waiting");
            waiting.setWrapText(true);
            figures.getChildren().add(waiting);
        }
        groups.forEach(group -> figures.getChildren().add(new FigureCard(group, session::say)));
    }

    /** Tells whether the cards on show can take the groups, so that a drag only changes their numbers. */
    private boolean fits(List<WorkFigures.Group> groups) {
        List<Node> shown = figures.getChildren();
        return !groups.isEmpty()
                && shown.size() == groups.size()
                && IntStream.range(0, groups.size())
                        .allMatch(i -> shown.get(i) instanceof FigureCard card && card.fits(groups.get(i)));
    }

    private String waitingFor() {
        return session.reckoning().trajectory().isEmpty()
                ? "The sheet is not complete enough yet: the fields marked \u201cneeded\u201d at Measure come first."
                : "Say the action wanted on both sides; everything else follows.";
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }
}
