package org.kestan.job.visits;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Verbatim;

/** An error in a visit as it was written in a file. */
public enum VisitFinding implements Finding.Kind {
    NO_READING(Verbatim.class),
    ONE_OF_READINGS(Several.class);

    private final List<Class<?>> takes;

    VisitFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
