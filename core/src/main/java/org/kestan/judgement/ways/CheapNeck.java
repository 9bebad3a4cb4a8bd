package org.kestan.judgement.ways;

import java.util.List;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.standards.Standard;
import org.kestan.job.terms.Joint;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Effect;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.WayFinding;

/** Ways to turn a neck that are malpractice on anything worth a reset. */
abstract class CheapNeck extends NeckTurned {

    private static final Finding.Kind BOLTED = Finding.kind("cheap-neck.bolted");
    private static final Finding.Kind HANDMADE = Finding.kind("cheap-neck.handmade");
    private static final Finding.Kind WORTH_A_RESET = Finding.kind("cheap-neck.worth-a-reset");
    private static final Finding.Kind SAY_VALUE = Finding.kind("cheap-neck.say-value");

    CheapNeck(String key, List<Standard> prices, Effect... more) {
        super(key, prices, more);
    }

    /** Tells whether it may be taken on an instrument whose reset is worth asking about. */
    abstract boolean forMeaning(Case about);

    @Override
    public Outcome take(Case about, Setup from) {
        if (about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT)) {
            return not(BOLTED.of());
        }
        Outcome turned = turned(about, from);
        if (about.collectible() || about.handmade()) {
            return turned.asNot(about.collectible() ? WayFinding.COLLECTIBLE_NOTHING_CUT.of() : HANDMADE.of());
        }
        return switch (about.worth()) {
            case NO -> turned;
            case UNKNOWN -> unknown(SAY_VALUE.of());
            case ASK -> forMeaning(about) ? turned : turned.asNot(WORTH_A_RESET.of());
            case YES -> turned.asNot(WORTH_A_RESET.of());
        };
    }
}
