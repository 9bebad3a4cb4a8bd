package org.kestan.files;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.kestan.job.Fault;
import org.kestan.notation.Length;
import org.kestan.notation.Parsed;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Keyed;
import tools.jackson.databind.JsonNode;

/**
 * A place in a JSON tree that may or may not have a value, read as what it should be. Whatever is there but can't be read
 * becomes a fault with the place's JSON pointer; what is absent is empty and no fault.
 */
final class JsonPlace {

    private final Optional<JsonNode> node;
    private final String pointer;
    private final List<Fault> faults;

    private JsonPlace(Optional<JsonNode> node, String pointer, List<Fault> faults) {
        this.node = node;
        this.pointer = pointer;
        this.faults = faults;
    }

    /** The root of a tree; faults are added to the given list. */
    static JsonPlace root(JsonNode root, List<Fault> faults) {
        return new JsonPlace(Optional.of(root), "", faults);
    }

    /** The JSON pointer of this place. */
    String pointer() {
        return pointer;
    }

    boolean isPresent() {
        return node.isPresent();
    }

    /** The place under this one at a dotted path of keys; a fault when something on the way is no object. */
    JsonPlace at(String path) {
        JsonPlace place = this;
        for (String key : path.split("\\.")) {
            place = place.child(key);
        }
        return place;
    }

    private JsonPlace child(String key) {
        String below = pointer + "/" + key;
        if (node.isPresent() && !node.get().isObject()) {
            fault("is " + kind(node.get()) + ", not an object", "an object in braces");
            return new JsonPlace(Optional.empty(), below, faults);
        }
        return new JsonPlace(node.map(object -> object.get(key)), below, faults);
    }

    Optional<Length> length() {
        if (node.isPresent() && node.get().isNumber()) {
            fault("the number " + node.get().asString() + " has no unit", "in quotes, " + Length.ACCEPTED);
            return Optional.empty();
        }
        return string("in quotes, " + Length.ACCEPTED).flatMap(text -> {
            Parsed<Length> parsed = Length.parse(text);
            if (parsed instanceof Parsed.Bad<Length> bad) {
                fault(bad.problem(), bad.accepted());
            }
            return parsed.optional();
        });
    }

    Optional<String> text() {
        return string("a text in quotes");
    }

    Optional<Boolean> flag() {
        String accepted = "true or false";
        return typed(JsonNode::isBoolean, accepted).map(JsonNode::asBoolean);
    }

    Optional<LocalDate> date() {
        String accepted = "an ISO 8601 day such as 2026-03-02";
        return string(accepted).flatMap(text -> {
            try {
                return Optional.of(LocalDate.parse(text));
            } catch (DateTimeParseException notADay) {
                fault("\u201c" + text + "\u201d is not a day", accepted);
                return Optional.empty();
            }
        });
    }

    OptionalInt integer(String accepted) {
        Optional<JsonNode> number = typed(
                value -> value.isNumber() && value.canConvertToExactIntegral() && value.canConvertToInt(), accepted);
        return number.map(value -> OptionalInt.of(value.asInt())).orElse(OptionalInt.empty());
    }

    OptionalDouble number(double least, double greatest, String accepted) {
        Optional<JsonNode> number =
                typed(value -> value.isNumber() && value.asDouble() >= least && value.asDouble() <= greatest, accepted);
        return number.map(value -> OptionalDouble.of(value.asDouble())).orElse(OptionalDouble.empty());
    }

    /** A number as it stands in the file. */
    Optional<String> plainNumber(String accepted) {
        return typed(JsonNode::isNumber, accepted).map(JsonNode::asString);
    }

    /** Two fret numbers in brackets. */
    Optional<int[]> pair(String accepted) {
        Optional<JsonNode> both = typed(
                value -> value.isArray()
                        && value.size() == 2
                        && value.get(0).isIntegralNumber()
                        && value.get(0).canConvertToInt()
                        && value.get(1).isIntegralNumber()
                        && value.get(1).canConvertToInt(),
                accepted);
        return both.map(value -> new int[] {value.get(0).asInt(), value.get(1).asInt()});
    }

