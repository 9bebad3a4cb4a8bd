package org.kestan.desktop.rooms.standards;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.kestan.base.week.Hours;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;
import org.kestan.base.week.WorkPlace;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.text.TextFile;
import org.kestan.files.week.WeekCalendar;
import org.kestan.files.week.WeekTree;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.memory.HandSpread;
import org.kestan.text.Wording;

/** The inputs for planning the week: hours, people, places, closed days. */
final class WeekBox extends StandardsBox {

    private static final int MOST = 1000;
    private static final int MOST_MINUTES = 480;
    private static final int LEAST_SPREAD = 1;
    private static final int MOST_SPREAD = 200;

    /** With fewer timed steps than this, nothing is offered. From memory. */
    private static final int ENOUGH = 20;

    private final Map<DayOfWeek, TextField> hours = new EnumMap<>(DayOfWeek.class);
    private final Map<DayOfWeek, CheckBox> noGlueUps = new EnumMap<>(DayOfWeek.class);
    private final Map<WorkPlace, TextField> places = new EnumMap<>(WorkPlace.class);
    private final TextArea people = new TextArea();
    private final TextArea closed = new TextArea();
    private final TextField settingUp = new TextField();
    private final TextField spread = new TextField();
    private final TextButton learned;
    private final Supplier<ShopWeek> now;
    private final Consumer<ShopWeek> change;
    private final Consumer<String> complain;

    /**
     * @param now the week as it is kept
     * @param change saves a new one
     * @param complain says what is wrong
     * @param chooser asks for a calendar
     */
    WeekBox(
            Supplier<ShopWeek> now,
            Consumer<ShopWeek> change,
            Consumer<String> complain,
            Supplier<Optional<Path>> chooser) {
        super(Messages.message("week-box.the-week"));
        this.now = now;
        this.change = change;
        this.complain = complain;
        for (DayOfWeek day : DayOfWeek.values()) {
            TextField field = new TextField();
            field.setPromptText(Messages.message("week-box.closed"));
            hours.put(day, field);
            put(name(day), "week-hours-" + key(day), field);
        }
        FlowPane glue = new FlowPane(8, 4);
        for (DayOfWeek day : DayOfWeek.values()) {
            CheckBox box = new CheckBox(name(day));
            box.setId("week-no-glue-" + key(day));
            box.setOnAction(event -> keep());
            noGlueUps.put(day, box);
            glue.getChildren().add(box);
        }
        put(Messages.message("week-box.people"), "week-people", people);
        people.setPrefRowCount(3);
        for (WorkPlace place : List.of(WorkPlace.CLAMPS, WorkPlace.HEAT, WorkPlace.DRYING, WorkPlace.BENCH)) {
            TextField field = new TextField();
            field.setPromptText(Messages.message("week-box.no-limit"));
            places.put(place, field);
            put(Messages.message("week-box.fit", Wording.label(place)), "week-place-" + place.key(), field);
        }
        put(Messages.message("week-box.setting-up"), "week-setting-up", settingUp);
        put(Messages.message("week-box.spread"), "week-spread", spread);
        learned = new TextButton(Messages.message("week-box.spread-unknown"), "week-spread-learned", () -> {});
        learned.setDisable(true);
        getChildren().add(learned);
        put(Messages.message("week-box.closed-days"), "week-closed", closed);
        closed.setPrefRowCount(2);
        closed.setWrapText(true);
        getChildren()
                .addAll(
                        new TextButton(
                                Messages.message("week-box.from-a-calendar"),
                                "week-closed-ics",
                                () -> chooser.get().ifPresent(this::take)),
                        new Label(Messages.message("week-box.no-glue-ups")),
                        glue);
    }

    private static String key(DayOfWeek day) {
        return day.name().toLowerCase(Locale.ROOT);
    }

