package org.kestan.desktop.stations.verdict;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.standards.Measure;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.instrument.LoupePair;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.MaterialUsed;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Shim;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/** Everything about the selected way: why, who it suits, what it uses up, risks and cautions. */
final class WayDetail extends VBox {

    private final Label title = new Label();
    private final VBox lines = new VBox();
    private final LoupePair loupes = new LoupePair("way-loupes");
    private final Button take = new Button(Messages.message("way-detail.take-into-the-plan"));
    private Way shown = WayCatalog.LEAVE;

    WayDetail(Consumer<Way> taker) {
        getStyleClass().add("way-detail");
        setId("way-detail");
        title.getStyleClass().add("place-title");
        lines.getStyleClass().add("way-lines");
        take.setId("take-way");
        take.getStyleClass().add("plain-button");
        take.setOnAction(event -> taker.accept(shown));
        getChildren().addAll(title, new HBox(take), loupes, lines);
    }

    /** The fret where the action is read, and the bridge, now and after the way. */
    private void picture(Assessment way, JobAnalysis analysis, Wording words) {
        Optional<Setup> now = analysis.measured();
        boolean drawn = now.isPresent() && analysis.sideView().isPresent();
        loupes.setVisible(drawn);
        loupes.setManaged(drawn);
        if (drawn) {
            WayPictures.show(
                    loupes,
                    analysis.sideView().get(),
                    now.get(),
                    way.predicted().map(StrungSetup::setup),
                    words);
        }
    }

    void show(Assessment way, List<Shim> shims, JobAnalysis analysis, Wording words) {
        shown = way.way();
        picture(way, analysis, words);
        title.setText(Wording.label(shown));
        take.setDisable(!way.possible());
        lines.getChildren().clear();
        way.reasons().forEach(reason -> line("", words.say(reason)));
        line(Messages.message("way-detail.suits"), Wording.suits(shown));
        if (shown.has(Effect.SHIMS_POCKET)) {
            shims.forEach(shim -> line(
                    Messages.message("way-detail.shim", Numbers.angle(shim.angle())),
                    Messages.message(
                            "way-detail.action",
                            words.numbers().pair(shim.after().action()))));
        }
        way.spent().forEach(spent -> line(Messages.message("way-detail.spends"), spent(spent, words.numbers())));
        line(
                Messages.message("way-detail.undone"),
                way.reversible()
                        ? Messages.message("way-detail.it-can-be-undone")
                        : Messages.message("way-detail.it-cant-be-undone"));
        way.outOfTolerance()
                .ifPresent(chance ->
                        line(Messages.message("way-detail.out-of-tolerance"), Numbers.whole(chance * 100) + " %"));
        String parts = parts(shown);
        if (!parts.isEmpty()) {
            line(Messages.message("way-detail.parts"), parts);
        }
        Wording.risks(shown).forEach(risk -> line(Messages.message("way-detail.risk"), risk));
        List<String> cautions = Wording.cautions(shown);
        cautions.forEach(this::caution);
        if (!cautions.isEmpty()) {
            line("", Messages.message("way-detail.local-rules-and-a"));
        }
    }

    private static String spent(MaterialUsed spent, Numbers numbers) {
        String amount = Messages.message(
                "way-detail.of", numbers.length(Math.abs(spent.amount())), Wording.label(spent.reserve()));
        String what = spent.amount() < 0 ? Messages.message("way-detail.gives-back", amount) : amount;
        return spent.left().isPresent()
                ? Messages.message(
                        "way-detail.over-the-shops-least",
                        what,
                        numbers.signed(spent.left().getAsDouble()))
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
