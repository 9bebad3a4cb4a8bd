package org.kestan.base.standards;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.notation.Parsed;
import org.kestan.base.week.ShopWeek;

/** The thresholds, defaults and choices of a shop. Immutable; what the shop has not set has its default. */
public final class ShopStandards {

    /** The default standards. */
    public static final ShopStandards DEFAULT = new ShopStandards(
            Map.of(), Map.of(), "", FeelerSet.USUAL, Letterhead.BLANK, ShopWeek.USUAL, AdoptedValues.NOTHING);

    /** Hours and parts of a neck reset. */
    public static final List<Standard> RESET =
            List.of(Standard.HOURS_RESET, Standard.PRICE_FRETS, Standard.PRICE_SADDLE, Standard.PRICE_GLUE);

    /** Hours and parts of a new pin bridge. */
    public static final List<Standard> NEW_BRIDGE =
            List.of(Standard.HOURS_BRIDGE, Standard.PRICE_BRIDGE, Standard.PRICE_SADDLE, Standard.PRICE_GLUE);

    /** Hours and parts of shaving a bridge. */
    public static final List<Standard> SHAVE = List.of(Standard.HOURS_SHAVE, Standard.PRICE_GLUE);

    /** Standards of which none may exceed the next. */
    private static final List<List<Standard>> RISING = Stream.concat(
                    usual().stream(),
                    usual().stream()
                            .flatMap(row -> Stream.of(Family.values())
                                    .map(family -> row.stream()
                                            .map(each -> each.of(family))
                                            .toList())))
            .distinct()
            .toList();

    private static List<List<Standard>> usual() {
        return List.of(
                List.of(Standard.RELIEF_LEAST, Standard.RELIEF_MOST),
                List.of(Standard.HUMIDITY_LEAST, Standard.HUMIDITY_MOST),
                List.of(Standard.NUT_LOW, Standard.NUT_HIGH),
                List.of(Standard.ACTION_LOW, Standard.ACTION_MEDIUM, Standard.ACTION_HIGH, Standard.ACTION_OUT_OF_SPEC),
                List.of(Standard.PROTRUSION_LEAST, Standard.PROTRUSION_FULL, Standard.PROTRUSION_MOST),
                List.of(Standard.BREAK_ANGLE_LEAST, Standard.BREAK_ANGLE_GOOD),
                List.of(
                        Standard.BRIDGE_CUT,
                        Standard.BRIDGE_THIN_SMALL,
                        Standard.BRIDGE_THIN,
                        Standard.BRIDGE_FULL,
                        Standard.BRIDGE_HEAVY),
                List.of(Standard.SHIM_FINE, Standard.SHIM_MIDDLE, Standard.SHIM_COARSE),
                List.of(Standard.COUNTER_NUT_LEAST, Standard.COUNTER_NUT_MOST));
    }

    private final Map<Standard, String> texts;
    private final Map<SchoolQuestion, School> schools;
    private final String currency;
    private final FeelerSet leaves;
    private final Letterhead letterhead;
    private final ShopWeek week;
    private final AdoptedValues takenOver;
    private final double[] values;

    private ShopStandards(
            Map<Standard, String> texts,
            Map<SchoolQuestion, School> schools,
            String currency,
            FeelerSet leaves,
            Letterhead letterhead,
            ShopWeek week,
            AdoptedValues takenOver) {
        this.takenOver = takenOver;
        this.leaves = leaves;
        this.letterhead = letterhead;
        this.week = week;
        this.texts = texts;
        this.schools = schools;
        this.currency = currency;
        values = new double[Standard.values().length];
        for (Standard standard : Standard.values()) {
            String text = texts.get(standard);
            values[standard.ordinal()] = text == null
                    ? standard.start()
                    : standard.parse(text).optional().orElseThrow(Expect.present("valid value"));
        }
    }

    /** Returns a standard: mm, degrees, or the plain number of its {@link Measure}. */
    public double get(Standard standard) {
        return values[standard.ordinal()];
    }

    /** Returns a standard for a family of instruments. */
    public double get(Standard standard, Family family) {
        return get(standard.of(family));
    }

    /** Returns a standard that is an angle. */
    public Angle angle(Standard standard) {
        return Angle.ofDegrees(get(standard));
    }

