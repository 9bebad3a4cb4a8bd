package org.kestan.desktop.stations.verdict;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.questions.Question;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.gates.GateTiles;
import org.kestan.desktop.widgets.gates.GatesPane;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.NextStepLine;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.CloseCall;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.RunnerUp;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** What is wrong and what can be done: the gates, the ways, the selected ones side by side, the schools. */
public final class VerdictStation extends VBox implements Room {

    /** The pages of the station. */
    private enum Page {
        GATES(Messages.message("verdict-station.gates")),
        WAYS(Messages.message("verdict-station.ways")),
        COMPARED(Messages.message("verdict-station.side-by-side")),
        SCHOOLS(Messages.message("verdict-station.schools"));

        private final String title;

        Page(String title) {
            this.title = title;
        }
    }

    /** The advice takes no more than this share of the station. */
    private static final double ADVICE_SHARE = 0.45;

    private static final double SCROLL_BAR = 20;

    private boolean drew;
    private final JobSession session;
    private final InstrumentView instrument;
    private final ComparisonSelection picks = new ComparisonSelection();
    private final GatesPane gates;
    private final GateTiles tiles;
    private final WaysPane waysPane;
    private final SideBySidePane compared;
    private final SchoolsPane schools;
    private final Label advice = new Label();
    private final Label because = new Label();
    private final Label standing = new Label();
    private final VBox others = new VBox();
    private final Button take = new Button(Messages.message("verdict-station.take-into-the-plan"));
    private final Button aside =
            new TextButton(Messages.message("verdict-station.put-aside"), "verdict-aside", () -> {});
    private final PageTabs<Page> pages = new PageTabs<>(Page.GATES, "page-", each -> each.title);
    private final RoomContext context;
    private List<Way> recommended = List.of();

    /** Makes the station; the compared ways are drawn above it. */
    public VerdictStation(RoomContext context) {
        this.context = context;
        session = context.session();
        instrument = context.instrument();
        getStyleClass().add("verdict");
        gates = new GatesPane(session, "", false, context::go);
        waysPane = new WaysPane(session, picks, way -> take(List.of(way)));
        compared = new SideBySidePane(session, this::take);
        schools = new SchoolsPane(session, () -> context.show("standards"));
        tiles = new GateTiles(session, context::go);
        pages.put(Page.GATES, new StackPane(gates, tiles));
        session.picturesProperty().addListener((property, was, is) -> show());
        pages.put(Page.WAYS, waysPane);
        pages.put(Page.COMPARED, compared);
        pages.put(Page.SCHOOLS, schools);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        getChildren().addAll(head(), pages.body());
        pages.pageProperty().addListener((property, old, next) -> show());
        picks.onChange(this::show);
        session.settledProperty().addListener((property, old, next) -> {
            if (!Lines.OF_INSTRUMENT.stream()
                    .allMatch(line -> old.job().get(line).equals(next.job().get(line)))) {
                picks.clear();
            }
            show();
        });
        session.knownProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        if (take.isVisible() && !take.isDisabled()) {
            take.requestFocus();
        } else {
            pages.getChildren().get(0).requestFocus();
        }
    }

    private VBox head() {
        advice.setId("advice");
        advice.getStyleClass().add("advice-large");
        advice.setWrapText(true);
        because.setId("advice-because");
        because.getStyleClass().add("advice-reason");
        because.setWrapText(true);
        standing.setId("advice-taken");
        standing.getStyleClass().add("advice-because");
        standing.setWrapText(true);
        take.setId("take-advice");
        take.getStyleClass().add("plain-button");
        take.setMinWidth(USE_PREF_SIZE);
        take.setOnAction(event -> take(recommended));
        aside.setOnAction(event -> {
            session.edit(job -> WorkPlan.taking(job, List.of()));
            session.say(Messages.message("verdict-station.put-aside-what-we"));
        });
        HBox press = new HBox(8, take, aside);
        press.setMinWidth(USE_PREF_SIZE);
        press.setAlignment(Pos.CENTER_LEFT);
        FlowPane first = new FlowPane(16, 4, advice, press);
        first.setRowValignment(VPos.CENTER);
        advice.maxWidthProperty().bind(first.widthProperty());
        VBox left = new VBox(first, because, standing, new NextStepLine(session, Station.VERDICT));
        left.setMinWidth(0);
        left.getStyleClass().add("advice-left");
        others.setId("advice-runners");
        others.getStyleClass().add("advice-others");
        VBox right = new VBox(others);
        right.setMinWidth(0);
        right.getStyleClass().add("advice-right");
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox top = new HBox(left, right);
        top.getStyleClass().add("advice-box");
        // In a low window the advice scrolls and leaves room for the pages.
        ScrollPane scroll = new ScrollPane(top);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        DoubleBinding height = Bindings.createDoubleBinding(
                () -> Math.min(top.prefHeight(getWidth() - SCROLL_BAR) + 2, getHeight() * ADVICE_SHARE),
                top.layoutBoundsProperty(),
                top.needsLayoutProperty(),
                heightProperty(),
                widthProperty());
        scroll.minHeightProperty().bind(height);
        scroll.prefHeightProperty().bind(height);
        scroll.maxHeightProperty().bind(height);
        HBox tabs = new HBox(pages);
        tabs.getStyleClass().add("verdict-head");
        return new VBox(scroll, tabs);
    }

