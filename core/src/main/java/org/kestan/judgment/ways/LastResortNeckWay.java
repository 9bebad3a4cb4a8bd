package org.kestan.judgment.ways;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.WayFinding;

/** Ways to turn a neck that would be malpractice on anything worth a reset. */
abstract class LastResortNeckWay extends NeckAngleWay {

    private static final Finding.Kind BOLTED = Finding.kind("cheap-neck.bolted");
    private static final Finding.Kind HANDMADE = Finding.kind("cheap-neck.handmade");
    private static final Finding.Kind WORTH_A_RESET = Finding.kind("cheap-neck.worth-a-reset");
    private static final Finding.Kind SAY_VALUE = Finding.kind("cheap-neck.say-value");

    LastResortNeckWay(String key, List<Standard> prices, Effect... more) {
        super(
                key,
                prices,
                Stream.concat(Stream.of(Effect.LAST_RESORT), Stream.of(more)).toArray(Effect[]::new));
    }

    /** Returns whether it may be taken on an instrument whose reset may be worth it. */
    abstract boolean forMeaning(JudgmentContext about);

    @Override
    public boolean fitsJoint(Job job) {
        return !job.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT, Joint.TILT_SCREW);
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT, Joint.TILT_SCREW)) {
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
