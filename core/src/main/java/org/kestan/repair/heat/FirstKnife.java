package org.kestan.repair.heat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/**
 * When the glue under a board has let go far enough for the first knife (§3.25).
 *
 * @param minutes from the moment the surface is warm
 * @param from the soonest: glue that softens early under wood that passes the heat on well
 * @param to the latest
 * @param surface the temperature the surface is held at, °C
 * @param glueLine the temperature the glue line has then, and with it the finish beside the board, °C
 * @param sparesFinish whether old lacquer withstands the heat of the glue line
 * @param sparesInlay whether plastic inlays withstand the heat of the surface
 */
public record FirstKnife(
        double minutes,
        double from,
        double to,
        double surface,
        double glueLine,
        boolean sparesFinish,
        boolean sparesInlay) {

    /**
     * Under the fretboard: its thickness past the joint as read, or else the height of the frets over the top minus
     * the fret; empty if neither was read.
     */
    public static Optional<FirstKnife> underFretboard(Job job, ShopStandards shop) {
        OptionalDouble read = job.get(Lines.BOARD_THICKNESS).orElse(List.of()).stream()
                .max(Comparator.comparingInt(row -> row.whole("fret")))
                .stream()
                .mapToDouble(row -> (row.millimeters("bass") + row.millimeters("treble")) / 2)
                .findFirst();
        if (read.isPresent()) {
            return through(read.getAsDouble(), shop);
        }
        OptionalDouble over = job.millimeters(Reading.FRETS_OVER_TOP);
        if (over.isEmpty()) {
            return Optional.empty();
        }
        double crown = job.millimeters(Reading.FRET_HEIGHT).orElse(shop.get(Standard.CROWN_HEIGHT));
        return through(over.getAsDouble() - crown, shop);
    }

    /** Under a pin bridge; empty if its thickness was not read. */
    public static Optional<FirstKnife> underBridge(Job job, ShopStandards shop) {
        OptionalDouble thickness = job.millimeters(Reading.BRIDGE_THICKNESS);
        return thickness.isPresent() ? through(thickness.getAsDouble(), shop) : Optional.empty();
    }

    /**
     * Under any board.
     *
     * @param thickness mm
     * @return empty without a board, and for a surface that does not get the glue hot enough
     */
    public static Optional<FirstKnife> through(double thickness, ShopStandards shop) {
        if (thickness <= 0) {
            return Optional.empty();
        }
        double softens = shop.get(Standard.GLUE_SOFTENS);
        double spread = shop.get(Standard.GLUE_SOFTENS_SPREAD);
        double slow = shop.get(Standard.DIFFUSIVITY_LEAST);
        double quick = shop.get(Standard.DIFFUSIVITY_MOST);
        HeatThroughBoard usual = through(thickness, shop, Math.sqrt(slow * quick));
        double factor = shop.get(Standard.HEAT_FACTOR);
        double minutes = factor * usual.minutes(softens);
        double to = factor * through(thickness, shop, slow).minutes(softens + spread);
        if (Double.isInfinite(to)) {
            return Optional.empty();
        }
        return Optional.of(new FirstKnife(
                minutes,
                factor * through(thickness, shop, quick).minutes(softens - spread),
                to,
                usual.surface(),
                softens,
                softens <= shop.get(Standard.FINISH_BEARS),
                usual.surface() <= shop.get(Standard.INLAY_BEARS)));
    }

    private static HeatThroughBoard through(double thickness, ShopStandards shop, double diffusivity) {
        return new HeatThroughBoard(
                thickness, shop.get(Standard.HEAT_SURFACE), shop.get(Standard.ROOM_TEMPERATURE), diffusivity);
    }
}
