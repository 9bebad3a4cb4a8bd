package org.kestan.desktop.stations.verdict;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kestan.analysis.figures.State;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.figures.StateShape;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.way.Way;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** One way in the list: selected or not, whether it suits this instrument, the resulting action, the cost. */
final class WayRow extends HBox {

    private final CheckBox pick = new CheckBox();
    private final StateShape mark = new StateShape();
    private final Label fit = cell("way-fit");
    private final Label action = cell("way-action");
    private final Label hours = cell("way-hours");
    private final Label cost = cell("way-cost");

    WayRow(Way way) {
        setId("way-" + way.key());
        getStyleClass().add("way");
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        pick.setId(getId() + "-pick");
        pick.setFocusTraversable(false);
        pick.setAccessibleText(Messages.message("way-row.compare", Wording.label(way)));
        Label name = cell("way-name");
        name.setText(Wording.label(way));
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        getChildren().addAll(pick, mark, name, fit, action, hours, cost);
    }

    /** The headings above the columns of the rows. */
    static HBox heads() {
        Label name = cell("way-name", Messages.message("way-row.compare-check"));
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Region gap = new Region();
        HBox heads = new HBox(
                name,
                gap,
                cell("way-fit", Messages.message("way-row.for-this-one")),
                cell("way-action", Messages.message("way-row.action-then")),
                cell("way-hours", Messages.message("way-row.hours")),
                cell("way-cost", Messages.message("way-row.price")));
        heads.getStyleClass().addAll("way", "way-heads");
        return heads;
    }

    private static Label cell(String style) {
        return cell(style, "");
    }

    private static Label cell(String style, String text) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }

    CheckBox pick() {
        return pick;
    }

    void show(Assessment way, boolean recommended, Wording words, String currency) {
        Numbers numbers = words.numbers();
        mark.show(state(way));
        fit.setText(recommended ? Messages.message("way-row.recommended") : Wording.label(way.fit()));
        action.setText(way.predicted()
                .map(StrungSetup::setup)
                .map(Setup::action)
                .map(numbers::pair)
                .orElse(Numbers.NONE));
        hours.setText(
                way.price().hours() == 0
                        ? Numbers.NONE
                        : Numbers.plain(way.price().hours()));
        cost.setText(way.price().cost() == 0 ? Numbers.NONE : price(way.price().cost(), currency));
        pick.setDisable(way.predicted().isEmpty());
        getStyleClass().removeAll(List.of("way-possible", "way-not", "way-recommended"));
        if (recommended) {
            getStyleClass().add("way-recommended");
        }
        getStyleClass().add(way.possible() ? "way-possible" : "way-not");
        setAccessibleText(Messages.message(
                "way-row.said", Wording.label(way.way()), fit.getText(), action.getText(), words.say(way.reasons())));
    }

    static String price(double cost, String currency) {
        return Numbers.whole(cost) + (currency.isEmpty() ? "" : " " + currency);
    }

    static State state(Assessment way) {
        return switch (way.fit()) {
            case POSSIBLE -> way.reaches() ? State.GOOD : State.MARGINAL;
            case NOT_FOR_THIS_ONE -> State.STOP;
            case NO_NEED, UNKNOWN -> State.UNKNOWN;
        };
    }
}
