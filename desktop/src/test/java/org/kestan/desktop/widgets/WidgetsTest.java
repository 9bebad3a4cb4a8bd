package org.kestan.desktop.widgets;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import org.kestan.desktop.WindowTest;
import org.kestan.desktop.widgets.chart.BarChart;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.layout.Columns;
import org.kestan.desktop.widgets.layout.FrameTasks;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.repair.history.Ticks;
import org.kestan.text.Numbers;
import org.testng.annotations.Test;

/** The building blocks of the stations, each by itself in the real window. */
public class WidgetsTest extends WindowTest {

    private StackPane place;

    /** The content of a second window, styled like the first. */
    private <N extends Region> N within(N piece, double width, double height) {
        return onWindow(() -> {
            place = new StackPane(piece);
            StackPane.setAlignment(piece, Pos.TOP_LEFT);
            piece.setMinSize(width, height);
            piece.setMaxSize(width, height);
            stage.getScene().setRoot(place);
            place.getStyleClass().add("kestan");
            place.setStyle("-fx-font-size: 15px");
            place.applyCss();
            place.layout();
            return piece;
        });
    }

    /** Whatever is asked and answered: nothing is drawn outside the picture, and no figure over its bar. */
    @Test
    public void barsStayWithinTheirPicture() {
        Random random = new Random(5);
        String[] labels = {
            "Neck reset",
            "Shave the bridge and lower the saddle + Full-pocket shim on a bolt-on neck",
            "2026",
            "\u4e2d\u6587 \u0639\u0631\u0628\u064a",
            "Donaudampfschifffahrtsgesellschaftskapit\u00e4nskaj\u00fctent\u00fcr"
        };
        for (int round = 0; round < 12; round++) {
            double width = 200 + random.nextInt(900);
            double height = 60 + random.nextInt(400);
            BarChart bars = new BarChart("bars", "What do we do most?");
            List<BarChart.Row> rows = new ArrayList<>();
            int many = random.nextInt(14);
            for (int i = 0; i < many; i++) {
                rows.add(new BarChart.Row(
                        labels[random.nextInt(labels.length)],
                        i == 0 ? 1 : random.nextDouble(),
                        random.nextBoolean() ? random.nextDouble() : -1,
                        random.nextInt(100) + " of 100, 3 jobs"));
            }
            within(bars, width, height);
            onWindow(() -> {
                bars.show(
                        rows,
                        new BarChart.Scale("Jobs", 1, most -> Ticks.counting(most, 5), Numbers::plain),
                        "No job tells yet.");
                bars.layout();
                return true;
            });
            List<Rectangle> drawn = bars.getChildrenUnmodifiable().stream()
                    .filter(Rectangle.class::isInstance)
                    .map(Rectangle.class::cast)
                    .toList();
            assertThat(drawn.isEmpty()).isEqualTo(many == 0);
            for (Node each : bars.getChildrenUnmodifiable()) {
                Bounds bounds = each.getBoundsInParent();
                boolean longWord = each instanceof Text text && !text.getText().contains(" ");
                if (!longWord) {
                    assertThat(bounds.getMaxX()).as(round + " " + each).isLessThanOrEqualTo(width + 3);
                    assertThat(bounds.getMinX()).isGreaterThanOrEqualTo(-3);
                }
            }
            bars.getChildrenUnmodifiable().stream()
                    .filter(Text.class::isInstance)
                    .map(Text.class::cast)
                    .filter(text -> text.getText().contains("of 100"))
                    .forEach(text -> drawn.forEach(
                            bar -> assertThat(text.getBoundsInParent().intersects(bar.getBoundsInParent()))
                                    .as(text.getText() + " over a bar, " + width + " by " + height)
                                    .isFalse()));
            assertThat(bars.getAccessibleText()).startsWith("What do we do most? ");
        }
    }

