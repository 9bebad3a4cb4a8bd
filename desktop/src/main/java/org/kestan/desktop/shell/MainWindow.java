package org.kestan.desktop.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.desktop.gauge.GaugeListener;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.practice.PracticeDrawer;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.Chime;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.session.Waits;
import org.kestan.desktop.week.WeekDesk;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.FrameTasks;
import org.kestan.desktop.widgets.terms.HelpCard;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.overview.Station;
import org.kestan.repair.picture.Loupe;

/** The window. Everything in it listens to the session. */
public final class MainWindow {

    /** The initial size of a window. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    private final Stage stage;
    private final JobSession session = new JobSession();
    private final Settings settings;
    private final JobStore store;
    private final Waits waits;
    private final JobActions actions;
    private final InstrumentView instrument = new InstrumentView();
    private final RoomStack rooms;
    private final StationStrip stations;
    private final DeviceInput devices;
    private final Appearance look;
    private final Optional<PracticeDesk> practice;
    private Optional<PracticeDrawer> drawer = Optional.empty();
    private Runnable practiceOpener = () -> {};
    private boolean ended;

    /** Work that can wait until after the first frame. */
    private final FrameTasks rest = new FrameTasks();

    /**
     * Builds the window, at Measure; the caller shows it.
     *
     * @param ledger where the jobs lie
     * @param samples sample jobs on offer in the menu, empty outside the demo
     */
    public MainWindow(Stage stage, Settings settings, Ledger ledger, List<Path> samples) {
        this(stage, settings, ledger, samples, first -> {}, Station.MEASURE.key());
        finish();
    }

    /**
     * Builds the window; the caller shows it. Whatever the first room needs beyond its visible parts is built piece by
     * piece afterward.
     *
     * @param ledger where the jobs lie
     * @param samples sample jobs on offer in the menu, empty outside the demo
     * @param opening opens the job the window starts with, before anything of it is built
     * @param first the id of the room it starts with
     */
    public MainWindow(
            Stage stage,
            Settings settings,
            Ledger ledger,
            List<Path> samples,
            Consumer<JobStore> opening,
            String first) {
        this.stage = stage;
        this.settings = settings;
        SettingsLink kept = new SettingsLink(settings, session);
        rooms = new RoomStack(instrument, settings);
        store = new JobStore(session, settings, ledger);
        Scene scene = firstScene();
        look = new Appearance(scene, settings);
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        opening.accept(store);
        practice = ledger.isForPractice()
                ? Optional.of(new PracticeDesk(
                        session, store, Path.of(ledger.place()).toAbsolutePath().getParent()))
                : Optional.empty();
        waits = new Waits(session, store, Clock.systemUTC(), Chime::sound);
        actions = new JobActions(session, store);
        stations = new StationStrip(session, store, waits, rooms::show);
        MenuBar menus = new MenuBar();
        rest.add(() -> Menus.fill(menus, this, store, settings, samples));
        rest.add(this::readSteps);
        rest.add(() -> DueReminder.ask(store, session));
        rooms.setContext(context(menus));
        devices = new DeviceInput(scene, session, store, settings, rooms);
        BorderPane root = root(menus);
        look.setRoot(root);
        store.setBeforeLeaving(() -> takeTyped(scene, root));
        connect(scene);
        show(first);
        place(scene);
        rest.begin();
        kept.complain();
    }

    /** Loads the stylesheets while the first job is being read, so that later content is styled only once. */
    private static Scene firstScene() {
        HBox usual = new HBox(
                new Label(Messages.message("main-window.kestan")),
                new TextField(),
                new ToggleButton(),
                new ScrollPane());
        return new Scene(usual, WIDTH, HEIGHT);
    }

    private RoomContext context(MenuBar menus) {
        return new RoomContext(
                session,
                store,
                waits,
                new WeekDesk(session, store, Clock.systemDefaultZone()),
                instrument,
                this::show,
                this::enter,
                this::go,
                this::startBlank,
                practice,
                () -> practiceOpener.run(),
                () -> Menus.shortcuts(menus));
    }

