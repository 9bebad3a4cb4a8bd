package org.kestan.desktop.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.work.BenchState;
import org.kestan.practice.work.Mishap;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Refusal;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/**
 * The drawer under the stations while a practice case is open: tools to measure with, dragged onto the drawing or put where a
 * choice says, and what can be done at the bench. Hours and money run along.
 */
public final class PracticeDrawer extends VBox {

    private static final int MINUTES = 60;
    private static final int ACTION_FRET = 12;
    private static final double SPOT_WIDTH = 130;

    private enum Page {
        TOOLS,
        WORK
    }

    private final PracticeDesk desk;
    private final JobSession session;
    private final InstrumentView instrument;
    private final PageTabs<Page> pages;
    private final ToggleGroup tools = new ToggleGroup();
    private final List<ToggleButton> toolButtons = new ArrayList<>();
    private final ComboBox<Spot> spot = new ComboBox<>();
    private final TextField fret = new TextField(Integer.toString(ACTION_FRET));
    private final ToggleButton bass = new ToggleButton(Messages.message("practice-drawer.bass"));
    private final ToggleButton treble = new ToggleButton(Messages.message("practice-drawer.treble"));
    private final Button read = button("practice-read", Messages.message("practice-drawer.read"));
    private final Button write = button("practice-write", Messages.message("practice-drawer.write"));
    private final Button usual = button("practice-usual", Messages.message("practice-drawer.usual"));
    private final Label shows = new Label();
    private final ComboBox<Operation> operation = new ComboBox<>();
    private final TextField first = new TextField();
    private final TextField second = new TextField();
    private final Label takes = new Label();
    private final Button act = button("practice-do", Messages.message("practice-drawer.do"));
    private final Label said = new Label();
    private final Label state = new Label();
    private OptionalDouble shown = OptionalDouble.empty();

