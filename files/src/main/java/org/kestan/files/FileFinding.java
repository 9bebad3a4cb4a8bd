package org.kestan.files;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Count;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Several;
import org.kestan.base.finding.Quantity.Verbatim;

/** Errors in a file, and what would be accepted instead. */
public enum FileFinding implements Finding.Kind {
    IS_FOLDER,
    TOO_LARGE,
    NOT_UTF8,
    NO_SUCH_FILE,
    CANT_BE_READ(Verbatim.class),
    EMPTY,
    NUMBER_TOO_LARGE,
    NOT_JSON(Count.class, Verbatim.class),
    NO_STANDARDS,
    OTHER_VERSION(Verbatim.class),
    NO_STANDARD,
    NO_QUESTION,
    NO_LEAF,
    NO_LOGO,
    OUT_OF_ORDER,
    NO_HEEL_CUT,
    A_WAY_THAT_CUTS,
    WAY_NOT_POSSIBLE,
    WAY_NOT_FOR_JOINT(Verbatim.class),
    NO_STEPS,
    NO_STEP_KEY,
    NO_DRAWING,
    NO_LINE,
    STEP_TWICE,
    NO_STEP_HERE,
    PAPERS_NOT_WRITTEN(Verbatim.class),
    NOTHING_AFTER,

    NO_HOURS,
    HOURS_OVERLAP,
    NO_CALENDAR,

    HOURS_LIKE,
    A_CALENDAR,
    A_LOGO,
    A_JOB_FILE(Verbatim.class),
    A_STANDARDS_FILE,
    MARKS,
    A_STEP_FILE,
    A_VISIT_AFTER,
    A_LINE_OF_THE_SHEET,
    ITS_WAY(Verbatim.class),
    AN_ID_OF_ITS_OWN,
    A_STEP_BEFORE_IT,
    JSON_IN_UTF8,
    A_JSON_OBJECT,
    JSON_AS_IN(Verbatim.class),
    THE_NUMBER(Count.class),
    KEYS_IN(Verbatim.class),
    ONE_OF(Several.class),
    RISING_LIMITS,
    A_POSSIBLE_WAY,
    A_FOLDER,

    COLUMNS_MISSING(Count.class),
    TOO_MANY_LINES(Count.class),
    NO_TABLE(Verbatim.class),
    LINE(Count.class, Verbatim.class, Said.class, Said.class),
    NO_READING(Count.class, Verbatim.class);

    private final List<Class<?>> takes;

    FileFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
