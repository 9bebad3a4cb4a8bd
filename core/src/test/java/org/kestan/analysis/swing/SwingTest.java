package org.kestan.analysis.swing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.uncertainty.LowestCleanSpread;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingTouch;
import org.testng.annotations.Test;

public class SwingTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Job strung(Job job) {
        return job.withStrings(List.of(
                StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                StringSpec.of(Length.ofText("0.042 in"), true, "A2"),
                StringSpec.of(Length.ofText("0.032 in"), true, "D3"),
                StringSpec.of(Length.ofText("0.024 in"), true, "G3"),
                StringSpec.of(Length.ofText("0.016 in"), false, "B3"),
                StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
    }

    private static SheetAnalysis sheetAnalysis(Job job) {
        return SheetAnalysis.of(strung(job), SHOP);
    }

    private static Swing swing(Job job, PlayingTouch hand) {
        return room(job, hand).swing();
    }

    private static StringClearance room(Job job, PlayingTouch hand) {
        SheetAnalysis as = sheetAnalysis(job);
        return StringClearance.of(as, as.measured().orElseThrow(), FretCrowns.fall(as.job()), hand)
                .orElseThrow();
    }

    /**
     * The envelope toward the frets against the wave equation of a string let go from a triangle, solved by finite
     * differences (central differences, Courant number 1; any textbook of numerical methods): within 2 %.
     */
    @Test
    public void envelopeAgainstTheWaveEquation() {
        int cells = 400;
        for (double place : new double[] {0.1, 0.2, 0.35}) {
            int pluck = (int) Math.round((1 - place) * cells);
            double[] before = new double[cells + 1];
            for (int i = 0; i <= cells; i++) {
                before[i] = i <= pluck ? (double) i / pluck : (double) (cells - i) / (cells - pluck);
            }
            double[] now = before.clone();
            for (int i = 1; i < cells; i++) {
                now[i] = (before[i - 1] + before[i + 1]) / 2;
            }
            double[] deepest = new double[cells + 1];
            for (int step = 0; step < 2 * cells; step++) {
                double[] next = new double[cells + 1];
                for (int i = 1; i < cells; i++) {
                    next[i] = now[i - 1] + now[i + 1] - before[i];
                    deepest[i] = Math.max(deepest[i], -next[i]);
                }
                before = now;
                now = next;
            }
            Pluck law = new Pluck(1, 1, place);
            for (int i = 0; i <= cells; i++) {
                assertThat(law.envelope(1, cells, i, 0)).isCloseTo(deepest[i], within(0.02));
            }
        }
    }

    /**
     * The envelope of a stiff string against its motion: the sum of its modes between hinges, {@code f_n = n·f₀√(1 + Bn²)}
     * with {@code B = (πe/L)²} (Fletcher &amp; Rossing), let go from where a pluck holds it, over its first period. Nowhere
     * is the envelope taken less than a share of 0.035 too small.
     */
    @Test
    public void stiffStringsComeNearerToTheFrets() {
        int modes = 300;
        double worst = 0;
        for (double length : new double[] {648, 486, 324}) {
            for (double end : new double[] {0.5, 1, 2, 2.8}) {
                double pluck = 648.0 / 5;
                double place = pluck / length;
                double inharmonic = Math.pow(Math.PI * end / length, 2);
                double[] share = new double[modes + 1];
                double[] frequency = new double[modes + 1];
                double scale = 0;
                for (int n = 1; n <= modes; n++) {
                    double shape = Math.sin(n * Math.PI * (1 - place)) / (n * n);
                    scale += Math.sin(n * Math.PI * (1 - place)) * shape;
                    share[n] = shape / (1 + inharmonic * n * n);
                    frequency[n] = n * Math.sqrt(1 + inharmonic * n * n);
                }
                for (int fret : new int[] {1, 2, 3, 5, 7, 9, 12}) {
                    double distance = length * (1 - Math.pow(2, -fret / 12.0));
                    double deepest = 0;
                    for (int step = 0; step < 1500; step++) {
                        double y = 0;
                        for (int n = 1; n <= modes; n++) {
                            y += share[n]
                                    * Math.sin(n * Math.PI * distance / length)
                                    * Math.cos(2 * Math.PI * step / 1500 * frequency[n]);
                        }
                        deepest = Math.max(deepest, -y / scale);
                    }
                    double said = new Pluck(1, 1, place).envelope(1, length, distance, end);
                    worst = Math.max(worst, deepest / said - 1);
                    assertThat(said).isBetween(deepest * 0.965, deepest * 1.12);
                }
            }
        }
        assertThat(worst).isPositive();
    }

    /** A note that just buzzes gives the force back: played with it, that note just clears. */
    @Test
    public void whatJustBuzzesTellsTheHand() {
        Job job = strung(Jobs.flatTop());
        SheetAnalysis as = SheetAnalysis.of(job, SHOP);
        for (int pressed : new int[] {0, 3, 7}) {
            double force = StringClearance.force(as, 2, pressed).orElseThrow();
            Job found = job.with(Lines.PLUCK_FORCE, force);
            SheetAnalysis played = SheetAnalysis.of(found, SHOP);
            Swing swing = StringClearance.swing(
                            played, played.measured().orElseThrow(), FretCrowns.fall(found), PlayingTouch.MEDIUM)
                    .orElseThrow();
            assertThat(swing.string(2).orElseThrow().least(pressed).clearance()).isCloseTo(0, within(1e-9));
            // It does not apply to another player's hand.
            assertThat(Pluck.of(found, PlayingTouch.HARD, SHOP)).isEqualTo(Pluck.of(PlayingTouch.HARD, SHOP));
        }
        assertThat(StringClearance.force(as, 9, 0)).isEmpty();
        Job touching = Jobs.put(job, Reading.FRET_PROUD.at(9), 3);
        assertThat(StringClearance.force(SheetAnalysis.of(touching, SHOP), 2, 0))
                .isEmpty();
    }

    /** A force found by trial narrows the uncertainty of the lowest clean action. */
    @Test
    public void aFoundForceIsKnownBetter() {
        Job job = strung(Jobs.flatTop());
        double usual = LowestCleanSpread.of(SheetAnalysis.of(job, SHOP), PlayingTouch.MEDIUM)
                .bass()
                .orElseThrow();
        Job found = job.with(Lines.PLUCK_FORCE, 1.2);
        assertThat(LowestCleanSpread.of(SheetAnalysis.of(found, SHOP), PlayingTouch.MEDIUM)
                        .bass()
                        .orElseThrow())
                .isPositive()
                .isLessThan(usual);
    }

    /** A string pulled aside by a force at a point: A = F·p(1 − p)·L/T (statics), here by its two components. */
    @Test
    public void amplitudeBalancesTheForce() {
        double amplitude = new Pluck(1.2, 1, 0.2).amplitude(640, 100);
        double holds = 100 * (amplitude / (0.2 * 640) + amplitude / (0.8 * 640));
        assertThat(holds).isCloseTo(1.2, within(1e-12));
        assertThat(new Pluck(1.2, 0.5, 0.2).amplitude(640, 100)).isCloseTo(amplitude / 2, within(1e-12));
    }

    /** With the crown moved to the lowest clean action nothing is hit, and the limit just clears. */
    @Test
    public void lowestCleanJustClears() {
        Random random = new Random(22);
        for (int i = 0; i < 60; i++) {
            Job job = Jobs.random(random);
            SheetAnalysis as = sheetAnalysis(job);
            Setup setup = as.measured().orElseThrow();
            for (PlayingTouch hand : PlayingTouch.values()) {
                Swing swing = swing(job, hand);
                for (Side side : Side.values()) {
                    Swing.LowestClean clean = swing.lowestClean().get(side).orElseThrow();
                    double by = (clean.action() - setup.over(12, side))
                            * setup.basis().saddle()
                            / setup.basis().frets().at(12);
                    Setup moved = setup.afterSaddleRaised(new Sides<>(by, by));
                    Swing then = Swing.of(
                            moved, StringLoads.of(as.job(), SHOP).orElseThrow(), swing.crowns(), Pluck.of(hand, SHOP));
                    StringOverFrets outer = then.strings().get(side == Side.BASS ? 0 : 5);
                    assertThat(outer.least().clearance()).isCloseTo(0, within(1e-9));
                    assertThat(outer.clearance(
                                    clean.limitedBy().pressed(),
                                    clean.limitedBy().meets()))
                            .isCloseTo(0, within(1e-9));
                }
            }
        }
    }

    /**
     * What anyone would expect: a higher nut frees the open string, a harder hand needs more room, a proud fret is
     * hit.
     */
    @Test
    public void movesTheWayOneExpects() {
        Job job = Jobs.flatTop();
        StringOverFrets open = swing(job, PlayingTouch.MEDIUM).strings().get(5);
        StringOverFrets higher = swing(Jobs.put(job, Reading.NUT_TREBLE, 0.6), PlayingTouch.MEDIUM)
                .strings()
                .get(5);
        for (int fret = 1; fret < 12; fret++) {
            assertThat(higher.clearance(0, fret)).isGreaterThan(open.clearance(0, fret));
        }
        double light = lowest(job, PlayingTouch.LIGHT);
        double hard = lowest(job, PlayingTouch.HARD);
        assertThat(light).isLessThan(lowest(job, PlayingTouch.MEDIUM)).isLessThan(hard);
        Job proud = Jobs.put(job, Reading.FRET_PROUD.at(9), 0.2);
        Swing hit = swing(proud, PlayingTouch.MEDIUM);
        assertThat(hit.lowestClean().treble().orElseThrow().limitedBy())
                .satisfies(limit -> assertThat(limit.pressed()).isEqualTo(8))
                .satisfies(limit -> assertThat(limit.meets()).isEqualTo(9));
        // A proud fret does not get in its own way: notes fretted on it have more room over the next fret.
        assertThat(hit.strings().get(5).clearance(9, 10)).isGreaterThan(open.clearance(9, 10));
        assertThat(hit.strings().get(5).clearance(8, 9)).isLessThan(open.clearance(8, 9));
    }

    private static double lowest(Job job, PlayingTouch hand) {
        return swing(job, hand).lowestClean().treble().orElseThrow().action();
    }

    /** The outer strings have the tension and number of the set; inner strings lie between them. */
    @Test
    public void stringsAreCountedFromTheTreble() {
        Swing swing = swing(Jobs.flatTop(), PlayingTouch.MEDIUM);
        assertThat(swing.strings()).extracting(StringOverFrets::number).containsExactly(6, 5, 4, 3, 2, 1);
        StringOverFrets treble = swing.strings().get(5);
        assertThat(treble.amplitude())
                .isCloseTo(
                        0.5
                                * 1.2
                                * 0.16
                                * (Jobs.flatTop()
                                                .millimeters(Reading.JOINT_TO_SADDLE)
                                                .orElseThrow()
                                        + 632 * (1 - Math.pow(2, -14 / 12.0)))
                                / treble.string().tension(),
                        within(1e-9));
    }

    /**
     * Rocking straightedge: the leaf under its free end is twice what the middle fret stands proud, if the frets are
     * evenly spaced.
     */
    @Test
    public void rockerTellsHowProud() {
        Job job = Jobs.put(Jobs.flatTop(), Reading.FRET_ROCKS.at(9), 0.1);
        SheetAnalysis as = sheetAnalysis(job);
        double proud = FretCrowns.proud(
                        job, as.trajectory().orElseThrow().basis().frets())
                .get(9);
        assertThat(proud).isCloseTo(0.05, within(0.002));
        assertThat(FretCrowns.proud(
                                Jobs.put(job, Reading.FRET_PROUD.at(9), 0.03),
                                as.trajectory().orElseThrow().basis().frets())
                        .get(9))
                .isEqualTo(0.03);
    }

    /** Against brute force: all lines of a fine grid on a short neck. */
    @Test
    public void levelingAgainstBruteForce() {
        Random random = new Random(3);
        for (int run = 0; run < 8; run++) {
            Job job = Jobs.put(Jobs.flatTop(), Reading.EXTENSION_FALL_AWAY, random.nextDouble() * 0.4 - 0.2);
            for (int fret = 3; fret < 16; fret += 1 + random.nextInt(3)) {
                job = Jobs.put(job, Reading.FRET_PROUD.at(fret), random.nextGaussian() * 0.05);
            }
            SheetAnalysis as = sheetAnalysis(job);
            FretCrowns crowns = FretCrowns.of(as.measured().orElseThrow(), job, FretCrowns.fall(job));
            NeckCurve wanted = as.measured().orElseThrow().basis().evenly(0.15);
            DoubleSummaryStatistics off = Leveling.of(crowns, wanted, 0.002).off().stream()
                    .collect(Collectors.summarizingDouble(Leveling.Off::off));
            double cost = off.getSum() / crowns.last() + Math.max(0, off.getMax());
            double best = Double.POSITIVE_INFINITY;
            for (double start = -0.4; start <= 0.4; start += 0.004) {
                for (double end = -0.4; end <= 0.4; end += 0.004) {
                    best = Math.min(best, taken(crowns, wanted, start, end));
                }
            }
            assertThat(cost).isLessThanOrEqualTo(best + 0.002).isGreaterThan(best - 0.012);
        }
    }

    /**
     * What the line from one height at fret 1 to another at the joint takes off, mean and most; infinite if it passes
     * over a fret.
     */
    private static double taken(FretCrowns crowns, NeckCurve wanted, double start, double end) {
        double sum = 0;
        double most = 0;
        for (int fret = 1; fret <= crowns.last(); fret++) {
            double x = crowns.at(fret);
            double share = (x - wanted.from()) / (wanted.to() - wanted.from());
            double past = x > wanted.to() ? 0.002 * (x - wanted.to()) : wanted.dipAt(x);
            double off = crowns.height(fret, 0.5) + past - start - (end - start) * share;
            if (off < -1e-9 && x <= wanted.to()) {
                return Double.POSITIVE_INFINITY;
            }
            sum += Math.max(0, off);
            most = Math.max(most, off);
        }
        return sum / crowns.last() + most;
    }

    /**
     * One low fret in the middle: the least total would tilt the line about it until the far frets stay, and take
     * three times as much off fret 1. The worst fret counts as much as the mean.
     */
    @Test
    public void noFretLosesMoreThanNeeded() {
        Job job = Jobs.put(Jobs.without(Jobs.flatTop(), Aim.FALL_AWAY), Reading.FRET_PROUD.at(7), -0.06);
        SheetAnalysis as = sheetAnalysis(job);
        FretCrowns crowns = FretCrowns.of(as.measured().orElseThrow(), job, 0);
        NeckCurve wanted = as.measured()
                .orElseThrow()
                .basis()
                .evenly(as.measured().orElseThrow().reliefGap());
        Leveling leveling = Leveling.of(crowns, wanted, 0);
        double most =
                leveling.off().stream().mapToDouble(Leveling.Off::off).max().orElseThrow();
        assertThat(most).isCloseTo(0.06, within(0.003));
        assertThat(leveling.offFirst()).isPositive().isLessThanOrEqualTo(most);
        assertThat(Leveling.none(crowns).offFirst()).isZero();
    }

    /**
     * A neck on its target curve with one proud fret: only that fret is filed, and once leveled the neck plays as low
     * as without it.
     */
    @Test
    public void onlyTheProudFretIsFiled() {
        Job job = Jobs.without(Jobs.put(Jobs.flatTop(), Reading.FRET_PROUD.at(9), 0.05), Aim.FALL_AWAY);
        StringClearance room = room(job, PlayingTouch.MEDIUM);
        assertThat(room.leveling().off()).singleElement().satisfies(off -> {
            assertThat(off.fret()).isEqualTo(9);
            assertThat(off.off()).isCloseTo(0.05, within(1e-9));
        });
        Swing without = swing(Jobs.without(job, Reading.FRET_PROUD.at(9)), PlayingTouch.MEDIUM);
        assertThat(room.levelled().lowestClean().treble().orElseThrow().action())
                .isCloseTo(without.lowestClean().treble().orElseThrow().action(), within(1e-9))
                .isLessThan(room.swing().lowestClean().treble().orElseThrow().action());
    }
}
