package org.kestan.text;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.job.terms.Bracing;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.memory.SuggestedDefault;

/** What a shop has learned, in sentences. */
public final class MemoryText {

    /** Adopted values were rounded; within this share they count as equal. */
    private static final double SAME = 0.03;

    private MemoryText() {}

    /** Returns the subject of an offer. */
    public static String title(SuggestedDefault offer) {
        String of = offer.kind().map(MemoryText::kind).orElseGet(() -> switch (offer.what()) {
            case HOURS -> ways(offer.key());
            case RATE -> offer.key();
            default -> "";
        });
        return of.isEmpty() ? Wording.label(offer.what()) : Wording.label(offer.what()) + ": " + of;
    }

    /** Says what was learned, from how many jobs, and what the standards say. */
    public static String say(SuggestedDefault offer, Wording words) {
        String said = Wording.text(offer.learned().n() == 1 ? "advice.learned-one" : "advice.learned")
                .replace("{0}", Integer.toString(offer.learned().n()))
                .replace("{1}", print(offer, offer.learned().median(), words))
                .replace("{2}", print(offer, offer.learned().spread(), words));
        if (offer.what() == SuggestedDefault.What.ERROR) {
            return said + " " + Wording.text("advice.learned-error");
        }
        if (!offer.canBeTaken()) {
            return said;
        }
        String inUse = print(offer, offer.usual().orElse(0), words);
        if (offer.taken() && Math.abs(offer.usual().orElse(0) / offer.learned().offered() - 1) < SAME) {
            return said + " " + Wording.text("advice.learned-in-use").replace("{0}", inUse);
        }
        return said + " "
                + Wording.text(offer.taken() ? "advice.learned-taken" : "advice.learned-offered")
                        .replace("{0}", print(offer, offer.learned().offered(), words))
                        .replace("{1}", inUse);
    }

    private static String print(SuggestedDefault offer, double value, Wording words) {
        return switch (offer.what()) {
            case HOURS, RELEASE ->
                Wording.text("advice.learned-hours").replace("{0}", Numbers.plain(Math.round(value * 10) / 10.0));
            case HEAT -> Numbers.decimals(value, 2);
            default -> words.numbers().fine(value);
        };
    }

    /** Names a kind of instrument. */
    public static String kind(InstrumentKind kind) {
        return Stream.of(
                        Keyed.find(Family.class, kind.family())
                                .map(Wording::label)
                                .orElse(kind.family()),
                        kind.body(),
                        Keyed.find(Bracing.class, kind.bracing())
                                .map(Wording::label)
                                .orElse(kind.bracing()))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Names ways by their keys, joined by {@code +}. */
    public static String ways(String keys) {
        return Arrays.stream(keys.split("\\+"))
                .map(key -> WayCatalog.find(key).map(Wording::label).orElse(key))
                .collect(Collectors.joining(" + "));
    }
}
