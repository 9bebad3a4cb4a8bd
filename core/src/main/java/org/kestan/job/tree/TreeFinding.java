package org.kestan.job.tree;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Verbatim;

/** What is wrong with structured data, and what would be accepted instead. */
public enum TreeFinding implements Finding.Kind {
    IS(Said.class),
    IS_NO_OBJECT(Said.class),
    NUMBER_WITHOUT_UNIT(Verbatim.class),

    NOT_A_FRET,
    FRET_TWICE,
    HALF_A_CHARACTER,
    NO_FILE_NAME(Verbatim.class),
    MORE_FAULTS,

    AN_OBJECT,
    A_LIST,
    A_SHORT_LIST(Verbatim.class),
    THE_TEXT(Verbatim.class),
    THE_NUMBER(Verbatim.class),
    A_FLAG(Verbatim.class),
    NULL,

    OBJECT_IN_BRACES,
    LIST_IN_BRACKETS,
    TEXT_IN_QUOTES,
    A_NUMBER,
    TRUE_OR_FALSE,
    TRUE_OR_REASON,
    TWO_WHOLE_NUMBERS,
    IN_QUOTES(Said.class),
    LACKS(Verbatim.class),
    FEWER_FAULTS,
    A_FRET_ONCE,
    A_FILE_NAME,
    LIKE(Verbatim.class);

    private final List<Class<?>> takes;

    TreeFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
