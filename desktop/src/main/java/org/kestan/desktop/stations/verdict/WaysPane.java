package org.kestan.desktop.stations.verdict;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.layout.CardGrid;
import org.kestan.desktop.widgets.layout.ScrollToFocus;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/**
 * All ways for the instrument, least invasive first, with details of the selected one. Up and Down move through them,
 * Space selects one for comparison, Enter takes it into the plan.
 */
final class WaysPane extends HBox {

    /** Below this width, in text sizes, only the list is shown. */
    private static final double NARROW = 62;

    /** The size of a card in text sizes: six fit in a window of usual size. */
    private static final double CARD_WIDTH = 24;

    private static final double CARD_HEIGHT = 7.3;

    private final JobSession session;
    private final ComparisonSelection picks;
    private final Consumer<Way> taker;
    private final Map<Way, WayRow> rows = new LinkedHashMap<>();
    private final Map<Way, WayCard> cards = new LinkedHashMap<>();
    private final CardGrid grid = new CardGrid(CARD_WIDTH, CARD_HEIGHT);
    private final ScrollPane gridScroll = scroll(grid);
    private final WayDetail detail;
    private final ScrollPane listScroll = scroll(new VBox());
    private Ways ways;
    private Way looked = WayCatalog.LEAVE;
    private List<Way> advised = List.of();
    private List<Way> order = WayCatalog.ALL;
    private final VBox list = new VBox();
    private final VBox tables;

    WaysPane(JobSession session, ComparisonSelection picks, Consumer<Way> taker) {
        this.session = session;
        this.picks = picks;
        this.taker = taker;
        getStyleClass().add("ways");
        list.setId("ways-list");
        for (Way way : WayCatalog.ALL) {
            WayRow row = new WayRow(way);
            rows.put(way, row);
            list.getChildren().add(row);
            row.focusedProperty().addListener((property, was, is) -> {
                if (is) {
                    ScrollToFocus.in(listScroll, row);
                    look(way);
                }
            });
            row.setOnMouseClicked(click -> row.requestFocus());
            add(new WayCard(way));
            row.setOnKeyPressed(key -> pressed(way, key));
            row.pick().setOnAction(event -> {
                picks.toggle(way);
                row.requestFocus();
            });
        }
        listScroll.setContent(list);
        HBox top = WayRow.heads();
        Label heads = (Label) top.getChildren().get(0);
        tables = new VBox(top, listScroll);
        VBox.setVgrow(listScroll, Priority.ALWAYS);
        StackPane left = new StackPane(tables, gridScroll);
        grid.setId("way-cards");
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        detail = new WayDetail(taker);
        ScrollPane right = scroll(detail);
        right.getStyleClass().add("way-detail-scroll");
        // In a narrow window the list has priority over the details.
        widthProperty().addListener((property, old, width) -> {
            boolean roomy = width.doubleValue() > NARROW * heads.getFont().getSize();
            right.setVisible(roomy);
            right.setManaged(roomy);
        });
        getChildren().addAll(left, right);
        picks.onChange(this::showPicks);
    }

    private void add(WayCard card) {
        Way way = card.way();
        cards.put(way, card);
        card.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                ScrollToFocus.in(gridScroll, card);
                look(way);
            }
        });
        card.setOnMouseClicked(click -> card.requestFocus());
        card.setOnKeyPressed(key -> pressed(way, key));
        card.pick().setOnAction(event -> {
            picks.toggle(way);
            card.requestFocus();
        });
    }

    private boolean pictured() {
        return session.picturesProperty().get();
    }

    private static ScrollPane scroll(Region content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }

    private void pressed(Way way, KeyEvent key) {
        if (key.isShortcutDown() || key.isAltDown() || key.isMetaDown()) {
            return;
        }
        int at = order.indexOf(way);
        int row = pictured() ? grid.columns() : 1;
        switch (key.getCode()) {
            case DOWN -> focus(at + row);
            case UP -> focus(at - row);
            case RIGHT -> focus(at + 1);
            case LEFT -> focus(at - 1);
            case SPACE -> picks.toggle(way);
            case ENTER -> taker.accept(way);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void focus(int at) {
        Way way = order.get(Math.max(0, Math.min(at, order.size() - 1)));
        (pictured() ? cards : rows).get(way).requestFocus();
    }

    private void look(Way way) {
        looked = way;
        rows.forEach((each, row) -> {
            row.getStyleClass().remove("way-looked");
            if (each == way) {
                row.getStyleClass().add("way-looked");
            }
        });
        cards.forEach((each, card) -> card.look(each == way));
        if (ways != null) {
            detail.show(ways.of(way), ways.shims(), session.analysis(), session.words());
        }
        if (rows.get(way).isFocused() || cards.get(way).isFocused()) {
            session.hint(
                    rows.get(way).isFocused() ? rows.get(way) : cards.get(way),
                    Messages.message("ways-pane.space-compares-enter-takes"));
        }
    }

    private void showPicks() {
        rows.forEach((way, row) -> row.pick().setSelected(picks.ways().contains(way)));
        cards.forEach((way, card) -> card.pick().setSelected(picks.ways().contains(way)));
    }

    void show(Ways next, List<Way> recommended) {
        if (!recommended.equals(advised)) {
            advised = recommended;
            recommended.stream().findFirst().ifPresent(this::look);
        }
        ways = next;
        String currency = session.standards().currency();
        gridScroll.setVisible(pictured());
        tables.setVisible(!pictured());
        for (Assessment each : next.all()) {
            boolean first = recommended.contains(each.way());
            if (pictured()) {
                cards.get(each.way()).show(each, first, session.analysis(), session.words(), currency);
            } else {
                rows.get(each.way()).show(each, first, session.words(), currency);
            }
        }
        arrange(next, recommended);
        detail.show(next.of(looked), next.shims(), session.analysis(), session.words());
    }

    /** The recommended way first, then the possible ones, then the rest; within each, the least invasive first. */
    private void arrange(Ways judged, List<Way> recommended) {
        List<Way> next = judged.all().stream()
                .sorted(Comparator.comparingInt((Assessment each) -> rank(each, recommended)))
                .map(Assessment::way)
                .toList();
        if (!next.equals(order)) {
            order = next;
            list.getChildren().setAll(next.stream().map(rows::get).toList());
        }
        grid.show(order.stream().map(cards::get).toList());
    }

    private static int rank(Assessment way, List<Way> recommended) {
        int at = recommended.indexOf(way.way());
        return at >= 0
                ? at
                : recommended.size()
                        + switch (way.fit()) {
                            case POSSIBLE -> 0;
                            case NO_NEED -> 1;
                            case UNKNOWN -> 2;
                            case NOT_FOR_THIS_ONE -> 3;
                        };
    }
}
