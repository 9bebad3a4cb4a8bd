package org.kestan.desktop.stations.verdict;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.kestan.desktop.house.House;
import org.kestan.desktop.house.Room;
import org.kestan.desktop.parts.elevation.ElevationView;
import org.kestan.desktop.parts.field.PlainButton;
import org.kestan.desktop.parts.gates.GatesPane;
import org.kestan.desktop.parts.pages.NextLine;
import org.kestan.desktop.parts.pages.PageTabs;
import org.kestan.desktop.session.JobSession;
import org.kestan.dossier.Dossier;
import org.kestan.dossier.Station;
import org.kestan.following.loads.Prediction;
import org.kestan.following.questions.Question;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.advice.Recommendation;
import org.kestan.judgement.advice.RunnerUp;
import org.kestan.judgement.advice.Ways;
import org.kestan.judgement.way.Way;
import org.kestan.words.Words;
import org.kestan.work.plan.WorkPlan;
import org.kestan.work.sideview.Profile;

/** What is wrong and what can be done: the gates, the ways, the picked ones side by side, the schools. */
public final class VerdictStation extends VBox implements Room {

    /** What the station can show. */
    private enum Page {
        GATES("Gates"),
        WAYS("Ways"),
        COMPARED("Side by side"),
        SCHOOLS("Schools");

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
    private final ElevationView elevation;
    private final Picks picks = new Picks();
    private final GatesPane gates;
    private final WaysPane waysPane;
    private final SideBySidePane compared;
    private final SchoolsPane schools;
    private final Label advice = new Label();
    private final Label because = new Label();
    private final Label standing = new Label();
    private final VBox others = new VBox();
    private final Button take = new Button("Take into the plan");
    private final Button aside = new PlainButton("Put aside", "verdict-aside", () -> {});
    private final PageTabs<Page> pages = new PageTabs<>(Page.GATES, "page-", each -> each.title);
    private final House house;
    private List<Way> recommended = List.of();

    /** Makes the station; the compared ways are drawn over it. */
    public VerdictStation(House house) {
        this.house = house;
        session = house.session();
        elevation = house.elevation();
        getStyleClass().add("verdict");
        gates = new GatesPane(session, "", false, house::go);
        waysPane = new WaysPane(session, picks, way -> take(List.of(way)));
        compared = new SideBySidePane(session, this::take);
        schools = new SchoolsPane(session, () -> house.show("standards"));
        pages.put(Page.GATES, gates);
        pages.put(Page.WAYS, waysPane);
        pages.put(Page.COMPARED, compared);
        pages.put(Page.SCHOOLS, schools);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        getChildren().addAll(head(), pages.body());
        pages.pageProperty().addListener((property, old, next) -> show());
        picks.onChange(this::show);
        session.dossierProperty().addListener((property, old, next) -> {
            if (!Lines.OF_INSTRUMENT.stream()
                    .allMatch(line -> old.job().get(line).equals(next.job().get(line)))) {
                picks.clear();
            }
            show();
        });
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
            session.say("Put aside; what we would do is previewed again.");
        });
        HBox press = new HBox(8, take, aside);
        press.setMinWidth(USE_PREF_SIZE);
        VBox left = new VBox(advice, press, because, standing, new NextLine(session, Station.VERDICT));
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
        // Where it is low the advice scrolls and leaves room for the pages.
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

    /** Takes ways into the plan: one step of undo, and on to the plan. */
    private void take(List<Way> ways) {
        Ways judged = session.dossier().ways();
        if (judged.combined(ways).possible().isEmpty()) {
            session.complain("That is not for this instrument: see why beside it.");
            return;
        }
        session.edit(job -> WorkPlan.take(judged, ways));
        session.say("In the plan: " + Words.ways(ways) + ".");
        house.show(Station.PLAN);
    }

    private void show() {
        if (!isVisible()) {
            if (drew) {
                // What another station draws is not this one's to clear.
                elevation.candidates().clear();
                drew = false;
            }
            return;
        }
        Dossier dossier = session.dossier();
        Words words = session.words();
        Recommendation recommendation = dossier.recommendation();
        recommended = recommendation.ways();
        String reason = words.say(recommendation.reasons());
        List<Question> asked = dossier.heldBack();
        advice.setText(asked.isEmpty() ? "We would: " + Words.ways(recommended) : "Read again first");
        because.setText(asked.isEmpty() ? reason : asked(asked, words));
        List<Way> taken = WorkPlan.taken(session.job());
        boolean same = taken.equals(recommended);
        standing.setText(
                taken.isEmpty()
                        ? asked.isEmpty() && !recommended.isEmpty()
                                ? "Not taken yet: drawing, figures and plan preview it."
                                : ""
                        : same ? "It is in the plan." : "In the plan, and shown: " + Words.ways(taken) + ".");
        show(take, taken.isEmpty() || !same);
        show(aside, !taken.isEmpty());
        others(asked.isEmpty(), recommendation, dossier, words);
        take.setDisable(recommended.isEmpty() || !asked.isEmpty());
        Page page = pages.page();
        switch (page) {
            case GATES -> gates.show(dossier.gates(), words);
            case WAYS -> waysPane.show(dossier.ways(), recommended);
            case COMPARED -> compared.show(dossier.ways(), picks.ways());
            case SCHOOLS -> schools.show();
        }
        boolean drawn = page == Page.WAYS || page == Page.COMPARED;
        drew = true;
        elevation
                .candidates()
                .setAll(
                        drawn
                                ? compared.compared(dossier.ways(), picks.ways()).stream()
                                        .map(Prediction::setup)
                                        .map(setup -> Profile.of(setup, 0))
                                        .toList()
                                : List.of());
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static String asked(List<Question> questions, Words words) {
        return questions.stream()
                .map(each -> Words.label(each.line()) + ": " + words.say(each.asked()))
                .collect(Collectors.joining("  "));
    }

    /** The next best, each with the one reason it was not chosen, and what would change the advice. */
    private void others(boolean said, Recommendation recommendation, Dossier dossier, Words words) {
        others.getChildren().clear();
        if (!said) {
            return;
        }
        for (RunnerUp each : recommendation.runnersUp()) {
            others.getChildren()
                    .add(line("Not " + Words.ways(each.ways()).toLowerCase(Locale.ROOT), words.say(each.reason())));
        }
        dossier.changes()
                .forEach(change -> others.getChildren()
                        .add(line(
                                words.say(change.condition()),
                                Words.ways(change.then().ways()).toLowerCase(Locale.ROOT) + ".")));
    }

    private static TextFlow line(String what, String why) {
        Text bold = new Text(what + ": ");
        bold.getStyleClass().add("advice-what");
        Text plain = new Text(why);
        plain.getStyleClass().add("advice-why");
        return new TextFlow(bold, plain);
    }
}