    /** As many columns as fit the width, none overlapping, the shortest filled first. */
    @Test
    public void columnsLieBesideOneAnother() {
        for (int width : new int[] {150, 420, 700, 1300}) {
            Columns columns = new Columns(12);
            List<Region> cards = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                Region card = new Region();
                card.setMinHeight(30 + 40 * (i % 3));
                card.setPrefHeight(30 + 40 * (i % 3));
                cards.add(card);
            }
            onWindow(() -> {
                columns.show(cards);
                return true;
            });
            within(columns, width, 900);
            for (int i = 0; i < cards.size(); i++) {
                Bounds one = cards.get(i).getBoundsInParent();
                assertThat(one.getMinX()).isGreaterThanOrEqualTo(0);
                assertThat(one.getMaxX()).isLessThanOrEqualTo(width + 0.5);
                for (int j = i + 1; j < cards.size(); j++) {
                    Bounds other = cards.get(j).getBoundsInParent();
                    boolean apart = one.getMaxX() <= other.getMinX() + 0.01
                            || other.getMaxX() <= one.getMinX() + 0.01
                            || one.getMaxY() <= other.getMinY() + 0.01
                            || other.getMaxY() <= one.getMinY() + 0.01;
                    assertThat(apart)
                            .as("cards " + i + " and " + j + " at " + width)
                            .isTrue();
                }
            }
            long count = cards.stream()
                    .map(card -> Math.round(card.getLayoutX()))
                    .distinct()
                    .count();
            assertThat(count).isEqualTo(Math.max(1, (long) ((width + 24) / (12 * 15 + 24.0))));
        }
    }

    /** Enter goes to the next stop that is available, past hidden or disabled ones, and then on. */
    @Test
    public void theWorkingOrderSkipsWhatIsNotThere() {
        List<TextField> fields = List.of(new TextField(), new TextField(), new TextField(), new TextField());
        WorkingOrder order = new WorkingOrder();
        boolean[] over = {false};
        VBox box = onWindow(() -> {
            VBox all = new VBox();
            all.getChildren().addAll(fields);
            fields.forEach(order::add);
            order.setAfterLast(() -> over[0] = true);
            fields.get(1).setDisable(true);
            fields.get(2).setVisible(false);
            return all;
        });
        within(box, 300, 300);
        onWindow(() -> {
            order.first();
            return true;
        });
        settle();
        assertThat(fields.get(0).isFocused()).isTrue();
        onWindow(() -> {
            order.next(fields.get(0));
            return true;
        });
        assertThat(fields.get(3).isFocused()).isTrue();
        onWindow(() -> {
            order.next(fields.get(3));
            return true;
        });
        assertThat(over[0]).isTrue();
    }

    /** The pages of some tabs. */
    private enum Page {
        ONE,
        TWO,
        THREE
    }

    /** Exactly one page is shown, and pressing its tab again keeps it. */
    @Test
    public void tabsShowOnePage() {
        PageTabs<Page> tabs = onWindow(() -> new PageTabs<>(Page.ONE, "piece-", Page::name));
        List<Label> bodies = List.of(new Label("one"), new Label("two"), new Label("three"));
        onWindow(() -> {
            for (Page each : Page.values()) {
                tabs.put(each, bodies.get(each.ordinal()));
            }
            return true;
        });
        within(new VBox(tabs, tabs.body()), 400, 200);
        for (Page each : List.of(Page.TWO, Page.TWO, Page.THREE, Page.ONE)) {
            ToggleButton tab = find("piece-" + each.name().toLowerCase(Locale.ROOT), ToggleButton.class);
            press(tab);
            assertThat(tabs.page()).isEqualTo(each);
            assertThat(bodies.stream().filter(Node::isVisible)).hasSize(1);
            assertThat(bodies.get(each.ordinal()).isVisible()).isTrue();
            assertThat(tab.isSelected()).isTrue();
        }
        keys(KeyCode.RIGHT);
        assertThat(tabs.page()).isEqualTo(Page.TWO);
    }

    /** Pieces come in their order, one per frame; whoever can't wait gets the rest at once, and none comes twice. */
    @Test
    public void piecesComeInTheirOrder() {
        List<Integer> made = new ArrayList<>();
        FrameTasks slow = new FrameTasks();
        for (int i = 0; i < 5; i++) {
            int piece = i;
            slow.add(() -> made.add(piece));
        }
        onWindow(() -> {
            slow.begin();
            return true;
        });
        waitFor(() -> made.size() == 5);
        assertThat(made).containsExactly(0, 1, 2, 3, 4);
        made.clear();
        FrameTasks hurried = new FrameTasks();
        for (int i = 0; i < 200; i++) {
            int piece = i;
            hurried.add(() -> made.add(piece));
        }
        onWindow(() -> {
            hurried.begin();
            hurried.finish();
            return true;
        });
        settle();
        assertThat(made).hasSize(200).isSorted();
    }
}
