package org.kestan.desktop.widgets.instrument;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.IntConsumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import org.kestan.analysis.figures.Figure;
import org.kestan.base.sheet.Line;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * The instrument across the window: the whole in true proportion, and its five deciding places through loupes with
 * their figures. It adapts to the height it gets: with little height the loupes fold to their captions, then to one
 * line.
 */
public final class InstrumentView extends Control {

    /** How many setups can be compared. */
    public static final int MOST_COMPARED = 4;

    /** How much is shown. */
    public enum Size {
        /** The whole instrument and all loupes with their pictures. */
        FULL,
        /** The figures under their captions. */
        CAPTIONS,
        /** The deciding figures in one line. */
        LINE
    }

    /**
     * How to word the figures.
     *
     * @param plan whether anything is planned
     * @param moment what the measured ones are called
     * @param planWord what the planned ones are called
     * @param words formats them
     */
    public record Said(boolean plan, String moment, String planWord, Wording words) {}

    private final ObjectProperty<Optional<SideView>> sideView =
            new SimpleObjectProperty<>(this, "sideView", Optional.empty());
    private final ObjectProperty<Optional<PlaceholderInstrument>> plain =
            new SimpleObjectProperty<>(this, "plain", Optional.empty());
    private final ObjectProperty<BenchUnit> unit = new SimpleObjectProperty<>(this, "unit", BenchUnit.SIXTY_FOURTHS);
    private final ObjectProperty<Line<?>> focusedLine = new SimpleObjectProperty<>(this, "focusedLine");
    private final ObjectProperty<PlanListener> planListener =
            new SimpleObjectProperty<>(this, "planListener", PlanListener.DEAF);
    private final ObjectProperty<List<Figure>> figures = new SimpleObjectProperty<>(this, "figures", List.of());
    private final ObjectProperty<Said> said = new SimpleObjectProperty<>(this, "said");
    private final ObjectProperty<Loupe> enlarged = new SimpleObjectProperty<>(this, "enlarged");
    private final ReadOnlyObjectWrapper<Size> size = new ReadOnlyObjectWrapper<>(this, "size", Size.FULL);
    private final ReadOnlyBooleanWrapper dragging = new ReadOnlyBooleanWrapper(this, "dragging");
    private final BooleanProperty movable = new SimpleBooleanProperty(this, "movable", true);
    private final ObservableList<SideProfile> compared = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<ToolMark>> tool = new SimpleObjectProperty<>(this, "tool", Optional.empty());
    private Function<Handle, List<Double>> usual = handle -> List.of();
    private IntConsumer onFret;

    /**
     * A tool placed on the instrument.
     *
     * @param name what it is called
     * @param along where it lies, mm from the nut
     */
    public record ToolMark(String name, double along) {}

    /** A view with nothing to show. */
    public InstrumentView() {
        getStyleClass().add("instrument");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(false);
    }

    /** The instrument drawn; empty if there is nothing to draw to scale. */
    public ObjectProperty<Optional<SideView>> sideViewProperty() {
        return sideView;
    }

    /** The stand-in if there is nothing to draw to scale: a plain instrument with the places to measure. */
    public ObjectProperty<Optional<PlaceholderInstrument>> plainProperty() {
        return plain;
    }

    /** The tool placed on it; empty for none. */
    public ObjectProperty<Optional<ToolMark>> toolProperty() {
        return tool;
    }

    /**
     * Returns the position along the strings under a point of the scene, mm from the nut; empty outside the drawing.
     */
    public OptionalDouble lengthUnder(Point2D scene) {
        return lookup("#whole-pane") instanceof WholePane whole ? whole.lengthUnder(scene) : OptionalDouble.empty();
    }

    /** The unit of the read-outs. */
    public ObjectProperty<BenchUnit> unitProperty() {
        return unit;
    }

    /** The line of the sheet whose dimension is shown; null for none. */
    public ObjectProperty<Line<?>> focusedLineProperty() {
        return focusedLine;
    }

    /** The listener for moves in a loupe. */
    public ObjectProperty<PlanListener> planListenerProperty() {
        return planListener;
    }

    /** The deciding figures. */
    public ObjectProperty<List<Figure>> figuresProperty() {
        return figures;
    }

    /** How to word them; null if there are none. */
    public ObjectProperty<Said> saidProperty() {
        return said;
    }

    /** The loupe that fills the band; null for none. */
    public ObjectProperty<Loupe> enlargedProperty() {
        return enlarged;
    }

    /** How much is shown, depending on the height. */
    public ReadOnlyObjectProperty<Size> sizeProperty() {
        return size.getReadOnlyProperty();
    }

    void setSize(Size next) {
        size.set(next);
    }

    /** Whether something is being dragged. */
    public ReadOnlyBooleanProperty draggingProperty() {
        return dragging.getReadOnlyProperty();
    }

    void setDragging(boolean next) {
        dragging.set(next);
    }

    /** Whether the plan can be moved here. */
    public BooleanProperty movableProperty() {
        return movable;
    }

    /** Setups to compare, drawn and numbered in place of the plan; at most {@link #MOST_COMPARED}. */
    public ObservableList<SideProfile> compared() {
        return compared;
    }

    /** Enlarges a loupe, or returns it to its usual size if it is enlarged. */
    public void enlarge(Loupe loupe) {
        enlarged.set(enlarged.get() == loupe ? null : loupe);
    }

    /** Sets the shop's usual values, mm in terms of the handle; a drag snaps to them. */
    public void setUsualValues(Function<Handle, List<Double>> values) {
        usual = values;
    }

    List<Double> usualValues(Handle handle) {
        return usual.apply(handle);
    }

    /** Returns whether there is a plan that can be moved. */
    boolean gripsWanted() {
        return movable.get() && compared.isEmpty() && sideView.get().isPresent();
    }

    /** Sets the listener for a fret pressed on the drawing; null for none. */
    public void setOnFret(IntConsumer action) {
        onFret = action;
    }

    /** Reports a press over a fret. */
    void press(int fret) {
        if (onFret != null) {
            onFret.accept(fret);
        }
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new InstrumentSkin(this);
    }
}
