package org.kestan.analysis.loads;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.strings.Fretted;
import org.kestan.base.strings.LoadedString;
import org.kestan.base.strings.StringEnds;
import org.kestan.job.Job;

/**
 * An instrument after some work.
 *
 * @param setup its setup then
 * @param strings the strings at the pitch they were measured at; empty if unknown
 */
public record StrungSetup(Setup setup, Optional<StringLoads> strings) {

    private static final int OCTAVE = 12;

    /**
     * A setup with the strings it will then have, which may be another set.
     *
     * @param loads of the set on the sheet; empty if unknown
     */
    public static StrungSetup of(Setup setup, Job job, ShopStandards shop, Optional<StringLoads> loads) {
        return new StrungSetup(
                setup,
                setup.otherStrings()
                        .map(set -> StringLoads.of(job.withStrings(set), shop))
                        .orElse(loads));
    }

    /** Sum of the strings' pressure on the saddle, N; empty if strings or break angle are not known (§3.14). */
    public OptionalDouble press() {
        Optional<Angle> bass = setup.breakAngle(Side.BASS);
        Optional<Angle> treble = setup.breakAngle(Side.TREBLE);
        if (strings.isEmpty() || bass.isEmpty() || treble.isEmpty()) {
            return OptionalDouble.empty();
        }
        double slackened =
                strings.get().totalTunedDown(setup.stepsDown()) / strings.get().total();
        return OptionalDouble.of(slackened * strings.get().press(bass.get(), treble.get()));
    }

    /** Sum of the tensions, N; empty if the strings are not known (§3.15). */
    public OptionalDouble pull() {
        return strings.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(strings.get().totalTunedDown(setup.stepsDown()));
    }

    /** Torque of the strings on the top at the bridge, N·m: their pull times their height over it. */
    public OptionalDouble moment() {
        OptionalDouble pull = pull();
        return pull.isEmpty() ? pull : OptionalDouble.of(pull.getAsDouble() * setup.supportHeight() / 1000);
    }

    /**
     * How much pressing sharpens each outer string at fret 12, cents (§3.16); empty if the strings are not known, or
     * could not be tuned.
     */
    public Optional<Sides<Double>> sharpAtOctave() {
        return pressed()
                .map(pressed -> pressed.map(Fretted::sharp))
                .filter(cents -> Double.isFinite(cents.bass()) && Double.isFinite(cents.treble()));
    }

    /** Set-back of the saddle that brings fret 12 to the octave, for each outer string, mm; empty if not known. */
    public Optional<Sides<Double>> setBack() {
        double scale = setup.basis().frets().scale();
        return pressed().map(pressed -> pressed.map(each -> each.saddle(0, 0) - scale));
    }

    /** The outer strings pressed to fret 12; empty if the strings are not known. */
    public Optional<Sides<Fretted>> pressed() {
        List<LoadedString> tuned = tuned();
        return tuned.isEmpty()
                ? Optional.empty()
                : Optional.of(new Sides<>(
                        pressed(tuned.get(0), Side.BASS, OCTAVE),
                        pressed(tuned.get(tuned.size() - 1), Side.TREBLE, OCTAVE)));
    }

    private Fretted pressed(LoadedString string, Side side, int fret) {
        return pressed(string, setup.strings().get(side), setup.neck().curves().get(side), fret);
    }

    /** A known string pressed to a fret; its height over the frets follows from its position between the outer two. */
    public Fretted pressed(LoadedString string, int fret) {
        StringLoads known = strings.orElseThrow(Expect.present("known strings"));
        return pressed(string, known.line(setup, string), setup.neck().middle(), fret);
    }

    private Fretted pressed(LoadedString string, StringLine line, NeckCurve neck, int fret) {
        StringEnds ends = strings.orElseThrow(Expect.present("known strings")).ends();
        return Fretted.at(
                string, line, neck, setup.basis().frets(), fret, setup.basis().saddle(), ends);
    }

    /** The known strings at the pitch they are then tuned to, from the bass side. */
    public List<LoadedString> tuned() {
        return strings.map(StringLoads::strings).orElse(List.of()).stream()
                .map(string -> new LoadedString(
                        string.number(),
                        string.name(),
                        string.wire(),
                        string.frequency() * Math.pow(2, -setup.stepsDown() / 12),
                        string.tunedDown(setup.stepsDown()),
                        string.place()))
                .toList();
    }
}
