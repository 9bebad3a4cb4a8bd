package org.kestan.repair.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.kestan.analysis.correction.Drift;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.base.strings.Fretted;
import org.kestan.base.strings.LoadedString;
import org.kestan.base.strings.NutCompensation;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Effect;

/**
 * How the work changes the strings' length and fret 12 compared with the octave, and where the saddle belongs (§3.16,
 * §3.20).
 *
 * @param lengthBefore open string, mean of the outer two, mm
 * @param lengthAfter the same afterward, the saddle where it is now
 * @param centsChange how much sharper fret 12 becomes against the octave, each outer string, cents; without known strings by
 *     the lengths alone
 * @param stringsKnown whether the strings' stretch and stiffness are in it
 * @param setBack how far back the saddle has to move afterward for fret 12 to sound the octave, each outer string, mm;
 *     empty if fret 12 was not read against the octave
 * @param compensation the compensation each known string needs at saddle and nut, from the bass side
 * @param line where a new saddle line belongs, from the nut end, each outer string, mm: by the cents if they were read,
 *     else by the strings' stretch and stiffness; empty if neither is known
 * @param oddLine whether that line stands further back on the treble than on the bass side, or runs at more of a slant than
 *     any that is cut
 */
public record Intonation(
        double lengthBefore,
        double lengthAfter,
        Sides<Double> centsChange,
        boolean stringsKnown,
        Optional<Sides<Double>> setBack,
        List<Compensation> compensation,
        Optional<Sides<Double>> line,
        boolean oddLine) {

    /**
     * What one string needs at its ends.
     *
     * @param string its note
     * @param back mm behind twice nut to fret 12 where its own saddle belongs
     * @param nut the compensation it needs at the nut
     */
    public record Compensation(String string, double back, NutCompensation nut) {

        /** There is none for a string no instrument has, as thick as a thumb or without thickness. */
        private boolean isNumber() {
            return Double.isFinite(back)
                    && Double.isFinite(nut.forward())
                    && Double.isFinite(nut.saddle())
                    && nut.sharp().stream().allMatch(Double::isFinite);
        }
    }

    /** Takes an unmodifiable copy. */
    public Intonation {
        compensation = List.copyOf(compensation);
    }

    private static final int OCTAVE = 12;
    private static final int FIRST_FRETS = 4;

    /** How much longer the open string becomes, mm. */
    public double lengthChange() {
        return lengthAfter - lengthBefore;
    }

    /** Takes it from a plan; empty if nothing is planned. */
    static Optional<Intonation> of(WorkPlan plan) {
        return plan.planned()
                .map(after -> of(plan, plan.measured().orElseThrow(Expect.present("measured setup")), after))
                .filter(Intonation::isNumber);
    }

    private boolean isNumber() {
        return Stream.of(Optional.of(centsChange), setBack, line)
                .flatMap(Optional::stream)
                .allMatch(each -> Double.isFinite(each.bass()) && Double.isFinite(each.treble()));
    }

    private static Intonation of(WorkPlan plan, Setup before, Setup after) {
        Optional<StringLoads> loads = plan.loads();
        double saddle = before.basis().saddle();
        double moved = saddleAfter(plan, before, after);
        Sides<Double> now = places(plan.job(), saddle);
        Sides<Double> then = now.map(each -> each + moved - saddle);
        Sides<Double> centsNow = pressed(plan, before).with(now, (string, place) -> string.cents(place, 0));
        Sides<Fretted> pressed = pressed(plan, after);
        Sides<Double> change = pressed.with(then, (string, place) -> string.cents(place, 0))
                .with(centsNow, (later, earlier) -> later - earlier);
        Optional<Sides<Double>> byCents = cents(plan.job())
                .map(read -> pressed.with(
                        read.with(centsNow, (cents, model) -> cents - model),
                        (string, sharper) -> string.saddle(sharper, 0)));
        Optional<Sides<Double>> line = byCents.or(() -> loads.map(known -> pressed.map(string -> string.saddle(0, 0))));
        return new Intonation(
                length(before, saddle),
                length(after, moved),
                change,
                loads.isPresent(),
                byCents.map(place -> place.with(then, (wanted, each) -> wanted - each)),
                compensation(plan.strung(after), byCents),
                line,
                line.filter(each -> isOdd(each, plan)).isPresent());
    }

    /** Where the saddle is under each outer string: as read along it, or else from the distance of joint to saddle. */
    private static Sides<Double> places(Job job, double saddle) {
        return job.saddlePlaces().orElse(new Sides<>(saddle, saddle));
    }

    private static boolean isOdd(Sides<Double> line, WorkPlan plan) {
        double slant = line.bass() - line.treble();
        return slant < 0 || slant > plan.shop().get(Standard.SADDLE_SLANT);
    }

    private static Optional<Sides<Double>> cents(Job job) {
        return job.get(Lines.CENTS_BASS)
                .flatMap(bass -> job.get(Lines.CENTS_TREBLE).map(treble -> new Sides<>(bass, treble)));
    }

    /** The outer strings pressed to fret 12; from the lengths alone if they are not known. */
    private static Sides<Fretted> pressed(WorkPlan plan, Setup setup) {
        return plan.strung(setup)
                .pressed()
                .orElseGet(
                        () -> Sides.of(side -> Fretted.byLengths(setup.basis().frets(), OCTAVE)));
    }

    /**
     * Each string's ends follow from its own core and tension. A surplus of the readings of the outer strings over the
     * model is distributed by the length by which stiffness moves a string's end in, since it is mostly the core that
     * was assumed wrong.
     */
    private static List<Compensation> compensation(StrungSetup strung, Optional<Sides<Double>> byCents) {
        Frets frets = strung.setup().basis().frets();
        List<LoadedString> strings = strung.tuned();
        double share = strung.pressed()
                .flatMap(outer -> byCents.map(read -> surplus(outer, read)))
                .orElse(0.0);
        return IntStream.range(0, strings.size())
                .mapToObj(i -> {
                    LoadedString string = strings.get(i);
                    Fretted octave = strung.pressed(string, OCTAVE);
                    double own = octave.saddle(0, 0) + share * string.end();
                    double saddle = i == 0
                            ? byCents.map(Sides::bass).orElse(own)
                            : i == strings.size() - 1
                                    ? byCents.map(Sides::treble).orElse(own)
                                    : own;
                    List<Fretted> first = IntStream.rangeClosed(1, FIRST_FRETS)
                            .mapToObj(fret -> strung.pressed(string, fret))
                            .toList();
                    return new Compensation(
                            string.name(),
                            saddle - frets.scale(),
                            NutCompensation.of(first, octave, -octave.cents(saddle, 0)));
                })
                .filter(Compensation::isNumber)
                .toList();
    }

    /**
     * The surplus of the readings over the model, as a multiple of a string's end length, by least squares over both
     * outer strings.
     */
    private static double surplus(Sides<Fretted> outer, Sides<Double> read) {
        Sides<Double> products = outer.with(read, (string, place) -> (place - string.saddle(0, 0)) * string.openEnd());
        Sides<Double> squares = outer.map(string -> string.openEnd() * string.openEnd());
        return (products.bass() + products.treble()) / (squares.bass() + squares.treble());
    }

    /**
     * Position of the saddle along the turned fret line: the crown keeps its distance R from the pivot while its
     * height over the fret line changes (§3.7); correcting a drift moves the heel in (§3.9).
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
}
