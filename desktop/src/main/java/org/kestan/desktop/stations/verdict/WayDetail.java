package org.kestan.desktop.stations.verdict;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.base.standards.Measure;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.MaterialUsed;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Shim;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/** All that is said of the way looked at: why, whom it suits, what it spends, its risks, its cautions. */
final class WayDetail extends VBox {

    private final Label title = new Label();
    private final VBox lines = new VBox();
    private final Button take = new Button("Take into the plan");
    private Way shown = WayCatalog.LEAVE;

    WayDetail(Consumer<Way> taker) {
        getStyleClass().add("way-detail");
        setId("way-detail");
        title.getStyleClass().add("place-title");
        lines.getStyleClass().add("way-lines");
        take.setId("take-way");
        take.getStyleClass().add("plain-button");
        take.setOnAction(event -> taker.accept(shown));
        getChildren().addAll(title, new HBox(take), lines);
    }

    void show(Assessment way, List<Shim> shims, Wording words) {
        shown = way.way();
        title.setText(Wording.label(shown));
        take.setDisable(!way.possible());
        lines.getChildren().clear();
        way.reasons().forEach(reason -> line("", words.say(reason)));
        line("Suits", Wording.suits(shown));
        if (shown.has(Effect.SHIMS_POCKET)) {
            shims.forEach(shim -> line(
                    "Shim " + Numbers.angle(shim.angle()),
                    "action " + words.numbers().pair(shim.after().action())));
        }
        way.spent().forEach(spent -> line("Spends", spent(spent, words.numbers())));
        line("Undone", way.reversible() ? "It can be undone." : "It can't be undone.");
        String parts = parts(shown);
        if (!parts.isEmpty()) {
            line("Parts", parts);
        }
        Wording.risks(shown).forEach(risk -> line("Risk", risk));
        List<String> cautions = Wording.cautions(shown);
        cautions.forEach(this::caution);
        if (!cautions.isEmpty()) {
            line("", "Local rules and a licensed trade's advice come before these figures.");
        }
    }

    private static String spent(MaterialUsed spent, Numbers numbers) {
        String amount = numbers.length(Math.abs(spent.amount())) + " of " + Wording.label(spent.reserve());
        String what = spent.amount() < 0 ? "Gives back " + amount : amount;
        return spent.left().isPresent()
                ? what + "; " + numbers.signed(spent.left().getAsDouble()) + " over the shop's least is left."
                : what + ".";
    }

    private static String parts(Way way) {
        List<String> names = way.prices().stream()
                .filter(each -> each.measure() == Measure.MONEY)
                .map(Wording::label)
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
