package org.kestan.job.bench;

import java.util.Set;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Sides;

/**
 * Where the feet of a floating bridge touched, as carbon or chalk showed it after a set of strokes.
 *
 * @param bears the zones that bore, on each foot
 */
public record FootFit(Sides<Set<Zone>> bears) {

    /** Takes unmodifiable copies. */
    public FootFit {
        bears = bears.map(Set::copyOf);
    }

    /**
     * The zones of a foot, seen from above with the neck ahead: toward the neck or the tail, and across from its outer
     * end.
     */
    public enum Zone implements Keyed {
        FRONT_OUTER,
        FRONT_MIDDLE,
        FRONT_INNER,
        BACK_OUTER,
        BACK_MIDDLE,
        BACK_INNER;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "foot-zone";
        }
    }

    /** Returns the share of both feet that touched, 0 to 1. */
    public double share() {
        return (bears.bass().size() + bears.treble().size()) / (2.0 * Zone.values().length);
    }
}
