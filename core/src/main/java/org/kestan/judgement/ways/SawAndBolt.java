package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Joint;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Outcome;

/** Sawing the neck off and bolting it on again. */
final class SawAndBolt extends CheapNeck {

    private static final Finding.Kind THROUGH = Finding.kind("way.saw-and-bolt.through");

    SawAndBolt() {
        super(
                "saw-and-bolt",
                List.of(Standard.HOURS_SAW, Standard.PRICE_BOLTS, Standard.PRICE_GLUE),
                Effect.OPENS_BOARD);
    }

    @Override
    boolean forMeaning(Case about) {
        return false;
    }

    @Override
    public Outcome take(Case about, Setup from) {
        return about.joined(Joint.THROUGH) ? not(THROUGH.of()) : super.take(about, from);
    }
}
