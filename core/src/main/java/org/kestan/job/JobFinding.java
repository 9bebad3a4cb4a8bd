package org.kestan.job;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Verbatim;

/** An error that concerns a job file as a whole. */
public enum JobFinding implements Finding.Kind {
    NO_JOB_FILE,
    NEWER(Verbatim.class),
    OTHER_VERSION(Verbatim.class),
    THE_NUMBER(Count.class);

    private final List<Class<?>> takes;

    JobFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
