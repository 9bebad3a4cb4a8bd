package org.kestan.standards;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A school of practice: one answer to a {@link SchoolQuestion}. All of it is common practice, no source. The first of each
 * question is what a shop starts with.
 */
public enum School {
    DROP_SUM(
            SchoolQuestion.PROJECTION,
            "saddle-drop-sum",
            "Wherever the saddle-drop sum says",
            "The saddle stays as tall as it is; heel \u00d7 drop \u00f7 distance gives the cut."),
    KISSES(
            SchoolQuestion.PROJECTION,
            "kisses-slack",
            "Just kisses the bridge's top, slack",
            "One rule for every bridge; the saddle is whatever the action then asks."),
    LITTLE_ABOVE(
            SchoolQuestion.PROJECTION,
            "half-millimetre-slack",
            "About 0.5 mm above the bridge, slack",
            "Aims at about 2.5 mm of saddle."),
    OVERSHOOT(
            SchoolQuestion.PROJECTION,
            "overshoot-slack",
            "1/16 to 1/8 in above it slack, about 1/16 in below it strung",
            "Counts on a body that folds a good deal, and leaves saddle for the years to come."),
    SADDLE_LEFT(
            SchoolQuestion.PROJECTION,
            "saddle-left",
            "Whatever leaves 0.180 in of saddle",
            "Starts from the saddle and lets the projection follow."),

    MEASURE_SINK(
            SchoolQuestion.SINK,
            "overshoot",
            "Measure it and overshoot by it",
            "The dry-fitted neck stands higher by what the body will fold."),
    IGNORE_SINK(
            SchoolQuestion.SINK, "ignore", "Ignore it on a stiff body", "A stiff body gives back what it was set to."),

    RELIEF_WIDE(
            SchoolQuestion.RELIEF,
            "0.004-0.010-in",
            "0.004 to 0.010 in",
            "Whatever a player of any style would have.",
            "0.004 in",
            "0.010 in"),
    RELIEF_STRAIGHT(
            SchoolQuestion.RELIEF,
            "0.004-0.006-in",
            "0.004 to 0.006 in",
            "A straight neck for a light hand.",
            "0.004 in",
            "0.006 in"),
    RELIEF_MIDDLE(
            SchoolQuestion.RELIEF,
            "0.004-0.009-in",
            "0.004 to 0.009 in",
            "Room for a heavier hand.",
            "0.004 in",
            "0.009 in"),
    RELIEF_TEN(
            SchoolQuestion.RELIEF,
            "0.010-in",
            "0.010 in",
            "One number, checked with one leaf.",
            "0.009 in",
            "0.011 in"),
    RELIEF_CARD(
            SchoolQuestion.RELIEF,
            "visiting-card",
            "About a visiting card",
            "Read without a feeler; cards differ (0.010 to 0.014 in, from memory).",
            "0.010 in",
            "0.014 in"),

    ROD_TUNED(
            SchoolQuestion.ROD,
            "under-tension",
            "A quarter turn at a time, retuning",
            "What is read is what will be played; nothing is turned far at once."),
    ROD_SLACKENED(
            SchoolQuestion.ROD,
            "slackened",
            "Never: slacken, turn, retune",
            "Spares the thread; loosening under tension is accepted by both."),

    SHAVE_WITHIN_LIMITS(
            SchoolQuestion.SHAVING,
            "within-limits",
            "Acceptable on a modern machine-made one, within limits",
            "A machine-made bridge can be had again."),
    SHAVE_NOT_HANDMADE(
            SchoolQuestion.SHAVING,
            "not-handmade",
            "Never on a handmade or collectible one",
            "Who does not know that it is machine-made leaves it alone."),
    SHAVE_WITH_DRAWING(
            SchoolQuestion.SHAVING,
            "with-drawing",
            "Only with a drawing of the original kept",
            "So that it can be made again as it was."),

    BREAK_BY_ANGLE(
            SchoolQuestion.BREAK_ANGLE, "angle", "It must be 10 to 15\u00b0 or more", "Less does not seat the string."),
    BREAK_BY_HEIGHT(
            SchoolQuestion.BREAK_ANGLE,
            "height",
            "It matters less than the height of the strings over the top",
            "The height is the lever that moves the top."),

    STEAM(SchoolQuestion.RELEASE, "steam", "Steam through holes under a fret", "Quick and hot; wet."),
    DRY_HEAT(SchoolQuestion.RELEASE, "dry-heat", "Dry heat probes", "Slower; no water in the joint."),

    DROP_IN(SchoolQuestion.SADDLE_FIT, "drop-in", "Bare-hand snug, never glued", "It has to come out again."),
    THROUGH_GLUED(
            SchoolQuestion.SADDLE_FIT,
            "hide-glue",
            "Hide glue, only in old through-slots",
            "Open at both ends, it would walk.");

    private final SchoolQuestion question;
    private final String key;
    private final String words;
    private final String reason;
    private final Map<Standard, String> settings;

    School(SchoolQuestion question, String key, String words, String reason) {
        this.question = question;
        this.key = key;
        this.words = words;
        this.reason = reason;
        this.settings = Map.of();
    }

    /** A school of relief brings its window. */
    School(SchoolQuestion question, String key, String words, String reason, String least, String most) {
        this.question = question;
        this.key = key;
        this.words = words;
        this.reason = reason;
        this.settings = Map.of(Standard.RELIEF_LEAST, least, Standard.RELIEF_MOST, most);
    }

    /** Returns the school of that key among those that answer a question. */
    public static Optional<School> ofKey(SchoolQuestion question, String key) {
        return Stream.of(values())
                .filter(each -> each.question == question && each.key.equals(key))
                .findFirst();
    }

    /** Returns the question it answers. */
    public SchoolQuestion question() {
        return question;
    }

    /** Returns its key in a file. */
    public String key() {
        return key;
    }

    /** Returns the answer in words. */
    public String words() {
        return words;
    }

    /** Returns why it is held, in a sentence. */
    public String reason() {
        return reason;
    }

    /** Returns the standards that come with it, by their texts. */
    Map<Standard, String> settings() {
        return settings;
    }
}