    /** Takes ways into the plan as one step of undo, and moves on to the plan. */
    private void take(List<Way> ways) {
        Ways judged = session.analysis().ways();
        if (judged.combined(ways).possible().isEmpty()) {
            session.complain(Messages.message("verdict-station.that-is-not-for"));
            return;
        }
        session.edit(job -> WorkPlan.take(judged, ways));
        session.say(Messages.message("verdict-station.in-the-plan", Wording.ways(ways)));
        context.show(Station.PLAN);
    }

    private void show() {
        if (!isVisible()) {
            if (drew) {
                // This station must not clear what another one draws.
                instrument.compared().clear();
                drew = false;
            }
            return;
        }
        JobAnalysis analysis = session.analysis();
        Wording words = session.words();
        Recommendation recommendation = analysis.recommendation();
        recommended = recommendation.ways();
        String reason = words.say(recommendation.reasons());
        List<Question> asked = analysis.heldBack();
        advice.setText(
                asked.isEmpty()
                        ? Messages.message("verdict-station.recommended", Wording.ways(recommended))
                        : Messages.message("verdict-station.read-again-first"));
        because.setText(asked.isEmpty() ? reason : asked(asked, words));
        List<Way> taken = WorkPlan.taken(session.job());
        boolean same = taken.equals(recommended);
        standing.setText(
                taken.isEmpty()
                        ? asked.isEmpty() && !recommended.isEmpty()
                                ? Messages.message("verdict-station.not-taken-yet-drawing")
                                : ""
                        : same
                                ? Messages.message("verdict-station.it-is-in-the")
                                : Messages.message("verdict-station.in-the-plan-and", Wording.ways(taken)));
        show(take, taken.isEmpty() || !same);
        show(aside, !taken.isEmpty());
        others(asked.isEmpty(), recommendation, analysis, words);
        take.setDisable(recommended.isEmpty() || !asked.isEmpty());
        Page page = pages.page();
        switch (page) {
            case GATES -> {
                boolean pictures = session.picturesProperty().get();
                gates.setVisible(!pictures);
                tiles.setVisible(pictures);
                gates.show(analysis.gates(), words);
                tiles.show(
                        analysis.gates(),
                        analysis.sideView()
                                .or(() -> instrument.plainProperty().get().map(PlaceholderInstrument::view)),
                        words);
            }
            case WAYS -> waysPane.show(analysis.ways(), recommended);
            case COMPARED -> compared.show(analysis.ways(), picks.ways());
            case SCHOOLS -> schools.show();
        }
        boolean drawn = page == Page.WAYS || page == Page.COMPARED;
        drew = true;
        instrument
                .compared()
                .setAll(
                        drawn
                                ? compared.compared(analysis.ways(), picks.ways()).stream()
                                        .map(StrungSetup::setup)
                                        .map(setup -> SideProfile.of(setup, 0))
                                        .toList()
                                : List.of());
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static String asked(List<Question> questions, Wording words) {
        return questions.stream()
                .map(each -> Wording.label(each.line()) + ": " + words.say(each.asked()))
                .collect(Collectors.joining("  "));
    }

    /** The runners-up, each with the reason it was not chosen, and what would change the advice. */
    private void others(boolean said, Recommendation recommendation, JobAnalysis analysis, Wording words) {
        others.getChildren().clear();
        if (!said) {
            return;
        }
        if (session.knownProperty().get() == analysis) {
            analysis.close().ifPresent(call -> others.getChildren().add(close(call)));
        }
        for (RunnerUp each : recommendation.runnersUp()) {
            others.getChildren()
                    .add(line(
                            Messages.message(
                                    "verdict-station.not-chosen",
                                    Wording.ways(each.ways()).toLowerCase(Locale.ROOT)),
                            words.say(each.reason())));
        }
        analysis.changes()
                .forEach(change -> others.getChildren()
                        .add(line(
                                words.say(change.condition()),
                                Wording.ways(change.then().ways()).toLowerCase(Locale.ROOT) + ".")));
    }

    /** How close the answer is, and the reading that would settle it. */
    private static TextFlow close(CloseCall call) {
        return line(
                Messages.message("verdict-station.close"),
                Messages.message(
                        "verdict-station.close-why",
                        Wording.full(call.settledBy()),
                        Wording.ways(call.otherwise()).toLowerCase(Locale.ROOT),
                        Numbers.whole(call.chance() * 100),
                        Numbers.whole(call.needs() * 100)));
    }

    private static TextFlow line(String what, String why) {
        Text bold = new Text(what + ": ");
        bold.getStyleClass().add("advice-what");
        Text plain = new Text(why);
        plain.getStyleClass().add("advice-why");
        return new TextFlow(bold, plain);
    }
}
