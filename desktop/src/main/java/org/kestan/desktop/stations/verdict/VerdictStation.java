package org.kestan.desktop.stations.verdict;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.house.House;
import org.kestan.desktop.house.Room;
import org.kestan.desktop.parts.elevation.ElevationView;
import org.kestan.desktop.parts.gates.GatesPane;
import org.kestan.desktop.parts.pages.PageTabs;
import org.kestan.desktop.session.JobSession;
import org.kestan.dossier.Dossier;
import org.kestan.dossier.Station;
import org.kestan.following.loads.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.judgement.advice.Recommendation;
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

    private final JobSession session;
    private final ElevationView elevation;
    private final Picks picks = new Picks();
    private final GatesPane gates;
    private final WaysPane waysPane;
    private final SideBySidePane compared;
    private final SchoolsPane schools;
    private final Label advice = new Label();
    private final Label because = new Label();
    private final Label runners = new Label();
    private final Label otherwise = new Label();
    private final Button take = new Button("Take into the plan");
    private final PageTabs<Page> pages = new PageTabs<>(Page.GATES, "page-", each -> each.title);
    private final House house;
    private List<Way> recommended = List.of();

    /** Makes the station; the compared ways are drawn over it. */
    public VerdictStation(House house) {
        this.house = house;
        session = house.session();
        elevation = house.elevation();
        getStyleClass().add("verdict");
        gates = new GatesPane(session, "", false);
        waysPane = new WaysPane(session, picks, way -> take(List.of(way)));
        compared = new SideBySidePane(session, this::take);
        schools = new SchoolsPane(session, house.store()::keepStandards);
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
    public Node node() {
        return this;
    }

    @Override
    public void focusFirst() {
        pages.getChildren().get(0).requestFocus();
    }

    private HBox head() {
        advice.setId("advice");
        advice.getStyleClass().add("advice");
        because.setId("advice-because");
        because.getStyleClass().add("advice-because");
        runners.setId("advice-runners");
        runners.setMinHeight(USE_PREF_SIZE);
        runners.getStyleClass().add("advice-because");
        otherwise.setId("advice-otherwise");
        otherwise.getStyleClass().add("advice-because");
        VBox words = new VBox(advice, because, runners, otherwise);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        take.setId("take-advice");
        take.getStyleClass().add("plain-button");
        take.setMinWidth(USE_PREF_SIZE);
        take.setOnAction(event -> take(recommended));
        HBox head = new HBox(pages, words, take);
        head.getStyleClass().add("verdict-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
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
            elevation.candidates().clear();
            return;
        }
        Dossier dossier = session.dossier();
        Words words = session.words();
        Recommendation recommendation = dossier.recommendation();
        recommended = recommendation.ways();
        String reason = words.say(recommendation.reasons());
        advice.setText("We would: " + Words.ways(recommended));
        because.setText(reason);
        because.setTooltip(new Tooltip(reason));
        runners.setText(runnersUp(recommendation, words));
        runners.setTooltip(runners.getText().isEmpty() ? null : new Tooltip(runners.getText()));
        otherwise.setText(changes(dossier, words));
        otherwise.setTooltip(otherwise.getText().isEmpty() ? null : new Tooltip(otherwise.getText()));
        take.setDisable(recommended.isEmpty());
        Page page = pages.page();
        switch (page) {
            case GATES -> gates.show(dossier.gates(), words);
            case WAYS -> waysPane.show(dossier.ways(), recommended);
            case COMPARED -> compared.show(dossier.ways(), picks.ways());
            case SCHOOLS -> schools.show();
        }
        boolean drawn = page == Page.WAYS || page == Page.COMPARED;
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

    /** The next best, each with the one reason it was not chosen. */
    private static String runnersUp(Recommendation recommendation, Words words) {
        return recommendation.runnersUp().stream()
                .map(each ->
                        "Not " + Words.ways(each.ways()).toLowerCase(Locale.ROOT) + ": " + words.say(each.reason()))
                .collect(Collectors.joining("\n"));
    }

    /** What would change the advice: the circumstances under which it would be another. */
    private static String changes(Dossier dossier, Words words) {
        return dossier.changes().stream()
                .map(change -> words.say(change.condition()) + ": "
                        + Words.ways(change.then().ways()).toLowerCase(Locale.ROOT) + ".")
                .collect(Collectors.joining("  "));
    }
}