    private static String name(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.US);
    }

    /** Adds the days of a calendar to the closed ones. */
    private void take(Path file) {
        try {
            Optional<String> text =
                    Files.size(file) > TextFile.LARGEST ? Optional.empty() : TextFile.decoded(Files.readAllBytes(file));
            Optional<Set<LocalDate>> days = text.flatMap(WeekCalendar::closedDays);
            if (days.isEmpty()) {
                complain.accept(Messages.message("week-box.no-calendar", file.getFileName()));
                return;
            }
            Set<LocalDate> all = new TreeSet<>(now.get().closed());
            all.addAll(days.get());
            change.accept(now.get().withClosed(all));
        } catch (IOException failed) {
            complain.accept(Messages.message("letterhead-box.cant-be-read", file.getFileName(), failed.getMessage()));
        }
    }

    @Override
    void keep() {
        try {
            ShopWeek next = now.get()
                    .withHours(readHours())
                    .withClosed(readClosed())
                    .withPeople(readPeople())
                    .withPlaces(readPlaces())
                    .withNoGlueUps(readNoGlueUps())
                    .withSpread(readSpread())
                    .withSettingUp(number(
                            settingUp.getText(), MOST_MINUTES, Messages.message("week-box.minutes-are", MOST_MINUTES)));
            if (!next.equals(now.get())) {
                change.accept(next);
            }
        } catch (Wrong wrong) {
            complain.accept(wrong.getMessage());
        }
    }

    /** The text can't be used; the message says why. */
    private static final class Wrong extends Exception {
        private static final long serialVersionUID = 1;

        Wrong(String message) {
            super(message);
        }
    }

    private WeekHours readHours() throws Wrong {
        Map<DayOfWeek, List<Hours>> all = new EnumMap<>(DayOfWeek.class);
        for (Map.Entry<DayOfWeek, TextField> each : hours.entrySet()) {
            List<Hours> day = new ArrayList<>();
            for (String part : each.getValue().getText().split(",")) {
                if (!part.isBlank()) {
                    day.add(WeekTree.hours(part)
                            .orElseThrow(() -> new Wrong(
                                    Messages.message("week-box.hours-are", name(each.getKey()), part.strip()))));
                }
            }
            all.put(each.getKey(), day);
        }
        try {
            return new WeekHours(all);
        } catch (IllegalArgumentException overlap) {
            throw new Wrong(Messages.message("week-box.hours-overlap"));
        }
    }

    private Set<LocalDate> readClosed() throws Wrong {
        Set<LocalDate> all = new TreeSet<>();
        for (String day : closed.getText().split("[\\s,;]+")) {
            if (!day.isBlank()) {
                try {
                    all.add(LocalDate.parse(day));
                } catch (DateTimeParseException none) {
                    throw new Wrong(Messages.message("week-box.no-day", day));
                }
            }
        }
        return all;
    }

    /**
     * One line per person: a name, and after "not" the ways this person does not take. A person's own hours stay with
     * the name.
     */
    private List<Person> readPeople() throws Wrong {
        Set<String> ways = WayCatalog.ALL.stream().map(way -> way.key()).collect(Collectors.toSet());
        List<Person> all = new ArrayList<>();
        for (String line : people.getText().split("\\R")) {
            String[] parts = line.split("\\bnot:", 2);
            String name = parts[0].strip();
            if (name.isEmpty() && parts.length < 2) {
                continue;
            }
            Set<String> not = parts.length < 2
                    ? Set.of()
                    : Arrays.stream(parts[1].split(","))
                            .map(String::strip)
                            .filter(way -> !way.isEmpty())
                            .collect(Collectors.toCollection(TreeSet::new));
            for (String way : not) {
                if (!ways.contains(way)) {
                    throw new Wrong(Messages.message("week-box.no-way", way));
                }
            }
            Optional<WeekHours> own = now.get().people().stream()
                    .filter(person -> person.name().equals(name))
                    .findFirst()
                    .flatMap(Person::hours);
            all.add(new Person(name, own, not));
        }
        return all.isEmpty() ? ShopWeek.USUAL.people() : all;
    }

    private Map<WorkPlace, Integer> readPlaces() throws Wrong {
        // A limit without a field here is kept.
        Map<WorkPlace, Integer> all = new EnumMap<>(WorkPlace.class);
        all.putAll(now.get().places());
        all.keySet().removeAll(places.keySet());
        for (Map.Entry<WorkPlace, TextField> each : places.entrySet()) {
            if (!each.getValue().getText().isBlank()) {
                all.put(
                        each.getKey(),
                        number(each.getValue().getText(), MOST, Messages.message("week-box.places-are", MOST)));
            }
        }
        return all;
    }

    private double readSpread() throws Wrong {
        String wrong = Messages.message("week-box.spread-is", LEAST_SPREAD, MOST_SPREAD);
        // A value finer than a percent is kept as long as nobody types another.
        if (spread.getText().strip().equals(percent(now.get().spread()))) {
            return now.get().spread();
        }
        int typed = number(spread.getText(), MOST_SPREAD, wrong);
        if (typed < LEAST_SPREAD) {
            throw new Wrong(wrong);
        }
        return typed / 100.0;
    }

    private static String percent(double share) {
        return Long.toString(Math.round(share * 100));
    }

    /** Offers what the bench diaries show about the time steps take. */
    void offer(HandSpread said) {
        boolean enough = said.steps() >= ENOUGH;
        learned.setDisable(!enough);
        learned.setText(
                enough
                        ? Messages.message("week-box.spread-learned", percent(said.spread()), said.steps())
                        : Messages.message("week-box.spread-unknown"));
        learned.setOnAction(event -> change.accept(now.get().withSpread(Math.round(said.spread() * 100) / 100.0)));
    }

    private Set<DayOfWeek> readNoGlueUps() {
        Set<DayOfWeek> all = EnumSet.noneOf(DayOfWeek.class);
        noGlueUps.forEach((day, box) -> {
            if (box.isSelected()) {
                all.add(day);
            }
        });
        return all;
    }

    private static int number(String text, int most, String wrong) throws Wrong {
        String typed = text.strip();
        if (!typed.matches("\\d{1,4}") || Integer.parseInt(typed) > most) {
            throw new Wrong(wrong);
        }
        return Integer.parseInt(typed);
    }

    /** Hours as people write them: 9-12, 13-17:30. */
    private static String text(Hours hours) {
        return text(hours.from()) + "-" + text(hours.to());
    }

    private static String text(LocalTime time) {
        return time.getMinute() == 0
                ? Integer.toString(time.getHour())
                : time.getHour() + ":" + String.format(Locale.ROOT, "%02d", time.getMinute());
    }

    /** Shows the saved week. */
    void show(ShopWeek kept) {
        hours.forEach((day, field) ->
                set(field, kept.hours().on(day).stream().map(WeekBox::text).collect(Collectors.joining(", "))));
        noGlueUps.forEach((day, box) -> box.setSelected(kept.noGlueUps().contains(day)));
        places.forEach((place, field) -> set(
                field,
                kept.places().containsKey(place)
                        ? Integer.toString(kept.places().get(place))
                        : ""));
        set(
                people,
                kept.people().stream()
                        .map(person -> person.notWays().isEmpty()
                                ? person.name()
                                : person.name() + " not: " + String.join(", ", new TreeSet<>(person.notWays())))
                        .collect(Collectors.joining("\n")));
        set(
                closed,
                new TreeSet<>(kept.closed()).stream().map(LocalDate::toString).collect(Collectors.joining(" ")));
        set(spread, percent(kept.spread()));
        set(settingUp, Integer.toString(kept.settingUp()));
    }
}
