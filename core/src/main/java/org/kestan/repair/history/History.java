package org.kestan.repair.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;

/**
 * An instrument over its visits. Readings from before the last work belong to a different history and are left out.
 *
 * @param series the points of each quantity, in the order of the days
 * @param trends the trend of each, where there are enough days
 * @param saddle when the saddle passes the least it may stand out; empty if it does not
 */
public record History(
        Map<Quantity, List<Trend.Point>> series, Map<Quantity, Trend> trends, Optional<Trend.Crossing> saddle) {

    /** The quantities that are followed over the years. */
    public enum Quantity implements Keyed {
        /** Neck pitch, degrees. */
        PITCH(setup -> setup.pitch().map(Angle::degrees)),
        /** How far the saddle stands out of the bridge, mean of the sides, mm. */
        SADDLE(setup -> setup.protrusion().map(Sides::mean)),
        /** Action of the bass, mm. */
        ACTION(setup -> Optional.of(setup.action().bass())),
        /** Relief, mm. */
        RELIEF(setup -> Optional.of(setup.reliefGap()));

        private final Function<Setup, Optional<Double>> source;

        Quantity(Function<Setup, Optional<Double>> source) {
            this.source = source;
        }

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        @Override
        public String family() {
            return "history";
        }
    }

    /** Reads the history of a job. */
    public static History of(Job job, ShopStandards shop) {
        List<Visit> visits = Stream.concat(Stream.of(job.visit()), job.otherVisits().stream())
                .filter(visit -> visit.get(Lines.TAKEN_ON).isPresent())
                .filter(visit ->
                        visit.get(Lines.ROLE).filter(VisitRole.DRY_FIT::equals).isEmpty())
                .sorted(Comparator.comparing(
                        visit -> visit.get(Lines.TAKEN_ON).orElseThrow(Expect.present("taken on"))))
                .toList();
        int since = 0;
        for (int i = 0; i < visits.size(); i++) {
            since = visits.get(i)
                            .get(Lines.ROLE)
                            .filter(VisitRole.STRUNG::equals)
                            .isPresent()
                    ? i
                    : since;
        }
        Map<Quantity, List<Trend.Point>> series = new EnumMap<>(Quantity.class);
        for (Visit visit : visits.subList(since, visits.size())) {
            LocalDate day = visit.get(Lines.TAKEN_ON).orElseThrow(Expect.present("taken on"));
            Optional<Double> humid = visit.get(Lines.HUMIDITY);
            OptionalDouble humidity = humid.isPresent() ? OptionalDouble.of(humid.get()) : OptionalDouble.empty();
            SheetAnalysis.of(job.withVisit(visit), shop).measured().ifPresent(setup -> {
                for (Quantity quantity : Quantity.values()) {
                    quantity.source
                            .apply(setup)
                            .ifPresent(value -> series.computeIfAbsent(quantity, each -> new ArrayList<>())
                                    .add(new Trend.Point(day, value, humidity)));
                }
            });
        }
        Map<Quantity, Trend> trends = new EnumMap<>(Quantity.class);
        series.forEach((quantity, points) -> Trend.of(points).ifPresent(trend -> trends.put(quantity, trend)));
        Optional<Trend.Crossing> saddle = Optional.ofNullable(trends.get(Quantity.SADDLE))
                .flatMap(trend -> trend.crossing(SheetAnalysis.of(job, shop)
                        .measured()
                        .map(setup -> SaddleReserve.least(setup, shop))
                        .orElse(shop.get(Standard.PROTRUSION_LEAST))));
        return new History(series, trends, saddle);
    }
}
