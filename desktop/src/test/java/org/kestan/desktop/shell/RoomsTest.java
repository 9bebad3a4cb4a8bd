package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import org.kestan.desktop.WindowTest;
import org.kestan.overview.Station;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** Every line of the register leads to a room that works, by menu and by key. */
public class RoomsTest extends WindowTest {

    private boolean focusIsWithin(Node room) {
        Node focused = stage.getScene().getFocusOwner();
        while (focused != null && focused != room) {
            focused = focused.getParent();
        }
        return focused == room;
    }

    @Test
    public void everyEntryLeadsToItsOwnRoom() {
        openSample(0);
        Set<Object> seen = new HashSet<>();
        for (RoomEntry entry : RoomRegistry.ALL) {
            onWindow(() -> {
                window.show(entry.id());
                return true;
            });
            Node shown = onWindow(() -> stage.getScene().getRoot().lookupAll("*").stream()
                    .filter(org.kestan.desktop.room.Room.class::isInstance)
                    .filter(Node::isVisible)
                    .filter(node -> node.getParent().isVisible())
                    .reduce((one, other) -> {
                        throw new AssertionError("two rooms at once: " + one + ", " + other);
                    })
                    .orElseThrow());
            assertThat(seen.add(shown)).as(entry.id()).isTrue();
            onWindow(() -> {
                ((org.kestan.desktop.room.Room) shown).focusFirst();
                return true;
            });
            waitFor(() -> focusIsWithin(shown) || entry.station().isPresent());
            assertThat(label("job-name"))
                    .isEqualTo(entry.onStrip() ? session().job().name() : entry.title());
            boolean ofJob = entry.station().isPresent();
            assertThat(onWindow(() -> stage.getScene().getRoot().lookup("#instrument") != null))
                    .isEqualTo(ofJob);
            for (RoomEntry other : RoomRegistry.ALL) {
                if (other.onStrip()) {
                    assertThat(find("station-" + other.id(), ToggleButton.class).isSelected())
                            .as(other.id() + " while " + entry.id())
                            .isEqualTo(other == entry);
                }
            }
        }
        assertThat(seen).hasSize(RoomRegistry.ALL.size());
    }

    @Test
    public void keysAndIdsAreNotUsedTwice() {
        assertThat(RoomRegistry.ALL).extracting(RoomEntry::id).doesNotHaveDuplicates();
        assertThat(RoomRegistry.ALL)
                .extracting(entry -> KeyCombination.valueOf(entry.keys()))
                .doesNotHaveDuplicates();
        assertThat(RoomRegistry.ALL)
                .allSatisfy(entry -> assertThat(RoomRegistry.of(entry.id())).isSameAs(entry));
        assertThat(Station.values())
                .allSatisfy(station ->
                        assertThat(RoomRegistry.of(station.key()).title()).isEqualTo(Wording.label(station)));
    }

    /**
     * The strip shows what a job waits for, in the display unit, and pressing the current room's entry leaves it
     * shown.
     */
    @Test
    public void theStripGoesAlong() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        ToggleButton verdict = find("station-verdict", ToggleButton.class);
        assertThat(verdict.isSelected()).isTrue();
        assertThat(verdict.getAccessibleText()).startsWith("Verdict, ").contains("stops");
        onWindow(() -> {
            verdict.fire();
            return true;
        });
        assertThat(verdict.isSelected()).isTrue();
        onWindow(() -> {
            window.store().startBlank();
            return true;
        });
        waitFor(() -> verdict.getAccessibleText().contains("waiting for the sheet"));
        waitFor(() ->
                find("station-ledger", ToggleButton.class).getAccessibleText().equals("Ledger, 1 job"));
    }
}
