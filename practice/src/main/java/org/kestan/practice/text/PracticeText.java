package org.kestan.practice.text;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.kestan.base.finding.Keyed;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.tools.SimulatedTool;

/** The texts of practice, found by type and key. */
public final class PracticeText {

    private static final ResourceBundle TEXTS =
            ResourceBundle.getBundle("org.kestan.practice.text.practice", Locale.ROOT);

    private static final double IN_TUNE = 0.1;

    private PracticeText() {}

    /** Returns the label of a term. */
    public static String label(Keyed term) {
        return text(term.family() + "." + term.key());
    }

    /**
     * Returns a tool's reading in words.
     *
     * @param shown in its unit
     * @param lengths how a length is printed, mm
     */
    public static String shows(SimulatedTool tool, double shown, DoubleFunction<String> lengths) {
        return switch (tool.shows()) {
            case LENGTH -> lengths.apply(shown);
            case DEGREES -> format("shows.degrees", String.format(Locale.ROOT, "%.2f", shown));
            case PERCENT -> format("shows.percent", String.format(Locale.ROOT, "%.0f", shown));
            case HALF_STEPS ->
                Math.abs(shown) < IN_TUNE
                        ? text("shows.at-pitch")
                        : format("shows.half-steps", String.format(Locale.ROOT, "%.1f", shown));
            case NEWTONS -> format("shows.newtons", String.format(Locale.ROOT, "%.1f", shown));
            case LOOSE -> text(shown > 0 ? "shows.loose" : "shows.sound");
        };
    }

    private static String format(String key, String value) {
        return MessageFormat.format(text(key), value);
    }

    /** Returns the label of a skill. */
    public static String label(Marks.Skill skill) {
        return text("skill." + skill.name().toLowerCase(Locale.ROOT));
    }

    /** Returns what an owner says at the handover. */
    public static String says(Reckoning.Owner owner) {
        return text("owner." + owner.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /** Returns what an owner says about a fault, without naming it. */
    public static String says(InstrumentFault fault) {
        return text("says." + fault.key());
    }

    /**
     * Returns what can be seen of a fault.
     *
     * @param floating whether the strings stand on a floating bridge
     */
    public static String sees(InstrumentFault fault, boolean floating) {
        String own = "sees." + fault.key() + ".floating";
        return text(floating && TEXTS.containsKey(own) ? own : "sees." + fault.key());
    }

    /** Returns the name of a case. */
    public static String name(PracticeCase given) {
        return MessageFormat.format(
                text("name"), Long.toString(given.seed()), label(given.kind()), label(given.level()));
    }

    /** Returns all keys, for tests. */
    public static Set<String> keys() {
        return TEXTS.keySet();
    }

    private static String text(String key) {
        return TEXTS.getString(key);
    }
}
