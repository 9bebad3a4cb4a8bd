package org.kestan.files.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.week.Hours;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;
import org.kestan.base.week.WorkPlace;
import org.kestan.files.FileFinding;
import org.kestan.job.tree.TreeCursor;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A shop's week in its standards file, under {@code week}. What is left out keeps its default. */
public final class WeekTree {

    private static final ValueType<Integer> ROOM = ValueType.whole(0, 1000);
    private static final ValueType<Integer> MINUTES = ValueType.whole(0, 480);
    private static final ValueType<Double> SPREAD = ValueType.number(0, 2);
    private static final ValueType<Integer> WEIGHT = ValueType.whole(0, 100_000);

    private WeekTree() {}

    /** Reads a week; what can't be read gives an error at its place. */
    public static ShopWeek read(TreeCursor at) {
        ShopWeek usual = ShopWeek.USUAL;
        if (!at.isPresent()) {
            return usual;
        }
        TreeCursor weights = at.at("weights");
        return usual.withHours(at.at("hours").isPresent() ? hours(at.at("hours")) : usual.hours())
                .withClosed(closed(at.at("closed")))
                .withPeople(people(at.at("people")))
                .withPlaces(places(at.at("places")))
                .withNotLate(at.at("notLate").isPresent() ? terms(at.at("notLate"), WorkPlace.class) : usual.notLate())
                .withNoGlueUps(weekdays(at.at("noGlueUps")))
                .withSettingUp(at.at("settingUp").value(MINUTES).orElse(usual.settingUp()))
                .withSpread(at.at("spread").value(SPREAD).orElse(usual.spread()))
                .withWeights(new ShopWeek.Weights(
                        weights.at("firm").value(WEIGHT).orElse(usual.weights().firm()),
                        weights.at("late").value(WEIGHT).orElse(usual.weights().late()),
                        weights.at("open").value(WEIGHT).orElse(usual.weights().open()),
                        weights.at("settingUp")
                                .value(WEIGHT)
                                .orElse(usual.weights().settingUp()),
                        weights.at("changed")
                                .value(WEIGHT)
                                .orElse(usual.weights().changed())));
    }

    private static WeekHours hours(TreeCursor at) {
        Map<DayOfWeek, List<Hours>> all = new EnumMap<>(DayOfWeek.class);
        at.children().forEach((key, place) -> {
            Optional<DayOfWeek> day = weekday(key);
            if (day.isEmpty()) {
                place.fault(NotationFinding.NOT_KNOWN.of(Quantity.text(key)), weekdays());
                return;
            }
            List<Hours> hours = new ArrayList<>();
            for (TreeCursor each : place.elements()) {
                Optional<String> text = each.text();
                Optional<Hours> read = text.flatMap(WeekTree::hours);
                if (text.isPresent() && read.isEmpty()) {
                    each.fault(FileFinding.NO_HOURS.of(), FileFinding.HOURS_LIKE.of());
                }
                read.ifPresent(one -> {
                    if (hours.stream()
                            .anyMatch(other -> one.from().isBefore(other.to())
                                    && other.from().isBefore(one.to()))) {
                        each.fault(FileFinding.HOURS_OVERLAP.of(), FileFinding.HOURS_LIKE.of());
                    } else {
                        hours.add(one);
                    }
                });
            }
            all.put(day.get(), hours);
        });
        return new WeekHours(all);
    }

