package org.kestan.desktop.verdict;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.elevation.ElevationView;
import org.kestan.desktop.pages.PageTabs;
import org.kestan.desktop.session.JobSession;
import org.kestan.notation.BenchUnit;
import org.kestan.plan.WorkPlan;
import org.kestan.reckoning.Reckoning;
import org.kestan.sideview.Profile;
import org.kestan.standards.ShopStandards;
import org.kestan.verdict.Verdict;
import org.kestan.ways.Prediction;
import org.kestan.ways.Recommendation;
import org.kestan.ways.WayId;
import org.kestan.ways.Ways;

/** What is wrong and what can be done: the gates, the ways, the picked ones side by side, the schools. */
public final class VerdictStation extends VBox {

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
    private final Label otherwise = new Label();
    private final Button take = new Button("Take into the plan");
    private final PageTabs<Page> pages = new PageTabs<>(Page.GATES, "page-", each -> each.title);
    private Runnable afterTaking = () -> {};
    private List<WayId> recommended = List.of();
    private Optional<Judged> judged = Optional.empty();

    /** What was judged, and of what. */
    private record Judged(Reckoning from, BenchUnit unit, Ways ways, Recommendation recommendation, String changes) {}

    /**
     * Makes the station for a session.
     *
     * @param elevation the drawing on which the compared ways are shown
     * @param keeper keeps changed standards of the shop
     */
    public VerdictStation(JobSession session, ElevationView elevation, Consumer<ShopStandards> keeper) {
        this.session = session;
        this.elevation = elevation;
        getStyleClass().add("verdict");
        gates = new GatesPane(session, "", false);
        waysPane = new WaysPane(session, picks, id -> take(List.of(id)));
        compared = new SideBySidePane(session, this::take);
        schools = new SchoolsPane(session, keeper);
        pages.put(Page.GATES, gates);
        pages.put(Page.WAYS, waysPane);
        pages.put(Page.COMPARED, compared);
        pages.put(Page.SCHOOLS, schools);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        getChildren().addAll(head(), pages.body());
        pages.pageProperty().addListener((property, old, next) -> show());
        picks.onChange(this::show);
        session.reckoningProperty().addListener((property, old, next) -> {
            if (!old.job().instrument().equals(next.job().instrument())) {
                picks.clear();
            }
            show();
        });
        session.unitProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    /** Does this once a way was taken into the plan. */
    public void setAfterTaking(Runnable next) {
        afterTaking = next;
    }

    private HBox head() {
        advice.setId("advice");
        advice.getStyleClass().add("advice");
        because.setId("advice-because");
        because.getStyleClass().add("advice-because");
        otherwise.setId("advice-otherwise");
        otherwise.getStyleClass().add("advice-because");
        VBox words = new VBox(advice, because, otherwise);
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
    private void take(List<WayId> ids) {
        if (ids.isEmpty() || ids.stream().noneMatch(id -> possible(ids, id))) {
            session.complain("That is not for this instrument: see why beside it.");
            return;
        }
        session.edit(job -> WorkPlan.take(session.reckoning(), ids));
        session.say("In the plan: " + ids.stream().map(WayId::label).collect(Collectors.joining(", then ")) + ".");
        afterTaking.run();
    }

    private boolean possible(List<WayId> ids, WayId id) {
        return judged.orElseThrow().ways().combined(ids).ways().stream()
                .anyMatch(way -> way.id() == id && way.possible());
    }

    private void show() {
        Page page = pages.page();
        if (!isVisible()) {
            elevation.candidates().clear();
            return;
        }
        judge();
        Ways ways = judged.orElseThrow().ways();
        Recommendation recommendation = judged.orElseThrow().recommendation();
        recommended = recommendation.ways();
        advice.setText("We would: " + recommendation.words());
        because.setText(recommendation.reason());
        because.setTooltip(new Tooltip(recommendation.reason()));
        otherwise.setText(judged.orElseThrow().changes());
        otherwise.setTooltip(otherwise.getText().isEmpty() ? null : new Tooltip(otherwise.getText()));
        take.setDisable(recommended.isEmpty());
        switch (page) {
            case GATES -> gates.show(Verdict.of(session.reckoning(), session.unit()), session.unit());
            case WAYS -> waysPane.show(ways, recommended);
            case COMPARED -> compared.show(ways, picks.ids());
            case SCHOOLS -> schools.show();
        }
        boolean drawn = page == Page.WAYS || page == Page.COMPARED;
        elevation
                .candidates()
                .setAll(
                        drawn
                                ? compared.compared(ways, picks.ids()).stream()
                                        .map(Prediction::setup)
                                        .map(setup -> Profile.of(setup, 0))
                                        .toList()
                                : List.of());
    }

    /** Judges the open job, unless it is judged already. */
    private void judge() {
        boolean known = judged.filter(each -> each.from() == session.reckoning() && each.unit() == session.unit())
                .isPresent();
        if (!known) {
            Ways ways = Ways.of(session.reckoning(), session.unit());
            Recommendation recommendation = Recommendation.of(ways);
            judged = Optional.of(
                    new Judged(session.reckoning(), session.unit(), ways, recommendation, changes(recommendation)));
        }
    }

    /** What would change the advice: the circumstances under which it would be another. */
    private String changes(Recommendation recommendation) {
        return recommendation.changes(session.reckoning(), session.unit()).stream()
                .map(change -> change.condition() + ": " + change.then().words().toLowerCase(Locale.ROOT) + ".")
                .collect(Collectors.joining("  "));
    }
}
