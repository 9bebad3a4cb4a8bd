package org.kestan.desktop.rooms.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import org.kestan.base.week.Hours;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WorkPlace;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.week.WeekText;
import org.kestan.text.Wording;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekReport;

/**
 * The week as a chart: a row for each person and each place, days across, hours within them. Work is dark, waits are
 * light; the steps of the selected job stand out.
 */
final class WeekChart extends Pane {

    private static final double NAMES = 90;
    private static final double HEAD = 24;
    private static final double LEAST_HANDS = 64;
    private static final double MOST_HANDS = 220;
    private static final double LANE = 18;
    private static final double GAP = 4;
    private static final int MOST_LANES = 6;
    private static final double READABLE = 44;
    private static final double NAMED = 52;
    private static final double TURNED = 16;

    /** How many patterns tell jobs apart; they are in the stylesheet. */
    private static final int PATTERNS = 12;

    private static final PseudoClass FOLLOWED = PseudoClass.getPseudoClass("followed");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final ObjectProperty<Optional<WeekPlan.Entry>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private final DoubleProperty room = new SimpleDoubleProperty(this, "room");
    private final Map<String, Integer> patterns = new HashMap<>();
    private final List<Block> blocks = new ArrayList<>();
    private final BiConsumer<WeekPlan.Entry, LocalDate> mover;
    private Optional<WeekReport> report = Optional.empty();
    private LocalDate first = LocalDate.now();
    private int days = 7;
    private LocalTime open = LocalTime.of(8, 30);
    private LocalTime close = LocalTime.of(17, 30);

    /** A drawn entry. */
    private record Block(WeekPlan.Entry entry, Label node) {}

    /**
     * @param mover receives an entry that was dragged to another day
     */
    WeekChart(BiConsumer<WeekPlan.Entry, LocalDate> mover) {
        room.addListener((property, old, next) -> draw());
        this.mover = mover;
        setId("week-chart");
        getStyleClass().add("week-chart");
        setFocusTraversable(true);
        chosen.addListener((property, old, next) -> mark());
        widthProperty().addListener((property, old, next) -> draw());
    }

    /** The selected entry; its job stands out. */
    ObjectProperty<Optional<WeekPlan.Entry>> chosenProperty() {
        return chosen;
    }

    /** The height of the visible part. */
    DoubleProperty roomProperty() {
        return room;
    }

    /** Shows a plan from a given day. */
    void show(WeekReport next, LocalDate from, int count) {
        report = Optional.of(next);
        first = from;
        days = count;
        ShopWeek shop = next.plans().problem().calendar().shop();
        List<Hours> all =
                shop.hours().days().values().stream().flatMap(List::stream).toList();
        open = all.stream().map(Hours::from).min(Comparator.naturalOrder()).orElse(LocalTime.of(9, 0));
        close = all.stream().map(Hours::to).max(Comparator.naturalOrder()).orElse(LocalTime.of(17, 0));
        chosen.set(chosen.get()
                .flatMap(old -> next.plan().entries().stream()
                        .filter(entry -> entry.hands()
                                && entry.job().id().equals(old.job().id())
                                && entry.step().id().equals(old.step().id()))
                        .findFirst()));
        draw();
    }

    private double column() {
        return Math.max(10, (getWidth() - NAMES) / days);
    }

    private double x(ZonedDateTime at) {
        long day = at.toLocalDate().toEpochDay() - first.toEpochDay();
        double length = close.toSecondOfDay() - open.toSecondOfDay();
        double share = (at.toLocalTime().toSecondOfDay() - open.toSecondOfDay()) / length;
        return NAMES + column() * (day + Math.max(0, Math.min(1, share)));
    }

    /** The day at an x coordinate. */
    private LocalDate day(double x) {
        return first.plusDays((long) Math.max(0, Math.min(days - 1, Math.floor((x - NAMES) / column()))));
    }

