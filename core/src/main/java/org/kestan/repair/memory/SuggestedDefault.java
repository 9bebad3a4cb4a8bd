package org.kestan.repair.memory;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.Measure;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.ways.WayCatalog;

/**
 * Something a shop has learned, and the standard it would set. Nothing is set until somebody adopts it.
 *
 * @param what the quantity
 * @param kind the kind of instrument; empty if it is of no kind
 * @param key keys of the ways, or the grit; empty for neither
 * @param learned what was learned
 * @param standard the standard it would set; empty if there is none, or if it is set by kind
 * @param usual what the standards say now; empty if they say nothing
 * @param taken whether it was adopted
 */
public record SuggestedDefault(
        What what,
        Optional<InstrumentKind> kind,
        String key,
        LearnedValue learned,
        Optional<Standard> standard,
        OptionalDouble usual,
        boolean taken) {

    private static final Map<Integer, Standard> PULLS =
            Map.of(80, Standard.PULL_80, 120, Standard.PULL_120, 180, Standard.PULL_180);

    /** What can be learned. */
    public enum What implements Keyed {
        SINK,
        RATE,
        HOURS,
        ERROR,
        RELEASE,
        HEAT;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        @Override
        public String family() {
            return "learned";
        }
    }

    /**
     * Lists a memory's values compared with the standards of the shop, within each kind those based on the most jobs
     * first.
     */
    public static List<SuggestedDefault> of(Memory memory, ShopStandards shop) {
        List<SuggestedDefault> all = new ArrayList<>();
        memory.sink().forEach((kind, learned) -> {
            boolean taken = shop.takenOver().sinks().containsKey(kind);
            double usual = shop.of(kind).get(Standard.SINK);
            all.add(new SuggestedDefault(
                    What.SINK, Optional.of(kind), "", learned, Optional.empty(), OptionalDouble.of(usual), taken));
        });
        memory.rates()
                .forEach((grit, learned) ->
                        all.add(standing(What.RATE, Integer.toString(grit), learned, pull(grit), shop)));
        memory.hours().forEach((ways, learned) -> all.add(standing(What.HOURS, ways, learned, hours(ways), shop)));
        memory.error()
                .forEach((kind, learned) -> all.add(new SuggestedDefault(
                        What.ERROR, Optional.of(kind), "", learned, Optional.empty(), OptionalDouble.empty(), false)));
        memory.release().forEach(learned -> all.add(standing(What.RELEASE, "", learned, Optional.empty(), shop)));
        memory.heat()
                .forEach(learned -> all.add(standing(What.HEAT, "", learned, Optional.of(Standard.HEAT_FACTOR), shop)));
        all.sort((one, other) -> one.what != other.what
                ? one.what.compareTo(other.what)
                : Integer.compare(other.learned.n(), one.learned.n()));
        return all;
    }

    private static SuggestedDefault standing(
            What what, String key, LearnedValue learned, Optional<Standard> standard, ShopStandards shop) {
        return new SuggestedDefault(
                what,
                Optional.empty(),
                key,
                learned,
                standard,
                standard.map(each -> OptionalDouble.of(shop.get(each))).orElse(OptionalDouble.empty()),
                standard.filter(shop.takenOver().values()::contains).isPresent());
    }

    private static Optional<Standard> pull(int grit) {
        return Optional.ofNullable(PULLS.get(grit));
    }

    /** The standard for a way's hours; several ways in one job say nothing about each. */
    private static Optional<Standard> hours(String ways) {
        List<Standard> hours = WayCatalog.find(ways).stream()
                .flatMap(way -> way.prices().stream())
                .filter(each -> each.measure() == Measure.HOURS)
                .toList();
        return hours.size() == 1 ? Optional.of(hours.get(0)) : Optional.empty();
    }

    /** Returns whether it can be adopted. */
    public boolean canBeTaken() {
        return what == What.SINK || standard.isPresent();
    }

    /** Returns standards with it adopted; unchanged if it cannot be. */
    public ShopStandards takenBy(ShopStandards shop) {
        if (what == What.SINK) {
            return shop.withTakenOver(shop.takenOver()
                    .with(kind.orElseThrow(Expect.present("kind of instrument")), Length.ofText(text("%.2f mm"))));
        }
        return standard.map(each -> shop.learning(each, text(what == What.RATE ? "%.3f mm" : "%.2f")))
                .orElse(shop);
    }

    private String text(String format) {
        return String.format(Locale.ROOT, format, learned.offered());
    }

    /** Returns standards without it, reset to the default. */
    public ShopStandards givenBackBy(ShopStandards shop) {
        return what == What.SINK
                ? shop.withTakenOver(shop.takenOver().without(kind.orElseThrow(Expect.present("kind of instrument"))))
                : standard.map(shop::reset).orElse(shop);
    }

    /** Returns whether a job's lesson is behind it. */
    public boolean isFrom(Lesson lesson) {
        boolean ofKind = kind.isEmpty() || kind.get().equals(lesson.kind());
        return ofKind
                && switch (what) {
                    case SINK -> lesson.sink().isPresent();
                    case ERROR -> lesson.miss().isPresent();
                    case HOURS -> lesson.ways().equals(key) && lesson.hours().isPresent();
                    case RATE -> lesson.rates().containsKey(Integer.parseInt(key));
                    case RELEASE -> lesson.release().isPresent();
                    case HEAT -> lesson.heat().isPresent();
                };
    }
}
