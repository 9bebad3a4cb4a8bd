package org.kestan.base.standards;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;

/** A question on which practitioners disagree; a shop chooses one {@link School} for each (§4). */
public enum SchoolQuestion implements Keyed {
    PROJECTION("projection"),
    SINK("sink"),
    RELIEF("relief"),
    STRAIGHT_NECK("straight-neck"),
    ROD("rod"),
    SHAVING("shaving"),
    LEAST_SADDLE("least-saddle"),
    BRIDGE_REFERENCE("bridge-reference"),
    BREAK_ANGLE("break-angle"),
    RELEASE("release"),
    KIT("kit"),
    SADDLE_FIT("saddle-fit");

    private final String key;

    SchoolQuestion(String key) {
        this.key = key;
    }

    /** Returns the question with a key. */
    public static Optional<SchoolQuestion> ofKey(String key) {
        return Stream.of(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the schools that answer it; the first is the default. */
    public List<School> schools() {
        return Answers.BY_QUESTION.get(this);
    }

    /** Schools refer to their questions, so they are initialized after them. */
    private static final class Answers {
        static final Map<SchoolQuestion, List<School>> BY_QUESTION = Stream.of(School.values())
                .collect(Collectors.groupingBy(
                        School::question, () -> new EnumMap<>(SchoolQuestion.class), Collectors.toUnmodifiableList()));
    }
}
