package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.correction.Drift;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Sides;
import org.kestan.base.strings.Fretted;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Effect;

/**
 * What the work does to the strings' length and to fret 12 against the octave (§3.16, §3.20).
 *
 * @param lengthBefore open string, mean of the outer two, mm
 * @param lengthAfter the same afterward, the saddle where it is now
 * @param centsChange how much sharper fret 12 becomes against the octave, each outer string, cents; without known strings by
 *     the lengths alone
 * @param stringsKnown whether the strings' stretch is in it
 * @param setBack how far back the saddle has to move afterward for fret 12 to sound the octave, each outer string, mm; empty
 *     when fret 12 was not read against the octave
 * @param compensation how far behind twice nut to fret 12 each known string's own saddle belongs, from the bass side
 * @param line where a new saddle line belongs, from the nut end, each outer string, mm: by the cents where they were read,
 *     else twice nut to fret 12 and what the strings' stretch asks, which is the least; empty where neither is known
 */
public record Intonation(
        double lengthBefore,
        double lengthAfter,
        Sides<Double> centsChange,
        boolean stringsKnown,
        Optional<Sides<Double>> setBack,
        List<Compensation> compensation,
        Optional<Sides<Double>> line) {

    /**
     * What one string asks of its saddle.
     *
     * @param string its note
     * @param back mm behind twice nut to fret 12
     */
    public record Compensation(String string, double back) {}

    /** Takes an unmodifiable copy. */
    public Intonation {
        compensation = List.copyOf(compensation);
    }

    private static final int OCTAVE = 12;
    private static final double CENTS = 1200;

    /** How much longer the open string becomes, mm. */
    public double lengthChange() {
        return lengthAfter - lengthBefore;
    }

    /** Reads it out of a plan; empty while nothing is planned. */
    static Optional<Intonation> of(WorkPlan plan) {
        return plan.planned()
                .map(after -> of(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after));
    }

    private static Intonation of(WorkPlan plan, Setup before, Setup after) {
        Optional<StringLoads> loads = plan.loads();
        double saddle = before.basis().saddle();
        double moved = saddleAfter(plan, before, after);
        double twelfth = before.basis().frets().at(OCTAVE);
        Sides<Double> stretchBefore = stretch(plan.strung(before));
        Sides<Double> stretchAfter = stretch(plan.strung(after));
        double lengths = CENTS * log2(moved / (moved - twelfth) * (saddle - twelfth) / saddle);
        Sides<Double> change = stretchAfter.with(stretchBefore, (then, now) -> then - now + lengths);
        Optional<Sides<Double>> back = setBack(plan, change, moved, twelfth);
        return new Intonation(
                length(before, saddle),
                length(after, moved),
                change,
                loads.isPresent(),
                back,
                loads.map(known -> compensation(after, known, back.map(each -> each.map(by -> moved + by))))
                        .orElse(List.of()),
                back.map(each -> each.map(by -> moved + by))
                        .or(() -> plan.strung(after)
                                .setBack()
                                .map(each ->
                                        each.map(by -> before.basis().frets().scale() + by))));
    }

    /**
     * Each string lies between the outer two, as high over the frets as its place says. What the cents read say beyond the
     * stretch of the outer strings the inner ones get by their place.
     */
    private static List<Compensation> compensation(Setup setup, StringLoads loads, Optional<Sides<Double>> byCents) {
        double scale = setup.basis().frets().scale();
        double twelfth = setup.basis().frets().at(OCTAVE);
        Sides<Double> beyond = byCents.flatMap(read -> new StrungSetup(setup, Optional.of(loads))
                        .setBack()
                        .map(stretch -> read.with(stretch, (place, by) -> place - scale - by)))
                .orElse(new Sides<>(0.0, 0.0));
        StringLine bass = setup.strings().bass();
        StringLine treble = setup.strings().treble();
        return loads.strings().stream()
                .map(string -> {
                    StringLine line = new StringLine(
                            bass.atNut() + (treble.atNut() - bass.atNut()) * string.place(),
                            bass.slope() + (treble.slope() - bass.slope()) * string.place());
                    Fretted pressed = Fretted.at(
                            string,
                            line,
                            setup.neck().middle(),
                            twelfth,
                            setup.basis().saddle());
                    double more = beyond.bass() + (beyond.treble() - beyond.bass()) * string.place();
                    return new Compensation(string.name(), pressed.setBack(scale, string.tension()) + more);
                })
                .toList();
    }

    /** Sharpening at fret 12 from pressing alone, cents; none without known strings. */
    private static Sides<Double> stretch(StrungSetup prediction) {
        return prediction.sharpAtOctave().orElse(new Sides<>(0.0, 0.0));
    }

    /**
     * Position of the saddle along the turned fret line: the crown, seen from the pivot, keeps its distance R while its
     * height over the fret line changes (§3.7); a drift put right moves the heel in (§3.9).
     */
    private static double saddleAfter(WorkPlan plan, Setup before, Setup after) {
        double o = before.basis().fretsOverTop();
        double distance = before.basis().jointToSaddle();
        Setup relieved = plan.relieved().orElseThrow(Expect.present("relieved setup"));
        double rise = Sides.mean(relieved.crown()) + o + after.supportHeight() - before.supportHeight();
        double height = Sides.mean(after.crown()) + o;
        double drift = plan.has(Effect.CUTS_HEEL) ? Drift.movesIn(plan.job(), before.basis()) : 0;
        return before.basis().joint()
                - drift
                + Math.sqrt(Math.max(0, distance * distance + rise * rise - height * height));
    }

    private static double length(Setup setup, double saddle) {
        return Sides.mean(setup.strings().map(line -> {
            double crown = line.heightAt(setup.basis().saddle());
            return Math.hypot(saddle, crown - line.atNut());
        }));
    }

    /** From what was read at fret 12: {@code s(x + Δ) = 2(x + Δ − x₁₂)}, s what all but the lengths does to the pitch. */
    private static Optional<Sides<Double>> setBack(WorkPlan plan, Sides<Double> change, double saddle, double twelfth) {
        Optional<Double> bass = plan.job().get(Lines.CENTS_BASS);
        Optional<Double> treble = plan.job().get(Lines.CENTS_TREBLE);
        if (bass.isEmpty() || treble.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Sides<>(bass.get(), treble.get()).with(change, (cents, more) -> {
            double ratio = 2 * Math.pow(2, (cents + more) / CENTS);
            double stretch = ratio * (saddle - twelfth) / saddle;
            return 2 * twelfth / (2 - stretch) - saddle;
        }));
    }

    private static double log2(double ratio) {
        return Math.log(ratio) / Math.log(2);
    }
}
