package org.kestan.desktop.rooms.week;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.week.WeekDesk;
import org.kestan.desktop.week.WeekHead;
import org.kestan.desktop.week.WeekText;
import org.kestan.files.tables.WeekCsv;
import org.kestan.files.text.TextFile;
import org.kestan.files.week.WeekCalendar;
import org.kestan.job.Sections;
import org.kestan.job.week.Pin;
import org.kestan.overview.Station;
import org.kestan.text.MemoryText;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekReport;

/** The shop's week as a chart: who works on what, what is where, which promises are kept. */
public final class WeekRoom extends VBox implements Room {

    private static final int WEEK = 7;
    private static final int MONTH = 28;

    private final RoomContext context;
    private final WeekDesk desk;
    private final WeekHead head;
    private final Label detail = new Label();
    private final WeekChart chart = new WeekChart(this::pin);
    private final Button longer = button("week-month", Messages.message("week-room.month"));
    private final Button unpin = button("week-unpin", Messages.message("week-room.unpin"));
    private final Button notice = button("week-notice", Messages.message("week-room.notice"));
    private final ComboBox<String> another = new ComboBox<>();
    private final Label answer = new Label();
    private int days = WEEK;
    private int ahead;

    /** Makes the room in a window. */
    public WeekRoom(RoomContext context) {
        this.context = context;
        desk = context.week();
        setId("week-room");
        setSpacing(8);
        setPadding(new Insets(8, 16, 8, 16));
        setMinHeight(0);
        head = new WeekHead("week", desk);
        detail.setId("week-detail");
        detail.setWrapText(true);
        detail.setMinHeight(90);
        detail.setAlignment(Pos.TOP_LEFT);
        Button back = button("week-back", Messages.message("week-room.back"));
        back.setOnAction(event -> page(-1));
        Button on = button("week-on", Messages.message("week-room.on"));
        on.setOnAction(event -> page(1));
        longer.setOnAction(event -> {
            days = days == WEEK ? MONTH : WEEK;
            longer.setText(days == WEEK ? Messages.message("week-room.month") : Messages.message("week-room.week"));
            fill();
        });
        unpin.setOnAction(event -> chart.chosenProperty().get().ifPresent(this::unpin));
        notice.setOnAction(event -> outlook().ifPresent(each -> {
            WeekText.copyNotice(each);
            context.session().say(Messages.message("week-room.notice-copied"));
        }));
        another.setId("week-another");
        another.setPromptText(Messages.message("week-room.another"));
        another.setAccessibleText(Messages.message("week-room.another"));
        another.setConverter(new KindName());
        another.setOnShowing(event -> desk.kinds(kinds -> {
            if (!another.getItems().equals(kinds)) {
                another.getItems().setAll(kinds);
            }
        }));
        another.valueProperty().addListener((property, old, next) -> {
            if (next != null) {
                answer.setText(Messages.message("week-room.asking"));
                desk.another(next, told -> answer.setText(WeekText.another(next, told)));
            }
        });
        answer.setId("week-answer");
        answer.setWrapText(true);
        Button calendar = button("week-ics", Messages.message("week-room.calendar"));
        calendar.setOnAction(event -> saveCalendar());
        Button table = button("week-csv", Messages.message("week-room.table"));
        table.setOnAction(event -> saveTable());
        Button shop = button("week-shop", Messages.message("week-room.shop"));
        shop.setOnAction(event -> context.enterer().accept("standards"));
        FlowPane commands = new FlowPane(8, 8, back, on, longer, unpin, notice, another, calendar, table, shop);
        ScrollPane scroll = new ScrollPane(chart);
        scroll.setFitToWidth(true);
        scroll.viewportBoundsProperty()
                .addListener((property, old, next) -> chart.roomProperty().set(next.getHeight()));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll, detail, answer, commands);
        desk.reportProperty().addListener((property, old, next) -> fill());
        chart.chosenProperty().addListener((property, old, next) -> tell());
        chart.setOnKeyPressed(this::key);
        answer.managedProperty().bind(answer.textProperty().isNotEmpty());
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (desk.lookingProperty().get() && desk.reportProperty().get().isPresent()) {
                desk.stop();
            }
        });
        visibleProperty().addListener((property, old, next) -> desk.watch(this, next));
        fill();
    }

    /** A kind of job, by its ways. */
    private static final class KindName extends StringConverter<String> {
        @Override
        public String toString(String kind) {
            return kind == null ? "" : MemoryText.ways(kind);
        }

        @Override
        public String fromString(String name) {
            throw new UnsupportedOperationException();
        }
    }

    private static Button button(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        return button;
    }

    private void page(int by) {
        ahead = Math.max(0, ahead + by);
        fill();
    }

    private void key(KeyEvent event) {
        Optional<WeekPlan.Entry> chosen = chart.chosenProperty().get();
        switch (event.getCode()) {
            case RIGHT, LEFT -> {
                int by = event.getCode() == KeyCode.RIGHT ? 1 : -1;
                if (event.isShiftDown()) {
                    chosen.ifPresent(entry -> pin(entry, workday(entry.start().toLocalDate(), by)));
                } else {
                    chart.step(by, false);
                }
            }
            case DOWN -> chart.step(1, true);
            case UP -> chart.step(-1, true);
            case PAGE_DOWN -> page(1);
            case PAGE_UP -> page(-1);
            case DELETE, BACK_SPACE -> chosen.ifPresent(this::unpin);
            case ENTER -> chosen.ifPresent(this::open);
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** The next or previous day on which the shop is open. */
    private LocalDate workday(LocalDate from, int by) {
        return Stream.iterate(from.plusDays(by), day -> day.plusDays(by))
                .limit(14)
                .filter(day -> !context.session()
                        .standards()
                        .week()
                        .hours()
                        .on(day.getDayOfWeek())
                        .isEmpty())
                .findFirst()
                .orElse(from.plusDays(by));
    }

    private void open(WeekPlan.Entry entry) {
        if (context.store().open(entry.job().id())) {
            context.enter(Station.BENCH);
        }
    }

    private void pin(WeekPlan.Entry entry, LocalDate on) {
        edit(entry, Optional.of(on));
    }

    private void unpin(WeekPlan.Entry entry) {
        edit(entry, Optional.empty());
    }

    private void edit(WeekPlan.Entry entry, Optional<LocalDate> on) {
        String step = entry.step().id();
        desk.edit(
                entry.job().id(),
                job -> job.with(
                        Sections.PINS,
                        Stream.concat(
                                        job.section(Sections.PINS).stream()
                                                .filter(pin -> !pin.step().equals(step)),
                                        on.map(day -> new Pin(step, day)).stream())
                                .toList()));
    }

    private void fill() {
        Optional<WeekReport> report = desk.reportProperty().get();
        if (report.isEmpty()) {
            head.say(Messages.message("week-room.planning"));
            return;
        }
        WeekPlan plan = report.get().plan();
        Set<String> late = new HashSet<>();
        plan.jobs().stream()
                .filter(job -> job.lateDays() > 0)
                .forEach(job -> late.add(job.job().id()));
        head.say(
                plan.jobs().isEmpty()
                        ? Messages.message("week-room.nothing")
                        : Messages.message(
                                "week-room.head",
                                WeekText.jobs(plan.jobs().size()),
                                late.isEmpty()
                                        ? Messages.message("week-room.none-late")
                                        : Messages.message(
                                                "week-room.late", late.size(), WeekText.days(plan.lateDays())),
                                WeekText.days(report.get().firstCome())));
        LocalDate from = report.get().plans().problem().calendar().from().toLocalDate();
        chart.show(report.get(), from.plusDays((long) ahead * days), days);
        if (chart.isFocused()) {
            focusFirst();
        }
        tell();
    }

    private Optional<WeekReport.Outlook> outlook() {
        return desk.reportProperty()
                .get()
                .flatMap(report -> chart.chosenProperty()
                        .get()
                        .flatMap(entry -> report.of(entry.job().id())));
    }

    private void tell() {
        Optional<WeekPlan.Entry> chosen = chart.chosenProperty().get();
        unpin.setDisable(
                chosen.filter(entry -> entry.step().pinned().isPresent()).isEmpty());
        notice.setDisable(outlook().filter(WeekText::isPast).isEmpty());
        Optional<WeekReport> report = desk.reportProperty().get();
        if (chosen.isEmpty() || report.isEmpty()) {
            detail.setText(Messages.message("week-room.keys"));
            return;
        }
        WeekPlan.Entry entry = chosen.get();
        StringBuilder text = new StringBuilder(Messages.message(
                "week-room.entry",
                entry.job().name(),
                entry.step().title(),
                WeekText.day(entry.start().toLocalDate()),
                WeekText.time(entry.start()),
                WeekText.time(entry.end())));
        entry.step()
                .pinned()
                .ifPresent(day -> text.append(' ').append(Messages.message("week-room.pinned", WeekText.day(day))));
        report.get().of(entry.job().id()).ifPresent(outlook -> {
            text.append('\n');
            entry.job()
                    .promised()
                    .ifPresent(day -> text.append(Messages.message("week-room.promised", WeekText.day(day)))
                            .append(' '));
            text.append(WeekText.ready(outlook));
            if (!outlook.job().pinsMissed().isEmpty()) {
                text.append(' ').append(Messages.message("week-room.pin-missed"));
            }
            List<String> helps = outlook.helps().stream().map(WeekText::help).toList();
            if (!helps.isEmpty()) {
                text.append('\n').append(String.join(" ", helps));
            }
        });
        detail.setText(text.toString());
    }

    private void saveCalendar() {
        save(".ics", FileChoice.Kind.CALENDAR, plan -> WeekCalendar.print(plan, Instant.now()));
    }

    private void saveTable() {
        save(".csv", FileChoice.Kind.TABLE, WeekCsv::print);
    }

    private interface Printing {
        String of(WeekPlan plan) throws IOException;
    }

    private void save(String ending, FileChoice.Kind kind, Printing printing) {
        Optional<WeekReport> report = desk.reportProperty().get();
        if (report.isPresent()) {
            context.store()
                    .files()
                    .save(
                            getScene().getWindow(),
                            Messages.message("room-registry.week"),
                            kind,
                            "week-" + LocalDate.now() + ending)
                    .ifPresent(to -> context.store()
                            .files()
                            .write(
                                    to,
                                    file -> TextFile.write(
                                            printing.of(report.get().plan()), file)));
        }
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        chart.requestFocus();
        if (chart.chosenProperty().get().isEmpty()) {
            chart.step(0, false);
        }
    }
}
