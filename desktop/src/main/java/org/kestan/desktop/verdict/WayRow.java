package org.kestan.desktop.verdict;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kestan.desktop.figures.StateShape;
import org.kestan.reckoning.State;
import org.kestan.setup.Setup;
import org.kestan.ways.Prediction;
import org.kestan.ways.Way;
import org.kestan.ways.WayId;

/** One way in the list: picked or not, whether it is for this instrument, what the action would be, what it costs. */
final class WayRow extends HBox {

    private final CheckBox pick = new CheckBox();
    private final StateShape mark = new StateShape();
    private final Label fit = cell("way-fit");
    private final Label action = cell("way-action");
    private final Label hours = cell("way-hours");
    private final Label cost = cell("way-cost");

    WayRow(WayId id) {
        setId("way-" + id.key());
        getStyleClass().add("way");
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        pick.setId(getId() + "-pick");
        pick.setFocusTraversable(false);
        pick.setAccessibleText("Compare " + id.label());
        Label name = cell("way-name");
        name.setText(id.label());
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        getChildren().addAll(pick, mark, name, fit, action, hours, cost);
    }

    /** The heads over the columns of the rows. */
    static HBox heads() {
        Label name = cell("way-name", "Compare");
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Region gap = new Region();
        HBox heads = new HBox(
                name,
                gap,
                cell("way-fit", "For this one"),
                cell("way-action", "Action then"),
                cell("way-hours", "Hours"),
                cell("way-cost", "Price"));
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

    void show(Way way, Figures figures, String currency) {
        mark.show(state(way));
        fit.setText(way.fit().word());
        action.setText(way.predicted()
                .map(Prediction::setup)
                .map(Setup::action)
                .map(figures::both)
                .orElse(Figures.NONE));
        hours.setText(way.hours() == 0 ? Figures.NONE : plain(way.hours()));
        cost.setText(
                way.cost() == 0 ? Figures.NONE : Math.round(way.cost()) + (currency.isEmpty() ? "" : " " + currency));
        pick.setDisable(way.predicted().isEmpty());
        getStyleClass().removeAll(List.of("way-possible", "way-not"));
        getStyleClass().add(way.possible() ? "way-possible" : "way-not");
        setAccessibleText(way.id().label() + ", " + way.fit().word() + ", action then " + action.getText() + ". "
                + String.join(" ", way.reasons()));
    }

    private static State state(Way way) {
        return switch (way.fit()) {
            case POSSIBLE -> way.reaches() ? State.GOOD : State.MARGINAL;
            case NOT_FOR_THIS_ONE -> State.STOP;
            case NO_NEED, UNKNOWN -> State.UNKNOWN;
        };
    }

    static String plain(double number) {
        return number == Math.rint(number) ? Long.toString(Math.round(number)) : Double.toString(number);
    }
}
