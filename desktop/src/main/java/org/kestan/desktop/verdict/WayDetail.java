package org.kestan.desktop.verdict;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.notation.BenchUnit;
import org.kestan.standards.Quantity;
import org.kestan.standards.Standard;
import org.kestan.ways.Shim;
import org.kestan.ways.Spent;
import org.kestan.ways.Way;
import org.kestan.ways.WayId;
import org.kordamp.ikonli.javafx.FontIcon;

/** All that is said of the way looked at: why, whom it suits, what it spends, its risks, its cautions. */
final class WayDetail extends VBox {

    private final Label title = new Label();
    private final VBox lines = new VBox();
    private final Button take = new Button("Take into the plan");
    private WayId shown = WayId.LEAVE;

    WayDetail(Consumer<WayId> taker) {
        getStyleClass().add("way-detail");
        setId("way-detail");
        title.getStyleClass().add("place-title");
        lines.getStyleClass().add("way-lines");
        take.setId("take-way");
        take.getStyleClass().add("plain-button");
        take.setOnAction(event -> taker.accept(shown));
        getChildren().addAll(title, new HBox(take), lines);
    }

    void show(Way way, List<Shim> shims, BenchUnit unit) {
        shown = way.id();
        title.setText(way.id().label());
        take.setDisable(!way.possible());
        lines.getChildren().clear();
        way.reasons().forEach(reason -> line("", reason));
        line("Suits", way.id().suits());
        if (way.id() == WayId.POCKET_SHIM) {
            Figures figures = new Figures(unit);
            shims.forEach(shim -> line(
                    "Shim " + Figures.degrees(OptionalDouble.of(Math.toRadians(shim.degrees())), 2),
                    "action " + figures.both(shim.after().action())));
        }
        way.spent().forEach(spent -> line("Spends", spent(spent, unit)));
        line("Undone", way.reversible() ? "It can be undone." : "It can't be undone.");
        String parts = parts(way);
        if (!parts.isEmpty()) {
            line("Parts", parts);
        }
        way.id().risks().forEach(risk -> line("Risk", risk));
        way.id().cautions().forEach(this::caution);
        if (!way.id().cautions().isEmpty()) {
            line("", "Local rules and a licensed trade's advice come before these figures.");
        }
    }

    private static String spent(Spent spent, BenchUnit unit) {
        String amount =
                unit.format(Math.abs(spent.amount())) + " of " + spent.reserve().word();
        String what = spent.amount() < 0 ? "Gives back " + amount : amount;
        return spent.left().isPresent()
                ? what + "; " + unit.formatSigned(spent.left().getAsDouble()) + " over the shop's least is left."
                : what + ".";
    }

    private static String parts(Way way) {
        List<String> names = way.id().prices().stream()
                .filter(each -> each.quantity() == Quantity.MONEY)
                .map(Standard::label)
                .toList();
        return names.isEmpty() ? "" : String.join(", ", names) + ".";
    }

    private void line(String head, String text) {
        Label words = new Label((head.isEmpty() ? "" : head + ": ") + text);
        words.setWrapText(true);
        words.getStyleClass().add(head.isEmpty() ? "way-reason" : "way-line");
        lines.getChildren().add(words);
    }

    private void caution(String text) {
        Node icon = new FontIcon("fth-alert-triangle");
        icon.getStyleClass().add("caution-icon");
        Label words = new Label(text, icon);
        words.setWrapText(true);
        words.getStyleClass().add("caution");
        lines.getChildren().add(words);
    }
}
