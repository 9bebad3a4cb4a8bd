package org.kestan.desktop.shell;

import java.nio.file.Path;
import java.util.List;
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
import org.kestan.desktop.elevation.ElevationView;
import org.kestan.desktop.figures.FigureStrip;
import org.kestan.desktop.measure.MeasureStation;
import org.kestan.desktop.plan.PlanStation;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.job.Job;
import org.kestan.planning.Handle;
import org.kestan.planning.PlanMoves;
import org.kestan.sideview.SideView;

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
    private final MeasureStation measure;
    private final PlanStation plan;
    private final Look look;

    /**
     * Puts the window together; it is shown by the caller.
     *
     * @param samples sample jobs on offer in the menu, empty outside the demo
     */
    public MainWindow(Stage stage, Settings settings, List<Path> samples) {
        this.stage = stage;
        this.settings = settings;
        session.unitProperty().set(settings.unit());
        store = new JobStore(session, settings);
        actions = new JobActions(session, store);
        stations = new StationStrip(session);
        measure = new MeasureStation(session, elevation);
        plan = new PlanStation(session);
        BorderPane root = new BorderPane();
        root.getStyleClass().add("kestan");
        root.setTop(new VBox(Menus.bar(this, store, settings, samples), header(), new FigureStrip(session)));
        root.setCenter(middle());
        root.setBottom(new StatusLine(session, store));
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        look = new Look(scene, settings);
        connect(scene);
        stage.setTitle("Kestan");
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setScene(scene);
        stage.setOnCloseRequest(event -> store.flush());
    }

    /** Returns what the window has open. */
    public JobSession session() {
        return session;
    }

    /** Returns where the window saves. */
    public JobStore store() {
        return store;
    }

    private HBox header() {
        Label name = new Label();
        name.setId("job-name");
        name.getStyleClass().add("job-name");
        name.setMaxWidth(Double.MAX_VALUE);
        name.setMinWidth(0);
        HBox.setHgrow(name, Priority.ALWAYS);
        session.reckoningProperty().addListener((property, old, next) -> nameOf(next.job(), name));
        nameOf(session.job(), name);
        HBox header = new HBox(name, stations);
        header.getStyleClass().add("header");
        header.setAlignment(Pos.CENTER_LEFT);
        return header;
    }

    private void nameOf(Job job, Label name) {
        String said = job.instrument().name();
        name.setText(said.isEmpty() ? "Unnamed instrument" : said);
        stage.setTitle((said.isEmpty() ? "" : said + " \u2014 ") + "Kestan");
    }

    private VBox middle() {
        elevation.setId("elevation");
        // Too narrow for what a station needs, it is scrolled sideways rather than cut.
        ScrollPane planScroll = new ScrollPane(plan);
        planScroll.setFitToWidth(true);
        planScroll.setFitToHeight(true);
        planScroll.getStyleClass().add("station-scroll");
        planScroll.visibleProperty().bind(plan.visibleProperty());
        StackPane station = new StackPane(measure, planScroll);
        station.setMinWidth(0);
        station.getStyleClass().add("station-body");
        VBox.setVgrow(elevation, Priority.ALWAYS);
        VBox.setVgrow(station, Priority.ALWAYS);
        elevation.setMinHeight(170);
        elevation.setPrefHeight(270);
        station.setMinHeight(180);
        station.setPrefHeight(330);
        return new VBox(elevation, station);
    }

    private void connect(Scene scene) {
        session.reckoningProperty()
                .addListener(
                        (property, old, next) -> elevation.sideViewProperty().set(SideView.of(next)));
        elevation.sideViewProperty().set(SideView.of(session.reckoning()));
        elevation.unitProperty().bind(session.unitProperty());
        elevation.focusedItemProperty().bind(session.focusedItemProperty());
        elevation.planListenerProperty().set(new ElevationView.PlanListener() {
            @Override
            public void moved(Handle handle, double height, Object gesture) {
                session.editDuring(gesture, job -> PlanMoves.move(session.reckoning(), handle, height, session.unit()));
            }

            @Override
            public void reset(Handle handle) {
                session.edit(job -> PlanMoves.reset(session.reckoning(), handle));
            }
        });
        session.unitProperty().addListener((property, old, next) -> settings.setUnit(next));
        measure.setAfterLast(() -> {
            show(Station.PLAN);
            plan.focusFirst();
        });
        stations.chosenProperty().addListener((property, old, next) -> showChosen());
        showChosen();
        scene.getAccelerators().put(KeyCombination.valueOf("Shortcut+Y"), session::redo);
        scene.setOnDragOver(actions::dragOver);
        scene.setOnDragDropped(actions::dropped);
    }

    private void showChosen() {
        measure.setVisible(stations.chosenProperty().get() == Station.MEASURE);
        plan.setVisible(stations.chosenProperty().get() == Station.PLAN);
    }

    /** Shows a station below the drawing. */
    public void show(Station station) {
        stations.chosenProperty().set(station);
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

    void chooseJob() {
        actions.choose(stage);
    }

    void chooseSaveAs() {
        actions.chooseSaveAs(stage);
    }

    void copyFigures() {
        actions.copyFigures();
    }

    void paste() {
        actions.paste();
    }

    void close() {
        store.flush();
        stage.close();
    }
}