    <E extends Enum<E> & Keyed> Optional<E> choice(Class<E> type) {
        return choice(Stream.of(type.getEnumConstants()).map(Keyed::key).toList(), key -> Keyed.find(type, key));
    }

    <T> Optional<T> choice(List<String> keys, Function<String, Optional<T>> find) {
        String accepted = keys.stream().map(key -> "\"" + key + "\"").collect(Collectors.joining(", "));
        return string("one of " + accepted).flatMap(text -> {
            Optional<T> found = find.apply(text);
            if (found.isEmpty()) {
                fault("\u201c" + text + "\u201d is not known here", "one of " + accepted);
            }
            return found;
        });
    }

    /** A value of any kind a detail may have. */
    <T> Optional<T> detail(Detail<T> detail) {
        Optional<String> written =
                switch (detail.form()) {
                    case TEXT -> text();
                    case NUMBER -> plainNumber("a number");
                    case FLAG -> flag().map(value -> Boolean.toString(value));
                    case WORDS -> words();
                };
        return written.flatMap(text -> {
            Parsed<T> parsed = detail.parse(text);
            if (parsed instanceof Parsed.Bad<T> bad) {
                fault(bad.problem(), bad.accepted());
            }
            return parsed.optional();
        });
    }

    /** Words of a list, with blanks between them. */
    private Optional<String> words() {
        List<String> words =
                elements().stream().flatMap(each -> each.text().stream()).toList();
        return words.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", words));
    }

    /** The places of a list's elements; empty when there is no list. */
    List<JsonPlace> elements() {
        return typed(JsonNode::isArray, "a list in brackets")
                .map(list -> IntStream.range(0, list.size())
                        .mapToObj(i -> new JsonPlace(Optional.of(list.get(i)), pointer + "/" + i, faults))
                        .toList())
                .orElse(List.of());
    }

    /** The places under an object's keys, by key; empty when there is no object. */
    Map<String, JsonPlace> entries() {
        Map<String, JsonPlace> places = new LinkedHashMap<>();
        typed(JsonNode::isObject, "an object in braces")
                .ifPresent(object -> object.properties()
                        .forEach(entry -> places.put(
                                entry.getKey(),
                                new JsonPlace(Optional.of(entry.getValue()), pointer + "/" + entry.getKey(), faults))));
        return places;
    }

    /** The JSON text of what is here; empty text when there is nothing. */
    String source() {
        return node.map(JsonNode::toString).orElse("");
    }

    /** Demands an object, when there is anything at all. */
    void expectObject() {
        typed(JsonNode::isObject, "an object in braces");
    }

    void fault(String problem, String accepted) {
        Fault fault = new Fault(pointer, problem, accepted);
        if (!faults.contains(fault)) {
            faults.add(fault);
        }
    }

    private Optional<String> string(String accepted) {
        return typed(JsonNode::isString, accepted).map(JsonNode::asString);
    }

    private Optional<JsonNode> typed(Predicate<JsonNode> right, String accepted) {
        if (node.isPresent() && !right.test(node.get())) {
            fault("is " + kind(node.get()), accepted);
            return Optional.empty();
        }
        return node;
    }

    private static String kind(JsonNode value) {
        return switch (value.getNodeType()) {
            case OBJECT -> "an object";
            case ARRAY -> "a list" + (value.size() <= 4 ? " " + value : "");
            case STRING -> "the text \u201c" + shortened(value.asString()) + "\u201d";
            case NUMBER -> "the number " + shortened(value.asString());
            case BOOLEAN -> "\u201c" + value.asBoolean() + "\u201d";
            case NULL -> "null";
            default -> "something else";
        };
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "\u2026";
    }
}
