package org.kestan.job.tree;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Part;
import org.kestan.base.sheet.ValueType;

/**
 * A place in structured data that may or may not have a value, read as the type it should be. A value that can't be
 * read gives an error with the place's pointer; a missing one is empty and not an error.
 */
public final class TreeCursor {

    private static final int SHOWN_TEXT = 40;
    private static final int SHOWN_ITEMS = 4;

    /** The most errors reported for a file; after that, reading continues and the rest is summarized. */
    public static final int MOST_FAULTS = 100;

    private final Optional<Tree> here;
    private final String pointer;
    private final Set<Fault> faults;

    private TreeCursor(Optional<Tree> here, String pointer, Set<Fault> faults) {
        this.here = here;
        this.pointer = pointer;
        this.faults = faults;
    }

    /** The root of structured data, with no faults yet. */
    public static TreeCursor root(Tree root) {
        return new TreeCursor(Optional.of(root), "", new LinkedHashSet<>());
    }

    /** Returns the errors found under the root so far. */
    public List<Fault> faults() {
        return List.copyOf(faults);
    }

    /** Returns the pointer of this place. */
    public String pointer() {
        return pointer;
    }

    /** Returns whether there is anything here. */
    public boolean isPresent() {
        return here.isPresent();
    }

    /** Returns the value here as entries; none if it is something else. */
    public Tree.Entries entries() {
        return here.filter(Tree.Entries.class::isInstance)
                .map(Tree.Entries.class::cast)
                .orElse(Tree.Entries.NONE);
    }

    /**
     * Returns the place under this one at a dotted path of keys; an error if something along the way is not an object.
     */
    public TreeCursor at(String path) {
        TreeCursor place = this;
        for (String key : path.split("\\.")) {
            place = place.child(key);
        }
        return place;
    }

    private TreeCursor child(String key) {
        String below = pointer + "/" + key;
        if (here.isPresent() && !(here.get() instanceof Tree.Entries)) {
            fault(TreeFinding.IS_NO_OBJECT.of(kind(here.get())), TreeFinding.OBJECT_IN_BRACES.of());
            return new TreeCursor(Optional.empty(), below, faults);
        }
        return new TreeCursor(entries().get(key), below, faults);
    }

    /** Reads a value of any type a line may have. */
    public <T> Optional<T> value(ValueType<T> type) {
        if (lengthLike(type) && here.orElse(null) instanceof Tree.Num bare) {
            fault(
                    TreeFinding.NUMBER_WITHOUT_UNIT.of(
                            Quantity.text(bare.number().toString())),
                    TreeFinding.IN_QUOTES.of(new Quantity.Said(NotationFinding.A_LENGTH.of())));
            return Optional.empty();
        }
        return written(type).flatMap(text -> parsed(type.parse(text)));
    }

    private static boolean lengthLike(ValueType<?> type) {
        return type.equals(ValueType.LENGTH) || type.equals(ValueType.RADIUS);
    }

    /** The value here as text in the form the type reads. */
    private Optional<String> written(ValueType<?> type) {
        return switch (type.form()) {
            case TEXT -> string(accepted(type));
            case NUMBER -> number(accepted(type)).map(TreeCursor::plain);
            case FLAG -> flag().map(flag -> Boolean.toString(flag));
            case REASON ->
                here.orElse(null) instanceof Tree.Flag yes
                        ? Optional.of(yes.flag() ? ValueType.YES : "")
                        : string(accepted(type));
            case PAIR -> pair();
            case ROWS -> rows(type);
        };
    }

