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
 * The instrument across the window: the whole at true proportion, and its five deciding places through loupes with the figures
 * that belong there. It takes the height it is given: with little the loupes fold to their captions, then to one line.
 */
public final class InstrumentView extends Control {

    /** How many setups can be compared. */
    public static final int MOST_COMPARED = 4;

    /** How much is shown. */
    public enum Size {
        /** The whole and all loupes with their pictures. */
        FULL,
        /** The figures under their captions. */
        CAPTIONS,
        /** The deciding figures in one line. */
        LINE
    }

    /**
     * How the figures are said.
     *
     * @param plan whether anything is planned
     * @param moment what the measured ones are called
     * @param planWord what the planned ones are called
     * @param words prints them
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
     * A tool that lies on the instrument.
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

    /** What is drawn; empty while there is nothing to draw to scale. */
    public ObjectProperty<Optional<SideView>> sideViewProperty() {
        return sideView;
    }

    /** What stands in while there is nothing to draw to scale: a plain instrument with the places to measure. */
    public ObjectProperty<Optional<PlaceholderInstrument>> plainProperty() {
        return plain;
    }

    /** The tool that lies on it; empty for none. */
    public ObjectProperty<Optional<ToolMark>> toolProperty() {
        return tool;
    }

    /** Returns the place along the strings under a point of the scene, mm from the nut; empty outside the drawing. */
    public OptionalDouble lengthUnder(Point2D scene) {
        return lookup("#whole-pane") instanceof WholePane whole ? whole.lengthUnder(scene) : OptionalDouble.empty();
    }

    /** The unit read-outs are shown in. */
    public ObjectProperty<BenchUnit> unitProperty() {
        return unit;
    }

    /** The line of the sheet whose dimension is shown; null for none. */
    public ObjectProperty<Line<?>> focusedLineProperty() {
        return focusedLine;
    }

    /** Who is told of moves in a loupe. */
    public ObjectProperty<PlanListener> planListenerProperty() {
        return planListener;
    }

    /** The figures that decide. */
    public ObjectProperty<List<Figure>> figuresProperty() {
        return figures;
    }

    /** How they are said; null while there are none. */
    public ObjectProperty<Said> saidProperty() {
        return said;
    }

    /** The loupe that fills the band; null for none. */
    public ObjectProperty<Loupe> enlargedProperty() {
        return enlarged;
    }

    /** How much is shown, by the height it has. */
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

    /** Setups to be compared, drawn and numbered in place of the plan; at most {@link #MOST_COMPARED}. */
    public ObservableList<SideProfile> compared() {
        return compared;
    }

    /** Enlarges a loupe, or gives it its usual size again where it is the one that is large. */
    public void enlarge(Loupe loupe) {
        enlarged.set(enlarged.get() == loupe ? null : loupe);
    }

    /** Says which values the shop usually aims at, mm as the handle has them; a drag catches there. */
    public void setUsualValues(Function<Handle, List<Double>> values) {
        usual = values;
    }

    List<Double> usualValues(Handle handle) {
        return usual.apply(handle);
    }

    /** Tells whether there is a plan that can be moved. */
    boolean gripsWanted() {
        return movable.get() && compared.isEmpty() && sideView.get().isPresent();
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

    @Override
    protected Skin<?> createDefaultSkin() {
        return new InstrumentSkin(this);
    }
}
