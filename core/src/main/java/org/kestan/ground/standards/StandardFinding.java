package org.kestan.ground.standards;

import java.util.List;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity.Term;
import org.kestan.ground.finding.Quantity.Verbatim;

/** What may be wrong with a value of the shop standards. */
public enum StandardFinding implements Finding.Kind {
    UNDER(Verbatim.class, Term.class),
    OVER(Verbatim.class, Term.class),
    BETWEEN_NEIGHBOURS;

    private final List<Class<?>> takes;

    StandardFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
