package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.layout.Columns;
import org.kestan.desktop.widgets.layout.NextStepLine;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.overview.StringClearances;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.Card;
import org.kestan.text.Headline;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;

/** The targets and the numbers of the work; the heel; the papers. */
public final class PlanStation extends ScrollPane implements Room {

    /** The pages of the station. */
    private enum Page {
        NUMBERS(Messages.message("plan-station.numbers")),
        FRETS(Messages.message("plan-station.every-fret")),
        HEEL(Messages.message("plan-station.heel")),
        PAPERS(Messages.message("plan-station.papers"));

        private final String title;

        Page(String title) {
            this.title = title;
        }
    }

    /** From this width on, in text sizes, the head has room for the next step. */
    private static final double ROOMY = 60;

    private static final int OCTAVE = 12;

    /** The minimum width of a column of cards, in text sizes. */
    private static final double CARD_EMS = 27;

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();
    private final GridPane targets = new GridPane();
    private final Columns figures = new Columns(CARD_EMS);
    private final DecidingNumbers deciding = new DecidingNumbers();
    private final PageTabs<Page> pages = new PageTabs<>(Page.NUMBERS, "plan-page-", page -> page.title);
    private final PapersPane papers;
    private final FretLadder ladder;
    private final SwingPane swing;
    private final HeelMap map;
    private final CheekTable cheeks;
    private final VBox joint = new VBox();
    private final List<Node> shownCards = new ArrayList<>();
    private final Map<Line<?>, Node> targetFields = new LinkedHashMap<>();
    private final Label taken = new Label();
    private final Label school = new Label();
    private final Button aside = new Button(Messages.message("plan-station.put-aside"));
    private Fitting fitting;

