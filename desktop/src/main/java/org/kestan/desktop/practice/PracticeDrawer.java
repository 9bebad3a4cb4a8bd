package org.kestan.desktop.practice;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.finding.Keyed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.work.BenchState;
import org.kestan.simulator.cases.PracticeCase;

/**
 * The drawer under the stations while a practice case is open: tools to measure with, and the work at the bench, with
 * the hours and money used so far.
 */
public final class PracticeDrawer extends VBox {

    private static final int MINUTES = 60;

    private enum Page {
        TOOLS,
        WORK
    }

    private final PracticeDesk desk;
    private final PageTabs<Page> pages;
    private final DrawerNote note = new DrawerNote();
    private final Label state = new Label();
    private final ToolRow tools;
    private final WorkRow work;
    private PracticeCase given;

    /** A drawer for the case open at a desk. */
    public PracticeDrawer(PracticeDesk desk, JobSession session, InstrumentView instrument) {
        this.desk = desk;
        setId("practice-drawer");
        getStyleClass().add("practice-drawer");
        pages = new PageTabs<>(
                Page.TOOLS,
                "practice-drawer-",
                page -> page == Page.TOOLS
                        ? Messages.message("practice-drawer.tools")
                        : Messages.message("practice-drawer.work"));
        tools = new ToolRow(desk, session, instrument, note);
        work = new WorkRow(desk, session, note, this::worked);
        pages.put(Page.TOOLS, tools);
        pages.put(Page.WORK, work);
        state.setId("practice-state");
        state.getStyleClass().add("card-label");
        state.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox.setHgrow(note, Priority.SOMETIMES);
        HBox head = new HBox(12, pages, note, gap, state);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, pages.body());
        setSpacing(4);
        setMinWidth(0);
        desk.runProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    static Button button(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    /** Shows terms by their labels. */
    static <T extends Keyed> StringConverter<T> labels() {
        return new StringConverter<>() {
            @Override
            public String toString(T term) {
                return term == null ? "" : PracticeText.label(term);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        };
    }

    private void show() {
        Optional<PracticeRun> run = desk.runProperty().get();
        setVisible(run.isPresent());
        setManaged(run.isPresent());
        PracticeCase now = run.map(PracticeRun::given).orElse(null);
        if (now != given) {
            // Another job, even if it is about the same case.
            given = now;
            note.say("");
            tools.reset();
            run.ifPresent(work::reset);
        }
        run.ifPresent(each -> {
            tools.show(each);
            work.show(each);
            state.setText(said(each));
        });
    }

    /** Earlier readings no longer count. */
    private void worked() {
        tools.forget();
        show();
    }

    private static String said(PracticeRun run) {
        BenchState now = run.state();
        String strings = now.strung()
                ? Messages.message("practice-drawer.strings-up")
                : Messages.message("practice-drawer.slack");
        String seat =
                switch (now.seat()) {
                    case SET -> "";
                    case FREE -> Messages.message("practice-drawer.neck-off");
                    case DRY -> Messages.message("practice-drawer.neck-dry");
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

    /** Takes the usual tool to the usual place for the line that last had the focus. */
    public void takeUsual() {
        pages.select(Page.TOOLS);
        tools.takeUsual();
    }

    /** Reads the tool and puts the reading on the line that last had the focus. */
    public void readAndWrite() {
        tools.readAndWrite();
    }

    /** Puts the focus on the first tool. */
    public void focusTools() {
        pages.select(Page.TOOLS);
        tools.focusFirst();
    }
}
