package org.kestan.desktop.widgets.elevation;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.ObservableMap;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Place;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;

/**
 * A side elevation of the instrument: true to scale along its length, heights over the soundboard exaggerated by a factor
 * that is written on it, what lies below the soundboard at a scale of its own.
 */
public final class ElevationView extends Control {

    /** Height factors on offer, from the largest. */
    public static final List<Double> FACTORS = List.of(
            12.0, 11.0, 10.0, 9.0, 8.0, 7.0, 6.0, 5.5, 5.0, 4.5, 4.0, 3.5, 3.0, 2.75, 2.5, 2.25, 2.0, 1.75, 1.5, 1.25,
            1.0);

    /** How many set-ups can be compared on the drawing. */
    public static final int MOST_CANDIDATES = 4;

    /** Told what was moved on the drawing. */
    public interface PlanListener {

        /**
         * A handle was moved.
         *
         * @param handle which
         * @param height where to, mm as {@link org.kestan.repair.drag.PlanDrag#move} takes it
         * @param gesture the same for all moves of one drag
         */
        void moved(Handle handle, double height, Object gesture);

        /** A handle was asked back to what is measured. */
        void reset(Handle handle);
    }

    private static final PlanListener DEAF = new PlanListener() {
        @Override
        public void moved(Handle handle, double height, Object gesture) {}

        @Override
        public void reset(Handle handle) {}
    };

    private final ObjectProperty<Optional<SideView>> sideView =
            new SimpleObjectProperty<>(this, "sideView", Optional.empty());
    private final ObjectProperty<Optional<PlaceholderInstrument>> plain =
            new SimpleObjectProperty<>(this, "plain", Optional.empty());
    private final StringProperty state = new SimpleStringProperty(this, "state", "measured");
    private final DoubleProperty heightFactor = new SimpleDoubleProperty(this, "heightFactor", 0);
    private final ReadOnlyDoubleWrapper shownHeightFactor = new ReadOnlyDoubleWrapper(this, "shownHeightFactor", 1);
    private final ObjectProperty<BenchUnit> unit = new SimpleObjectProperty<>(this, "unit", BenchUnit.SIXTY_FOURTHS);
    private final ObjectProperty<Line<?>> focusedLine = new SimpleObjectProperty<>(this, "focusedLine");
    private final ObjectProperty<PlanListener> planListener = new SimpleObjectProperty<>(this, "planListener", DEAF);
    private IntConsumer onFret;
    private final ObservableList<SideProfile> candidates = FXCollections.observableArrayList();
    private final ObservableMap<Place, Double> anchors = FXCollections.observableHashMap();

    /** A view with nothing to show. */
    public ElevationView() {
        getStyleClass().add("elevation");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(false);
    }

    /** What is drawn; empty while there is nothing to draw to scale. */
    public ObjectProperty<Optional<SideView>> sideViewProperty() {
        return sideView;
    }

    /** What stands in while there is nothing to draw to scale: a plain instrument with the places to measure. */
    public ObjectProperty<Optional<PlaceholderInstrument>> plainProperty() {
        return plain;
    }

    /** What the legend calls the full lines. */
    public StringProperty stateProperty() {
        return state;
    }

    /** How much heights over the soundboard are exaggerated; 0 for the largest factor that fits. */
    public DoubleProperty heightFactorProperty() {
        return heightFactor;
    }

    /** The factor in use: the one asked for, or the largest one under it that fits. */
    public ReadOnlyDoubleProperty shownHeightFactorProperty() {
        return shownHeightFactor.getReadOnlyProperty();
    }

    void setShownHeightFactor(double factor) {
        shownHeightFactor.set(factor);
    }

    /** The unit read-outs are shown in. */
    public ObjectProperty<BenchUnit> unitProperty() {
        return unit;
    }

    /** The line of the sheet whose dimension is shown; null for none. */
    public ObjectProperty<Line<?>> focusedLineProperty() {
        return focusedLine;
    }

    /** Who is told of moves on the drawing. */
    public ObjectProperty<PlanListener> planListenerProperty() {
        return planListener;
    }

    /** Set-ups to be compared, drawn and numbered in place of the plan; at most {@link #MOST_CANDIDATES}. */
    public ObservableList<SideProfile> candidates() {
        return candidates;
    }

    /** Says who is told of a fret that was pressed on the drawing; null for nobody. */
    public void setOnFret(IntConsumer action) {
        onFret = action;
    }

    /** Tells of a press over a fret. */
    void press(int fret) {
        if (onFret != null) {
            onFret.accept(fret);
        }
    }

    /** Where, in pixels along the lower edge, the readings of each place stand; a leader is drawn to each. */
    public ObservableMap<Place, Double> anchors() {
        return anchors;
    }

    /** Steps the height factor to the next larger (positive) or smaller one than the one shown. */
    public void stepHeightFactor(int steps) {
        int at = FACTORS.indexOf(shownHeightFactor.get());
        int next = Math.max(0, Math.min(FACTORS.size() - 1, (at < 0 ? 0 : at) - steps));
        heightFactor.set(FACTORS.get(next));
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new ElevationSkin(this);
    }
}
