package org.kestan.text;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.kestan.base.geometry.Angle;
import org.kestan.repair.history.History;
import org.kestan.repair.history.Trend;

/** An instrument's history in sentences. */
public final class HistoryText {

    private static final int SEASON = 3;
    private static final double DEGREES = 0.05;

    private HistoryText() {}

    /** Describes the trends, the saddle first. */
    public static List<String> say(History history, Wording words) {
        List<String> said = new ArrayList<>();
        history.saddle()
                .ifPresent(each -> said.add(
                        each.latest().isPresent()
                                ? Wording.text("advice.history-saddle")
                                        .replace("{0}", season(each.earliest()))
                                        .replace(
                                                "{1}",
                                                between(
                                                        each.earliest(),
                                                        each.latest().get()))
                                : Wording.text("advice.history-saddle-from").replace("{0}", season(each.earliest()))));
        history.trends().forEach((quantity, trend) -> said.add(say(quantity, trend, words)));
        if (history.trends().isEmpty()) {
            said.add(Wording.text("advice.history-too-few"));
        }
        return said;
    }

    private static String say(History.Quantity quantity, Trend trend, Wording words) {
        LocalDate from = trend.points().get(0).day();
        LocalDate to = trend.points().get(trend.points().size() - 1).day();
        int years = Math.max(1, (int) Math.round((to.toEpochDay() - from.toEpochDay()) / 365.25));
        if (!trend.moves()) {
            return Wording.text("advice.history-still")
                    .replace("{0}", Wording.label(quantity))
                    .replace("{1}", Integer.toString(years));
        }
        double change = trend.at(to) - trend.at(from);
        return Wording.text(trend.shape() == Trend.Shape.STRAIGHT ? "advice.history-moves" : "advice.history-slows")
                .replace("{0}", Wording.label(quantity))
                .replace("{1}", print(quantity, Math.abs(change), words))
                .replace("{2}", Wording.text(change > 0 ? "advice.history-more" : "advice.history-less"))
                .replace("{3}", Integer.toString(years));
    }

    /** Formats a value of a quantity in its unit. */
    public static String print(History.Quantity quantity, double value, Wording words) {
        return switch (quantity) {
            case PITCH -> Numbers.angle(Angle.ofRadians(Math.toRadians(value)));
            case RELIEF -> words.numbers().fine(value);
            default -> words.numbers().length(value);
        };
    }

    /** The smallest step between two values of a scale, in the quantity's own measure. */
    public static double grain(History.Quantity quantity, BenchUnit unit) {
        return switch (quantity) {
            case PITCH -> DEGREES;
            case RELIEF -> unit.fine().step();
            default -> unit.step();
        };
    }

    /** The season of a day in the northern hemisphere, with its year. */
    private static String season(LocalDate day) {
        int season = day.getMonthValue() % 12 / SEASON;
        String[] names = Wording.text("advice.seasons").split(",");
        return names[season] + " " + day.getYear();
    }

    private static String between(LocalDate from, LocalDate to) {
        return from.getYear() == to.getYear() ? season(to) : Integer.toString(to.getYear());
    }
}
