package org.kestan.base.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StringsTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double INCH = 25.4;
    private static final double POUND_FORCE = 4.4482216;

    /** Frequencies of equal temperament on A4 = 440 Hz (ISO 16:1975), as any table prints them to two decimals. */
    @DataProvider
    public Object[][] notes() {
        return new Object[][] {
            {"A4", 440.00},
            {"E2", 82.41},
            {"A2", 110.00},
            {"D3", 146.83},
            {"G3", 196.00},
            {"B3", 246.94},
            {"E4", 329.63},
            {"C4", 261.63},
            {"F#3", 185.00},
            {"Bb3", 233.08},
            {"g3", 196.00}
        };
    }

    @Test(dataProvider = "notes")
    public void notesHaveTheirFrequencies(String name, double hertz) {
        assertThat(Note.frequency(name).orElseThrow()).isCloseTo(hertz, within(0.005));
    }

    @Test
    public void whatIsNoNoteHasNone() {
        assertThat(List.of("", "H2", "E", "440", "Ebb3"))
                .allSatisfy(name -> assertThat(Note.frequency(name)).isEmpty());
    }

    /**
     * Mersenne's law (Fletcher &amp; Rossing) on plain steel of 7850 kg/m³, worked by hand in other units: 0.012 in at E4
     * on 25 1/2 in.
     */
    @Test
    public void plainSteelPullsAsMersenneSays() {
        double radius = 0.006 * 0.0254;
        double perMeter = 7850 * Math.PI * radius * radius;
        double wave = 2 * 25.5 * 0.0254 * 329.6276;
        Wire wire = Wire.of(0.012 * INCH, false, Material.STEEL, SHOP);
        assertThat(wire.tension(25.5 * INCH, 329.6276)).isCloseTo(perMeter * wave * wave, within(1e-6));
        // From memory of makers' tables: a plain 0.012 at E4 on that scale pulls 23 to 24 pounds.
        assertThat(wire.tension(25.5 * INCH, 329.6276) / POUND_FORCE).isBetween(23.0, 24.0);
    }

    /** Wound strings are approximate: from memory of makers' tables, a bronze 0.053 at E2 pulls 24 to 27 pounds. */
    @Test
    public void woundStringsComeNear() {
        Wire wire = Wire.of(0.053 * INCH, true, Material.STEEL, SHOP);
        assertThat(wire.tension(25.5 * INCH, 82.4069) / POUND_FORCE).isBetween(24.0, 27.0);
        assertThat(wire.stiffness())
                .isLessThan(Wire.of(0.053 * INCH, false, Material.STEEL, SHOP).stiffness() / 2);
    }

    /** A light set on a large flat-top pulls about 160 pounds: common practice, no source. */
    @Test
    public void aSetPullsWhatIsSaidOfIt() {
        StringLoads loads = StringLoads.of(lightSet(), SHOP).orElseThrow();
        assertThat(loads.total() / POUND_FORCE).isBetween(150.0, 170.0);
        assertThat(loads.isApproximate()).isTrue();
        // A half step is a factor 2^(1/12) in frequency, and tension goes with its square.
        assertThat(loads.totalTunedDown(1)).isCloseTo(loads.total() / Math.pow(2, 2 / 12.0), within(1e-9));
        assertThat(1 - loads.totalTunedDown(2) / loads.total()).isCloseTo(0.206, within(0.001));
    }

    @Test
    public void aStringTunedDownIsLoadedAsItSounds() {
        Job job = lightSet();
        Job down = job.with(Lines.STEPS_DOWN, 2);
        double full = StringLoads.of(job, SHOP).orElseThrow().total();
        assertThat(StringLoads.of(down, SHOP).orElseThrow().total())
                .isCloseTo(full * Math.pow(2, -1 / 3.0), within(1e-9));
    }

    @Test
    public void stringsNotKnownAreCountedAndLeftOut() {
        Job job = Jobs.flatTop()
                .withStrings(List.of(
                        StringSpec.of(Length.ofText("0.012 in"), false, "E4"),
                        StringSpec.BLANK.withPitch("B3"),
                        StringSpec.of(Length.ofText("0.024 in"), true, "")));
        StringLoads loads = StringLoads.of(job, SHOP).orElseThrow();
        assertThat(loads.strings()).hasSize(1);
        assertThat(loads.unknown()).isEqualTo(2);
        assertThat(StringLoads.of(Jobs.flatTop(), SHOP)).isEmpty();
    }

    /** The press on a knife edge from the resultant of two equal forces, with vectors of a geometry library. */
    @Test
    public void pressIsTheResultantOfBothPulls() {
        LoadedString string = new LoadedString(1, "E4", Wire.of(0.3, false, Material.STEEL, SHOP), 329.6, 100, 1);
        for (double degrees : new double[] {0, 8, 15, 32}) {
            double angle = Math.toRadians(degrees);
            Vector2D front = new Vector2D(-100, 0);
            Vector2D behind = new Vector2D(100 * Math.cos(angle), -100 * Math.sin(angle));
            assertThat(string.press(Angle.ofDegrees(degrees)))
                    .isCloseTo(front.add(behind).getNorm(), within(1e-9));
        }
    }

    /** The stretch from distances of a geometry library; the saddle's place against a root finder on the two frequencies. */
    @Test
    public void pressingSharpensAndTheSaddleStandsBackForIt() {
        double scale = 648;
        Frets frets = new Frets(scale);
        double saddle = scale + 2;
        NeckCurve relief = NeckCurve.ofGap(
                0.2, new NeckCurve.Place(frets.at(1), frets.at(14), frets.at(7)), frets.at(1), frets.at(14));
        StringLine line = StringLine.through(0, 0.9, saddle, 5.5);
        Wire wire = Wire.of(0.012 * INCH, false, Material.STEEL, SHOP);
        double tension = wire.tension(scale, 329.63);
        LoadedString string = new LoadedString(1, "E4", wire, 329.63, tension, 1);
        StringEnds ends = new StringEnds(0.25, 110);
        Fretted fretted = Fretted.at(string, line, relief, frets, 12, saddle, ends);

        Vector2D nut = new Vector2D(0, 0.9);
        Vector2D crown = new Vector2D(saddle, 5.5);
        Vector2D fret = new Vector2D(frets.at(12), -relief.dipAt(frets.at(12)));
        Vector2D before = new Vector2D(frets.at(11), -relief.dipAt(frets.at(11)));
        Vector2D finger = new Vector2D((frets.at(11) + frets.at(12)) / 2, fret.getY() - 0.25);
        double open = nut.distance(crown);
        double stretch =
                nut.distance(before) + before.distance(finger) + finger.distance(fret) + fret.distance(crown) - open;
        assertThat(fretted.stretch()).isCloseTo(stretch, within(1e-9));
        double grown = tension + wire.stiffness() * stretch / (open + 110);
        assertThat(fretted.sharp()).isCloseTo(1200 * Math.log(Math.sqrt(grown / tension)) / Math.log(2), within(1e-9));
        assertThat(fretted.sharp()).isBetween(1.0, 15.0);

        double end = Math.sqrt(203000 * Math.PI * Math.pow(0.012 * INCH, 4) / 64 / tension);
        double pressedEnd = end * Math.sqrt(tension / grown);
        assertThat(fretted.openEnd()).isCloseTo(end, within(1e-9));
        double searched = new BrentSolver(1e-12)
                .solve(
                        200,
                        place -> Math.sqrt(grown / tension) * (place - 2 * end)
                                - 2 * (place - frets.at(12) - 1.5 * pressedEnd),
                        scale - 5,
                        scale + 15);
        assertThat(fretted.saddle(0, 0)).isCloseTo(searched, within(1e-8));
        assertThat(fretted.cents(searched, 0)).isCloseTo(0, within(1e-8));
        assertThat(fretted.cents(fretted.saddle(7, 0), 0)).isCloseTo(-7, within(1e-8));
    }

    /**
     * A stiff string clamped at both ends sounds like an ideal one shorter by e at each: against the exact root of its
     * characteristic equation, {@code α·tan(αL/2) + β·tanh(βL/2) = 0} with {@code β² = α² + T/EI} (Fletcher &amp; Rossing).
     */
    @Test
    public void stiffnessShortensTheString() {
        double length = 650;
        double tension = 150;
        double bending = 203000 * Math.PI * Math.pow(0.5, 4) / 64;
        double root = new BrentSolver(1e-14)
                .solve(
                        200,
                        wave -> {
                            double decay = Math.sqrt(wave * wave + tension / bending);
                            return wave * Math.tan(wave * length / 2) + decay * Math.tanh(decay * length / 2);
                        },
                        1.0001 * Math.PI / length,
                        1.9 * Math.PI / length);
        double decay = Math.sqrt(root * root + tension / bending);
        double higher = root * decay * Math.sqrt(bending / tension) * length / Math.PI;
        double end = new LoadedString(1, "", Wire.of(0.5, false, Material.STEEL, SHOP), 200, tension, 1).end();
        assertThat(length / (length - 2 * end)).isCloseTo(higher, within(0.03 * (higher - 1)));
    }

    /**
     * The remaining error of the first frets is least: a small move either way increases the sum of squares, and fret
     * 12 stays right.
     */
    @Test
    public void theNutEvensTheFirstFrets() {
        Frets frets = new Frets(648);
        NeckCurve flat = NeckCurve.straight(frets.at(1), frets.at(14));
        StringLine line = StringLine.through(0, 0.9, 650, 5.5);
        LoadedString string = new LoadedString(1, "E4", Wire.of(0.3, false, Material.STEEL, SHOP), 329.63, 104, 1);
        StringEnds ends = new StringEnds(0.25, 110);
        List<Fretted> first = IntStream.rangeClosed(1, 4)
                .mapToObj(fret -> Fretted.at(string, line, flat, frets, fret, 650, ends))
                .toList();
        Fretted octave = Fretted.at(string, line, flat, frets, 12, 650, ends);
        NutCompensation nut = NutCompensation.of(first, octave, 3);
        assertThat(nut.forward()).isPositive().isLessThan(3);
        assertThat(octave.cents(nut.saddle(), nut.forward())).isCloseTo(-3, within(1e-9));
        double least = squares(nut.left());
        assertThat(least).isLessThan(squares(nut.sharp()));
        for (double step : new double[] {-0.05, 0.05}) {
            double saddle = octave.saddle(3, nut.forward() + step);
            assertThat(squares(first.stream()
                            .map(each -> each.cents(saddle, nut.forward() + step))
                            .toList()))
                    .isGreaterThan(least);
        }
    }

    private static double squares(List<Double> values) {
        return values.stream().mapToDouble(each -> each * each).sum();
    }

    @Test
    public void higherActionSharpensMore() {
        Frets frets = new Frets(648);
        LoadedString string = new LoadedString(1, "E4", Wire.of(0.3, false, Material.STEEL, SHOP), 329.63, 104, 1);
        NeckCurve flat = NeckCurve.straight(frets.at(1), frets.at(14));
        double before = -1;
        for (double crown = 2; crown < 9; crown++) {
            StringLine line = StringLine.through(0, 0.8, 650, crown);
            double sharp = Fretted.at(string, line, flat, frets, 12, 650, StringEnds.NONE)
                    .sharp();
            assertThat(sharp).isGreaterThan(before);
            before = sharp;
        }
    }

    private static Job lightSet() {
        return Jobs.put(Jobs.flatTop(), org.kestan.base.sheet.Dimension.SCALE, "25 1/2 in")
                .withStrings(List.of(
                        spec("0.053 in", true, "E2"),
                        spec("0.042 in", true, "A2"),
                        spec("0.032 in", true, "D3"),
                        spec("0.024 in", true, "G3"),
                        spec("0.016 in", false, "B3"),
                        spec("0.012 in", false, "E4")));
    }

    private static StringSpec spec(String gauge, boolean wound, String pitch) {
        return StringSpec.of(Length.ofText(gauge), wound, pitch);
    }

    /** Half steps in equal temperament (ISO 16:1975), named by their sharps. */
    @Test
    public void notesAreCountedUpByHalfSteps() {
        assertThat(Note.above("E4", 0)).contains("E4");
        assertThat(Note.above("E4", 3)).contains("G4");
        assertThat(Note.above("A2", 12)).contains("A3");
        assertThat(Note.above("B3", 1)).contains("C4");
        assertThat(Note.above("Bb3", 1)).contains("B3");
        assertThat(Note.above("F#2", 1)).contains("G2");
        assertThat(Note.above("H2", 1)).isEmpty();
    }
}
