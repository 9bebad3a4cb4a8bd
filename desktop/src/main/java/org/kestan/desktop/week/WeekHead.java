package org.kestan.desktop.week;

import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.kestan.desktop.messages.Messages;

/**
 * The head of a room that shows the plan: its summary, the progress of the search for a better one, and what moved.
 */
public final class WeekHead extends VBox {

    private final Label said = new Label();
    private final Label looking = new Label(Messages.message("week-room.looking"));
    private final ProgressBar progress = new ProgressBar(0);
    private final Timeline running = new Timeline();

    /**
     * @param id of the room; those of its parts begin with it
     */
    public WeekHead(String id, WeekDesk desk) {
        said.setId(id + "-head");
        said.getStyleClass().add("place-title");
        said.setWrapText(true);
        looking.setId(id + "-looking");
        looking.getStyleClass().add("card-label");
        looking.setMinWidth(USE_PREF_SIZE);
        progress.setPrefWidth(90);
        progress.setMinWidth(USE_PREF_SIZE);
        running.getKeyFrames()
                .addAll(
                        new KeyFrame(Duration.ZERO, new KeyValue(progress.progressProperty(), 0)),
                        new KeyFrame(
                                Duration.millis(WeekDesk.LOOKS.toMillis()),
                                new KeyValue(progress.progressProperty(), 1)));
        HBox search = new HBox(6, progress, looking);
        search.setAlignment(Pos.CENTER_LEFT);
        Label changes = new Label();
        changes.setId(id + "-changes");
        changes.getStyleClass().add("card-label");
        changes.setWrapText(true);
        HBox line = new HBox(16, said, search);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, changes);
        desk.changesProperty().addListener((property, old, next) -> changes.setText(String.join(" ", next)));
        desk.lookingProperty().addListener((property, old, next) -> look(search, next));
        look(search, desk.lookingProperty().get());
    }

    private void look(HBox search, boolean on) {
        search.setVisible(on);
        if (on) {
            running.playFromStart();
        } else {
            running.stop();
        }
    }

    /** Summarizes the plan. */
    public void say(String text) {
        said.setText(text);
    }
}
