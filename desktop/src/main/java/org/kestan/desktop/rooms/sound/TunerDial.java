package org.kestan.desktop.rooms.sound;

import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kestan.desktop.messages.Messages;
import org.kestan.devices.sound.Tuner;

/** Shows which open string sounds and how far it is off, flat to the left, sharp to the right. */
final class TunerDial extends HBox {

    /** The end of the scale, cents. */
    private static final double END = 50;

    /** Nobody hears less than this, cents: common practice, no source. */
    private static final double IN_TUNE = 2;

    private static final double THIN = 2;
    private static final double TALL = 26;
    private static final int TICKS = 5;

    private final Label word = new Label();
    private final Region needle = new Region();
    private final Pane scale = new Pane() {
        @Override
        protected void layoutChildren() {
            place();
        }
    };
    private Optional<Tuner.Tuned> shown = Optional.empty();

    TunerDial() {
        setId("sound-tuner");
        setSpacing(12);
        setAlignment(Pos.CENTER_LEFT);
        word.setId("sound-tuner-word");
        word.setMinWidth(150);
        scale.getStyleClass().add("tuner-scale");
        scale.setMinHeight(TALL + 4);
        scale.setMinWidth(120);
        for (int i = -TICKS; i <= TICKS; i++) {
            Region tick = new Region();
            tick.getStyleClass().add(i == 0 ? "tuner-middle" : "tuner-tick");
            tick.setUserData(i / (double) TICKS);
            scale.getChildren().add(tick);
        }
        needle.getStyleClass().add("tuner-needle");
        scale.getChildren().add(needle);
        HBox.setHgrow(scale, Priority.ALWAYS);
        getChildren()
                .addAll(
                        word,
                        end(Messages.message("sound-room.flat")),
                        scale,
                        end(Messages.message("sound-room.sharp")));
        show(Optional.empty());
    }

    private static Label end(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("card-label");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    void show(Optional<Tuner.Tuned> next) {
        shown = next;
        word.setText(next.map(TunerDial::words).orElse(Messages.message("sound-room.tuner-silent")));
        needle.setVisible(next.isPresent());
        scale.requestLayout();
    }

    private static String words(Tuner.Tuned tuned) {
        return Math.abs(tuned.cents()) <= IN_TUNE
                ? Messages.message("sound-room.tuner-in-tune", tuned.note())
                : Messages.message(
                        "sound-room.tuner", tuned.note(), String.format(Locale.ROOT, "%+.0f", tuned.cents()));
    }

    private void place() {
        double middle = scale.getWidth() / 2;
        double half = Math.max(1, middle - 8);
        for (var child : scale.getChildren()) {
            boolean isNeedle = child == needle;
            double off = isNeedle
                    ? shown.map(each -> Math.max(-1, Math.min(1, each.cents() / END)))
                            .orElse(0.0)
                    : (double) child.getUserData();
            double width = isNeedle ? 3 * THIN : THIN;
            double tall = isNeedle || off == 0 ? TALL : TALL / 2;
            child.resizeRelocate(
                    Math.round(middle + half * off - width / 2), scale.getHeight() - tall - THIN, width, tall);
        }
    }
}
