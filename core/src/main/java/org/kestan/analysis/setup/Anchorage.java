package org.kestan.analysis.setup;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.BreakAngle;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.visits.Visit;

/**
 * Where the strings go behind the saddle. Millimeters.
 *
 * @param pinDistance saddle crown to where the string enters the bridge
 * @param pinDistanceAssumed whether the shop's default is used for it
 * @param ramp depth of the string ramp at the pin hole
 * @param tailpieceHeight top to the string at the tailpiece; empty if not read
 * @param tailpieceDistance bridge to tailpiece along the top; empty if not read
 */
@RecordBuilder
public record Anchorage(
        double pinDistance,
        boolean pinDistanceAssumed,
        double ramp,
        OptionalDouble tailpieceHeight,
        OptionalDouble tailpieceDistance)
        implements AnchorageBuilder.With {

    /** Reads it from a visit, with the shop's pin distance if none was read. */
    public static Anchorage of(Visit visit, ShopStandards shop) {
        OptionalDouble pins = visit.millimeters(Reading.PIN_DISTANCE);
        return new Anchorage(
                pins.orElse(shop.get(Standard.PIN_DISTANCE)),
                pins.isEmpty(),
                visit.millimeters(Reading.STRING_RAMP).orElse(0),
                visit.millimeters(Reading.TAILPIECE_HEIGHT),
                visit.millimeters(Reading.TAILPIECE_DISTANCE));
    }

    /** Angle behind a saddle that stands out of the bridge by the given height (§3.14). */
    Angle behindPins(double protrusion) {
        return BreakAngle.behindPins(protrusion, ramp, pinDistance);
    }

    /** Angle behind a floating bridge of the given height; empty if the tailpiece was not read. */
    public Optional<Angle> behindTailpiece(double bridgeHeight) {
        if (tailpieceHeight.isEmpty() || tailpieceDistance.orElse(0) <= 0) {
            return Optional.empty();
        }
        return Optional.of(BreakAngle.behindTailpiece(
                bridgeHeight, tailpieceHeight.getAsDouble(), tailpieceDistance.getAsDouble()));
    }
}
