package org.kestan.text;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.analysis.neck.NeckFinding;
import org.kestan.analysis.uncertainty.NextGap;
import org.kestan.base.finding.Finding;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;
import org.kestan.overview.JobAnalysis;

/** The shape of a neck, and where another gap would help most, in words. */
public final class NeckText {

    private NeckText() {}

    /** The name for the shape of the neck; empty if nothing was read of it. */
    public static String shape(JobAnalysis analysis, Wording words) {
        if (!analysis.job().visit().knowsRelief()) {
            return "";
        }
        NeckFinding.Limits limits = new NeckFinding.Limits(
                analysis.shop().get(Standard.NECK_EVEN),
                analysis.shop().get(Standard.NECK_TWIST),
                analysis.shop().get(Standard.FALL_AWAY),
                analysis.shop().get(Standard.EXTENSION_RISE));
        double fallAway =
                analysis.job().millimeters(Reading.EXTENSION_FALL_AWAY).orElse(0);
        List<Finding> said = analysis.trajectory()
                .map(known -> NeckFinding.of(known.basis().profile(), fallAway, limits))
                .orElse(List.of());
        return said.stream().map(each -> Wording.capital(words.say(each))).collect(Collectors.joining(" "));
    }

    /** The fret where another gap would help, and what it gives; empty if there is none, or it is not known. */
    public static String worth(JobAnalysis analysis, Wording words) {
        Optional<NextGap> next = analysis.spreadIsKnown() ? analysis.spread().nextGap() : Optional.empty();
        return next.map(gap -> Wording.text("plan.next-gap")
                        .replace("{0}", Integer.toString(gap.fret()))
                        .replace("{1}", words.numbers().fine(gap.now()))
                        .replace("{2}", words.numbers().fine(gap.then())))
                .orElse("");
    }
}