    /** Returns the sum of those of the given standards that are hours. */
    public double hours(List<Standard> work) {
        return sum(work, Measure.HOURS);
    }

    /** Returns the sum of those of the given standards that are prices, in the shop's currency. */
    public double parts(List<Standard> work) {
        return sum(work, Measure.MONEY);
    }

    /** Returns the cost of work: its hours at the shop's rate, and its parts. */
    public double cost(List<Standard> work) {
        return hours(work) * get(Standard.HOURLY_RATE) + parts(work);
    }

    private double sum(List<Standard> work, Measure measure) {
        return work.stream()
                .filter(each -> each.measure() == measure)
                .mapToDouble(this::get)
                .sum();
    }

    /**
     * Returns the height of the frets over the top at the joint if it was not read, mm, depending on what carries the
     * strings.
     */
    public Standard fretsOverTop(boolean floating) {
        return floating ? Standard.FRETS_OVER_TOP_FLOATING : Standard.FRETS_OVER_TOP;
    }

    /** Returns the thickness in mm below which a bridge counts as thin; a small body's may be slightly thinner. */
    public double bridgeThin(String body) {
        return get("small".equals(body) ? Standard.BRIDGE_THIN_SMALL : Standard.BRIDGE_THIN);
    }

    /** Returns the text of a standard, as it was typed. */
    public String text(Standard standard) {
        return texts.getOrDefault(standard, standard.startText());
    }

    /** Returns whether the shop has set a standard itself. */
    public boolean isSet(Standard standard) {
        return texts.containsKey(standard);
    }

    /** Returns the source of a standard's value. */
    public Origin origin(Standard standard) {
        return takenOver.values().contains(standard)
                ? Origin.LEARNED
                : isSet(standard) ? Origin.SHOP : standard.origin();
    }

    /** Returns what the shop has adopted from its jobs. */
    public AdoptedValues takenOver() {
        return takenOver;
    }

    /** Returns these standards with other values adopted from the shop's jobs. */
    public ShopStandards withTakenOver(AdoptedValues next) {
        return new ShopStandards(texts, schools, currency, leaves, letterhead, week, next);
    }

    /** Returns these standards with one set to its learned value; unchanged if that would contradict its neighbors. */
    public ShopStandards learning(Standard standard, String learned) {
        return with(standard, learned)
                .optional()
                .map(next -> next.withTakenOver(next.takenOver.with(standard)))
                .orElse(this);
    }

    /** Returns the standards for a kind of instrument: what was learned about the kind replaces the usual value. */
    public ShopStandards of(InstrumentKind kind) {
        return Optional.ofNullable(takenOver.sinks().get(kind))
                .map(sink -> learning(Standard.SINK, sink.text()))
                .orElse(this);
    }

    /** Returns these standards with another hourly rate; the same if none is given. */
    public ShopStandards charging(Optional<Double> rate) {
        return rate.flatMap(
                        money -> with(Standard.HOURLY_RATE, money.toString()).optional())
                .orElse(this);
    }

    /** Returns the shop's choice on a question. */
    public School school(SchoolQuestion question) {
        return schools.getOrDefault(question, question.schools().get(0));
    }

    /** Returns whether the shop follows a school. */
    public boolean holds(School school) {
        return school(school.question()) == school;
    }

    /** Returns the currency of the shop's prices; empty if it was not entered. */
    public String currency() {
        return currency;
    }

    /**
     * Returns these standards with one set to what was typed, or what is wrong with it: not a valid quantity, or out
     * of order with its neighbors.
     */
    public Parsed<ShopStandards> with(Standard standard, String typed) {
        Parsed<Double> value = standard.parse(typed);
        if (value instanceof Parsed.Bad<Double> bad) {
            return Parsed.as(bad);
        }
        EnumMap<Standard, String> next = copy();
        if (typed.strip().equals(standard.startText())) {
            next.remove(standard);
        } else {
            next.put(standard, typed.strip());
        }
        ShopStandards changed =
                new ShopStandards(next, schools, currency, leaves, letterhead, week, takenOver.without(standard));
        return changed.outOfOrder(standard)
                .<Parsed<ShopStandards>>map(neighbor -> new Parsed.Bad<>(
                        (changed.get(standard) < changed.get(neighbor) ? StandardFinding.UNDER : StandardFinding.OVER)
                                .of(Quantity.text(typed.strip()), Quantity.term(neighbor)),
                        StandardFinding.BETWEEN_NEIGHBORS.of()))
                .orElseGet(() -> new Parsed.Ok<>(changed));
    }

