package org.kestan.judgement.ways;

import java.util.List;
import java.util.Optional;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity.Said;
import org.kestan.judgement.way.Case;
import org.kestan.judgement.way.Fit;
import org.kestan.judgement.way.Outcome;
import org.kestan.judgement.way.Stage;
import org.kestan.judgement.way.Way;
import org.kestan.judgement.way.WayFinding;

/** Leaving it as it is. */
final class Leave extends Way {

    private static final Finding.Kind LOOSE = Finding.kind("way.leave.loose");
    private static final Finding.Kind STAYS = Finding.kind("way.leave.stays", Said.class);
    private static final Finding.Kind NOT_KNOWN = Finding.kind("way.leave.not-known");

    Leave() {
        super("leave", Stage.BEFORE, true, List.of());
    }

    private static boolean loose(Case about) {
        return about.lifted() || about.broken().isPresent() || about.looseDovetail();
    }

    @Override
    public Outcome take(Case about, Setup from) {
        if (loose(about)) {
            return not(LOOSE.of());
        }
        return can(from, about.met(from) ? WayFinding.ACTION_RIGHT.of() : STAYS.of(Case.action(from)));
    }

    @Override
    public Outcome takeUnmeasured(Case about) {
        return loose(about)
                ? not(LOOSE.of())
                : new Outcome(Fit.POSSIBLE, Optional.empty(), List.of(NOT_KNOWN.of()), true, prices());
    }
}
