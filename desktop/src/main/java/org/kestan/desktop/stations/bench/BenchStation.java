package org.kestan.desktop.stations.bench;

import java.util.Locale;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Parsed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.layout.NextStepLine;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.pictures.Photo;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.text.Wording;

/**
 * The work itself. One key marks a step done: Space on the step, or Page Down wherever the focus is, which a foot
 * switch can type. Page Up goes back.
 */
public final class BenchStation extends VBox implements Room {

    /** The pages of the station. */
    private enum Page {
        STEP(Messages.message("bench-station.step")),
        STEPS(Messages.message("bench-station.all-steps")),
        HEEL(Messages.message("bench-station.heel-log")),
        FIT(Messages.message("bench-station.fit-and-trim")),
        BAGS(Messages.message("bench-station.bags")),
        DIARY(Messages.message("bench-station.diary"));

        private final String title;

        Page(String title) {
            this.title = title;
        }
    }

    /** From this width on, in text sizes, the head has room for the next step. */
    private static final double ROOMY = 66;

    private final RoomContext context;
    private final JobSession session;
    private final BenchContext desk;
    private final PageTabs<Page> pages = new PageTabs<>(Page.STEP, "bench-page-", page -> page.title);
    private final StepPane step;
    private StepList list;
    private HeelPane heel;
    private FootFitPane fit;
    private BagsPane bags;
    private DiaryPane diary;
    private final Label ways = new Label();
    private final TextButton take;
    private Object opened;
    private boolean swallows;

    /** Makes the station. */
    public BenchStation(RoomContext context) {
        this.context = context;
        session = context.session();
        desk = new BenchContext(context);
        step = new StepPane(desk, new StepPane.StepActions() {
            @Override
            public void picture() {
                choosePicture();
            }

            @Override
            public void tool(Step.Tool tool) {
                show(tool);
            }
        });
        pages.put(Page.STEP, step);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        ways.getStyleClass().add("advice");
        ways.setId("bench-ways");
        take = new TextButton(Messages.message("bench-station.take-into-the-plan"), "bench-take", this::take);
        NextStepLine line = new NextStepLine(session, Station.BENCH);
        // In a narrow window the buttons speak for themselves.
        BooleanBinding said = Bindings.createBooleanBinding(
                () -> pages.page() == Page.STEP
                        && getWidth() > ROOMY * ways.getFont().getSize(),
                pages.pageProperty(),
                widthProperty(),
                ways.fontProperty());
        line.visibleProperty().bind(said);
        line.managedProperty().bind(said);
        FlowPane head = new FlowPane(pages, ways, take, line);
        head.getStyleClass().add("plan-head");
        getStyleClass().add("bench");
        getChildren().addAll(head, pages.body());
        session.settledProperty().addListener((property, old, next) -> refresh());
        session.unitProperty().addListener((property, old, next) -> refresh());
        session.stepsProperty().addListener((property, old, next) -> refresh());
        pages.pageProperty().addListener((property, old, next) -> refresh());
        visibleProperty().addListener((property, was, is) -> refresh());
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        addEventFilter(KeyEvent.KEY_TYPED, key -> {
            if (swallows) {
                // The letter of a key that triggered an action is not text.
                swallows = false;
                key.consume();
            } else if (!key.isAltDown()
                    && !key.isShortcutDown()
                    && key.getCharacter().matches("[0-9.]")
                    && pages.page() == Page.STEP
                    && step.typed(key.getCharacter())) {
                key.consume();
            }
        });
        refresh();
    }

