package org.kestan.analysis.questions;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Fret;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.finding.Quantity.Verbatim;

/** A question about a reading. */
public enum SheetQuestion implements Finding.Kind {
    IMPLAUSIBLE(Verbatim.class, Distance.class, Distance.class),
    PROVISIONAL,
    DRIFT_TOWARD_WHICH,
    SLACK_UNDER_STRUNG,
    SINKS_TOO_FAR(Distance.class, Distance.class),
    GAUGE_ANGLE_OFF(Turn.class),
    SPACING_NARROWS,
    OFF_THE_CURVE(Fret.class, Distance.class),
    OBSTACLE_PAST_BRIDGE(Distance.class),
    CROWN_LOWER_THAN_SIDES,
    FRET_LINE_LOWER(Distance.class, Distance.class),
    FRET_LINE_HIGHER(Distance.class, Distance.class),
    SADDLE_PLACE_REVERSED,
    SADDLE_PLACE_SLANTS(Distance.class, Distance.class),
    SADDLE_PLACE_SHORT(Distance.class),
    ROD_AT_END,
    ONE_WRONG_READING(Several.class),
    SUSPECT(Term.class, Distance.class);

    private final List<Class<?>> takes;

    SheetQuestion(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
