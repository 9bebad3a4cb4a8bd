package org.kestan.judgement.way;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.following.setup.Setup;
import org.kestan.ground.geometry.Angle;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.ground.standards.Standard;

/**
 * A stock pocket shim.
 *
 * @param angle its angle; positive with the thick end toward the bridge, which sets the neck back
 * @param after the set-up with it in the pocket
 */
public record Shim(Angle angle, Setup after) {

    /** The stock shims, set back and forward, each with the set-up it leads to. */
    public static List<Shim> stock(Setup from, ShopStandards shop) {
        return Stream.of(Standard.SHIM_FINE, Standard.SHIM_MIDDLE, Standard.SHIM_COARSE)
                .map(shop::angle)
                .flatMap(angle -> Stream.of(angle, angle.negated()))
                .map(angle -> new Shim(angle, from.afterNeckTurned(angle)))
                .toList();
    }
}