    private void pressed(KeyEvent key) {
        swallows = false;
        if (key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        if (pages.page() == Page.STEP && (key.getCode() == KeyCode.PAGE_DOWN || key.getCode() == KeyCode.PAGE_UP)) {
            // Half-typed text at the step is accepted first, as with Enter.
            step.focusCard();
            if (key.getCode() == KeyCode.PAGE_DOWN) {
                desk.done();
            } else {
                desk.look(-1);
            }
            key.consume();
            return;
        }
        Object focus = getScene() == null ? null : getScene().getFocusOwner();
        boolean typing = focus instanceof TextInputControl
                || focus instanceof ButtonBase
                || focus instanceof ComboBoxBase
                || focus instanceof ListView;
        if (typing || pages.page() != Page.STEP) {
            return;
        }
        boolean known = true;
        switch (key.getCode()) {
            case SPACE -> desk.done();
            case BACK_SPACE, LEFT -> desk.look(-1);
            case RIGHT -> desk.look(1);
            case S -> step.askReason();
            case N -> step.askNote();
            case P -> choosePicture();
            case W -> desk.beginWait();
            case O -> desk.reopen();
            case U -> desk.passUnread();
            default -> known = false;
        }
        if (known) {
            swallows = key.getCode().isLetterKey() || key.getCode() == KeyCode.SPACE;
            key.consume();
        }
    }

    private void take() {
        JobAnalysis analysis = session.analysis();
        session.edit(job -> WorkPlan.take(analysis.ways(), analysis.plan().ways()));
        session.say(Messages.message(
                "bench-station.in-the-plan",
                Wording.ways(session.analysis().plan().ways())));
        step.focusCard();
    }

    private void show(Step.Tool tool) {
        switch (tool) {
            case HEEL_LOG -> turn(Page.HEEL);
            case FOOT_FIT, SADDLE_TRIM, BRIDGE_TRIM -> turn(Page.FIT);
            case TEMPLATES, LEVELLING -> {
                context.enter(Station.PLAN);
                session.say(Messages.message("bench-station.the-templates-and-the"));
            }
        }
    }

    private void turn(Page page) {
        Node tab = pages.lookup("#bench-page-" + page.name().toLowerCase(Locale.ROOT));
        if (tab instanceof ButtonBase button) {
            button.fire();
        }
        focusFirst();
    }

    private void choosePicture() {
        context.store()
                .files()
                .openSeveral(
                        getScene().getWindow(), Messages.message("bench-station.add-pictures"), FileChoice.Kind.PICTURE)
                .forEach(file -> context.store()
                        .ask(() -> context.store().ledger().pictures().add(file), added -> {
                            if (added instanceof Parsed.Bad<String> bad) {
                                session.complain(file.getFileName() + ": "
                                        + session.words().problem(bad.problem(), bad.accepted()) + ".");
                            } else {
                                keep(added.optional().orElseThrow(Expect.present("valid value")));
                            }
                        }));
    }

    private void keep(String picture) {
        String caption = desk.shown().map(step -> step.text().title()).orElse("");
        desk.keep((bench, job) -> bench.write(
                job.withPhoto(new Photo(picture, caption)),
                DiaryEntry.What.PICTURE,
                desk.shown().map(Step::id).orElse(""),
                picture));
        session.say(Messages.message("bench-station.the-picture-lies-with", caption));
    }

    /** A page is built when it is first shown. */
    private void build(Page page) {
        switch (page) {
            case STEP -> {}
            case STEPS -> {
                if (list == null) {
                    list = new StepList(desk, () -> turn(Page.STEP));
                    pages.put(page, list);
                }
            }
            case HEEL -> {
                if (heel == null) {
                    heel = new HeelPane(desk);
                    pages.put(page, heel);
                }
            }
            case FIT -> {
                if (fit == null) {
                    fit = new FootFitPane(desk);
                    pages.put(page, fit);
                }
            }
            case BAGS -> {
                if (bags == null) {
                    bags = new BagsPane(desk);
                    pages.put(page, bags);
                }
            }
            case DIARY -> {
                if (diary == null) {
                    diary = new DiaryPane(desk);
                    pages.put(page, diary);
                }
            }
        }
    }

    /** Nothing is worked out for pages that are not visible. */
    private void refresh() {
        if (!isVisible()) {
            return;
        }
        build(pages.page());
        Object now = context.store().openId().orElse(session.job().name());
        desk.refresh();
        if (!now.equals(opened)) {
            opened = now;
            desk.goOn();
        }
        boolean preview = session.analysis().isPreview();
        ways.setText(
                session.analysis().plan().ways().isEmpty()
                        ? ""
                        : (preview ? Messages.message("bench-station.preview") : "")
                                + Wording.ways(session.analysis().plan().ways()));
        take.setVisible(preview && !session.analysis().plan().ways().isEmpty());
        take.setManaged(take.isVisible());
        switch (pages.page()) {
            case STEP -> step.show();
            case STEPS -> list.show();
            case HEEL -> heel.show();
            case FIT -> fit.show();
            case BAGS -> bags.show();
            case DIARY -> diary.show();
        }
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        refresh();
        switch (pages.page()) {
            case STEP -> step.focusCard();
            case STEPS -> list.focusFirst();
            case HEEL -> heel.focusFirst();
            case FIT -> fit.focusFirst();
            case BAGS, DIARY -> pages.lookup(".page").requestFocus();
        }
    }
}