    private void draw() {
        getChildren().clear();
        blocks.clear();
        if (report.isEmpty() || getWidth() < NAMES) {
            return;
        }
        WeekReport of = report.get();
        patterns.clear();
        of.plan().jobs().forEach(job -> patterns.put(job.job().id(), patterns.size() % PATTERNS));
        double y = HEAD;
        Map<String, List<WeekPlan.Entry>> hands = new LinkedHashMap<>();
        of.plans().problem().calendar().shop().people().forEach(person -> hands.put(person.name(), new ArrayList<>()));
        Map<WorkPlace, List<WeekPlan.Entry>> places = new LinkedHashMap<>();
        for (WeekPlan.Entry entry : of.plan().entries()) {
            if (entry.end().toLocalDate().isBefore(first)
                    || !entry.start().toLocalDate().isBefore(first.plusDays(days))) {
                continue;
            }
            if (entry.hands()) {
                hands.get(entry.person().orElse("")).add(entry);
            } else {
                entry.place()
                        .ifPresent(place -> places.computeIfAbsent(place, none -> new ArrayList<>())
                                .add(entry));
            }
        }
        List<Label> later = new ArrayList<>();
        double high = height(hands.size(), places);
        for (Map.Entry<String, List<WeekPlan.Entry>> row : hands.entrySet()) {
            name(row.getKey().isBlank() ? Messages.message("week-room.hands") : row.getKey(), y, high);
            for (WeekPlan.Entry entry : row.getValue()) {
                later.add(block(entry, y, high - GAP, "week-hands"));
            }
            runs(row.getValue(), y, high - GAP, later);
            y += high;
        }
        for (WorkPlace place : WorkPlace.values()) {
            List<WeekPlan.Entry> lying = places.get(place);
            if (lying != null) {
                List<Integer> lanes = lanes(lying);
                for (int i = 0; i < lying.size(); i++) {
                    later.add(block(lying.get(i), y + lanes.get(i) * LANE, LANE - 2, "week-wait"));
                }
                int count = Collections.max(lanes) + 1;
                name(Wording.capital(Wording.label(place)), y, count * LANE);
                y += count * LANE + GAP;
            }
        }
        List<Region> backs = new ArrayList<>();
        List<Label> heads = new ArrayList<>();
        shade(of, y, backs, heads);
        getChildren().addAll(0, backs);
        getChildren().addAll(heads);
        getChildren().addAll(later);
        setMinHeight(y + GAP);
        setPrefHeight(y + GAP);
        mark();
    }

    /** People get the space that the places leave in the visible part. */
    private double height(int people, Map<WorkPlace, List<WeekPlan.Entry>> places) {
        double below = places.values().stream()
                .mapToDouble(lying ->
                        lanes(lying).stream().mapToInt(lane -> lane + 1).max().orElse(0) * LANE + GAP)
                .sum();
        double each = (room.get() - HEAD - below - 2 * GAP) / Math.max(1, people);
        return Math.max(LEAST_HANDS, Math.min(MOST_HANDS, each));
    }

    /** Writes the instrument's name over consecutive stretches of work on it. */
    private void runs(List<WeekPlan.Entry> work, double y, double height, List<Label> later) {
        for (int i = 0; i < work.size(); i++) {
            WeekPlan.Entry from = work.get(i);
            int to = i;
            while (to + 1 < work.size()
                    && work.get(to + 1).job().id().equals(from.job().id())
                    && work.get(to + 1).start().equals(work.get(to).end())) {
                to++;
            }
            double left = Math.max(NAMES, x(from.start()));
            double width = x(work.get(to).end()) - left;
            if (width > 2) {
                later.add(run(from, width < NAMED ? "" : from.job().name(), left, y, width, height));
            }
            if (width >= TURNED && width < NAMED) {
                // A name that does not fit horizontally is written vertically.
                Label turned = run(
                        from, from.job().name(), left + (width - height) / 2, y + (height - width) / 2, height, width);
                turned.getStyleClass().add("week-turned");
                turned.setRotate(-90);
                later.add(turned);
            }
            i = to;
        }
    }

    private Label run(WeekPlan.Entry from, String text, double x, double y, double width, double height) {
        Label name = new Label(text);
        name.getStyleClass().setAll("label", "week-run");
        name.setMouseTransparent(true);
        name.setWrapText(true);
        name.setManaged(false);
        name.resizeRelocate(x, y, width, height);
        blocks.add(new Block(from, name));
        return name;
    }

    /** Arranges waits in as few lanes as they need; what no longer fits goes into the last. */
    private static List<Integer> lanes(List<WeekPlan.Entry> lying) {
        List<ZonedDateTime> ends = new ArrayList<>();
        List<Integer> lanes = new ArrayList<>();
        for (WeekPlan.Entry entry : lying) {
            int lane = 0;
            while (lane < ends.size() && ends.get(lane).isAfter(entry.start())) {
                lane++;
            }
            lane = Math.min(lane, MOST_LANES - 1);
            if (lane == ends.size()) {
                ends.add(entry.end());
            } else {
                ends.set(lane, entry.end());
            }
            lanes.add(lane);
        }
        return lanes;
    }

    private void name(String text, double y, double height) {
        Label label = new Label(text);
        label.getStyleClass().add("card-label");
        label.setMaxWidth(NAMES - GAP);
        label.relocate(0, y + Math.max(0, height / 2 - 10));
        getChildren().add(label);
    }

