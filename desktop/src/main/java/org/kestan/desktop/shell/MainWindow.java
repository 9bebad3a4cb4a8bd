package org.kestan.desktop.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
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
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Tool;
import org.kestan.desktop.gauge.GaugeListener;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.practice.PracticeDrawer;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.rooms.picture.PictureRoom;
import org.kestan.desktop.session.Chime;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.session.Waits;
import org.kestan.desktop.week.WeekDesk;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.instrument.Motion;
import org.kestan.desktop.widgets.instrument.PlanListener;
import org.kestan.desktop.widgets.layout.FrameTasks;
import org.kestan.desktop.widgets.terms.HelpCard;
import org.kestan.files.standards.StandardsFile;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.Query;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.drag.PlanDrag;
import org.kestan.repair.drag.UsualValues;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.text.Wording;

/** The window: everything it shows listens to the session. */
public final class MainWindow {

    /** The size a window starts with. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    private static final int MOST_REMINDED = 100;

    private final Stage stage;
    private final JobSession session = new JobSession();
    private final Settings settings;
    private final JobStore store;
    private final Waits waits;
    private final JobActions actions;
    private final InstrumentView instrument = new InstrumentView();
    private final RoomStack rooms;
    private final StationStrip stations;
    private final GaugeListener gauge = new GaugeListener();
    private ArrivedPictures arrived;
    private FootSwitch footSwitch;
    private final Label name = new Label();
    private final Appearance look;
    private final Optional<PracticeDesk> practice;
    private Optional<PracticeDrawer> drawer = Optional.empty();
    private Runnable practiceOpener = () -> {};

    /** What can be done after the first frame. */
    private final FrameTasks rest = new FrameTasks();

    /**
     * Puts the window together, at Measure; it is shown by the caller.
     *
     * @param ledger where the jobs lie
     * @param samples sample jobs on offer in the menu, empty outside the demo
     */
    public MainWindow(Stage stage, Settings settings, Ledger ledger, List<Path> samples) {
        this(stage, settings, ledger, samples, first -> {}, Station.MEASURE.key());
        finish();
    }

    /**
     * Puts the window together; it is shown by the caller. What the first room needs beyond what is seen first comes piece by
     * piece once it is.
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
        session.unitProperty().set(settings.unit());
        session.picturesProperty().set(!settings.tables());
        session.picturesProperty().addListener((property, was, is) -> settings.setTables(!is));
        session.bareUnitProperty().set(settings.bareUnit());
        for (Tool tool : Tool.values()) {
            session.bareUnits().put(tool, settings.bareUnit(tool));
        }
        StandardsFile.Outcome kept = settings.standards();
        session.standardsProperty().set(kept.standards());
        Motion.wantedProperty().set(!settings.still());
        name.setId("job-name");
        name.getStyleClass().add("job-name");
        rooms = new RoomStack(instrument, settings);
        store = new JobStore(session, settings, ledger);
        session.whoProperty().set(settings.who());
        session.whoProperty().addListener((property, old, next) -> settings.setWho(next));
        // While the first job is being read the stylesheets are, and what is put into the scene later is matched once.
        Scene scene = new Scene(
                new HBox(
                        new Label(Messages.message("main-window.kestan")),
                        new TextField(),
                        new ToggleButton(),
                        new ScrollPane()),
                WIDTH,
                HEIGHT);
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
        rest.add(this::remind);
        rooms.setContext(new RoomContext(
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
                () -> Menus.shortcuts(menus)));
        BorderPane root = new BorderPane();
        root.getStyleClass().add("kestan");
        Header header = new Header(menus, name, stations);
        root.setTop(header);
        root.setCenter(rooms);
        StatusLine status = new StatusLine(session, store, gauge);
        arrived = new ArrivedPictures(session, store, this::measure);
        VBox bottom = new VBox(arrived, status);
        root.setBottom(practice.<Node>map(desk -> practicing(root, header, desk, bottom))
                .orElse(bottom));
        look.setRoot(root);
        store.setBeforeLeaving(() -> {
            // A field takes what is typed in it when it loses the focus; it has it back at once.
            Node field = scene.getFocusOwner();
            if (field instanceof TextInputControl) {
                root.requestFocus();
                field.requestFocus();
            }
        });
        connect(scene);
        show(first);
        Appearance.setIcons(stage);
        stage.setTitle(
                practice.isPresent()
                        ? Messages.message("main-window.practice")
                        : Messages.message("main-window.kestan"));
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setScene(scene);
        if (stage.isShowing()) {
            rooms.warm(scene);
        } else {
            stage.setOnShown(event -> rooms.warm(scene));
        }
        rest.begin();
        stage.setOnCloseRequest(event -> {
            if (!store.mayLeave()) {
                event.consume();
            }
        });
        kept.faults().stream()
                .findFirst()
                .ifPresent(fault -> session.complain(Messages.message(
                        "main-window.the-shop-standards-could", session.words().line(fault))));
    }

    /** Nobody takes a practice window for the shop's: its edge, its word, and the drawer of tools. */
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

