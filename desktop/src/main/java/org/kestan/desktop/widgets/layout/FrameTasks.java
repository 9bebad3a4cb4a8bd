package org.kestan.desktop.widgets.layout;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.AnimationTimer;

/** The parts of a page that are not visible at first, built one per frame, so that the rest stays responsive. */
public final class FrameTasks {

    private final Deque<Runnable> pieces = new ArrayDeque<>();
    private final AnimationTimer frames = new AnimationTimer() {
        private boolean painted;

        @Override
        public void handle(long now) {
            // The first call comes before the frame that shows the page.
            if (painted) {
                makeOne();
            }
            painted = true;
        }
    };

    /** Adds a task after all earlier ones. */
    public void add(Runnable piece) {
        pieces.add(piece);
    }

    /** Starts running one task after each frame. */
    public void begin() {
        if (!pieces.isEmpty()) {
            frames.start();
        }
    }

    /** Returns whether no task is left. */
    public boolean isFinished() {
        return pieces.isEmpty();
    }

    /** Runs all remaining tasks at once. */
    public void finish() {
        while (!pieces.isEmpty()) {
            makeOne();
        }
    }

    private void makeOne() {
        Runnable piece = pieces.poll();
        if (pieces.isEmpty()) {
            frames.stop();
        }
        if (piece != null) {
            piece.run();
        }
    }
}