    /** Reads hours of a day, such as {@code 09:00-12:30} or {@code 9-12}; empty if the text is not hours. */
    public static Optional<Hours> hours(String text) {
        String[] parts = text.split("[-\u2013]");
        if (parts.length != 2) {
            return Optional.empty();
        }
        try {
            LocalTime from = LocalTime.parse(padded(parts[0]));
            LocalTime to = LocalTime.parse(padded(parts[1]));
            return from.isBefore(to) ? Optional.of(new Hours(from, to)) : Optional.empty();
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    private static String padded(String time) {
        String stripped = time.strip();
        String whole = stripped.matches("\\d{1,2}") ? stripped + ":00" : stripped;
        return whole.indexOf(':') == 1 ? "0" + whole : whole;
    }

    private static Optional<DayOfWeek> weekday(String key) {
        return Stream.of(DayOfWeek.values()).filter(day -> key(day).equals(key)).findFirst();
    }

    private static String key(DayOfWeek day) {
        return day.name().toLowerCase(Locale.ROOT);
    }

    private static Finding weekdays() {
        return ValueType.oneOf(Stream.of(DayOfWeek.values()).map(WeekTree::key));
    }

    private static Set<DayOfWeek> weekdays(TreeCursor at) {
        Set<DayOfWeek> all = EnumSet.noneOf(DayOfWeek.class);
        for (TreeCursor each : at.elements()) {
            each.text()
                    .ifPresent(text -> weekday(text)
                            .ifPresentOrElse(
                                    all::add,
                                    () -> each.fault(NotationFinding.NOT_KNOWN.of(Quantity.text(text)), weekdays())));
        }
        return all;
    }

    private static Set<LocalDate> closed(TreeCursor at) {
        Set<LocalDate> all = new HashSet<>();
        at.elements().forEach(each -> each.value(ValueType.DAY).ifPresent(all::add));
        return all;
    }

    private static <E extends Enum<E> & Keyed> Set<E> terms(TreeCursor at, Class<E> type) {
        Set<E> all = EnumSet.noneOf(type);
        at.elements().forEach(each -> each.value(ValueType.choice(type)).ifPresent(all::add));
        return all;
    }

    private static List<Person> people(TreeCursor at) {
        List<Person> all = new ArrayList<>();
        for (TreeCursor each : at.elements()) {
            String name = each.at("name").text().orElse("");
            Optional<WeekHours> own =
                    each.at("hours").isPresent() ? Optional.of(hours(each.at("hours"))) : Optional.empty();
            Set<String> notWays = new TreeSet<>();
            each.at("notWays").elements().forEach(way -> way.text().ifPresent(notWays::add));
            all.add(new Person(name, own, notWays));
        }
        return all.isEmpty() ? ShopWeek.USUAL.people() : all;
    }

    private static Map<WorkPlace, Integer> places(TreeCursor at) {
        Map<WorkPlace, Integer> all = new EnumMap<>(WorkPlace.class);
        all.putAll(ShopWeek.USUAL.places());
        at.children()
                .forEach((key, place) -> Keyed.find(WorkPlace.class, key)
                        .ifPresentOrElse(
                                known -> place.value(ROOM).ifPresent(room -> all.put(known, room)),
                                () -> place.fault(
                                        NotationFinding.NOT_KNOWN.of(Quantity.text(key)),
                                        ValueType.oneOf(
                                                Stream.of(WorkPlace.values()).map(WorkPlace::key)))));
        return all;
    }

    /** Writes a complete week. */
    public static ObjectNode write(ShopWeek week) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.set("hours", write(week.hours()));
        strings(root.putArray("closed"), new TreeSet<>(week.closed()), LocalDate::toString);
        ArrayNode people = root.putArray("people");
        for (Person person : week.people()) {
            ObjectNode one = people.addObject().put("name", person.name());
            person.hours().ifPresent(hours -> one.set("hours", write(hours)));
            strings(one.putArray("notWays"), new TreeSet<>(person.notWays()), Function.identity());
        }
        ObjectNode places = root.putObject("places");
        new TreeMap<>(week.places()).forEach((place, room) -> places.put(place.key(), room));
        strings(root.putArray("notLate"), new TreeSet<>(week.notLate()), WorkPlace::key);
        strings(root.putArray("noGlueUps"), new TreeSet<>(week.noGlueUps()), WeekTree::key);
        root.put("settingUp", week.settingUp()).put("spread", week.spread());
        root.putObject("weights")
                .put("firm", week.weights().firm())
                .put("late", week.weights().late())
                .put("open", week.weights().open())
                .put("settingUp", week.weights().settingUp())
                .put("changed", week.weights().changed());
        return root;
    }

    private static ObjectNode write(WeekHours hours) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        for (DayOfWeek day : DayOfWeek.values()) {
            strings(node.putArray(key(day)), hours.on(day), WeekTree::text);
        }
        return node;
    }

    /** Prints hours of a day. */
    public static String text(Hours hours) {
        return hours.from() + "-" + hours.to();
    }

    private static <T> void strings(ArrayNode into, Iterable<T> all, Function<T, String> text) {
        all.forEach(each -> into.add(text.apply(each)));
    }
}
