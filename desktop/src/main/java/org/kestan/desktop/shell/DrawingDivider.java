package org.kestan.desktop.shell;

import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.overview.Station;

/**
 * The bar between the drawing and the station: drag it, or move it with the Up and Down keys. The height is remembered
 * for each station; a double click or Enter folds the drawing to a strip and back.
 */
final class DrawingDivider extends Region {

    /** The height of a folded instrument: its deciding figures in one line. */
    private static final double STRIP = 30;

    /** Below this height it folds. */
    private static final double LEAST = 56;

    /** Low where you read: the captions with their figures, growing with the text size. */
    private static final double LOW = 108;

    /** Tall where you measure or drag: the whole instrument and the loupes. */
    private static final double TALL = 340;

    /** A picture lower than this is useless. */
    private static final double LEAST_TALL = 226;

    private static final double STEP = 24;

    /** The largest share of the height the drawing takes, by itself and when moved by hand. */
    private static final double TALL_SHARE = 0.37;

    private static final double LOW_SHARE = 0.22;

    private static final double MOVED_SHARE = 0.7;

    private final InstrumentView instrument;
    private final Settings settings;
    private Station station = Station.MEASURE;
    private double room = Double.MAX_VALUE;
    private double grabbed;
    private double from;

    DrawingDivider(InstrumentView instrument, Settings settings) {
        this.instrument = instrument;
        this.settings = settings;
        getStyleClass().add("drawing-divider");
        setId("drawing-divider");
        setCursor(Cursor.V_RESIZE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.THUMB);
        setAccessibleText(Messages.message("drawing-divider.height-of-the-drawing"));
        setMinHeight(7);
        setPrefHeight(7);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            grabbed = event.getScreenY();
            from = instrument.getHeight();
            requestFocus();
            event.consume();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            put(from + event.getScreenY() - grabbed);
            event.consume();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 2) {
                fold();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case UP -> put(instrument.getHeight() - STEP);
            case DOWN -> put(instrument.getHeight() + STEP);
            case ENTER, SPACE -> fold();
            default -> {
                return;
            }
        }
        key.consume();
    }

    /** Folds the drawing to a strip, or unfolds it. */
    void fold() {
        put(isFolded() ? Math.max(usual(), low()) : 0);
    }

    /** Gives the drawing the height its pictures need. */
    void unfold() {
        put(Math.max(LEAST_TALL * scale(), tall()));
    }

    /** As tall as in a large window, but only a share of a small one. */
    private double tall() {
        return Math.min(TALL * scale(), room * TALL_SHARE);
    }

    private double scale() {
        return settings.textSize() / 100.0;
    }

    private double low() {
        return LOW * scale();
    }

    private boolean isFolded() {
        return settings.drawingHeight(key()).orElse(usual()) < LEAST;
    }

    private void put(double pixels) {
        settings.setDrawingHeight(key(), pixels < LEAST ? 0 : pixels);
        apply();
    }

    private String key() {
        return station.key();
    }

    /** If the window has no room for pictures of a useful size, it shows captions. */
    private double usual() {
        if (station == Station.BENCH) {
            // The step has to be readable from across the bench.
            return 0;
        }
        double tall = tall();
        boolean pictured = station == Station.MEASURE || station == Station.PLAN;
        if (pictured && tall >= LEAST_TALL * scale()) {
            return tall;
        }
        // In a small window, or with large text, the work comes first.
        return low() <= room * LOW_SHARE ? low() : 0;
    }

    /** Gives the drawing its height over a station. */
    void show(Station next) {
        station = next;
        apply();
    }

    /** Sets the height that drawing and station share. */
    void fit(double pixels) {
        room = pixels;
        apply();
    }

    private void apply() {
        double wanted = settings.drawingHeight(key()).orElse(usual());
        double most = Math.max(LEAST, room * MOVED_SHARE);
        double height = isFolded() ? strip() : Math.min(wanted, most);
        instrument.setMinHeight(height);
        instrument.setPrefHeight(height);
        instrument.setMaxHeight(height);
    }

    /** The strip is as high as its text needs. */
    private double strip() {
        return STRIP * scale();
    }
}
