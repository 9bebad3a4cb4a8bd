package org.kestan.judgment.ways;

import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayFinding;

/** Sanding the heel of a bolted neck. */
final class HeelSanding extends NeckAngleWay {

    HeelSanding() {
        super("heel-sanding", List.of(Standard.HOURS_SANDING, Standard.PRICE_GLUE));
    }

    @Override
    public boolean fitsJoint(Job job) {
        return job.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT);
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        return about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT)
                ? turned(about, from)
                : not(WayFinding.NOT_BOLTED_ON.of());
    }
}
