package org.kestan.setup;

import java.util.OptionalDouble;
import org.kestan.geometry.BreakAngle;
import org.kestan.job.Survey;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * Where the strings go behind the saddle. Millimetres.
 *
 * @param pinDistance saddle crown to where the string enters the bridge
 * @param pinDistanceAssumed whether the shop's default stands in for it
 * @param ramp depth of the string ramp at the pin hole
 * @param tailpieceHeight top to the string at the tailpiece; empty when not read
 * @param tailpieceDistance bridge to tailpiece along the top; empty when not read
 */
public record Anchorage(
        double pinDistance,
        boolean pinDistanceAssumed,
        double ramp,
        OptionalDouble tailpieceHeight,
        OptionalDouble tailpieceDistance) {

    /** Reads it from a survey, with the shop's pin distance where none was read. */
    public static Anchorage of(Survey survey, ShopStandards shop) {
        OptionalDouble pins = survey.millimetres(Reading.PIN_DISTANCE);
        return new Anchorage(
                pins.orElse(shop.get(Standard.PIN_DISTANCE)),
                pins.isEmpty(),
                survey.millimetres(Reading.STRING_RAMP).orElse(0),
                survey.millimetres(Reading.TAILPIECE_HEIGHT),
                survey.millimetres(Reading.TAILPIECE_DISTANCE));
    }

    /** Returns this anchorage with a deeper or shallower ramp. */
    public Anchorage withRamp(double depth) {
        return new Anchorage(pinDistance, pinDistanceAssumed, depth, tailpieceHeight, tailpieceDistance);
    }

    /** Angle behind a saddle that stands out of the bridge by the given height, radians (§3.14). */
    double behindPins(double protrusion) {
        return BreakAngle.behindPins(protrusion, ramp, pinDistance);
    }

    /** Angle behind a floating bridge of the given height, radians; empty when the tailpiece was not read. */
    OptionalDouble behindTailpiece(double bridgeHeight) {
        if (tailpieceHeight.isEmpty() || tailpieceDistance.orElse(0) <= 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(BreakAngle.behindTailpiece(
                bridgeHeight, tailpieceHeight.getAsDouble(), tailpieceDistance.getAsDouble()));
    }
}
