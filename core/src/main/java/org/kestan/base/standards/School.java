package org.kestan.base.standards;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;

/**
 * A school of practice: one answer to a {@link SchoolQuestion}. All of it is common practice, no source. The first
 * school of each question is the default.
 */
public enum School implements Keyed {
    DROP_SUM(SchoolQuestion.PROJECTION, "saddle-drop-sum"),
    KISSES(SchoolQuestion.PROJECTION, "kisses-slack"),
    LITTLE_ABOVE(SchoolQuestion.PROJECTION, "half-millimetre-slack"),
    OVERSHOOT(SchoolQuestion.PROJECTION, "overshoot-slack"),
    SADDLE_LEFT(SchoolQuestion.PROJECTION, "saddle-left"),

    MEASURE_SINK(SchoolQuestion.SINK, "overshoot"),
    IGNORE_SINK(SchoolQuestion.SINK, "ignore"),

    RELIEF_WIDE(SchoolQuestion.RELIEF, "0.004-0.010-in", "0.004 in", "0.010 in"),
    RELIEF_STRAIGHT(SchoolQuestion.RELIEF, "0.004-0.006-in", "0.004 in", "0.006 in"),
    RELIEF_MIDDLE(SchoolQuestion.RELIEF, "0.004-0.009-in", "0.004 in", "0.009 in"),
    RELIEF_TEN(SchoolQuestion.RELIEF, "0.010-in", "0.009 in", "0.011 in"),
    RELIEF_CARD(SchoolQuestion.RELIEF, "visiting-card", "0.010 in", "0.014 in"),

    ROD_TUNED(SchoolQuestion.ROD, "under-tension"),
    ROD_SLACKENED(SchoolQuestion.ROD, "slackened"),

    SHAVE_WITHIN_LIMITS(SchoolQuestion.SHAVING, "within-limits"),
    SHAVE_NOT_HANDMADE(SchoolQuestion.SHAVING, "not-handmade"),
    SHAVE_WITH_DRAWING(SchoolQuestion.SHAVING, "with-drawing"),

    BREAK_BY_ANGLE(SchoolQuestion.BREAK_ANGLE, "angle"),
    BREAK_BY_HEIGHT(SchoolQuestion.BREAK_ANGLE, "height"),

    SADDLE_BY_RULE(SchoolQuestion.LEAST_SADDLE, "rule"),
    SADDLE_BY_BREAK_ANGLE(SchoolQuestion.LEAST_SADDLE, "break-angle"),

    BRIDGE_AS_IT_IS(SchoolQuestion.BRIDGE_REFERENCE, "as-it-is"),
    BRIDGE_AS_MADE(SchoolQuestion.BRIDGE_REFERENCE, "as-made"),

    CLEAN_STAYS(SchoolQuestion.STRAIGHT_NECK, "clean-stays"),
    RELIEF_ALWAYS(SchoolQuestion.STRAIGHT_NECK, "relief-always"),

    STEAM(SchoolQuestion.RELEASE, "steam"),
    DRY_HEAT(SchoolQuestion.RELEASE, "dry-heat"),
    VINEGAR(SchoolQuestion.RELEASE, "vinegar"),

    KIT_BY_ACTION(SchoolQuestion.KIT, "by-action"),
    KIT_TOUCHING(SchoolQuestion.KIT, "touching"),

    DROP_IN(SchoolQuestion.SADDLE_FIT, "drop-in"),
    THROUGH_GLUED(SchoolQuestion.SADDLE_FIT, "hide-glue");

    private final SchoolQuestion question;
    private final String key;
    private final Map<Standard, String> settings;

    School(SchoolQuestion question, String key) {
        this.question = question;
        this.key = key;
        this.settings = Map.of();
    }

    /** A school of relief includes its window. */
    School(SchoolQuestion question, String key, String least, String most) {
        this.question = question;
        this.key = key;
        this.settings = Map.of(Standard.RELIEF_LEAST, least, Standard.RELIEF_MOST, most);
    }

    /** Returns the school with a key among those that answer a question. */
    public static Optional<School> ofKey(SchoolQuestion question, String key) {
        return Stream.of(values())
                .filter(each -> each.question == question && each.key.equals(key))
                .findFirst();
    }

    /** Returns the question it answers. */
    public SchoolQuestion question() {
        return question;
    }

    @Override
    public String family() {
        return "school." + question.key();
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the standards that it includes, as text. */
    Map<Standard, String> settings() {
        return settings;
    }
}
