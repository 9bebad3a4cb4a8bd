package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Joint;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.WayFinding;

/** Sanding the heel of a bolted neck. */
final class HeelSanding extends NeckTurned {

    HeelSanding() {
        super("heel-sanding", List.of(Standard.HOURS_SANDING, Standard.PRICE_GLUE));
    }

    @Override
    public Outcome take(Case about, Setup from) {
        return about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT)
                ? turned(about, from)
                : not(WayFinding.NOT_BOLTED_ON.of());
    }
}
