package org.kestan.desktop.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/**
 * Tools to measure with: choose one, place it by hand or from a list, read it, and put the reading on the sheet.
 */
final class ToolRow extends FlowPane {

    private static final double SPOT_WIDTH = 130;
    private static final double GAP = 6;

    private final PracticeDesk desk;
    private final JobSession session;
    private final InstrumentView instrument;
    private final DrawerNote note;
    private final ToggleGroup tools = new ToggleGroup();
    private final List<ToggleButton> buttons = new ArrayList<>();
    private final ComboBox<Spot> spot = new ComboBox<>();
    private final TextField fret = new TextField(Integer.toString(Placement.ACTION_FRET));
    private final ToggleButton bass = new ToggleButton(Messages.message("practice-drawer.bass"));
    private final ToggleButton treble = new ToggleButton(Messages.message("practice-drawer.treble"));
    private final Button read = PracticeDrawer.button("practice-read", Messages.message("practice-drawer.read"));
    private final Button write = PracticeDrawer.button("practice-write", Messages.message("practice-drawer.write"));
    private final Button usual = PracticeDrawer.button("practice-usual", Messages.message("practice-drawer.usual"));
    private final Label shows = new Label();
    private OptionalDouble shown = OptionalDouble.empty();

    ToolRow(PracticeDesk desk, JobSession session, InstrumentView instrument, DrawerNote note) {
        super(GAP, GAP);
        this.desk = desk;
        this.session = session;
        this.instrument = instrument;
        this.note = note;
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(0);
        for (SimulatedTool tool : SimulatedTool.values()) {
            ToggleButton choice = toggle(tools, PracticeText.label(tool), "practice-tool-" + tool.key());
            choice.setUserData(tool);
            choice.setOnAction(event -> take());
            // A tool dragged out of the drawer and dropped over the drawing is placed there.
            choice.setOnMouseReleased(event -> drop(tool, new Point2D(event.getSceneX(), event.getSceneY())));
            buttons.add(choice);
        }
        spot.setId("practice-spot");
        spot.setConverter(PracticeDrawer.labels());
        spot.setAccessibleText(Messages.message("practice-drawer.place"));
        spot.valueProperty().addListener((property, old, next) -> mark());
        spot.setPrefWidth(SPOT_WIDTH);
        fret.setId("practice-fret");
        fret.setPrefColumnCount(2);
        fret.setMinWidth(USE_PREF_SIZE);
        fret.setAccessibleText(Messages.message("practice-drawer.fret"));
        fret.setOnAction(event -> read());
        fret.textProperty().addListener((property, old, next) -> mark());
        ToggleGroup sides = new ToggleGroup();
        for (ToggleButton side : new ToggleButton[] {bass, treble}) {
            side.setToggleGroup(sides);
            side.getStyleClass().add("page");
            side.setMinWidth(USE_PREF_SIZE);
            side.setOnAction(event -> side.setSelected(true));
        }
        bass.setId("practice-bass");
        treble.setId("practice-treble");
        bass.setSelected(true);
        shows.setId("practice-shows");
        shows.getStyleClass().addAll("figure-value", "practice-shows");
        shows.setMinWidth(USE_PREF_SIZE);
        read.setOnAction(event -> read());
        write.setOnAction(event -> write());
        usual.setOnAction(event -> takeUsual());
        getChildren().addAll(buttons);
        getChildren().addAll(spot, fret, bass, treble, read, shows, write, usual);
    }

