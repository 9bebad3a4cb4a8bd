package org.kestan.judgment.way;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;

/**
 * A way that has to come before any number counts. It can be judged even if the sheet does not show the instrument's
 * setup.
 */
public abstract class WayBefore extends Way {

    /** As for any way; it is taken first and can be undone. */
    protected WayBefore(String key, GateId mends, Standard... prices) {
        super(WayTraits.of(key, Stage.BEFORE, Role.FIRST).costs(prices).mends(mends));
    }

    /**
     * Judges it.
     *
     * @return whether it is for this instrument, with no setup yet
     */
    protected abstract Outcome judge(JudgmentContext about);

    @Override
    public final Outcome take(JudgmentContext about, Setup from) {
        return judge(about).staying(from);
    }

    @Override
    public final Outcome takeUnmeasured(JudgmentContext about) {
        return judge(about);
    }

    /** It is possible; the setup stays as far as it is known. */
    protected final Outcome can(Finding... reasons) {
        return new Outcome(Suitability.POSSIBLE, Optional.empty(), List.of(reasons), true, prices());
    }

    /** It would do nothing here. */
    protected final Outcome noNeed(Finding reason) {
        return new Outcome(Suitability.NO_NEED, Optional.empty(), List.of(reason), true, List.of());
    }
}