    private static Finding accepted(ValueType<?> type) {
        if (lengthLike(type)) {
            return TreeFinding.IN_QUOTES.of(new Quantity.Said(NotationFinding.A_LENGTH.of()));
        }
        boolean free = type.choices().isEmpty();
        return switch (type.form()) {
            case TEXT ->
                type.equals(ValueType.DAY)
                        ? NotationFinding.A_DAY.of()
                        : free
                                ? TreeFinding.TEXT_IN_QUOTES.of()
                                : ValueType.oneOf(type.choices().stream().map(each -> writtenChoice(type, each)));
            case NUMBER ->
                type.equals(ValueType.FRET)
                        ? NotationFinding.A_FRET_NUMBER.of()
                        : type.equals(ValueType.PERCENT)
                                ? NotationFinding.A_PERCENTAGE.of()
                                : TreeFinding.A_NUMBER.of();
            case FLAG -> TreeFinding.TRUE_OR_FALSE.of();
            case REASON -> TreeFinding.TRUE_OR_REASON.of();
            case PAIR -> TreeFinding.TWO_WHOLE_NUMBERS.of();
            case ROWS -> TreeFinding.LIST_IN_BRACKETS.of();
        };
    }

    private static <T> String writtenChoice(ValueType<T> type, Object choice) {
        // The choices of a type are values of it.
        @SuppressWarnings("unchecked")
        T value = (T) choice;
        return type.write(value);
    }

