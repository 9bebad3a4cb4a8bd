package org.kestan.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.dossier.Dossier;
import org.kestan.following.neck.NeckFinding;
import org.kestan.following.uncertainty.NextGap;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.standards.Standard;

/** What a neck is, and where one more gap is worth most, in words. */
public final class NeckWords {

    private NeckWords() {}

    /** What the shape of the neck is called; empty while nothing was read of it. */
    public static String shape(Dossier dossier, Words words) {
        if (!dossier.job().visit().knowsRelief()) {
            return "";
        }
        NeckFinding.Limits limits = new NeckFinding.Limits(
                dossier.shop().get(Standard.NECK_EVEN),
                dossier.shop().get(Standard.NECK_TWIST),
                dossier.shop().get(Standard.FALL_AWAY),
                dossier.shop().get(Standard.EXTENSION_RISE));
        double fallAway = dossier.job().millimetres(Reading.EXTENSION_FALL_AWAY).orElse(0);
        List<Finding> said = dossier.trajectory()
                .map(known -> NeckFinding.of(known.basis().profile(), fallAway, limits))
                .orElse(List.of());
        return said.stream().map(each -> Words.capital(words.say(each))).collect(Collectors.joining(" "));
    }

    /** Which fret is worth a gap more, and what it gives; empty when none is, or while it is not known. */
    public static String worth(Dossier dossier, Words words) {
        Optional<NextGap> next = dossier.spreadIsKnown() ? dossier.spread().nextGap() : Optional.empty();
        return next.map(gap -> Words.text("plan.next-gap")
                        .replace("{0}", Integer.toString(gap.fret()))
                        .replace("{1}", words.numbers().fine(gap.now()))
                        .replace("{2}", words.numbers().fine(gap.then())))
                .orElse("");
    }
}