    /** Sets several at once, in any order; empty if one is invalid or they contradict each other. */
    public Optional<ShopStandards> withAll(Map<Standard, String> typed) {
        EnumMap<Standard, String> next = copy();
        for (Map.Entry<Standard, String> entry : typed.entrySet()) {
            if (entry.getKey().parse(entry.getValue()).optional().isEmpty()) {
                return Optional.empty();
            }
            next.put(entry.getKey(), entry.getValue().strip());
        }
        AdoptedValues learned = takenOver;
        for (Standard each : typed.keySet()) {
            learned = learned.without(each);
        }
        next.entrySet().removeIf(entry -> entry.getValue().equals(entry.getKey().startText()));
        ShopStandards changed = new ShopStandards(next, schools, currency, leaves, letterhead, week, learned);
        boolean agree = Arrays.stream(Standard.values())
                .allMatch(each -> changed.outOfOrder(each).isEmpty());
        return agree ? Optional.of(changed) : Optional.empty();
    }

    private EnumMap<Standard, String> copy() {
        EnumMap<Standard, String> next = new EnumMap<>(Standard.class);
        next.putAll(texts);
        return next;
    }

    /** The neighbor that a standard is out of order with; empty if there is none. */
    private Optional<Standard> outOfOrder(Standard standard) {
        for (List<Standard> row : RISING) {
            int at = row.indexOf(standard);
            if (at > 0 && get(standard) < get(row.get(at - 1))) {
                return Optional.of(row.get(at - 1));
            }
            if (at >= 0 && at + 1 < row.size() && get(standard) > get(row.get(at + 1))) {
                return Optional.of(row.get(at + 1));
            }
        }
        return Optional.empty();
    }

    /** Returns these standards with one reset to its default; unchanged if that would contradict its neighbors. */
    public ShopStandards reset(Standard standard) {
        return with(standard, standard.startText()).optional().orElse(this);
    }

    /** Returns these standards with another school for its question, including the standards that it sets. */
    public ShopStandards with(School school) {
        EnumMap<SchoolQuestion, School> next = new EnumMap<>(SchoolQuestion.class);
        next.putAll(schools);
        if (school == school.question().schools().get(0)) {
            next.remove(school.question());
        } else {
            next.put(school.question(), school);
        }
        ShopStandards base = withAll(school.settings()).orElse(this);
        return new ShopStandards(base.texts, next, currency, leaves, letterhead, week, takenOver);
    }

    /** Returns the letterhead of the shop's papers. */
    public Letterhead letterhead() {
        return letterhead;
    }

    /** Returns the hours, people and places the shop plans with. */
    public ShopWeek week() {
        return week;
    }

    /** Returns these standards with another week. */
    public ShopStandards withWeek(ShopWeek next) {
        return new ShopStandards(texts, schools, currency, leaves, letterhead, next, takenOver);
    }

    /** Returns these standards with another letterhead. */
    public ShopStandards withLetterhead(Letterhead next) {
        return new ShopStandards(texts, schools, currency, leaves, next, week, takenOver);
    }

    /** Returns these standards with another currency. */
    public ShopStandards withCurrency(String next) {
        return new ShopStandards(texts, schools, next.strip(), leaves, letterhead, week, takenOver);
    }

    /** Returns the feeler leaves the shop owns. */
    public FeelerSet leaves() {
        return leaves;
    }

    /** Returns these standards with other leaves. */
    public ShopStandards withLeaves(FeelerSet next) {
        return new ShopStandards(texts, schools, currency, next, letterhead, week, takenOver);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ShopStandards that
                && texts.equals(that.texts)
                && schools.equals(that.schools)
                && currency.equals(that.currency)
                && letterhead.equals(that.letterhead)
                && week.equals(that.week)
                && takenOver.equals(that.takenOver)
                && leaves.equals(that.leaves);
    }

    @Override
    public int hashCode() {
        return texts.hashCode() + 31 * schools.hashCode();
    }

    @Override
    public String toString() {
        return texts + " " + schools;
    }
}