    private static String plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        // A number too large for any line of a sheet is not written out digit by digit.
        return Math.abs((long) stripped.scale()) > SHOWN_TEXT
                ? number.toString()
                : stripped.setScale(Math.max(0, stripped.scale())).toPlainString();
    }

    private <T> Optional<T> parsed(Parsed<T> parsed) {
        if (parsed instanceof Parsed.Bad<T> bad) {
            fault(bad.problem(), bad.accepted());
        }
        return parsed.optional();
    }

    /** Reads a text. */
    public Optional<String> text() {
        return string(TreeFinding.TEXT_IN_QUOTES.of());
    }

    private Optional<String> string(Finding accepted) {
        Optional<String> text = typed(Tree.Text.class::isInstance, accepted).map(each -> ((Tree.Text) each).text());
        if (text.filter(TreeCursor::isHalfACharacter).isPresent()) {
            fault(TreeFinding.HALF_A_CHARACTER.of(), accepted);
            return Optional.empty();
        }
        return text;
    }

    /** A text with a lone surrogate can't be written as UTF-8. */
    private static boolean isHalfACharacter(String text) {
        return text.codePoints().anyMatch(each -> each >= Character.MIN_SURROGATE && each <= Character.MAX_SURROGATE);
    }

    /** Returns the text here, shortened for use in an error. */
    public String shownText() {
        return here.filter(Tree.Text.class::isInstance)
                .map(each -> shortened(((Tree.Text) each).text()).replaceAll("\\p{Cntrl}", "?"))
                .orElse("");
    }

    /** Reads a flag. */
    public Optional<Boolean> flag() {
        return typed(Tree.Flag.class::isInstance, TreeFinding.TRUE_OR_FALSE.of())
                .map(flag -> ((Tree.Flag) flag).flag());
    }

    /** Reads a number. */
    public Optional<BigDecimal> number(Finding accepted) {
        return typed(Tree.Num.class::isInstance, accepted).map(number -> ((Tree.Num) number).number());
    }

    private Optional<String> pair() {
        return typed(
                        each -> each instanceof Tree.Items list
                                && list.all().size() == 2
                                && list.all().stream().allMatch(TreeCursor::isWhole),
                        TreeFinding.TWO_WHOLE_NUMBERS.of())
                .map(list -> ((Tree.Items) list)
                        .all().stream()
                                .map(number -> plain(((Tree.Num) number).number()))
                                .reduce((low, high) -> low + " and " + high)
                                .orElseThrow(Expect.present("reduce")));
    }

    /** A row with an error in any part is not used; each error is reported at its part. */
    private Optional<String> rows(ValueType<?> type) {
        List<String> rows = new ArrayList<>();
        boolean whole = true;
        for (TreeCursor each : elements()) {
            each.expectObject();
            List<String> parts = new ArrayList<>();
            for (Part part : type.parts()) {
                TreeCursor at = each.at(part.name());
                boolean lacks = !at.isPresent() && part.needed();
                whole &= !lacks;
                if (lacks && each.here.orElse(null) instanceof Tree.Entries) {
                    at.fault(TreeFinding.LACKS.of(Quantity.text(part.name())), ValueType.rowLike(type.parts()));
                }
                Optional<String> written = at.writtenValue(part.type());
                whole &= written.isPresent() == at.isPresent();
                written.ifPresent(parts::add);
            }
            rows.add(String.join(" ", parts).replaceFirst(" ", ": "));
        }
        return whole && !rows.isEmpty() ? Optional.of(String.join("; ", rows)) : Optional.empty();
    }

    private <T> Optional<String> writtenValue(ValueType<T> type) {
        return value(type).map(type::write);
    }

    private static boolean isWhole(Tree value) {
        return value instanceof Tree.Num number
                && Math.abs((long) number.number().scale()) < SHOWN_TEXT
                && number.number().stripTrailingZeros().scale() <= 0;
    }

    /** Returns the places of a list's elements; none if there is no list. */
    public List<TreeCursor> elements() {
        List<TreeCursor> places = new ArrayList<>();
        typed(Tree.Items.class::isInstance, TreeFinding.LIST_IN_BRACKETS.of())
                .ifPresent(list -> ((Tree.Items) list)
                        .all()
                        .forEach(each ->
                                places.add(new TreeCursor(Optional.of(each), pointer + "/" + places.size(), faults))));
        return places;
    }

    /** Returns the places under an object's keys, by key; none if there is no object. */
    public Map<String, TreeCursor> children() {
        Map<String, TreeCursor> places = new LinkedHashMap<>();
        expectObject();
        entries()
                .all()
                .forEach((key, value) ->
                        places.put(key, new TreeCursor(Optional.of(value), pointer + "/" + key, faults)));
        return places;
    }

    /** Requires an object, if there is anything at all. */
    public void expectObject() {
        typed(Tree.Entries.class::isInstance, TreeFinding.OBJECT_IN_BRACES.of());
    }

    /** Reports that something is wrong here. */
    public void fault(Finding problem, Finding accepted) {
        if (faults.size() < MOST_FAULTS) {
            faults.add(new Fault(pointer, problem, accepted));
        } else if (faults.size() == MOST_FAULTS) {
            faults.add(new Fault("", TreeFinding.MORE_FAULTS.of(), TreeFinding.FEWER_FAULTS.of()));
        }
    }

    private Optional<Tree> typed(Predicate<Tree> right, Finding accepted) {
        if (here.isPresent() && !right.test(here.get())) {
            fault(TreeFinding.IS.of(kind(here.get())), accepted);
            return Optional.empty();
        }
        return here;
    }

    private static Quantity.Said kind(Tree value) {
        return new Quantity.Said(said(value));
    }

    private static Finding said(Tree value) {
        if (value instanceof Tree.Entries) {
            return TreeFinding.AN_OBJECT.of();
        }
        if (value instanceof Tree.Items list) {
            return list.all().size() <= SHOWN_ITEMS
                    ? TreeFinding.A_SHORT_LIST.of(Quantity.text(list.all().stream()
                            .map(TreeCursor::brief)
                            .collect(java.util.stream.Collectors.joining(",", "[", "]"))))
                    : TreeFinding.A_LIST.of();
        }
        if (value instanceof Tree.Text text) {
            return TreeFinding.THE_TEXT.of(Quantity.text(shortened(text.text())));
        }
        if (value instanceof Tree.Num number) {
            return TreeFinding.THE_NUMBER.of(
                    Quantity.text(shortened(number.number().toString())));
        }
        return value instanceof Tree.Flag flag
                ? TreeFinding.A_FLAG.of(Quantity.text(Boolean.toString(flag.flag())))
                : TreeFinding.NULL.of();
    }

    private static String brief(Tree value) {
        if (value instanceof Tree.Text text) {
            return "\"" + shortened(text.text()) + "\"";
        }
        return value instanceof Tree.Num number ? shortened(number.number().toString()) : "\u2026";
    }

    private static String shortened(String text) {
        return text.length() <= SHOWN_TEXT ? text : text.substring(0, SHOWN_TEXT - 1) + "\u2026";
    }
}
