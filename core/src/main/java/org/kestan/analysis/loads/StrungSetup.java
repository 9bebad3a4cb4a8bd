package org.kestan.analysis.loads;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.strings.Fretted;
import org.kestan.base.strings.LoadedString;
import org.kestan.job.Job;

/**
 * What an instrument will be after some work.
 *
 * @param setup its setup then
 * @param strings the strings at the pitch they were measured at; empty when they are not known
 */
public record StrungSetup(Setup setup, Optional<StringLoads> strings) {

    private static final int OCTAVE = 12;

    /**
     * A setup with the strings that are then on: another set where it has one.
     *
     * @param loads of the set on the sheet; empty when it is not known
     */
    public static StrungSetup of(Setup setup, Job job, ShopStandards shop, Optional<StringLoads> loads) {
        return new StrungSetup(
                setup,
                setup.otherStrings()
                        .map(set -> StringLoads.of(job.withStrings(set), shop))
                        .orElse(loads));
    }

    /** Sum of the press of the strings on the saddle, N; empty when strings or break angle are not known (§3.14). */
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

    /** Sum of the tensions, N; empty when the strings are not known (§3.15). */
    public OptionalDouble pull() {
        return strings.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(strings.get().totalTunedDown(setup.stepsDown()));
    }

    /** Turning moment of the strings on the top at the bridge, N·m: their pull times their height over it. */
    public OptionalDouble moment() {
        OptionalDouble pull = pull();
        return pull.isEmpty() ? pull : OptionalDouble.of(pull.getAsDouble() * setup.supportHeight() / 1000);
    }

    /** How much pressing sharpens each outer string at fret 12, cents; empty when the strings are not known (§3.16). */
    public Optional<Sides<Double>> sharpAtOctave() {
        return pressed().map(pressed -> pressed.map(Fretted::sharp));
    }

    /** Set-back of the saddle that cancels the sharpening at fret 12, each outer string, mm; empty when not known. */
    public Optional<Sides<Double>> setBack() {
        double scale = setup.basis().frets().scale();
        return pressed().map(pressed -> pressed.with(outer(), (each, string) -> each.setBack(scale, string.tension())));
    }

    private Optional<Sides<Fretted>> pressed() {
        return strings.map(known -> Sides.of(side -> Fretted.at(
                outer().get(side),
                setup.strings().get(side),
                setup.neck().curves().get(side),
                setup.basis().frets().at(OCTAVE),
                setup.basis().saddle())));
    }

    /** The outer strings at the pitch they are then tuned to. */
    private Sides<LoadedString> outer() {
        List<LoadedString> known =
                strings.orElseThrow(Expect.present("known strings")).strings();
        return new Sides<>(known.get(0), known.get(known.size() - 1))
                .map(string -> new LoadedString(
                        string.number(),
                        string.name(),
                        string.wire(),
                        string.frequency() * Math.pow(2, -setup.stepsDown() / 12),
                        string.tunedDown(setup.stepsDown()),
                        string.place()));
    }
}
