package org.kestan.base.standards;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Term;
import org.kestan.base.finding.Quantity.Verbatim;

/** What is wrong with a value of the shop standards. */
public enum StandardFinding implements Finding.Kind {
    UNDER(Verbatim.class, Term.class),
    OVER(Verbatim.class, Term.class),
    BETWEEN_NEIGHBORS;

    private final List<Class<?>> takes;

    StandardFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
