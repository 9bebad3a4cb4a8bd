package org.kestan.standards;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A question on which practitioners disagree; a shop chooses one {@link School} for each (§4). */
public enum SchoolQuestion {
    PROJECTION("projection", "Where should the fret line land?"),
    SINK("sink", "Account for the sink?"),
    RELIEF("relief", "How much relief?"),
    ROD("rod", "Tighten the rod under string tension?"),
    SHAVING("shaving", "Shave a bridge?"),
    BREAK_ANGLE("break-angle", "How much break angle?"),
    RELEASE("release", "How is the joint released?"),
    SADDLE_FIT("saddle-fit", "How does the saddle fit?");

    private final String key;
    private final String words;

    SchoolQuestion(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** Returns the question of that key. */
    public static Optional<SchoolQuestion> ofKey(String key) {
        return Stream.of(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    /** Returns its key in a file. */
    public String key() {
        return key;
    }

    /** Returns the question in words. */
    public String words() {
        return words;
    }

    /** Returns the schools that answer it; the first is the one a shop starts with. */
    public List<School> schools() {
        return Stream.of(School.values())
                .filter(school -> school.question() == this)
                .toList();
    }
}
