package org.kestan.desktop.rooms.practice;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.widgets.layout.PageTabs;

/** Practice. In the shop's own window it only leads to the practice window. */
public final class PracticeRoom extends VBox implements Room {

    private enum Page {
        CASES,
        CASE,
        DRILLS,
        PROGRESS
    }

    private final Button open = new Button(Messages.message("practice-room.open"));
    private Optional<PageTabs<Page>> pages = Optional.empty();
    private Optional<CasesPage> cases = Optional.empty();
    private Optional<DrillPage> drills = Optional.empty();

    /** Makes the room in a window. */
    public PracticeRoom(RoomContext context) {
        setId("practice-room");
        getStyleClass().add("practice-room");
        setSpacing(8);
        setPadding(new Insets(8, 16, 8, 16));
        setMinHeight(0);
        context.practice().ifPresentOrElse(desk -> fill(context, desk), () -> lead(context));
    }

    private void lead(RoomContext context) {
        Label what = new Label(Messages.message("practice-room.what"));
        what.setWrapText(true);
        what.setMaxWidth(720);
        open.setId("practice-open");
        open.getStyleClass().add("plain-button");
        open.setOnAction(event -> context.practiceOpener().run());
        getChildren().addAll(what, open);
    }

    private void fill(RoomContext context, PracticeDesk desk) {
        PageTabs<Page> tabs = new PageTabs<>(Page.CASES, "practice-page-", PracticeRoom::title);
        CasesPage list = new CasesPage(context, desk, () -> tabs.select(Page.CASE));
        DrillPage drill = new DrillPage(context.session(), desk);
        tabs.put(Page.CASES, list);
        tabs.put(Page.CASE, new CasePage(context, desk));
        tabs.put(Page.DRILLS, drill);
        tabs.put(Page.PROGRESS, new ProgressPage(desk));
        VBox.setVgrow(tabs.body(), Priority.ALWAYS);
        getChildren().addAll(tabs, tabs.body());
        pages = Optional.of(tabs);
        cases = Optional.of(list);
        drills = Optional.of(drill);
        desk.runProperty().addListener((property, old, next) -> {
            if (next.filter(run -> run.handedOver().isPresent()).isPresent()) {
                tabs.select(Page.CASE);
            }
        });
        tabs.pageProperty().addListener((property, old, next) -> {
            if (next == Page.DRILLS) {
                drill.focusFirst();
            }
        });
    }

    private static String title(Page page) {
        return switch (page) {
            case CASES -> Messages.message("practice-room.cases");
            case CASE -> Messages.message("practice-room.case");
            case DRILLS -> Messages.message("practice-room.drills");
            case PROGRESS -> Messages.message("practice-room.progress");
        };
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        if (pages.filter(each -> each.page() == Page.DRILLS).isPresent()) {
            drills.ifPresent(DrillPage::focusFirst);
        } else {
            cases.ifPresentOrElse(CasesPage::focusFirst, open::requestFocus);
        }
    }
}
