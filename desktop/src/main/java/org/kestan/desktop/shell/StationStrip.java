package org.kestan.desktop.shell;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Counts;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Waits;
import org.kestan.job.Sections;
import org.kestan.overview.Station;
import org.kestan.text.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/** The ledger and the stations in order, each with its state; the chosen one is shown below. */
final class StationStrip extends HBox {

    private static final PseudoClass TIGHT = PseudoClass.getPseudoClass("tight");

    private final ToggleGroup group = new ToggleGroup();
    private final Map<RoomEntry, ToggleButton> buttons = new HashMap<>();
    private final Map<RoomEntry, Label> reasons = new HashMap<>();
    private final Map<RoomEntry, FontIcon> icons = new HashMap<>();
    private final JobStore store;
    private final Waits waits;

    /**
     * @param shower shows what an entry leads to
     */
    StationStrip(JobSession session, JobStore store, Waits waits, Consumer<RoomEntry> shower) {
        this.store = store;
        this.waits = waits;
        getStyleClass().add("stations");
        RoomRegistry.ALL.stream().filter(RoomEntry::onStrip).forEach(this::add);
        group.selectedToggleProperty().addListener((property, old, next) -> {
            if (next != null) {
                shower.accept((RoomEntry) next.getUserData());
            }
        });
        session.settledProperty().addListener((property, old, next) -> show(session));
        session.unitProperty().addListener((property, old, next) -> show(session));
        waits.nowProperty().addListener((property, old, next) -> showBench(session));
        store.changesProperty().addListener((property, old, next) -> showLedger());
        show(session);
        showLedger();
    }

    /** Marks the chosen entry; none for a room from the menu. */
    void choose(RoomEntry entry) {
        group.selectToggle(buttons.get(entry));
    }

    /** How much of each station the strip shows. */
    enum Room {
        /** Title, icon and state. */
        WHOLE,
        /** Title and icon. */
        TIGHT,
        /** Title only. */
        TIGHTEST
    }

    /** Shows as much as there is room for; screen readers always get the state. */
    void setRoom(Room room) {
        for (RoomEntry entry : buttons.keySet()) {
            show(reasons.get(entry), room == Room.WHOLE);
            show(icons.get(entry), room != Room.TIGHTEST);
        }
        pseudoClassStateChanged(TIGHT, room != Room.WHOLE);
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void add(RoomEntry room) {
        FontIcon icon = new FontIcon();
        icon.getStyleClass().add("station-icon");
        Label title = new Label(room.title());
        title.getStyleClass().add("station-title");
        Label why = new Label();
        why.getStyleClass().add("station-why");
        VBox words = new VBox(title, why);
        HBox content = new HBox(icon, words);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("station-content");
        why.setMinWidth(USE_PREF_SIZE);
        // Pressing the chosen entry leaves it chosen.
        ToggleButton button = new ToggleButton() {
            @Override
            public void fire() {
                if (!isSelected()) {
                    super.fire();
                }
            }
        };
        button.setGraphic(content);
        button.setId("station-" + room.id());
        button.setUserData(room);
        button.setToggleGroup(group);
        button.getStyleClass().add("station");
        button.setMinWidth(USE_PREF_SIZE);
        buttons.put(room, button);
        reasons.put(room, why);
        icons.put(room, icon);
        getChildren().add(button);
    }

    private void showLedger() {
        store.counted(count -> {
            RoomEntry ledger = RoomRegistry.ALL.get(0);
            icons.get(ledger).setIconLiteral("fth-book-open");
            String why = Counts.jobs(count);
            reasons.get(ledger).setText(why);
            buttons.get(ledger).setAccessibleText(ledger.title() + ", " + why);
        });
    }

    private void show(JobSession session) {
        Wording words = session.words();
        for (RoomEntry entry : buttons.keySet()) {
            entry.station().ifPresent(station -> {
                Station.Progress progress = session.analysis().progress(station);
                String why = words.say(progress.why());
                icons.get(entry).setIconLiteral(icon(progress.stage()));
                reasons.get(entry).setText(why);
                buttons.get(entry)
                        .setAccessibleText(entry.title() + ", " + Wording.label(progress.stage()) + ": " + why);
            });
        }
        showBench(session);
    }

    /** A finished wait is announced where the others are shown. */
    private void showBench(JobSession session) {
        boolean over = session.job().section(Sections.WAITS).stream()
                .anyMatch(
                        wait -> wait.isOpen() && wait.isOver(waits.nowProperty().get()));
        if (over) {
            RoomEntry bench = RoomRegistry.of(Station.BENCH.key());
            reasons.get(bench).setText(Messages.message("station-strip.a-wait-is-over"));
            buttons.get(bench).setAccessibleText(Messages.message("station-strip.and-wait-over", bench.title()));
        }
    }

    private static String icon(Station.Stage stage) {
        return switch (stage) {
            case DONE -> "fth-check-circle";
            case UNDER_WAY -> "fth-edit-3";
            case WAITING -> "fth-clock";
        };
    }
}