    /** Makes the station. */
    public PlanStation(RoomContext context) {
        session = context.session();
        papers = new PapersPane(session, context.store());
        ladder = new FretLadder(session);
        swing = new SwingPane(session, context.store());
        map = new HeelMap();
        cheeks = new CheekTable(session);
        targets.getStyleClass().add("targets");
        figures.getStyleClass().add("work-figures");
        Label title = new Label(Messages.message("plan-station.what-is-wanted"));
        title.getStyleClass().add("place-title");
        FlowPane aims = new FlowPane(
                new TextButton(Messages.message("plan-station.shops-usual"), "aim-usual", this::aimAtUsual),
                new TextButton(Messages.message("plan-station.lowest-clean"), "aim-clean", this::aimAtClean));
        aims.getStyleClass().add("plan-aims");
        school.setId("plan-school");
        school.getStyleClass().add("card-remark");
        school.setWrapText(true);
        ScrollPane left = scroll(new VBox(title, targets, aims, school));
        left.getStyleClass().add("targets-scroll");
        WorkingOrder.follow(left);
        ScrollPane middle = scroll(figures);
        middle.setId("work-figures");
        HBox.setHgrow(middle, Priority.ALWAYS);
        HBox numbers = new HBox(left, middle);
        numbers.getStyleClass().add("plan-numbers");
        HBox.setHgrow(map, Priority.ALWAYS);
        pages.put(Page.NUMBERS, numbers);
        ScrollPane moving = new ScrollPane(swing);
        moving.setFitToWidth(true);
        moving.getStyleClass().add("station-scroll");
        HBox.setHgrow(moving, Priority.ALWAYS);
        pages.put(Page.FRETS, new HBox(ladder, moving));
        VBox.setVgrow(cheeks, Priority.ALWAYS);
        VBox beside = new VBox(joint, cheeks);
        beside.getStyleClass().add("heel-beside");
        // If it is too narrow for both, it scrolls; the picture comes first.
        ScrollPane heel = new ScrollPane(new HBox(map, beside));
        heel.setFitToWidth(true);
        heel.setFitToHeight(true);
        heel.getStyleClass().add("station-scroll");
        pages.put(Page.HEEL, heel);
        pages.put(Page.PAPERS, papers);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        VBox body = new VBox(head(), deciding, pages.body());
        body.getStyleClass().add("plan");
        // If it is too narrow for its content, it scrolls sideways instead of being cut off.
        setContent(body);
        setFitToWidth(true);
        setFitToHeight(true);
        getStyleClass().add("station-scroll");
        build();
        arrange(session.job());
        session.settledProperty().addListener((property, old, next) -> {
            if (next.job().fitting() != fitting) {
                arrange(next.job());
            }
            show();
        });
        session.unitProperty().addListener((property, old, next) -> show());
        session.knownProperty().addListener((property, old, next) -> show());
        pages.pageProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    private FlowPane head() {
        taken.setId("plan-ways");
        taken.getStyleClass().add("advice");
        aside.setId("plan-aside");
        aside.getStyleClass().add("plain-button");
        aside.setMinWidth(USE_PREF_SIZE);
        aside.setOnAction(event -> {
            if (session.analysis().isPreview()) {
                JobAnalysis analysis = session.analysis();
                session.edit(
                        job -> WorkPlan.take(analysis.ways(), analysis.plan().ways()));
                session.say(Messages.message(
                        "plan-station.in-the-plan",
                        Wording.ways(session.analysis().plan().ways())));
            } else {
                session.edit(job -> WorkPlan.taking(job, List.of()));
                session.say(Messages.message("plan-station.put-aside-what-we"));
            }
        });
        NextStepLine next = new NextStepLine(session, Station.PLAN);
        // In a narrow window the button speaks for itself.
        widthProperty().addListener((property, old, width) -> {
            boolean roomy = width.doubleValue() > ROOMY * taken.getFont().getSize();
            next.setVisible(roomy);
            next.setManaged(roomy);
        });
        FlowPane head = new FlowPane(pages, taken, aside, next);
        head.getStyleClass().add("plan-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void aimAtUsual() {
        Job job = session.job();
        ShopStandards shop = session.standards();
        aimAt(new Sides<>(
                shop.get(Standard.ACTION_WANTED_BASS, job.family()),
                shop.get(Standard.ACTION_WANTED_TREBLE, job.family())));
        session.say(Messages.message("plan-station.the-shops-usual-action"));
    }

    /** The lowest action that plays clean once the relief is right and nothing else is done to the frets (§3.22). */
    private void aimAtClean() {
        StringClearances room = session.analysis().room();
        Optional<Swing> swing = room.at(StringClearances.Stage.AFTER_ROD)
                .or(() -> room.at(StringClearances.Stage.NOW))
                .filter(Swing::knowsBothSides);
        if (swing.isEmpty()) {
            session.complain(Messages.message("plan-station.gauge-and-note-of"));
        } else if (session.job().visit().actionFret() != OCTAVE) {
            session.complain(Messages.message("plan-station.the-lowest-clean-action"));
        } else {
            aimAt(swing.get().lowestActions());
            session.say(Messages.message(
                    "plan-station.the-lowest-action-that",
                    Wording.value(Lines.TOUCH.type(), room.hand()).toLowerCase(Locale.ROOT)));
        }
    }

    private void aimAt(Sides<Double> action) {
        session.edit(job ->
                job.with(Aim.ACTION_BASS, rounded(action.bass())).with(Aim.ACTION_TREBLE, rounded(action.treble())));
    }

    /** Rounded up to a hundredth of a millimeter. */
    private static Length rounded(double millimeters) {
        return Length.ofText(String.format(Locale.ROOT, "%.2f mm", Math.ceil(millimeters * 100 - 1e-6) / 100));
    }

    private void showWays() {
        List<Way> ways = session.analysis().plan().ways();
        boolean preview = session.analysis().isPreview();
        taken.setText(
                ways.isEmpty()
                        ? Messages.message("plan-station.nothing-is-planned-yet")
                        : preview ? Messages.message("plan-station.preview", Wording.ways(ways)) : Wording.ways(ways));
        aside.setText(
                preview
                        ? Messages.message("plan-station.take-into-the-plan")
                        : Messages.message("plan-station.put-aside"));
        aside.setVisible(!ways.isEmpty());
        School chosen = session.standards().school(SchoolQuestion.PROJECTION);
        school.setText(
                session.job().get(Aim.SADDLE).isPresent() || session.job().fitting() == Fitting.FLOATING_BRIDGE
                        ? ""
                        : Messages.message("plan-station.saddle-by-the-shops", Wording.lower(chosen)));
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        order.first();
    }

    /** Each target has one field for as long as the window is open. */
    private void build() {
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        targets.getColumnConstraints().setAll(half, half);
        for (Line<?> line : Lines.OF_TARGET) {
            targetFields.put(line, Fields.of(session, order, line, ""));
        }
        order.setAfterLast(order::first);
    }

    /** The targets that apply to this instrument, side by side. */
    private void arrange(Job job) {
        fitting = job.fitting();
        targets.getChildren().clear();
        int at = 0;
        for (Map.Entry<Line<?>, Node> each : targetFields.entrySet()) {
            boolean taken = job.takes(each.getKey());
            each.getValue().setVisible(taken);
            if (taken) {
                targets.add(each.getValue(), at % 2, at / 2);
                at++;
            }
        }
    }

    /** Nothing is worked out for pages that are not visible. */
    private void show() {
        if (!isVisible()) {
            return;
        }
        showWays();
        List<Card> cards = PlanCards.of(session.analysis(), session.words());
        // The other pages have their own pictures, which need the space.
        boolean said = pages.page() == Page.NUMBERS;
        deciding.setVisible(said);
        deciding.setManaged(said);
        deciding.show(Headline.of(session.analysis(), session.words()));
        switch (pages.page()) {
            case NUMBERS -> {
                show(shownCards, cards);
                if (cards.isEmpty()) {
                    Label waiting = new Label(waitingFor());
                    waiting.getStyleClass().add("waiting");
                    waiting.setWrapText(true);
                    shownCards.add(waiting);
                }
                figures.show(shownCards);
            }
            case FRETS -> {
                ladder.refresh();
                swing.refresh();
            }
            case HEEL -> {
                show(
                        joint.getChildren(),
                        cards.stream()
                                .filter(card -> card.id().key().equals("joint"))
                                .toList());
                map.show(session);
                cheeks.refresh();
            }
            case PAPERS -> papers.show();
        }
    }

    /** Puts cards into a list; a matching card only changes its numbers, so that a drag rebuilds nothing. */
    private void show(List<Node> shown, List<Card> cards) {
        for (int i = 0; i < cards.size(); i++) {
            if (i < shown.size() && shown.get(i) instanceof FigureCard card && card.fits(cards.get(i))) {
                card.show(cards.get(i));
            } else if (i < shown.size()) {
                shown.set(i, new FigureCard(cards.get(i), session::say));
            } else {
                shown.add(new FigureCard(cards.get(i), session::say));
            }
        }
        shown.subList(cards.size(), shown.size()).clear();
    }

    private String waitingFor() {
        if (!session.analysis().heldBack().isEmpty()) {
            return Messages.message("plan-station.a-reading-is-questioned");
        }
        return session.analysis().trajectory().isEmpty()
                ? Messages.message("plan-station.the-sheet-is-not")
                : Messages.message("plan-station.say-the-action-wanted");
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }
}
