package org.kestan.judgment.way;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.Angle;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;

/**
 * A stock pocket shim.
 *
 * @param angle its angle; positive with the thick end toward the bridge, which sets the neck back
 * @param after the setup with it in the pocket
 */
public record Shim(Angle angle, Setup after) {

    /**
     * The stock shims, set back and forward, each with the resulting setup; only those that set it back if the
     * pocket's length, which the others need (§3.13), is not known.
     */
    public static List<Shim> stock(Setup from, ShopStandards shop, OptionalDouble pocket) {
        return Stream.of(Standard.SHIM_FINE, Standard.SHIM_MIDDLE, Standard.SHIM_COARSE)
                .map(shop::angle)
                .flatMap(angle -> pocket.isPresent() ? Stream.of(angle, angle.negated()) : Stream.of(angle))
                .map(angle -> new Shim(angle, from.afterShim(angle, pocket.orElse(0))))
                .toList();
    }
}
