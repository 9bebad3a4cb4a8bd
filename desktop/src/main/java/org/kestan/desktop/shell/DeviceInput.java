package org.kestan.desktop.shell;

import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.kestan.base.sheet.LengthLine;
import org.kestan.desktop.gauge.GaugeListener;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.rooms.picture.PictureRoom;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.job.gauge.GaugeLine;

/** Input other than keyboard and mouse: gauges, a foot switch, and a watched folder of pictures. */
final class DeviceInput {

    private static final String PICTURE_ROOM = "picture";

    private final JobSession session;
    private final JobStore store;
    private final RoomStack rooms;
    private final GaugeListener gauge = new GaugeListener();
    private final ArrivedPictures arrived;
    private final FootSwitch footSwitch;

    DeviceInput(Scene scene, JobSession session, JobStore store, Settings settings, RoomStack rooms) {
        this.session = session;
        this.store = store;
        this.rooms = rooms;
        arrived = new ArrivedPictures(session, store, this::measure);
        footSwitch = new FootSwitch(scene, session, settings, this::takeRead);
    }

    /** Returns the listener for gauges. */
    GaugeListener gauge() {
        return gauge;
    }

    /** Returns the foot switch. */
    FootSwitch footSwitch() {
        return footSwitch;
    }

    /** Returns what asks where new pictures of a watched folder belong. */
    ArrivedPictures arrived() {
        return arrived;
    }

    /** Starts listening for a gauge, or stops. */
    void toggleGauge() {
        if (gauge.listeningProperty().get()) {
            gauge.stop();
            session.say(Messages.message("device-input.gauge-input-is-off"));
        } else if (gauge.start(GaugeLine.PORT) > 0) {
            session.say(Messages.message("device-input.listening-for-a-gauge", GaugeLine.PORT));
        }
    }

    /** Puts the gauge's last reading into the focused field. */
    void takeGauge() {
        String live = gauge.liveProperty().get();
        if (live.isEmpty()) {
            session.complain(Messages.message("device-input.no-gauge-has-sent"));
        } else if (session.takerProperty().get() == null) {
            session.complain(Messages.message("device-input.put-the-focus-on", live));
        } else {
            if (session.focusedLineProperty().get() instanceof LengthLine line) {
                gauge.on(line).readings().forEach(session::offer);
            }
            session.takerProperty().get().accept(live);
        }
    }

    /** Asks for a folder and watches it for new pictures. */
    void chooseFolder(Stage stage) {
        store.files()
                .folder(stage, Messages.message("menus.folder-choose"), FileChoice.Kind.PICTURE)
                .ifPresent(arrived::watch);
    }

    /** Stops listening and watching. */
    void stop() {
        arrived.stop();
        gauge.stop();
    }

    /** Takes the reading of the visible room, or else of a gauge. */
    private void takeRead() {
        if (!rooms.current().takeIt()) {
            takeGauge();
        }
    }

    private void measure(Path picture) {
        rooms.enter(RoomRegistry.of(PICTURE_ROOM));
        if (rooms.current() instanceof PictureRoom room) {
            room.open(picture);
        }
    }
}
