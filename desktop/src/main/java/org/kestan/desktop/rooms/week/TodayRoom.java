package org.kestan.desktop.rooms.week;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.base.week.WorkPlace;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.week.WeekDesk;
import org.kestan.desktop.week.WeekHead;
import org.kestan.desktop.week.WeekText;
import org.kestan.overview.Station;
import org.kestan.text.Wording;
import org.kestan.week.PartNeed;
import org.kestan.week.Unplanned;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekReport;

/**
 * Today: what to do now and on which instrument, what is waiting, what is due. Enter opens the step at the bench.
 */
public final class TodayRoom extends VBox implements Room {

    private static final double SIDE = 420;

    private final RoomContext context;
    private final WeekDesk desk;
    private final WeekHead head;
    private final ListView<WeekPlan.Entry> work = new ListView<>();
    private final VBox side = new VBox(6);

    /** Makes the room in a window. */
    public TodayRoom(RoomContext context) {
        this.context = context;
        desk = context.week();
        setId("today-room");
        setSpacing(8);
        setPadding(new Insets(8, 16, 8, 16));
        setMinHeight(0);
        head = new WeekHead("today", desk);
        work.setId("today-work");
        work.setCellFactory(list -> new WorkCell());
        work.setPlaceholder(new Label(Messages.message("today-room.nothing")));
        work.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                open();
                event.consume();
            }
        });
        work.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        side.setId("today-side");
        side.setPadding(new Insets(8));
        ScrollPane scroll = new ScrollPane(side);
        scroll.setFitToWidth(true);
        scroll.setPrefWidth(SIDE);
        scroll.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(work, Priority.ALWAYS);
        HBox body = new HBox(16, work, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        CheckBox start = new CheckBox(Messages.message("today-room.start"));
        start.setId("today-start");
        start.setSelected(context.store().settings().startsToday());
        start.setOnAction(event -> context.store().settings().setStartsToday(start.isSelected()));
        getChildren().addAll(head, body, start);
        desk.reportProperty().addListener((property, old, next) -> fill());
        visibleProperty().addListener((property, old, next) -> desk.watch(this, next));
        fill();
    }

    private void open() {
        WeekPlan.Entry entry = work.getSelectionModel().getSelectedItem();
        if (entry != null && context.store().open(entry.job().id())) {
            context.enter(Station.BENCH);
        }
    }

    private void fill() {
        Optional<WeekReport> report = desk.reportProperty().get();
        if (report.isEmpty()) {
            head.say(Messages.message("week-room.planning"));
            return;
        }
        WeekPlan plan = report.get().plan();
        ZonedDateTime now = report.get().plans().problem().calendar().from();
        // On a closed day, or after hours, the next working day is shown.
        LocalDate today = plan.entries().stream()
                .filter(WeekPlan.Entry::hands)
                .map(entry -> entry.start().toLocalDate())
                .findFirst()
                .orElse(now.toLocalDate());
        List<WeekPlan.Entry> hands = plan.entries().stream()
                .filter(entry -> entry.hands() && entry.start().toLocalDate().equals(today))
                .toList();
        long minutes = hands.stream()
                .mapToLong(entry -> Duration.between(entry.start(), entry.end()).toMinutes())
                .sum();
        head.say(
                hands.isEmpty()
                        ? Messages.message("today-room.nothing-to-do")
                        : today.equals(now.toLocalDate())
                                ? Messages.message(
                                        "today-room.today",
                                        WeekText.day(today),
                                        WeekText.steps(hands.size()),
                                        WeekText.minutes(minutes))
                                : Messages.message(
                                        "today-room.next-day",
                                        WeekText.day(today),
                                        WeekText.steps(hands.size()),
                                        WeekText.minutes(minutes)));
        WeekPlan.Entry selected = work.getSelectionModel().getSelectedItem();
        work.getItems().setAll(hands);
        int at = selected == null
                ? 0
                : Math.max(
                        0,
                        hands.stream()
                                .map(entry -> entry.job().id() + entry.step().id())
                                .toList()
                                .indexOf(selected.job().id() + selected.step().id()));
        if (!hands.isEmpty()) {
            work.getSelectionModel().select(at);
        }
        side.getChildren().setAll(new ArrayList<>());
        late(report.get());
        waits(plan, today);
        comesAndGoes(report.get(), today);
        due(report.get(), today);
        section(
                Messages.message("today-room.parts"),
                report.get().parts().stream().map(WeekText::part).toList());
        stuck(report.get());
    }

    private void section(String name, List<String> lines) {
        if (!lines.isEmpty()) {
            Label title = new Label(name);
            title.getStyleClass().add("place-title");
            side.getChildren().add(title);
            for (String line : lines) {
                Label label = new Label(line);
                label.setWrapText(true);
                label.setMinHeight(Region.USE_PREF_SIZE);
                side.getChildren().add(label);
            }
        }
    }

    private void late(WeekReport report) {
        List<String> lines = new ArrayList<>();
        report.jobs().stream().filter(each -> each.job().lateDays() > 0).forEach(each -> {
            lines.add(Messages.message(
                    "today-room.late",
                    each.job().job().name(),
                    WeekText.days(each.job().lateDays()),
                    WeekText.day(each.job().job().promised().orElseThrow())));
            each.helps().forEach(help -> lines.add("   " + WeekText.help(help)));
        });
        section(Messages.message("today-room.lates"), lines);
    }

    private void waits(WeekPlan plan, LocalDate today) {
        section(
                Messages.message("today-room.waits"),
                plan.entries().stream()
                        .filter(entry -> !entry.hands()
                                && !entry.start().toLocalDate().isAfter(today)
                                && !entry.end().toLocalDate().isBefore(today))
                        .map(entry -> Messages.message(
                                "today-room.wait",
                                entry.job().name(),
                                entry.step().waitFor().map(Wording::label).orElse(""),
                                entry.place().map(WorkPlace::key).orElse(""),
                                WeekText.day(entry.end().toLocalDate()),
                                WeekText.time(entry.end())))
                        .toList());
    }

    /** Parts due to arrive, and instruments that are ready to go. */
    private void comesAndGoes(WeekReport report, LocalDate today) {
        List<String> lines = new ArrayList<>();
        Stream.concat(
                        report.plans().problem().jobs().stream()
                                .flatMap(job -> arriving(job.name(), job.needs(), today)),
                        report.plans().problem().blocked().stream()
                                .flatMap(job -> arriving(job.name(), job.needs(), today)))
                .forEach(lines::add);
        report.plan().jobs().stream()
                .filter(job -> job.ready().toLocalDate().equals(today))
                .map(job -> Messages.message("today-room.goes", job.job().name(), WeekText.time(job.ready())))
                .forEach(lines::add);
        section(Messages.message("today-room.comes-and-goes"), lines);
    }

    private static Stream<String> arriving(String name, List<PartNeed> needs, LocalDate today) {
        return needs.stream()
                .filter(need ->
                        need.arrives().filter(day -> !day.isAfter(today)).isPresent())
                .map(need -> need.arrives().get().equals(today)
                        ? Messages.message("today-room.comes", need.what(), name)
                        : Messages.message(
                                "today-room.overdue",
                                need.what(),
                                name,
                                WeekText.day(need.arrives().get())));
    }

    private void due(WeekReport report, LocalDate today) {
        section(
                Messages.message("today-room.promises"),
                report.jobs().stream()
                        .filter(each -> each.job()
                                .job()
                                .promised()
                                .filter(day -> !day.isAfter(today.plusDays(7)))
                                .isPresent())
                        .map(each -> Messages.message(
                                "today-room.promise",
                                each.job().job().name(),
                                WeekText.day(each.job().job().promised().orElseThrow()),
                                WeekText.ready(each)))
                        .toList());
    }

    private void stuck(WeekReport report) {
        List<String> lines = new ArrayList<>();
        for (Unplanned each : report.plans().problem().blocked()) {
            lines.add(Messages.message("today-room.stuck-line", each.name(), Wording.label(each.why())));
        }
        section(Messages.message("today-room.stuck"), lines);
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        work.requestFocus();
    }

    /** A stretch of work: when, how long, on which instrument, what. */
    private static final class WorkCell extends ListCell<WeekPlan.Entry> {
        @Override
        protected void updateItem(WeekPlan.Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            if (empty || entry == null) {
                setGraphic(null);
                setText(null);
                return;
            }
            Label time = new Label(WeekText.time(entry.start()));
            time.setMinWidth(60);
            time.getStyleClass().add("today-time");
            Label length = new Label(WeekText.minutes(
                    Duration.between(entry.start(), entry.end()).toMinutes()));
            length.setMinWidth(90);
            length.getStyleClass().add("card-label");
            Label step = new Label(entry.step().title());
            step.getStyleClass().add("today-step");
            Label job = new Label(entry.job().name()
                    + entry.person()
                            .filter(name -> !name.isBlank())
                            .map(name -> " \u00b7 " + name)
                            .orElse(""));
            job.getStyleClass().add("card-label");
            HBox row = new HBox(8, time, length, new VBox(step, job));
            setGraphic(row);
            setText(null);
            setAccessibleText(WeekText.time(entry.start()) + ", " + entry.step().title() + ", "
                    + entry.job().name());
        }
    }
}
