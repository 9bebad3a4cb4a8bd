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

/** The thresholds, defaults and choices of a shop. Immutable; what the shop has not set is as it starts. */
public final class ShopStandards {

    /** The standards a shop starts with. */
    public static final ShopStandards DEFAULT = new ShopStandards(
            Map.of(), Map.of(), "", FeelerSet.USUAL, Letterhead.BLANK, ShopWeek.USUAL, AdoptedValues.NOTHING);

    /** What a neck reset takes: hours and parts. */
    public static final List<Standard> RESET =
            List.of(Standard.HOURS_RESET, Standard.PRICE_FRETS, Standard.PRICE_SADDLE, Standard.PRICE_GLUE);

    /** What a new pin bridge takes: hours and parts. */
    public static final List<Standard> NEW_BRIDGE =
            List.of(Standard.HOURS_BRIDGE, Standard.PRICE_BRIDGE, Standard.PRICE_SADDLE, Standard.PRICE_GLUE);

    /** What shaving a bridge takes: hours and parts. */
    public static final List<Standard> SHAVE = List.of(Standard.HOURS_SHAVE, Standard.PRICE_GLUE);

    /** Standards of which none may lie above the next. */
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

    /** Returns a standard as it is for a family of instruments. */
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

    /** Returns what work comes to: its hours at the shop's rate, and its parts. */
    public double cost(List<Standard> work) {
        return hours(work) * get(Standard.HOURLY_RATE) + parts(work);
    }

    private double sum(List<Standard> work, Measure measure) {
        return work.stream()
                .filter(each -> each.measure() == measure)
                .mapToDouble(this::get)
                .sum();
    }

    /** Returns the frets' height over the top at the joint where it was not read, mm: by what carries the strings. */
    public Standard fretsOverTop(boolean floating) {
        return floating ? Standard.FRETS_OVER_TOP_FLOATING : Standard.FRETS_OVER_TOP;
    }

    /** Returns the thickness in mm under which a bridge counts as thin; a small body's may go slightly lower. */
    public double bridgeThin(String body) {
        return get("small".equals(body) ? Standard.BRIDGE_THIN_SMALL : Standard.BRIDGE_THIN);
    }

    /** Returns the text of a standard, as it was typed. */
    public String text(Standard standard) {
        return texts.getOrDefault(standard, standard.startText());
    }

    /** Tells whether the shop has set a standard itself. */
    public boolean isSet(Standard standard) {
        return texts.containsKey(standard);
    }

    /** Returns where the value of a standard comes from. */
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

    /** Returns these standards with one set to what was learned of it; unchanged when that would not agree with its neighbors. */
    public ShopStandards learning(Standard standard, String learned) {
        return with(standard, learned)
                .optional()
                .map(next -> next.withTakenOver(next.takenOver.with(standard)))
                .orElse(this);
    }

    /** Returns the standards as they are for a kind of instrument: what was learned of the kind replaces the usual value. */
    public ShopStandards of(InstrumentKind kind) {
        return Optional.ofNullable(takenOver.sinks().get(kind))
                .map(sink -> learning(Standard.SINK, sink.text()))
                .orElse(this);
    }

    /** Returns these standards with another rate for an hour of work; the same where none is given. */
    public ShopStandards charging(Optional<Double> rate) {
        return rate.flatMap(
                        money -> with(Standard.HOURLY_RATE, money.toString()).optional())
                .orElse(this);
    }

    /** Returns the school the shop has chosen on a question. */
    public School school(SchoolQuestion question) {
        return schools.getOrDefault(question, question.schools().get(0));
    }

    /** Tells whether the shop holds with a school. */
    public boolean holds(School school) {
        return school(school.question()) == school;
    }

    /** Returns the currency of the shop's prices; empty when it was not said. */
    public String currency() {
        return currency;
    }

    /**
     * Returns these standards with one set to what was typed, or what is wrong with it: no such quantity, or out of order
     * with its neighbors.
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

    /** Sets several at once, in whatever order they are given; empty when one can't be or they don't agree. */
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

    /** The neighbor that a standard lies on the wrong side of; empty when it lies right. */
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

    /** Returns these standards with one as it starts; unchanged when that would not agree with its neighbors. */
    public ShopStandards reset(Standard standard) {
        return with(standard, standard.startText()).optional().orElse(this);
    }

    /** Returns these standards with another school on its question; the standards that come with it are set too. */
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

    /** Returns what stands on the shop's papers for owners. */
    public Letterhead letterhead() {
        return letterhead;
    }

    /** Returns what the shop plans its week by. */
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
