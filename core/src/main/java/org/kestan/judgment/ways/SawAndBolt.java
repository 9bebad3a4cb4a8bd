package org.kestan.judgment.ways;

import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;

/** Sawing the neck off and bolting it back on. */
final class SawAndBolt extends LastResortNeckWay {

    private static final Finding.Kind THROUGH = Finding.kind("way.saw-and-bolt.through");

    SawAndBolt() {
        super(
                "saw-and-bolt",
                List.of(Standard.HOURS_SAW, Standard.PRICE_BOLTS, Standard.PRICE_GLUE),
                Effect.OPENS_BOARD);
    }

    @Override
    public boolean fitsJoint(Job job) {
        return super.fitsJoint(job) && !job.joined(Joint.THROUGH);
    }

    @Override
    boolean forMeaning(JudgmentContext about) {
        return false;
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        return about.joined(Joint.THROUGH) ? not(THROUGH.of()) : super.take(about, from);
    }
}