    /** Says what opens the window that is for practice. */
    public void setPracticeOpener(Runnable opener) {
        practiceOpener = opener;
    }

    /** The drawer of tools; empty in a window that is not for practice. */
    Optional<PracticeDrawer> drawer() {
        return drawer;
    }

    /** Does what every window needs and no ledger: the toolkit's own styles, the fonts, the register of rooms. */
    public static void warm() {
        new Label();
        Appearance.loadFonts();
        RoomRegistry.of(Station.MEASURE.key());
    }

    /** Goes once through all rooms, a frame each, then does what comes after. */
    public void visitAll(Runnable after) {
        FrameTasks visits = new FrameTasks();
        RoomRegistry.ALL.forEach(entry -> visits.add(() -> show(entry.id())));
        visits.add(after);
        visits.begin();
    }

    /** Makes at once what is still to be made of the window and of the room that is shown. */
    public void finish() {
        rest.finish();
        rooms.finish();
    }

    /** Tells whether the room of an id has been built, shown or not. */
    public boolean isBuilt(String id) {
        return rooms.isBuilt(RoomRegistry.of(id));
    }

    /** Returns what the window has open. */
    public JobSession session() {
        return session;
    }

    /** Returns where the window saves. */
    public JobStore store() {
        return store;
    }

    /** Returns what listens for gauges. */
    public GaugeListener gauge() {
        return gauge;
    }

    private void connect(Scene scene) {
        session.analysisProperty().addListener((property, old, next) -> show(next));
        instrument.unitProperty().bind(session.unitProperty());
        instrument.focusedLineProperty().bind(session.focusedLineProperty());
        instrument.planListenerProperty().set(new PlanListener() {
            @Override
            public void moved(Handle handle, double height, boolean fine, Object gesture) {
                session.editDuring(
                        gesture,
                        job -> PlanDrag.move(
                                session.analysis().plan(),
                                handle,
                                height,
                                fine ? session.unit()::fineLength : session.unit()::length));
            }

            @Override
            public void reset(Handle handle) {
                session.edit(job -> PlanDrag.reset(session.analysis().plan(), handle));
            }
        });
        session.movingProperty().bind(instrument.draggingProperty());
        instrument.setUsualValues(handle -> UsualValues.of(session.analysis().plan(), handle));
        waits.nowProperty().addListener((property, old, next) -> showTitle());
        session.unitProperty().addListener((property, old, next) -> show(session.analysis()));
        session.unitProperty().addListener((property, old, next) -> settings.setUnit(next));
        rooms.shownProperty().addListener((property, old, next) -> {
            stations.choose(next);
            show(session.analysis());
        });
        scene.getAccelerators().put(KeyCombination.valueOf("Shortcut+Y"), session::redo);
        ShortcutGuard.on(scene);
        footSwitch = new FootSwitch(scene, session, settings, this::takeIt);
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

    private void show(JobAnalysis analysis) {
        RoomEntry entry = rooms.shownProperty().get();
        boolean after = entry.station().filter(Station.PROOF::equals).isPresent()
                && analysis.proof().after().isPresent();
        instrument.figuresProperty().set(analysis.figures());
        instrument
                .saidProperty()
                .set(new InstrumentView.Said(
                        analysis.plan().planned().isPresent(),
                        after ? Messages.message("main-window.before") : Messages.message("main-window.now"),
                        after
                                ? Messages.message("main-window.predicted")
                                : analysis.isPreview()
                                        ? Messages.message("main-window.preview")
                                        : Messages.message("main-window.planned"),
                        session.words()));
        instrument.sideViewProperty().set(analysis.sideView());
        instrument
                .plainProperty()
                .set(
                        analysis.sideView().isPresent()
                                ? Optional.empty()
                                : Optional.of(PlaceholderInstrument.like(analysis.job())));
        String said = analysis.job().name();
        boolean none = entry.station().isEmpty() && store.openId().isEmpty();
        String unnamed = none
                ? Messages.message("main-window.no-job-is-open")
                : Messages.message("main-window.unnamed-instrument");
        name.setText(entry.onStrip() ? said.isEmpty() ? unnamed : said : entry.title());
        showTitle();
    }

    /** The steps are many files: they are read away from the window, which does without them until then. */
    private void readSteps() {
        Path folder = settings.stepsFolder();
        CompletableFuture.supplyAsync(() -> StepLibrary.of(folder))
                .thenAccept(
                        read -> Platform.runLater(() -> session.stepsProperty().set(read)));
    }

    /** Says once, at the start, what is to be looked at again by now. */
    private void remind() {
        Query due = new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.DUE);
        store.ask(
                () -> store.ledger().list(due, MOST_REMINDED).stream()
                        .filter(card -> card.due()
                                .filter(day -> !day.isAfter(LocalDate.now()))
                                .isPresent())
                        .map(JobCard::name)
                        .toList(),
                names -> {
                    if (!names.isEmpty()) {
                        session.say(Messages.message(
                                "main-window.to-look-at-again",
                                String.join(", ", names.subList(0, Math.min(2, names.size()))),
                                (names.size() > 2 ? " and " + (names.size() - 2) + " more" : "")));
                    }
                });
    }

