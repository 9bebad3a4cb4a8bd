package org.kestan.words;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.ground.finding.Keyed;
import org.kestan.ground.standards.Family;
import org.kestan.ground.standards.InstrumentKind;
import org.kestan.job.terms.Bracing;
import org.kestan.judgement.ways.Catalogue;
import org.kestan.work.memory.Offer;

/** What a shop has learnt, in sentences. */
public final class MemoryWords {

    /** What was taken over was rounded: nearer than this share it is the same. */
    private static final double SAME = 0.03;

    private MemoryWords() {}

    /** Returns what an offer is of. */
    public static String title(Offer offer) {
        String of = offer.kind().map(MemoryWords::kind).orElseGet(() -> switch (offer.what()) {
            case HOURS -> ways(offer.key());
            case RATE -> offer.key();
            default -> "";
        });
        return of.isEmpty() ? Words.label(offer.what()) : Words.label(offer.what()) + ": " + of;
    }

    /** Says what was learnt, from how much, and what the standards say. */
    public static String say(Offer offer, Words words) {
        String said = Words.text(offer.learnt().n() == 1 ? "advice.learnt-one" : "advice.learnt")
                .replace("{0}", Integer.toString(offer.learnt().n()))
                .replace("{1}", print(offer, offer.learnt().median(), words))
                .replace("{2}", print(offer, offer.learnt().spread(), words));
        if (offer.what() == Offer.What.ERROR) {
            return said + " " + Words.text("advice.learnt-error");
        }
        if (!offer.canBeTaken()) {
            return said;
        }
        String inUse = print(offer, offer.usual().orElse(0), words);
        if (offer.taken() && Math.abs(offer.usual().orElse(0) / offer.learnt().offered() - 1) < SAME) {
            return said + " " + Words.text("advice.learnt-in-use").replace("{0}", inUse);
        }
        return said + " "
                + Words.text(offer.taken() ? "advice.learnt-taken" : "advice.learnt-offered")
                        .replace("{0}", print(offer, offer.learnt().offered(), words))
                        .replace("{1}", inUse);
    }

    private static String print(Offer offer, double value, Words words) {
        return switch (offer.what()) {
            case HOURS, RELEASE ->
                Words.text("advice.learnt-hours").replace("{0}", Numbers.plain(Math.round(value * 10) / 10.0));
            default -> words.numbers().fine(value);
        };
    }

    /** Names a kind of instrument. */
    public static String kind(InstrumentKind kind) {
        return Stream.of(
                        Keyed.find(Family.class, kind.family())
                                .map(Words::label)
                                .orElse(kind.family()),
                        kind.body(),
                        Keyed.find(Bracing.class, kind.bracing())
                                .map(Words::label)
                                .orElse(kind.bracing()))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** Names ways by their keys, joined by {@code +}. */
    public static String ways(String keys) {
        return Arrays.stream(keys.split("\\+"))
                .map(key -> Catalogue.find(key).map(Words::label).orElse(key))
                .collect(Collectors.joining(" + "));
    }
}
