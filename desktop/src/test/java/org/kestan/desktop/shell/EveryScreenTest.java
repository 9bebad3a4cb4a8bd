package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.kestan.desktop.WindowTest;
import org.kestan.desktop.session.Settings;
import org.kestan.files.demo.DemoJobs;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Way;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/** What holds on every screen, whichever job is open: texts are complete, controls have names and can be reached. */
public class EveryScreenTest extends WindowTest {

    /** What nobody should ever read: an unfilled placeholder, and what programs print when they fail. */
    private static final Pattern UNREADABLE =
            Pattern.compile("\\{\\d|\\bnull\\b|NaN|Infinity|Optional[\\[.]|@[0-9a-f]{6,}|\\b[A-Z]{3,}_[A-Z_]+\\b");

    /**
     * The least side of a control, in pixels: Web Content Accessibility Guidelines 2.2, success criterion 2.5.8,
     * target size (minimum), 24 by 24. Controls within a line of text are exempt there.
     */
    private static final double LEAST_TARGET = 24;

    /** A pin bridge, a floating one, a lifted bridge, a job with its proof. */
    private static final List<String> SAMPLES = List.of(
            "large-flat-top-reset.kestan.json",
            "archtop-floating-bridge.kestan.json",
            "lifted-bridge.kestan.json",
            "reset-with-proof.kestan.json");

    private static final int MOST_TABS = 14;

    private static final String LONG_NAME =
            "Large flat-top with the hand-carved heel, bought at the estate sale by the "
                    + "harbor and kept for twenty years in the lighthouse keeper’s attic, second owner";

    private static Stream<Node> all(Node node) {
        if (!node.isVisible()) {
            return Stream.empty();
        }
        Stream<Node> below = node instanceof Parent parent
                ? parent.getChildrenUnmodifiable().stream().flatMap(EveryScreenTest::all)
                : Stream.empty();
        return Stream.concat(Stream.of(node), below);
    }