    /** A wait that is over stands first: the title is seen while another window is in front. */
    private void showTitle() {
        String said = session.job().name();
        String over = waits.runningProperty().get().stream()
                .filter(each -> each.running().isOver(waits.nowProperty().get()))
                .findFirst()
                .map(each -> Messages.message(
                        "main-window.is-over", Wording.label(each.running().kind())))
                .orElse("");
        String title = Messages.message("main-window.title", over + (said.isEmpty() ? "" : said + " \u2014 "));
        if (!title.equals(stage.getTitle())) {
            stage.setTitle(title);
        }
    }

    /** Starts a new job at Intake, with the cursor on the instrument. */
    public void startBlank() {
        if (practice.isPresent()) {
            // What is practiced on is chosen, not brought in.
            enter("practice");
        } else if (store.startBlank()) {
            enter(Station.INTAKE.key());
        }
    }

    /** Returns the ids of all rooms, stations first as they follow one another. */
    public static List<String> rooms() {
        return RoomRegistry.ALL.stream().map(RoomEntry::id).toList();
    }

    /** Shows the room of an id: for a station its key. What is not of the job takes the focus as well. */
    public void show(String id) {
        RoomEntry entry = RoomRegistry.of(id);
        if (entry.station().isPresent()) {
            rooms.show(entry);
        } else {
            rooms.enter(entry);
        }
    }

    /** Shows the room of an id and puts the focus into it. */
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

    void toggleGauge() {
        if (gauge.listeningProperty().get()) {
            gauge.stop();
            session.say(Messages.message("main-window.gauge-input-is-off"));
        } else if (gauge.start(GaugeLine.PORT) > 0) {
            session.say(Messages.message("main-window.listening-for-a-gauge", GaugeLine.PORT));
        }
    }

    void takeGauge() {
        String live = gauge.liveProperty().get();
        if (live.isEmpty()) {
            session.complain(Messages.message("main-window.no-gauge-has-sent"));
        } else if (session.takerProperty().get() == null) {
            session.complain(Messages.message("main-window.put-the-focus-on", live));
        } else {
            if (session.focusedLineProperty().get() instanceof LengthLine line) {
                gauge.on(line).readings().forEach(session::offer);
            }
            session.takerProperty().get().accept(live);
        }
    }

    /** Takes what the shown room has read, else what a gauge sent. */
    void takeIt() {
        if (!rooms.current().takeIt()) {
            takeGauge();
        }
    }

    /** The next key that is pressed is the foot switch's. */
    public void learnFootSwitch() {
        footSwitch.learn();
    }

    void forgetFootSwitch() {
        footSwitch.forget();
    }

    /** What asks where new pictures of a watched folder belong. */
    ArrivedPictures arrived() {
        return arrived;
    }

    void chooseFolder() {
        store.files()
                .folder(stage, Messages.message("menus.folder-choose"), FileChoice.Kind.PICTURE)
                .ifPresent(this::watchFolder);
    }

    /** Watches a folder for new pictures from now on. */
    public void watchFolder(Path folder) {
        arrived.watch(folder);
    }

    private void measure(Path picture) {
        enter("picture");
        if (rooms.current() instanceof PictureRoom room) {
            room.open(picture);
        }
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

    /** Changes between pictures and tables, where a room has both. */
    void togglePictures() {
        session.picturesProperty().set(!session.picturesProperty().get());
    }

    /** Enlarges a loupe, or gives it its usual size again; a band that is folded is unfolded for it. */
    void enlarge(Loupe loupe) {
        if (instrument.sizeProperty().get() != InstrumentView.Size.FULL) {
            rooms.divider().unfold();
            instrument.enlargedProperty().set(loupe);
        } else {
            instrument.enlarge(loupe);
        }
    }

    /** Returns what the menus do with whole jobs. */
    JobActions actions() {
        return actions;
    }

    Stage stage() {
        return stage;
    }

    void close() {
        if (store.mayLeave()) {
            arrived.stop();
            gauge.stop();
            stage.close();
        }
    }
}