    private static ToggleButton toggle(ToggleGroup group, String text, String id) {
        ToggleButton button = new ToggleButton(text);
        button.setId(id);
        button.getStyleClass().add("page");
        button.setToggleGroup(group);
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    /** Starts with another instrument: no tool is placed, and nothing has been read. */
    void reset() {
        shown = OptionalDouble.empty();
        tools.selectToggle(null);
        offerSpots();
    }

    /** Forgets the last reading, because the instrument has changed. */
    void forget() {
        shown = OptionalDouble.empty();
    }

    void show(PracticeRun run) {
        boolean open = run.handedOver().isEmpty();
        read.setDisable(!open);
        usual.setDisable(!open);
        write.setDisable(!open || shown.isEmpty() || !showsLength());
        shows.setText(
                shown.isPresent() && tool().isPresent()
                        ? PracticeText.shows(tool().get(), shown.getAsDouble(), session.unit()::format)
                        : "\u2013");
    }

    void focusFirst() {
        buttons.get(0).requestFocus();
    }

    private Optional<VirtualInstrument> measured() {
        return desk.runProperty().get().map(run -> run.state().instrument());
    }

    private Optional<SimulatedTool> tool() {
        return Optional.ofNullable(tools.getSelectedToggle()).map(each -> (SimulatedTool) each.getUserData());
    }

    /** Takes another tool; the last one's reading no longer counts. */
    private void take() {
        shown = OptionalDouble.empty();
        offerSpots();
        desk.runProperty().get().ifPresent(this::show);
    }

    /** Offers the places where the selected tool can be put. */
    private void offerSpots() {
        Spot before = spot.getValue();
        Optional<SimulatedTool> tool = tool();
        Optional<VirtualInstrument> on = measured();
        List<Spot> can = tool.isEmpty() || on.isEmpty()
                ? List.of()
                : Arrays.stream(Spot.values())
                        .filter(each -> each.takes(tool.get())
                                && each.isOn(on.get().bridge().floating()))
                        .toList();
        spot.getItems().setAll(can);
        boolean stays = before != null && can.contains(before);
        spot.setValue(stays ? before : can.stream().findFirst().orElse(null));
        mark();
    }

    /** Shows the tool on the drawing, where it is placed. */
    private void mark() {
        Optional<Placement> placement = placement();
        boolean sided = placement.filter(each -> each.spot().sided()).isPresent();
        fret.setDisable(placement.filter(each -> each.spot().fretted()).isEmpty());
        bass.setDisable(!sided);
        treble.setDisable(!sided);
        instrument
                .toolProperty()
                .set(tool().flatMap(tool -> placement.flatMap(place ->
                        measured().map(on -> new InstrumentView.ToolMark(PracticeText.label(tool), place.along(on))))));
    }

    private Optional<Placement> placement() {
        return Optional.ofNullable(spot.getValue()).map(each -> new Placement(each, over(each), side()));
    }

    /** The fret that was typed; a fret that does not exist if none was. */
    private int over(Spot place) {
        try {
            return place.fretted() ? Integer.parseInt(fret.getText().strip()) : 0;
        } catch (NumberFormatException none) {
            return 0;
        }
    }

    private Side side() {
        return treble.isSelected() ? Side.TREBLE : Side.BASS;
    }

    /** Drops a tool over the drawing: it goes to the nearest possible place. */
    private void drop(SimulatedTool tool, Point2D scene) {
        OptionalDouble along = instrument.lengthUnder(scene);
        if (along.isPresent() && !read.isDisabled()) {
            measured()
                    .flatMap(on -> Placement.nearest(tool, on, along.getAsDouble(), side()))
                    .ifPresent(place -> {
                        put(tool, place);
                        read();
                    });
        }
    }

    private void put(SimulatedTool tool, Placement placement) {
        shown = OptionalDouble.empty();
        tools.selectToggle(buttons.get(tool.ordinal()));
        offerSpots();
        spot.setValue(placement.spot());
        if (placement.spot().fretted()) {
            fret.setText(Integer.toString(placement.fret()));
        }
        (placement.side() == Side.TREBLE ? treble : bass).setSelected(true);
        mark();
    }

    /** Takes the usual tool to the usual place for the line that last had the focus. */
    void takeUsual() {
        Optional<Line<?>> line = desk.line();
        Optional<Placement> place = line.flatMap(each -> measured().flatMap(on -> Placement.of(each, on)));
        if (place.isEmpty()) {
            note.complain(Messages.message("practice-drawer.no-line"));
            return;
        }
        SimulatedTool tool = place.get().usualTool();
        put(tool, place.get());
        boolean strung =
                desk.runProperty().get().filter(run -> run.state().strung()).isPresent();
        boolean slack = Placement.isReadSlack(line.get());
        note.say(
                strung != slack
                        ? Messages.message(
                                "practice-drawer.put",
                                PracticeText.label(tool),
                                PracticeText.label(place.get().spot()))
                        : slack
                                ? Messages.message("practice-drawer.wants-slack")
                                : Messages.message("practice-drawer.wants-pitch"));
    }

    /** Reads the tool where it is placed; an earlier reading no longer counts, whatever the result. */
    private void read() {
        shown = OptionalDouble.empty();
        Optional<Placement> placement = placement();
        if (tool().isEmpty() || placement.isEmpty()) {
            note.complain(Messages.message("practice-drawer.no-tool"));
        } else {
            desk.measure(tool().get(), placement.get()).ifPresent(step -> {
                shown = step.shown();
                step.refused()
                        .ifPresentOrElse(
                                why -> note.complain(PracticeText.label(why)),
                                () -> note.say(
                                        showsLength()
                                                ? Messages.message("practice-drawer.press-write")
                                                : Messages.message("practice-drawer.type-it")));
            });
        }
        desk.runProperty().get().ifPresent(this::show);
    }

    /** Reads the tool and puts the reading on the line that last had the focus. */
    void readAndWrite() {
        read();
        write();
    }

    /** A reading that is not a length has to be typed where it belongs. */
    private boolean showsLength() {
        return tool().filter(each -> each.shows() == SimulatedTool.Shows.LENGTH).isPresent();
    }

    private void write() {
        if (showsLength()) {
            shown.ifPresent(desk::write);
        }
    }
}