    /** A drawer for what is open at a desk. */
    public PracticeDrawer(PracticeDesk desk, JobSession session, InstrumentView instrument) {
        this.desk = desk;
        this.session = session;
        this.instrument = instrument;
        setId("practice-drawer");
        getStyleClass().add("practice-drawer");
        pages = new PageTabs<>(
                Page.TOOLS,
                "practice-drawer-",
                page -> page == Page.TOOLS
                        ? Messages.message("practice-drawer.tools")
                        : Messages.message("practice-drawer.work"));
        pages.put(Page.TOOLS, measuring());
        pages.put(Page.WORK, working());
        state.setId("practice-state");
        state.getStyleClass().add("card-label");
        said.setId("practice-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.getStyleClass().add("card-label");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(12, pages, said, gap, state);
        HBox.setHgrow(said, Priority.SOMETIMES);
        said.setMinWidth(0);
        state.setMinWidth(0);
        head.setAlignment(Pos.CENTER_LEFT);
        StackPane body = pages.body();
        getChildren().addAll(head, body);
        setSpacing(4);
        setMinWidth(0);
        desk.runProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    private static Button button(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    private FlowPane measuring() {
        FlowPane row = row();
        for (SimulatedTool tool : SimulatedTool.values()) {
            ToggleButton choice = new ToggleButton(PracticeText.label(tool));
            choice.setId("practice-tool-" + tool.key());
            choice.getStyleClass().add("page");
            choice.setToggleGroup(tools);
            choice.setUserData(tool);
            choice.setMinWidth(USE_PREF_SIZE);
            choice.setOnAction(event -> offerSpots());
            // Taken out of the drawer and let go over the drawing it lies there.
            choice.setOnMouseReleased(event -> drop(tool, new Point2D(event.getSceneX(), event.getSceneY())));
            toolButtons.add(choice);
            row.getChildren().add(choice);
        }
        spot.setId("practice-spot");
        spot.setConverter(labels(PracticeText::label));
        spot.setAccessibleText(Messages.message("practice-drawer.place"));
        spot.valueProperty().addListener((property, old, next) -> showWhere());
        spot.setPrefWidth(SPOT_WIDTH);
        fret.setId("practice-fret");
        fret.setPrefColumnCount(2);
        fret.setMinWidth(USE_PREF_SIZE);
        fret.setAccessibleText(Messages.message("practice-drawer.fret"));
        fret.setOnAction(event -> read());
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
        row.getChildren().addAll(spot, fret, bass, treble, read, shows, write, usual);
        return row;
    }

    /** A row that goes on in a second line where the window is narrow or the text large. */
    private static FlowPane row() {
        FlowPane row = new FlowPane(6, 6);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinWidth(0);
        return row;
    }

    private FlowPane working() {
        operation.setId("practice-operation");
        operation.setConverter(labels(PracticeText::label));
        operation.setAccessibleText(Messages.message("practice-drawer.what"));
        operation.valueProperty().addListener((property, old, next) -> showAmount());
        for (TextField field : new TextField[] {first, second}) {
            field.setPrefColumnCount(5);
            field.setMinWidth(USE_PREF_SIZE);
            field.setOnAction(event -> act());
        }
        first.setId("practice-first");
        second.setId("practice-second");
        takes.setId("practice-takes");
        takes.getStyleClass().add("card-label");
        takes.setMinWidth(0);
        act.setOnAction(event -> act());
        FlowPane row = row();
        row.getChildren().addAll(operation, first, second, act, takes);
        return row;
    }

    private static <T extends Keyed> StringConverter<T> labels(Function<T, String> label) {
        return new StringConverter<>() {
            @Override
            public String toString(T term) {
                return term == null ? "" : label.apply(term);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        };
    }

    private Optional<VirtualInstrument> instrument() {
        return desk.runProperty().get().map(run -> run.state().instrument());
    }

    private Optional<SimulatedTool> tool() {
        return Optional.ofNullable(tools.getSelectedToggle()).map(each -> (SimulatedTool) each.getUserData());
    }

    private void show() {
        Optional<PracticeRun> run = desk.runProperty().get();
        setVisible(run.isPresent());
        setManaged(run.isPresent());
        run.ifPresent(this::show);
    }

    private void show(PracticeRun run) {
        boolean open = !run.handedOver();
        for (Node each : new Node[] {read, write, usual, act}) {
            each.setDisable(!open);
        }
        write.setDisable(!open || shown.isEmpty());
        List<Operation> can = Arrays.stream(Operation.values())
                .filter(each -> each.isOn(
                        run.state().instrument().bridge().floating() ? Fitting.FLOATING_BRIDGE : Fitting.PIN_BRIDGE))
                .toList();
        if (!operation.getItems().equals(can)) {
            operation.getItems().setAll(can);
            operation.setValue(Operation.SLACKEN);
            tools.selectToggle(null);
            offerSpots();
        }
        shows.setText(shown.isPresent() ? session.unit().format(shown.getAsDouble()) : "\u2013");
        state.setText(said(run));
    }

    private static String said(PracticeRun run) {
        BenchState now = run.state();
        String strings = now.atPitch()
                ? Messages.message("practice-drawer.at-pitch")
                : Messages.message("practice-drawer.slack");
        String seat =
                switch (now.seat()) {
                    case SET -> "";
                    case FREE -> Messages.message("practice-drawer.neck-off");
                    case GLUED -> Messages.message("practice-drawer.curing", Math.round(now.curing()));
                };
        long minutes = Math.round(now.minutes());
        return Messages.message(
                "practice-drawer.state",
                strings + seat,
                minutes / MINUTES,
                minutes % MINUTES,
                Math.round(now.waited()),
                Math.round(now.cost()));
    }

    /** Offers the places the tool in hand can be put. */
    private void offerSpots() {
        Spot before = spot.getValue();
        List<Spot> can = Arrays.stream(Spot.values())
                .filter(each -> tool().isPresent() && each.takes(tool().get()))
                .filter(each -> instrument()
                        .filter(of -> each.isOn(of.bridge().floating()))
                        .isPresent())
                .toList();
        spot.getItems().setAll(can);
        spot.setValue(can.contains(before) ? before : can.isEmpty() ? null : can.get(0));
        showWhere();
    }

    private void showWhere() {
        Optional<Spot> where = Optional.ofNullable(spot.getValue());
        boolean sided = where.filter(Spot::sided).isPresent();
        fret.setDisable(where.filter(Spot::fretted).isEmpty());
        bass.setDisable(!sided);
        treble.setDisable(!sided);
        mark();
    }

    /** Shows the tool on the drawing, where it lies. */
    private void mark() {
        Optional<Placement> placement = placement();
        if (placement.isEmpty() || tool().isEmpty() || instrument().isEmpty()) {
            instrument.toolProperty().set(Optional.empty());
            return;
        }
        instrument
                .toolProperty()
                .set(Optional.of(new InstrumentView.ToolMark(
                        PracticeText.label(tool().get()),
                        placement.get().along(instrument().get()))));
    }

    private Optional<Placement> placement() {
        if (spot.getValue() == null) {
            return Optional.empty();
        }
        int over;
        try {
            over = spot.getValue().fretted() ? Integer.parseInt(fret.getText().strip()) : 0;
        } catch (NumberFormatException none) {
            over = 0;
        }
        return Optional.of(new Placement(spot.getValue(), over, treble.isSelected() ? Side.TREBLE : Side.BASS));
    }

    /** Lets go of a tool over the drawing: it lies at the nearest of the places it can be put. */
    private void drop(SimulatedTool tool, Point2D scene) {
        OptionalDouble along = instrument.lengthUnder(scene);
        Optional<VirtualInstrument> of = instrument();
        if (along.isEmpty() || of.isEmpty()) {
            return;
        }
        tools.selectToggle(toolButtons.get(tool.ordinal()));
        offerSpots();
        Placement.nearest(tool, of.get(), along.getAsDouble(), side()).ifPresent(this::put);
        read();
    }

    private Side side() {
        return treble.isSelected() ? Side.TREBLE : Side.BASS;
    }

    private void put(Placement placement) {
        spot.setValue(placement.spot());
        if (placement.spot().fretted()) {
            fret.setText(Integer.toString(placement.fret()));
        }
        (placement.side() == Side.TREBLE ? treble : bass).setSelected(true);
        showWhere();
    }

    /** Takes the tool and the place that are usual for the line that had the focus last. */
    public void takeUsual() {
        pages.select(Page.TOOLS);
        Optional<LengthLine> line = desk.line();
        Optional<Placement> place = line.flatMap(each -> instrument().flatMap(of -> Placement.of(each, of)));
        if (place.isEmpty()) {
            say(Messages.message("practice-drawer.no-line"), true);
            return;
        }
        SimulatedTool tool = line.get() == Reading.NUT_BASS || line.get() == Reading.NUT_TREBLE
                ? SimulatedTool.FEELER
                : place.get().spot().usual();
        tools.selectToggle(toolButtons.get(tool.ordinal()));
        offerSpots();
        put(place.get());
        boolean slack =
                desk.runProperty().get().filter(run -> !run.state().atPitch()).isPresent();
        boolean wantsSlack = line.get() == Reading.PROJECTION_SLACK;
        say(
                slack == wantsSlack
                        ? Messages.message(
                                "practice-drawer.put",
                                PracticeText.label(tool),
                                PracticeText.label(place.get().spot()))
                        : wantsSlack
                                ? Messages.message("practice-drawer.wants-slack")
                                : Messages.message("practice-drawer.wants-pitch"),
                false);
    }

    /** Reads the tool where it lies. */
    public void read() {
        Optional<Placement> placement = placement();
        if (tool().isEmpty() || placement.isEmpty()) {
            say(Messages.message("practice-drawer.no-tool"), true);
            return;
        }
        mark();
        desk.measure(tool().get(), placement.get()).ifPresent(step -> {
            shown = step.shown();
            say(
                    step.refused()
                            .map(PracticeText::label)
                            .orElseGet(() -> Messages.message("practice-drawer.press-write")),
                    step.refused().isPresent());
            show();
        });
    }

    /** Reads the tool and puts what it shows into the field that had the focus last. */
    public void readAndWrite() {
        read();
        write();
    }

    private void write() {
        if (shown.isPresent()) {
            desk.write(shown.getAsDouble());
        }
    }

    private void showAmount() {
        Operation chosen = operation.getValue();
        if (chosen == null) {
            return;
        }
        boolean one = chosen.amount() != Operation.Amount.NONE;
        boolean both = chosen.amount() == Operation.Amount.SIDES;
        first.setVisible(one);
        first.setManaged(one);
        second.setVisible(both);
        second.setManaged(both);
        first.clear();
        second.clear();
        String what = what(chosen);
        first.setPromptText(both ? Messages.message("practice-drawer.bass") : what);
        second.setPromptText(Messages.message("practice-drawer.treble"));
        first.setAccessibleText(what);
        second.setAccessibleText(what);
        takes.setText(
                one
                        ? Messages.message(
                                "practice-drawer.takes",
                                what,
                                plain(chosen.least()),
                                plain(chosen.most()),
                                chosen.minutes())
                        : Messages.message("practice-drawer.takes-time", chosen.minutes()));
    }

    private static String what(Operation operation) {
        return switch (operation) {
            case TURN_ROD -> Messages.message("practice-drawer.turns");
            case FREE_NECK -> Messages.message("practice-drawer.minutes-of-heat");
            case SAND_HEEL -> Messages.message("practice-drawer.pulls");
            case WAIT -> Messages.message("practice-drawer.hours");
            case CONDITION -> Messages.message("practice-drawer.days");
            default -> Messages.message("practice-drawer.millimeters");
        };
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    private void act() {
        Operation chosen = operation.getValue();
        Optional<Sides<Double>> amount = amount(chosen);
        if (amount.isEmpty()) {
            say(takes.getText(), true);
            return;
        }
        int mishaps = mishaps().size();
        desk.work(chosen, amount.get()).ifPresent(step -> {
            Optional<Refusal> refused = step.refused();
            List<Mishap> after = mishaps();
            boolean wrong = refused.isPresent() || after.size() > mishaps;
            say(
                    refused.map(PracticeText::label)
                            .orElseGet(() -> after.size() > mishaps
                                    ? PracticeText.label(after.get(after.size() - 1))
                                    : Messages.message("practice-drawer.done", PracticeText.label(chosen))),
                    wrong);
            shown = OptionalDouble.empty();
            show();
        });
    }

    private List<Mishap> mishaps() {
        return desk.runProperty().get().map(run -> run.state().mishaps()).orElse(List.of());
    }

    private Optional<Sides<Double>> amount(Operation chosen) {
        try {
            return switch (chosen.amount()) {
                case NONE -> Optional.of(new Sides<>(0.0, 0.0));
                case ONE -> Optional.of(new Sides<>(number(first), 0.0));
                case SIDES -> Optional.of(new Sides<>(number(first), number(second)));
            };
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }

    private static double number(TextField field) {
        double value = Double.parseDouble(field.getText().strip().replace(',', '.'));
        if (!Double.isFinite(value)) {
            throw new NumberFormatException(field.getText());
        }
        return value;
    }

    private void say(String text, boolean wrong) {
        said.setText(text);
        said.getStyleClass().setAll("label", wrong ? "practice-wrong" : "card-label");
    }

    /** Puts the focus on the first tool. */
    public void focusTools() {
        pages.select(Page.TOOLS);
        toolButtons.get(0).requestFocus();
    }
}