    private BorderPane root(MenuBar menus) {
        BorderPane root = new BorderPane();
        root.getStyleClass().add("kestan");
        Header header =
                new Header(menus, new WindowTitle(stage, session, store, waits, rooms.shownProperty()), stations);
        VBox bottom = new VBox(devices.arrived(), new StatusLine(session, store, devices.gauge()));
        root.setTop(header);
        root.setCenter(rooms);
        root.setBottom(practice.<Node>map(desk -> practicing(root, header, desk, bottom))
                .orElse(bottom));
        return root;
    }

    /** A field accepts its text when it loses the focus; it gets the focus back at once. */
    private static void takeTyped(Scene scene, Node elsewhere) {
        Node field = scene.getFocusOwner();
        if (field instanceof TextInputControl) {
            elsewhere.requestFocus();
            field.requestFocus();
        }
    }

    private void place(Scene scene) {
        Appearance.setIcons(stage);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setScene(scene);
        if (stage.isShowing()) {
            rooms.warm(scene);
        } else {
            stage.setOnShown(event -> rooms.warm(scene));
        }
        stage.setOnCloseRequest(event -> {
            if (!store.mayLeave()) {
                event.consume();
            }
        });
        stage.addEventHandler(WindowEvent.WINDOW_HIDDEN, new EventHandler<>() {
            @Override
            public void handle(WindowEvent hidden) {
                stage.removeEventHandler(WindowEvent.WINDOW_HIDDEN, this);
                end();
            }
        });
    }

    /** Saves what is unsaved, and stops listening, following and watching. Calling it again does nothing. */
    public void end() {
        if (!ended) {
            ended = true;
            devices.stop();
            waits.close();
            store.close();
        }
    }

    /** Makes a practice window unmistakable by its edge, its label, and the drawer of tools. */
    private VBox practicing(BorderPane root, Header header, PracticeDesk desk, Node status) {
        root.getStyleClass().add("practicing");
        Label word = new Label(Messages.message("main-window.practicing"));
        word.setId("practice-word");
        word.getStyleClass().add("practice-word");
        header.add(word);
        PracticeDrawer made = new PracticeDrawer(desk, session, instrument);
        drawer = Optional.of(made);
        StackPane place = new StackPane(made);
        rooms.setBelow(made);
        rooms.shownProperty().addListener((property, old, next) -> {
            boolean station = next.station().isPresent();
            place.setVisible(station);
            place.setManaged(station);
        });
        return new VBox(place, status);
    }

    /** Sets what opens the practice window. */
    public void setPracticeOpener(Runnable opener) {
        practiceOpener = opener;
    }

    /** The drawer of tools; empty in a window that is not for practice. */
    Optional<PracticeDrawer> drawer() {
        return drawer;
    }

    /**
     * Does what every window needs and that takes no ledger: the toolkit's own styles, the fonts, the list of rooms.
     */
    public static void warm() {
        new Label();
        Appearance.loadFonts();
        RoomRegistry.of(Station.MEASURE.key());
    }

    /** Visits all rooms once, one per frame, then runs something. */
    public void visitAll(Runnable after) {
        FrameTasks visits = new FrameTasks();
        RoomRegistry.ALL.forEach(entry -> visits.add(() -> show(entry.id())));
        visits.add(after);
        visits.begin();
    }

    /** Builds at once whatever is missing of the window and of the visible room. */
    public void finish() {
        rest.finish();
        rooms.finish();
    }

    /** Returns whether a room has been built, by its id, visible or not. */
    public boolean isBuilt(String id) {
        return rooms.isBuilt(RoomRegistry.of(id));
    }

    /** Returns the window's session. */
    public JobSession session() {
        return session;
    }

