package org.kestan.desktop.stations.verdict;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.parts.pages.Reveal;
import org.kestan.desktop.session.JobSession;
import org.kestan.judgement.advice.Ways;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.ways.Catalogue;

/**
 * All ways for the instrument, least invasive first, and what is said of the one looked at. Up and Down go through them,
 * Space picks one for comparison, Enter takes it into the plan.
 */
final class WaysPane extends HBox {

    private final JobSession session;
    private final Picks picks;
    private final Consumer<Way> taker;
    private final Map<Way, WayRow> rows = new LinkedHashMap<>();
    private final WayDetail detail;
    private final ScrollPane listScroll = scroll(new VBox());
    private Ways ways;
    private Way looked = Catalogue.LEAVE;
    private List<Way> advised = List.of();

    WaysPane(JobSession session, Picks picks, Consumer<Way> taker) {
        this.session = session;
        this.picks = picks;
        this.taker = taker;
        getStyleClass().add("ways");
        VBox list = new VBox();
        list.setId("ways-list");
        for (Way way : Catalogue.ALL) {
            WayRow row = new WayRow(way);
            rows.put(way, row);
            list.getChildren().add(row);
            row.focusedProperty().addListener((property, was, is) -> {
                if (is) {
                    Reveal.in(listScroll, row);
                    look(way);
                }
            });
            row.setOnMouseClicked(click -> row.requestFocus());
            row.setOnKeyPressed(key -> pressed(way, key));
            row.pick().setOnAction(event -> {
                picks.toggle(way);
                row.requestFocus();
            });
        }
        listScroll.setContent(list);
        VBox left = new VBox(WayRow.heads(), listScroll);
        VBox.setVgrow(listScroll, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        detail = new WayDetail(taker);
        ScrollPane right = scroll(detail);
        right.getStyleClass().add("way-detail-scroll");
        getChildren().addAll(left, right);
        picks.onChange(this::showPicks);
    }

    private static ScrollPane scroll(VBox content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }

    private void pressed(Way way, KeyEvent key) {
        int at = Catalogue.ALL.indexOf(way);
        switch (key.getCode()) {
            case DOWN -> focus(at + 1);
            case UP -> focus(at - 1);
            case SPACE -> picks.toggle(way);
            case ENTER -> taker.accept(way);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void focus(int at) {
        int last = Catalogue.ALL.size() - 1;
        rows.get(Catalogue.ALL.get(Math.max(0, Math.min(at, last)))).requestFocus();
    }

    private void look(Way way) {
        looked = way;
        rows.forEach((each, row) -> {
            row.getStyleClass().remove("way-looked");
            if (each == way) {
                row.getStyleClass().add("way-looked");
            }
        });
        if (ways != null) {
            detail.show(ways.of(way), ways.shims(), session.words());
        }
        if (rows.get(way).isFocused()) {
            session.say("Space compares, Enter takes it into the plan.");
        }
    }

    private void showPicks() {
        rows.forEach((way, row) -> row.pick().setSelected(picks.ways().contains(way)));
    }

    void show(Ways next, List<Way> recommended) {
        if (!recommended.equals(advised)) {
            advised = recommended;
            recommended.stream().findFirst().ifPresent(this::look);
        }
        ways = next;
        String currency = session.standards().currency();
        next.all().forEach(each -> rows.get(each.way()).show(each, session.words(), currency));
        detail.show(next.of(looked), next.shims(), session.words());
    }
}