    private Label block(WeekPlan.Entry entry, double y, double height, String style) {
        double from = Math.max(NAMES, x(entry.start()));
        double to = Math.min(NAMES + column() * days, x(entry.end()));
        Label label = new Label(
                entry.hands() || to - from < READABLE ? "" : entry.job().name());
        label.getStyleClass()
                .setAll(
                        "label",
                        style,
                        "week-pattern-" + patterns.getOrDefault(entry.job().id(), 0));
        label.setMinWidth(1);
        label.setWrapText(height > LANE);
        label.resizeRelocate(from, y, Math.max(3, to - from - 1), height);
        label.setManaged(false);
        label.setTooltip(new Tooltip(entry.job().name() + "\n"
                + entry.step().title() + "\n"
                + WeekText.day(entry.start().toLocalDate()) + ", " + WeekText.time(entry.start()) + " \u2013 "
                + WeekText.time(entry.end())));
        label.setOnMousePressed(event -> {
            chosen.set(Optional.of(entry));
            requestFocus();
            event.consume();
        });
        label.setOnMouseReleased(event -> {
            LocalDate moved = day(label.getLayoutX() + event.getX());
            if (entry.hands() && !moved.equals(entry.start().toLocalDate()) && !event.isStillSincePress()) {
                mover.accept(entry, moved);
            }
        });
        blocks.add(new Block(entry, label));
        return label;
    }

    /** Day names, and closed hours. */
    private void shade(WeekReport of, double height, List<Region> backs, List<Label> heads) {
        ShopWeek shop = of.plans().problem().calendar().shop();
        for (int i = 0; i < days; i++) {
            LocalDate day = first.plusDays(i);
            double x = NAMES + i * column();
            boolean shut = shop.closed().contains(day)
                    || shop.hours().on(day.getDayOfWeek()).isEmpty();
            Region back = new Region();
            back.getStyleClass().add(shut ? "week-closed" : "week-day");
            back.setManaged(false);
            back.resizeRelocate(x, HEAD, column() - 1, height - HEAD);
            backs.add(back);
            if (!shut) {
                pauses(shop, day.getDayOfWeek(), x, height, backs);
            }
            if (days <= 7 || day.getDayOfWeek() == DayOfWeek.MONDAY) {
                Label label = new Label(WeekText.day(day));
                label.getStyleClass().add("card-label");
                label.relocate(x + 2, 2);
                heads.add(label);
            }
        }
    }

    private void pauses(ShopWeek shop, DayOfWeek day, double x, double height, List<Region> backs) {
        List<Hours> hours = shop.hours().on(day);
        double length = close.toSecondOfDay() - open.toSecondOfDay();
        for (int i = 1; i < hours.size(); i++) {
            Region pause = new Region();
            pause.getStyleClass().add("week-closed");
            pause.setManaged(false);
            double from = (hours.get(i - 1).to().toSecondOfDay() - open.toSecondOfDay()) / length;
            double to = (hours.get(i).from().toSecondOfDay() - open.toSecondOfDay()) / length;
            pause.resizeRelocate(x + from * column(), HEAD, Math.max(1, (to - from) * column()), height - HEAD);
            backs.add(pause);
        }
    }

    private void mark() {
        for (Block block : blocks) {
            boolean same = chosen.get()
                    .filter(entry -> entry.job().id().equals(block.entry.job().id()))
                    .isPresent();
            block.node.pseudoClassStateChanged(FOLLOWED, same);
            block.node.pseudoClassStateChanged(
                    CHOSEN,
                    same
                            && chosen.get()
                                    .filter(entry -> entry.step()
                                            .id()
                                            .equals(block.entry.step().id()))
                                    .isPresent());
        }
    }

    /** Selects the next or previous entry of hands-on work; of the same job if one is followed. */
    void step(int by, boolean sameJob) {
        List<WeekPlan.Entry> all = report.map(each -> each.plan().entries().stream()
                        .filter(entry -> entry.hands()
                                && (!sameJob
                                        || chosen.get()
                                                .filter(now -> now.job()
                                                        .id()
                                                        .equals(entry.job().id()))
                                                .isPresent()))
                        .toList())
                .orElse(List.of());
        if (all.isEmpty()) {
            return;
        }
        int at = chosen.get().map(all::indexOf).orElse(-1);
        int next = Math.max(0, Math.min(all.size() - 1, at < 0 ? 0 : at + by));
        chosen.set(Optional.of(all.get(next)));
    }
}
