package org.kestan.desktop.shell;

import javafx.beans.value.ObservableValue;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Waits;
import org.kestan.text.Wording;

/** The window's title, and the name above the room: of the job, or of a room that belongs to no job. */
final class WindowTitle extends Label {

    private final Stage stage;
    private final JobSession session;
    private final JobStore store;
    private final Waits waits;
    private final ObservableValue<RoomEntry> shown;

    WindowTitle(Stage stage, JobSession session, JobStore store, Waits waits, ObservableValue<RoomEntry> shown) {
        this.stage = stage;
        this.session = session;
        this.store = store;
        this.waits = waits;
        this.shown = shown;
        setId("job-name");
        getStyleClass().add("job-name");
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        shown.addListener((property, old, next) -> show());
        waits.nowProperty().addListener((property, old, next) -> showTitle());
    }

    private void show() {
        setText(name(shown.getValue()));
        showTitle();
    }

    private String name(RoomEntry entry) {
        if (!entry.onStrip()) {
            return entry.title();
        }
        String name = session.job().name();
        if (!name.isEmpty()) {
            return name;
        }
        boolean none = entry.station().isEmpty() && store.openId().isEmpty();
        return none
                ? Messages.message("window-title.no-job-is-open")
                : Messages.message("window-title.unnamed-instrument");
    }

    /** A finished wait comes first, because the title is visible while another window is in front. */
    private void showTitle() {
        String name = session.job().name();
        String over = waits.runningProperty().get().stream()
                .filter(each -> each.running().isOver(waits.nowProperty().get()))
                .findFirst()
                .map(each -> Messages.message(
                        "window-title.is-over", Wording.label(each.running().kind())))
                .orElse("");
        String first = over + (name.isEmpty() ? "" : name + " \u2014 ");
        String title = store.ledger().isForPractice()
                ? Messages.message("window-title.practice", first)
                : Messages.message("window-title.shop", first);
        if (!title.equals(stage.getTitle())) {
            stage.setTitle(title);
        }
    }
}
