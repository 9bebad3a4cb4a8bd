package org.kestan.desktop.plan;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.pages.PageTabs;
import org.kestan.desktop.session.JobSession;
import org.kestan.plan.PlanFigures;
import org.kestan.plan.WorkPlan;
import org.kestan.reckoning.WorkFigures;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;
import org.kestan.standards.School;
import org.kestan.standards.SchoolQuestion;
import org.kestan.ways.WayId;

/** What is wanted and the numbers of the work; the heel; the papers. */
public final class PlanStation extends VBox {

    /** What the station can show. */
    private enum Page {
        NUMBERS("Numbers"),
        HEEL("Heel"),
        PAPERS("Papers");

        private final String title;

        Page(String title) {
            this.title = title;
        }
    }

    private static final double JOINT_WIDTH = 440;

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();
    private final GridPane targets = new GridPane();
    private final FlowPane figures = new FlowPane();
    private final PageTabs<Page> pages = new PageTabs<>(Page.NUMBERS, "plan-page-", page -> page.title);
    private final PapersPane papers;
    private final FretLadder ladder;
    private final HeelMap map;
    private final CheekTable cheeks;
    private final VBox joint = new VBox();
    private final Label taken = new Label();
    private final Label school = new Label();
    private final Button aside = new Button("Put aside");
    private Fitting fitting;

    /** Makes the station for a session. */
    public PlanStation(JobSession session) {
        this.session = session;
        papers = new PapersPane(session);
        ladder = new FretLadder(session);
        map = new HeelMap(session);
        cheeks = new CheekTable(session);
        getStyleClass().add("plan");
        targets.getStyleClass().add("targets");
        figures.getStyleClass().add("work-figures");
        Label title = new Label("What is wanted");
        title.getStyleClass().add("place-title");
        school.setId("plan-school");
        school.getStyleClass().add("card-remark");
        school.setWrapText(true);
        ScrollPane left = scroll(new VBox(title, targets, school));
        left.getStyleClass().add("targets-scroll");
        ScrollPane middle = scroll(figures);
        middle.setId("work-figures");
        HBox.setHgrow(middle, Priority.ALWAYS);
        HBox numbers = new HBox(left, middle, ladder);
        numbers.getStyleClass().add("plan-numbers");
        HBox.setHgrow(map, Priority.ALWAYS);
        pages.put(Page.NUMBERS, numbers);
        ScrollPane beside = scroll(joint);
        beside.setMinWidth(JOINT_WIDTH);
        beside.setPrefWidth(JOINT_WIDTH);
        pages.put(Page.HEEL, new HBox(map, beside, cheeks));
        pages.put(Page.PAPERS, papers);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        getChildren().addAll(head(), pages.body());
        build(session.job().fitting());
        session.reckoningProperty().addListener((property, old, next) -> {
            if (next.job().fitting() != fitting) {
                build(next.job().fitting());
            }
            show();
        });
        session.unitProperty().addListener((property, old, next) -> show());
        pages.pageProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    private HBox head() {
        taken.setId("plan-ways");
        taken.getStyleClass().add("advice");
        taken.setMinWidth(0);
        aside.setId("plan-aside");
        aside.getStyleClass().add("plain-button");
        aside.setMinWidth(USE_PREF_SIZE);
        aside.setOnAction(event -> {
            session.edit(job -> WorkPlan.taking(job, List.of()));
            session.say("Planned by the target alone: the neck is turned for whatever it asks.");
        });
        HBox head = new HBox(pages, taken, aside);
        head.getStyleClass().add("verdict-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void showWays() {
        List<WayId> ways = session.workPlan().ways();
        taken.setText(
                ways.isEmpty()
                        ? "By the target alone: neck reset"
                        : ways.stream().map(WayId::label).collect(Collectors.joining(", then ")));
        aside.setVisible(!ways.isEmpty());
        School chosen = session.standards().school(SchoolQuestion.PROJECTION);
        school.setText(
                session.job().length(Aim.SADDLE).isPresent() || session.job().fitting() == Fitting.FLOATING_BRIDGE
                        ? ""
                        : "Saddle by the shop\u2019s school: " + chosen.words().toLowerCase(Locale.ROOT) + ".");
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

    /** Nothing is worked out for what is not seen. */
    private void show() {
        if (!isVisible()) {
            return;
        }
        showWays();
        List<WorkFigures.Group> groups = PlanFigures.of(session.workPlan(), session.unit());
        switch (pages.page()) {
            case NUMBERS -> {
                cards(figures, groups);
                if (groups.isEmpty()) {
                    Label waiting = new Label(waitingFor());
                    waiting.getStyleClass().add("waiting");
                    waiting.setWrapText(true);
                    figures.getChildren().setAll(List.of(waiting));
                }
                ladder.refresh();
            }
            case HEEL -> {
                cards(
                        joint,
                        groups.stream()
                                .filter(group -> group.title().equals(PlanFigures.AT_THE_JOINT))
                                .toList());
                map.requestLayout();
                cheeks.refresh();
            }
            case PAPERS -> papers.show();
        }
    }

    /** Shows groups as cards; a card that fits only changes its numbers, so that a drag rebuilds nothing. */
    private void cards(Pane pane, List<WorkFigures.Group> groups) {
        List<Node> shown = pane.getChildren();
        for (int i = 0; i < groups.size(); i++) {
            if (i < shown.size() && shown.get(i) instanceof FigureCard card && card.fits(groups.get(i))) {
                card.show(groups.get(i));
            } else if (i < shown.size()) {
                shown.set(i, new FigureCard(groups.get(i), session::say));
            } else {
                shown.add(new FigureCard(groups.get(i), session::say));
            }
        }
        shown.subList(groups.size(), shown.size()).clear();
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