    /** Returns the window's store. */
    public JobStore store() {
        return store;
    }

    /** Returns the listener for gauges. */
    public GaugeListener gauge() {
        return devices.gauge();
    }

    /** Returns the input other than keyboard and mouse. */
    DeviceInput devices() {
        return devices;
    }

    private void connect(Scene scene) {
        DrawingLink.of(instrument, session, rooms.shownProperty());
        rooms.shownProperty().addListener((property, old, next) -> stations.choose(next));
        scene.getAccelerators().put(KeyCombination.valueOf("Shortcut+Y"), session::redo);
        ShortcutGuard.on(scene);
        CaretRest.on(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.F1 && scene.getFocusOwner() != null) {
                if (!HelpCard.about(scene.getFocusOwner())) {
                    enter("help");
                }
                key.consume();
            }
        });
        scene.setOnDragOver(actions::dragOver);
        scene.setOnDragDropped(actions::dropped);
    }

    /** The steps are many files; they are read in the background, and the window does without them until then. */
    private void readSteps() {
        Path folder = settings.stepsFolder();
        CompletableFuture.supplyAsync(() -> StepLibrary.of(folder))
                .thenAccept(
                        read -> Platform.runLater(() -> session.stepsProperty().set(read)));
    }

    /** Starts a new job at Intake, with the cursor on the instrument. */
    public void startBlank() {
        if (practice.isPresent()) {
            // A practice instrument is chosen, not brought in.
            enter("practice");
        } else if (store.startBlank()) {
            enter(Station.INTAKE.key());
        }
    }

    /** Returns the ids of all rooms, stations first, in order. */
    public static List<String> rooms() {
        return RoomRegistry.ALL.stream().map(RoomEntry::id).toList();
    }

    /** Shows a room by its id, for a station its key. A room outside the job takes the focus as well. */
    public void show(String id) {
        RoomEntry entry = RoomRegistry.of(id);
        if (entry.station().isPresent()) {
            rooms.show(entry);
        } else {
            rooms.enter(entry);
        }
    }

    /** Shows a room by its id and puts the focus into it. */
    public void enter(String id) {
        rooms.enter(RoomRegistry.of(id));
    }

    /** Shows the station that has a line and puts the focus into its field. */
    void go(Line<?> line) {
        Station station = line instanceof Aim
                ? Station.PLAN
                : line instanceof Measurable || Lines.OF_VISIT.contains(line) ? Station.MEASURE : Station.INTAKE;
        rooms.enter(RoomRegistry.of(station.key()), line);
    }

    /** The next key pressed becomes the foot switch's. */
    public void learnFootSwitch() {
        devices.footSwitch().learn();
    }

    /** Starts watching a folder for new pictures. */
    public void watchFolder(Path folder) {
        devices.arrived().watch(folder);
    }

    void nextUnit() {
        session.unitProperty().set(session.unit().next());
    }

    /** Changes between the light and the dark theme. */
    public void toggleTheme() {
        look.toggleTheme();
    }

    void stepTextSize(int steps) {
        look.stepTextSize(steps);
    }

    void foldDrawing() {
        rooms.divider().fold();
    }

    /** Changes between pictures and tables, in rooms that have both. */
    void togglePictures() {
        session.picturesProperty().set(!session.picturesProperty().get());
    }

    /** Enlarges a loupe, or returns it to its usual size; unfolds a folded band first. */
    void enlarge(Loupe loupe) {
        if (instrument.sizeProperty().get() != InstrumentView.Size.FULL) {
            rooms.divider().unfold();
            instrument.enlargedProperty().set(loupe);
        } else {
            instrument.enlarge(loupe);
        }
    }

    /** Returns the commands for whole jobs. */
    JobActions actions() {
        return actions;
    }

    Stage stage() {
        return stage;
    }

    void close() {
        if (store.mayLeave()) {
            stage.close();
        }
    }
}
