package org.kestan.judgment.ways;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Leaving the instrument alone. */
final class Leave extends Way {

    private static final Finding.Kind LOOSE = Finding.kind("way.leave.loose");
    private static final Finding.Kind STAYS = Finding.kind("way.leave.stays", Said.class);
    private static final Finding.Kind NOT_KNOWN = Finding.kind("way.leave.not-known");

    Leave() {
        super(WayTraits.of("leave", Stage.BEFORE, Role.NOTHING).does(Effect.KEEPS_STRINGS_ON));
    }

    private static boolean loose(JudgmentContext about) {
        return about.lifted() || about.broken().isPresent() || about.neckComesOff();
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (loose(about)) {
            return not(LOOSE.of());
        }
        return can(from, about.met(from) ? WayFinding.ACTION_RIGHT.of() : STAYS.of(JudgmentContext.action(from)));
    }

    @Override
    public Outcome takeUnmeasured(JudgmentContext about) {
        return loose(about)
                ? not(LOOSE.of())
                : new Outcome(Suitability.POSSIBLE, Optional.empty(), List.of(NOT_KNOWN.of()), true, prices());
    }
}
