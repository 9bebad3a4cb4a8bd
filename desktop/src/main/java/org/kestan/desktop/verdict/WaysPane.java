package org.kestan.desktop.verdict;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.session.JobSession;
import org.kestan.ways.WayId;
import org.kestan.ways.Ways;

/**
 * All ways for the instrument, least invasive first, and what is said of the one looked at. Up and Down go through them,
 * Space picks one for comparison, Enter takes it into the plan.
 */
final class WaysPane extends HBox {

    private final JobSession session;
    private final Picks picks;
    private final Consumer<WayId> taker;
    private final Map<WayId, WayRow> rows = new EnumMap<>(WayId.class);
    private final WayDetail detail;
    private final ScrollPane listScroll = scroll(new VBox());
    private Ways ways;
    private WayId looked = WayId.LEAVE;
    private List<WayId> advised = List.of();

    WaysPane(JobSession session, Picks picks, Consumer<WayId> taker) {
        this.session = session;
        this.picks = picks;
        this.taker = taker;
        getStyleClass().add("ways");
        VBox list = new VBox();
        list.setId("ways-list");
        for (WayId id : WayId.values()) {
            WayRow row = new WayRow(id);
            rows.put(id, row);
            list.getChildren().add(row);
            row.focusedProperty().addListener((property, was, is) -> {
                if (is) {
                    Reveal.in(listScroll, row);
                    look(id);
                }
            });
            row.setOnMouseClicked(click -> row.requestFocus());
            row.setOnKeyPressed(key -> pressed(id, key));
            row.pick().setOnAction(event -> {
                picks.toggle(id);
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

    private void pressed(WayId id, KeyEvent key) {
        WayId[] all = WayId.values();
        switch (key.getCode()) {
            case DOWN ->
                rows.get(all[Math.min(id.ordinal() + 1, all.length - 1)]).requestFocus();
            case UP -> rows.get(all[Math.max(id.ordinal() - 1, 0)]).requestFocus();
            case SPACE -> picks.toggle(id);
            case ENTER -> taker.accept(id);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void look(WayId id) {
        looked = id;
        rows.forEach((each, row) -> {
            row.getStyleClass().remove("way-looked");
            if (each == id) {
                row.getStyleClass().add("way-looked");
            }
        });
        if (ways != null) {
            detail.show(ways.way(id), ways.shims(), session.unit());
        }
        if (rows.get(id).isFocused()) {
            session.say("Space compares, Enter takes it into the plan.");
        }
    }

    private void showPicks() {
        Set<WayId> picked = EnumSet.noneOf(WayId.class);
        picked.addAll(picks.ids());
        rows.forEach((id, row) -> row.pick().setSelected(picked.contains(id)));
    }

    void show(Ways next, List<WayId> recommended) {
        if (!recommended.equals(advised)) {
            advised = recommended;
            recommended.stream().findFirst().ifPresent(this::look);
        }
        ways = next;
        Figures figures = new Figures(session.unit());
        String currency = session.standards().currency();
        next.all().forEach(way -> rows.get(way.id()).show(way, figures, currency));
        detail.show(next.way(looked), next.shims(), session.unit());
    }
}
