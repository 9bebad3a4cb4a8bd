package org.kestan.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.kestan.desktop.counter.CounterRoom;
import org.kestan.desktop.elevation.ElevationView;
import org.kestan.desktop.figures.FigureStrip;
import org.kestan.desktop.gauge.GaugeListener;
import org.kestan.desktop.intake.IntakeStation;
import org.kestan.desktop.kit.KitRoom;
import org.kestan.desktop.ledger.LedgerStation;
import org.kestan.desktop.measure.MeasureStation;
import org.kestan.desktop.plan.PlanStation;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.standards.StandardsRoom;
import org.kestan.desktop.verdict.VerdictStation;
import org.kestan.files.StandardsFile;
import org.kestan.gauge.GaugeLine;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.Query;
import org.kestan.plan.WorkPlan;
import org.kestan.planning.Handle;
import org.kestan.planning.PlanMoves;
import org.kestan.sideview.SideView;
import org.kestan.ways.WayId;

/** The window: everything it shows listens to the session. */
public final class MainWindow {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Stage stage;
    private final JobSession session = new JobSession();
    private final Settings settings;
    private final JobStore store;
    private final JobActions actions;
    private final ElevationView elevation = new ElevationView();
    private final StationStrip stations;
    private final GaugeListener gauge = new GaugeListener();
    private final FigureStrip figures;
    private final LedgerStation jobs;
    private final IntakeStation intake;
    private final MeasureStation measure;
    private final VerdictStation verdict;
    private final PlanStation plan;
    private final StackPane rooms = new StackPane();
    private Optional<CounterRoom> counter = Optional.empty();
    private Optional<KitRoom> kit = Optional.empty();
    private Optional<StandardsRoom> standards = Optional.empty();
    private final Look look;
    private VBox bench;

    /**
     * Puts the window together; it is shown by the caller.
     *
     * @param ledger where the jobs lie
     * @param samples sample jobs on offer in the menu, empty outside the demo
     */
    public MainWindow(Stage stage, Settings settings, Ledger ledger, List<Path> samples) {
        this.stage = stage;
        this.settings = settings;
        session.unitProperty().set(settings.unit());
        session.bareUnitProperty().set(settings.bareUnit());
        StandardsFile.Outcome kept = settings.standards();
        session.standardsProperty().set(kept.standards());
        store = new JobStore(session, settings, ledger);
        actions = new JobActions(session, store);
        stations = new StationStrip(session, store);
        intake = new IntakeStation(session, ledger.pictures());
        jobs = new LedgerStation(session, store);
        figures = new FigureStrip(session);
        measure = new MeasureStation(session, elevation);
        verdict = new VerdictStation(session, elevation, store::keepStandards);
        plan = new PlanStation(session);
        BorderPane root = new BorderPane();
        root.getStyleClass().add("kestan");
        root.setTop(new VBox(Menus.bar(this, store, settings, samples), header(), figures));
        root.setCenter(middle());
        root.setBottom(new StatusLine(session, store, gauge));
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        look = new Look(scene, settings);
        connect(scene);
        stage.setTitle("Kestan");
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setScene(scene);
        stage.setOnCloseRequest(event -> store.flush());
        kept.faults().stream()
                .findFirst()
                .ifPresent(
                        fault -> session.complain("The shop standards could not be read, so the ones a shop starts with"
                                + " hold: " + fault.line()));
    }

    /** Returns what the window has open. */
    public JobSession session() {
        return session;
    }

    /** Returns where the window saves. */
    public JobStore store() {
        return store;
    }

    /** Opens the job of that name, the last changed when there are several. */
    public void openNamed(String name) {
        store.ledger().list(Query.ALL).stream()
                .filter(card -> card.name().equals(name))
                .findFirst()
                .ifPresent(card -> store.open(card.id()));
    }

    /** Returns what listens for gauges. */
    public GaugeListener gauge() {
        return gauge;
    }