    private List<Node> shown() {
        return onWindow(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            return all(stage.getScene().getRoot()).toList();
        });
    }

    private static String said(Node node) {
        if (node instanceof Labeled labeled) {
            return labeled.getText() == null ? "" : labeled.getText();
        }
        if (node instanceof TextInputControl input) {
            return input.getText() + " " + (input.getPromptText() == null ? "" : input.getPromptText());
        }
        return node instanceof Text text ? text.getText() : "";
    }

    /** What a screen reader says about a control. */
    private static String name(Node node, List<Node> all) {
        if (node.getAccessibleText() != null && !node.getAccessibleText().isBlank()) {
            return node.getAccessibleText();
        }
        String labels = all.stream()
                .filter(each -> each instanceof Label labeled && labeled.getLabelFor() == node)
                .map(EveryScreenTest::said)
                .findFirst()
                .orElse("");
        return node instanceof TextInputControl || node instanceof ComboBoxBase<?> ? labels : said(node) + labels;
    }

    private static boolean isControl(Node node) {
        return !node.isDisabled()
                && (node instanceof ButtonBase || node instanceof TextInputControl || node instanceof ComboBoxBase<?>)
                && node.getStyleClass().stream().noneMatch(style -> style.endsWith("arrow-button"))
                && node.isFocusTraversable();
    }

    private void everyRoom(String of, Consumer<RoomEntry> check) {
        for (RoomEntry room : RoomRegistry.ALL) {
            onWindow(() -> {
                window.show(room.id());
                window.finish();
                return of;
            });
            settle();
            check.accept(room);
        }
    }

    /** Adds the problems of a screen to those found so far. */
    private void textsAndNames(String of, RoomEntry room, Set<String> wrong) {
        List<Node> all = shown();
        assertThat(all).as(room.id()).hasSizeGreaterThan(40);
        Set<String> ids = new HashSet<>();
        for (Node node : all) {
            String read = said(node) + (node.getAccessibleText() == null ? "" : node.getAccessibleText());
            if (UNREADABLE.matcher(read).find()) {
                wrong.add(of + ", " + room.id() + ", unreadable: " + read);
            }
            if (isControl(node) && name(node, all).isBlank()) {
                wrong.add(room.id() + ", without a name: " + node);
            }
            if (node instanceof ButtonBase
                    && isControl(node)
                    && Math.min(
                                    node.getLayoutBounds().getWidth(),
                                    node.getLayoutBounds().getHeight())
                            < LEAST_TARGET) {
                wrong.add(of + ", " + room.id() + ", too small to press: " + node);
            }
            if (isControl(node) && node.getId() != null && !ids.add(node.getId())) {
                wrong.add(room.id() + ", id used twice: " + node.getId());
            }
        }
    }

    @Test
    public void textsAndControlsAreWhole() {
        Set<String> wrong = new LinkedHashSet<>();
        for (String file : SAMPLES) {
            openSample(DemoJobs.NAMES.indexOf(file));
            everyRoom(file, room -> textsAndNames(file, room, wrong));
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    public void anEmptySheetHasNoHolesInItsTexts() {
        Set<String> wrong = new LinkedHashSet<>();
        everyRoom("no job", room -> textsAndNames("no job", room, wrong));
        keys(KeyCode.CONTROL, KeyCode.N);
        everyRoom("blank job", room -> textsAndNames("blank job", room, wrong));
        assertThat(wrong).isEmpty();
    }

    /** The smallest window, the largest text, the longest names, and the dark theme: no control is out of reach. */
    @Test
    public void largeTextInASmallWindowKeepsEverythingInReach() {
        openSample(0);
        onWindow(() -> {
            Way way = session().analysis().recommendation().ways().get(0);
            session().edit(job -> WorkPlan.taking(named(job), List.of(way)));
            stage.setWidth(1100);
            stage.setHeight(700);
            window.toggleTheme();
            return way;
        });
        for (int step = 1; step < Settings.TEXT_SIZES.size(); step++) {
            keys(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        Set<String> wrong = new LinkedHashSet<>();
        everyRoom(
                "150 %",
                room -> {
                    textsAndNames("150 %", room, wrong);
                    List<Node> all = shown();
                    wrong.addAll(onWindow(() -> all.stream()
                            .filter(node -> node instanceof ButtonBase && isControl(node))
                            .filter(node -> {
                                Bounds bounds = node.localToScene(node.getBoundsInLocal());
                                return bounds.getMinX() < -1
                                        || bounds.getMaxX() > stage.getScene().getWidth() + 1;
                            })
                            .map(node -> room.id() + ", beside the window: " + node)
                            .toList()));
                });
        assertThat(wrong).isEmpty();
    }

    private static Job named(Job job) {
        return job.with(Lines.NAME, LONG_NAME).with(Lines.OWNER, LONG_NAME);
    }

    /**
     * The Tab key moves from control to control (Web Content Accessibility Guidelines 2.2, success criterion 2.1.2, no
     * keyboard trap), and whatever has the focus is visible (2.4.11, focus not obscured).
     */
    @Test
    public void tabGoesThroughEveryScreenInSight() {
        openSample(0);
        Set<String> wrong = new LinkedHashSet<>();
        everyRoom("tab", room -> {
            onWindow(() -> {
                window.enter(room.id());
                return room;
            });
            settle();
            Set<Node> visited = new LinkedHashSet<>();
            Node focused = onWindow(() -> stage.getScene().getFocusOwner());
            while (visited.add(focused) && visited.size() < MOST_TABS) {
                keys(KeyCode.TAB);
                Node next = onWindow(() -> stage.getScene().getFocusOwner());
                if (next == focused) {
                    wrong.add(room.id() + ", a trap: " + next);
                }
                Bounds bounds = onWindow(() -> next.localToScene(next.getBoundsInLocal()));
                if (!new BoundingBox(
                                0,
                                0,
                                stage.getScene().getWidth(),
                                stage.getScene().getHeight())
                        .intersects(bounds)) {
                    wrong.add(room.id() + ", out of sight: " + next);
                }
                focused = next;
            }
            assertThat(visited).as(room.id()).hasSizeGreaterThan(4);
        });
        assertThat(wrong).isEmpty();
    }
}
