package org.kestan.desktop.stations.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.figures.StateShape;
import org.kestan.desktop.widgets.instrument.LoupePair;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** One way: what it does to the action and at the bridge, what it costs, and whether it can be undone. */
final class WayCard extends VBox {

    private final Way way;
    private final CheckBox pick = new CheckBox();
    private final StateShape mark = new StateShape();
    private final Label fit = new Label();
    private final Label action = new Label();
    private final Label cost = new Label();
    private final Label undo = new Label();
    private final LoupePair pictures;

    WayCard(Way way) {
        this.way = way;
        setId("way-card-" + way.key());
        getStyleClass().add("way-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        pick.setId(getId() + "-pick");
        pick.setFocusTraversable(false);
        pick.setAccessibleText(Messages.message("way-row.compare", Wording.label(way)));
        Label name = new Label(Wording.label(way));
        name.getStyleClass().add("way-card-name");
        name.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        fit.getStyleClass().add("way-card-fit");
        HBox head = new HBox(8, mark, name, gap, fit, pick);
        head.setAlignment(Pos.CENTER_LEFT);
        action.getStyleClass().add("way-card-action");
        cost.getStyleClass().add("way-card-line");
        undo.getStyleClass().add("way-card-line");
        for (Label each : List.of(action, cost, undo, fit)) {
            each.setMinWidth(USE_PREF_SIZE);
        }
        VBox words = new VBox(2, action, cost, undo);
        words.setMinWidth(USE_PREF_SIZE);
        pictures = new LoupePair(getId() + "-loupes");
        HBox.setHgrow(pictures, Priority.ALWAYS);
        HBox body = new HBox(8, words, pictures);
        VBox.setVgrow(body, Priority.ALWAYS);
        body.setMinHeight(0);
        getChildren().addAll(head, body);
    }

    Way way() {
        return way;
    }

    CheckBox pick() {
        return pick;
    }

    void look(boolean looked) {
        getStyleClass().remove("way-card-looked");
        if (looked) {
            getStyleClass().add("way-card-looked");
        }
    }

    void show(Assessment judged, boolean recommended, JobAnalysis analysis, Wording words, String currency) {
        Numbers numbers = words.numbers();
        Optional<Setup> after = judged.predicted().map(StrungSetup::setup);
        mark.show(WayRow.state(judged));
        fit.setText(recommended ? Messages.message("way-row.recommended") : Wording.label(judged.fit()));
        action.setText(after.map(Setup::action).map(numbers::pair).orElse(Numbers.NONE));
        List<String> price = new ArrayList<>();
        if (judged.price().hours() > 0) {
            price.add(Messages.message(
                    "way-card.hours", Numbers.plain(judged.price().hours())));
        }
        if (judged.price().cost() > 0) {
            price.add(WayRow.price(judged.price().cost(), currency));
        }
        cost.setText(price.isEmpty() ? Numbers.NONE : String.join(" \u00b7 ", price));
        undo.setText(
                judged.reversible()
                        ? Messages.message("way-card.can-be-undone")
                        : Messages.message("way-card.cannot-be-undone"));
        pick.setDisable(judged.predicted().isEmpty());
        boolean drawn = analysis.measured().isPresent() && analysis.sideView().isPresent();
        pictures.setVisible(drawn);
        if (drawn) {
            WayPictures.show(
                    pictures, analysis.sideView().get(), analysis.measured().get(), after, words);
        }
        getStyleClass().removeAll(List.of("way-possible", "way-not", "way-recommended"));
        if (recommended) {
            getStyleClass().add("way-recommended");
        }
        getStyleClass().add(judged.possible() ? "way-possible" : "way-not");
        setAccessibleText(Messages.message(
                "way-card.said", Wording.label(way), fit.getText(), action.getText(), cost.getText(), undo.getText()));
    }
}