    private HBox header() {
        Label name = new Label();
        name.setId("job-name");
        name.getStyleClass().add("job-name");
        name.setMaxWidth(Double.MAX_VALUE);
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.ALWAYS);
        session.reckoningProperty().addListener((property, old, next) -> nameOf(next.job(), name));
        stations.chosenProperty().addListener((property, old, next) -> nameOf(session.job(), name));
        nameOf(session.job(), name);
        HBox header = new HBox(name, stations);
        header.getStyleClass().add("header");
        header.setAlignment(Pos.CENTER_LEFT);
        return header;
    }

    private void nameOf(Job job, Label name) {
        String said = job.instrument().name();
        Room room = stations.chosenProperty().get();
        name.setText(room.isOnStrip() ? said.isEmpty() ? "Unnamed instrument" : said : room.title());
        stage.setTitle((said.isEmpty() ? "" : said + " \u2014 ") + "Kestan");
    }

    private StackPane middle() {
        elevation.setId("elevation");
        // Too narrow for what a station needs, it is scrolled sideways rather than cut.
        ScrollPane planScroll = new ScrollPane(plan);
        planScroll.setFitToWidth(true);
        planScroll.setFitToHeight(true);
        planScroll.getStyleClass().add("station-scroll");
        planScroll.visibleProperty().bind(plan.visibleProperty());
        StackPane station = new StackPane(intake, measure, verdict, planScroll);
        station.setMinWidth(0);
        station.getStyleClass().add("station-body");
        VBox.setVgrow(elevation, Priority.ALWAYS);
        VBox.setVgrow(station, Priority.ALWAYS);
        elevation.setMinHeight(170);
        elevation.setPrefHeight(270);
        station.setMinHeight(180);
        station.setPrefHeight(330);
        bench = new VBox(elevation, station);
        rooms.getChildren().addAll(bench, jobs);
        return rooms;
    }

    private void connect(Scene scene) {
        session.reckoningProperty()
                .addListener((property, old, next) ->
                        elevation.sideViewProperty().set(SideView.of(next, session.workPlan())));
        elevation.sideViewProperty().set(SideView.of(session.reckoning(), session.workPlan()));
        elevation.unitProperty().bind(session.unitProperty());
        elevation.focusedItemProperty().bind(session.focusedItemProperty());
        elevation.planListenerProperty().set(new ElevationView.PlanListener() {
            @Override
            public void moved(Handle handle, double height, Object gesture) {
                session.editDuring(
                        gesture,
                        job -> byHand(handle, PlanMoves.move(session.reckoning(), handle, height, session.unit())));
            }

            @Override
            public void reset(Handle handle) {
                session.edit(job -> PlanMoves.reset(session.reckoning(), handle));
            }
        });
        session.unitProperty().addListener((property, old, next) -> settings.setUnit(next));
        measure.setAfterLast(() -> {
            show(Room.PLAN);
            plan.focusFirst();
        });
        intake.setAfterLast(() -> {
            show(Room.MEASURE);
            measure.focusFirst();
        });
        verdict.setAfterTaking(() -> show(Room.PLAN));
        jobs.setAfterOpen(() -> show(Room.MEASURE));
        stations.chosenProperty().addListener((property, old, next) -> showChosen());
        showChosen();
        scene.getAccelerators().put(KeyCombination.valueOf("Shortcut+Y"), session::redo);
        scene.setOnDragOver(actions::dragOver);
        scene.setOnDragDropped(actions::dropped);
    }

    /** The fret line and the crown moved by hand put aside ways that leave the neck where it is. */
    private static Job byHand(Handle handle, Job job) {
        boolean neck = WorkPlan.taken(job).stream().anyMatch(WayId::turnsNeck);
        boolean action = handle == Handle.ACTION_BASS || handle == Handle.ACTION_TREBLE;
        return action || neck ? job : WorkPlan.taking(job, List.of());
    }

    private void showChosen() {
        Room room = stations.chosenProperty().get();
        intake.setVisible(room == Room.INTAKE);
        measure.setVisible(room == Room.MEASURE);
        verdict.setVisible(room == Room.VERDICT);
        plan.setVisible(room == Room.PLAN);
        jobs.setVisible(room == Room.LEDGER);
        showOnDemand(room);
        bench.setVisible(room.isOfJob());
        figures.setVisible(room.isOfJob());
        figures.setManaged(room.isOfJob());
    }

    /** Rooms that few days need are built when they are first shown. */
    private void showOnDemand(Room room) {
        if (room == Room.COUNTER && counter.isEmpty()) {
            counter = Optional.of(new CounterRoom(session, job -> {
                store.startFrom(job);
                show(Room.MEASURE);
            }));
            rooms.getChildren().add(counter.get());
        }
        if (room == Room.KIT && kit.isEmpty()) {
            kit = Optional.of(new KitRoom(session));
            rooms.getChildren().add(kit.get());
        }
        if (room == Room.STANDARDS && standards.isEmpty()) {
            standards = Optional.of(new StandardsRoom(session, store::keepStandards));
            rooms.getChildren().add(standards.get());
        }
        counter.ifPresent(each -> each.setVisible(room == Room.COUNTER));
        kit.ifPresent(each -> each.setVisible(room == Room.KIT));
        standards.ifPresent(each -> each.setVisible(room == Room.STANDARDS));
        if (room == Room.COUNTER) {
            counter.ifPresent(CounterRoom::focusFirst);
        } else if (room == Room.KIT) {
            kit.ifPresent(KitRoom::focusFirst);
        }
    }

    /** Shows a station below the drawing. */
    public void show(Room room) {
        stations.chosenProperty().set(room);
    }

    void toggleGauge() {
        if (gauge.listeningProperty().get()) {
            gauge.stop();
            session.say("Gauge input is off.");
        } else if (gauge.start(GaugeLine.PORT) > 0) {
            session.say("Listening for a gauge on this machine, port " + GaugeLine.PORT + ".");
        }
    }

    void takeGauge() {
        String live = gauge.liveProperty().get();
        if (live.isEmpty()) {
            session.complain("No gauge has sent a reading yet.");
        } else if (session.takerProperty().get() == null) {
            session.complain("Put the focus on a reading first; then F3 takes " + live + " into it.");
        } else {
            session.takerProperty().get().accept(live);
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

    void stepHeights(int steps) {
        elevation.stepHeightFactor(steps);
    }

    void fitHeights() {
        elevation.heightFactorProperty().set(0);
    }

    /** Returns what the menus do with whole jobs. */
    JobActions actions() {
        return actions;
    }

    Stage stage() {
        return stage;
    }

    void close() {
        gauge.stop();
        store.flush();
        stage.close();
    }
}
