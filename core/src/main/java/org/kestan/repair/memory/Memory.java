package org.kestan.repair.memory;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.heel.HeelRates;

/**
 * What a shop has learned from its own jobs. It is offered; nothing uses it until somebody adopts it.
 *
 * @param sink how far bodies fold, mm, by kind
 * @param error how much more action came than predicted, mm, by kind; nothing is offered of it
 * @param hours hours at the bench, by ways
 * @param rates what a pull takes off the cap, mm, by grit
 * @param release hours to release a joint, one figure; none if no joint was released
 * @param heat how many times the computed minutes heat takes, one figure; none if no board was heated
 */
public record Memory(
        Map<InstrumentKind, LearnedValue> sink,
        Map<InstrumentKind, LearnedValue> error,
        Map<String, LearnedValue> hours,
        Map<Integer, LearnedValue> rates,
        List<LearnedValue> release,
        List<LearnedValue> heat) {

    /**
     * How far a shop's bodies may differ in folding from the default, and from one body to the next, mm. From memory.
     */
    private static final double SINK_DOUBT = 0.25;

    private static final double SINK_LEAST = 0.15;

    /**
     * How far a shop's hours and rates may differ from the defaults, and the minimum from one job to the next, as
     * shares. From memory.
     */
    private static final double SHARE_DOUBT = 0.5;

    private static final double SHARE_LEAST = 0.2;

    private static final double ERROR_DOUBT = 0.2;
    private static final double ERROR_LEAST = 0.1;

    /** Learns from what jobs have taught. */
    public static Memory of(List<Lesson> lessons, ShopStandards shop) {
        Map<InstrumentKind, List<Double>> sinks = new LinkedHashMap<>();
        Map<InstrumentKind, List<Double>> errors = new LinkedHashMap<>();
        Map<String, List<Double>> hours = new TreeMap<>();
        Map<Integer, List<Double>> rates = new TreeMap<>();
        List<Double> release = new ArrayList<>();
        List<Double> heat = new ArrayList<>();
        for (Lesson lesson : lessons) {
            lesson.sink().ifPresent(mm -> put(sinks, lesson.kind(), mm));
            lesson.miss().ifPresent(mm -> put(errors, lesson.kind(), mm));
            if (!lesson.ways().isEmpty()) {
                lesson.hours().ifPresent(each -> put(hours, lesson.ways(), each));
            }
            lesson.rates().forEach((grit, mm) -> put(rates, grit, mm));
            lesson.release().ifPresent(release::add);
            lesson.heat().ifPresent(heat::add);
        }
        Map<InstrumentKind, LearnedValue> sink = new LinkedHashMap<>();
        sinks.forEach(
                (kind, each) -> sink.put(kind, LearnedValue.of(each, shop.get(Standard.SINK), SINK_DOUBT, SINK_LEAST)));
        Map<InstrumentKind, LearnedValue> error = new LinkedHashMap<>();
        errors.forEach((kind, each) -> error.put(kind, LearnedValue.of(each, 0, ERROR_DOUBT, ERROR_LEAST)));
        Map<String, LearnedValue> taken = new LinkedHashMap<>();
        hours.forEach((ways, each) -> taken.put(ways, share(each, usualHours(ways, shop))));
        Map<Integer, LearnedValue> pulls = new LinkedHashMap<>();
        rates.forEach((grit, each) -> pulls.put(grit, share(each, new HeelRates(shop).usual(grit))));
        return new Memory(
                sink,
                error,
                taken,
                pulls,
                release.isEmpty() ? List.of() : List.of(share(release, LearnedValue.median(release))),
                heat.isEmpty() ? List.of() : List.of(share(heat, 1)));
    }

    private static LearnedValue share(List<Double> values, double usual) {
        double scale = usual > 0 ? usual : LearnedValue.median(values);
        return LearnedValue.of(values, scale, SHARE_DOUBT * scale, SHARE_LEAST * scale);
    }

    private static double usualHours(String ways, ShopStandards shop) {
        double sum = 0;
        for (String key : ways.split("\\+")) {
            sum += WayCatalog.find(key).map(Way::prices).map(shop::hours).orElse(0.0);
        }
        return sum;
    }

    private static <K> void put(Map<K, List<Double>> all, K key, double value) {
        all.computeIfAbsent(key, each -> new ArrayList<>()).add(value);
    }
}
