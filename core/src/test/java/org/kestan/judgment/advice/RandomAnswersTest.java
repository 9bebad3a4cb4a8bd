package org.kestan.judgment.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.WayKind;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/**
 * Rules of judgment (§6) held on random instruments; common practice, no source. {@code -Dkestan.instruments=10000} for more of
 * them.
 */
public class RandomAnswersTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static final int INSTRUMENTS = Integer.getInteger("kestan.instruments", 180);

    /** Only a sample is asked which reading would change its answer: that judges an instrument a hundred times. */
    private static final int CLOSELY = 80;

    private static Job instrument(Random random) {
        boolean archtop = random.nextInt(4) == 0;
        Job job = archtop ? archtop(random) : Jobs.sound(Jobs.random(random));
        job = job.with(
                Lines.JOINT,
                List.of(Joint.DOVETAIL, Joint.MORTISE_BOLT, Joint.POCKET_BOLT, Joint.DOVETAIL)
                        .get(random.nextInt(4)));
        job = job.with(Lines.HANDMADE, random.nextInt(3) == 0).with(Lines.COLLECTIBLE, random.nextInt(8) == 0);
        job = job.withVisit(job.visit()
                .with(
                        Lines.TRUSS_ROD,
                        List.of(TrussRod.WORKS, TrussRod.NONE, TrussRod.WORKS).get(random.nextInt(3))));
        return random.nextInt(3) == 0 ? job : job.with(Lines.VALUE, 50 + 3000 * random.nextDouble());
    }

    private static Job archtop(Random random) {
        double bridge = 18 + 12 * random.nextDouble();
        Job job = Jobs.put(
                Jobs.sound(Jobs.archtop()).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE), Reading.BRIDGE_HEIGHT, bridge);
        job = Jobs.put(job, Reading.BRIDGE_LOWEST, bridge - 4 * random.nextDouble());
        job = Jobs.put(job, Reading.BRIDGE_HIGHEST, bridge + 4 * random.nextDouble());
        job = Jobs.put(job, Reading.TAILPIECE_HEIGHT, 2 + 18 * random.nextDouble());
        job = Jobs.put(job, Reading.TAILPIECE_DISTANCE, 60 + 50 * random.nextDouble());
        job = Jobs.put(job, Reading.HEEL_HEIGHT, 90);
        double height = 1.5 + 3 * random.nextDouble();
        return Jobs.put(Jobs.put(job, Reading.ACTION_BASS, height), Reading.ACTION_TREBLE, 0.8 * height);
    }

    private static Ways ways(Job job) {
        return Ways.of(SheetAnalysis.of(job, SHOP));
    }

    private static int weight(Recommendation said) {
        return said.kind().map(kind -> kind.ordinal() + 1).orElse(0);
    }

    @Test(groups = "slow")
    public void theRulesHoldOnRandomInstruments() {
        Random random = new Random(20261129);
        int heavy = 0;
        int left = 0;
        int close = 0;
        List<String> unsaid = new ArrayList<>();
        for (int i = 0; i < INSTRUMENTS; i++) {
            Job job = instrument(random);
            Ways ways = ways(job);
            Setup measured = ways.measured().orElseThrow().setup();
            Recommendation said = Recommendation.of(ways);
            String name = i + " " + said.ways();
            // No reset, back or new bridge below 9 in 10.
            if (said.kind().filter(WayKind.HEAVY::equals).isPresent()) {
                heavy++;
                assertThat(said.odds().lighterMiss().get(WayKind.HEAVY))
                        .as(name)
                        .isGreaterThanOrEqualTo(0.9);
            }
            if (said.kind().filter(WayKind.IRREVERSIBLE::equals).isPresent()) {
                assertThat(said.odds().lighterMiss().get(WayKind.IRREVERSIBLE))
                        .as(name)
                        .isGreaterThanOrEqualTo(0.75);
            }
            List<Candidate> tried = CandidateSearch.of(ways, measured);
            // Nothing is cut if the action is already right.
            if (ways.about().met(measured)) {
                assertThat(said.ways())
                        .as(name)
                        .noneMatch(way -> way.has(Effect.CUTS_HEEL) || way.has(Effect.SPENDS_BRIDGE));
            }
            Optional<Candidate> chosen = tried.stream()
                    .filter(each -> each.ways().equals(said.ways()))
                    .findFirst();
            if (said.ways().equals(List.of(WayCatalog.LEAVE))) {
                left++;
            }
            chosen.ifPresent(taken -> {
                // No gate is left worse, and no way is refused because of a gate it does not make worse.
                assertThat(taken.gates().worsened()).as(name).isEmpty();
                if (taken.reaches()) {
                    // Of those that would do as well, none that is lighter and cheaper was passed over.
                    assertThat(tried.stream()
                                    .filter(each -> each.answers()
                                            && each.combined().cost()
                                                    < taken.combined().cost() - 1e-9
                                            && each.invasiveness() < taken.invasiveness()))
                            .as(name)
                            .isEmpty();
                }
            });
            if (i % CLOSELY == 0) {
                close += closely(job, said, ways, name, unsaid);
            }
        }
        System.out.printf(
                "%d instruments: %d heavy, %d left; of %d asked closely %d were close%n",
                INSTRUMENTS, heavy, left, INSTRUMENTS / CLOSELY, close);
        assertThat(unsaid).isEmpty();
    }

    /**
     * If a reading of the action within its half-width changes the answer, this is reported on both sides of the
     * change.
     */
    private static int closely(Job job, Recommendation said, Ways ways, String name, List<String> unsaid) {
        boolean close = CloseCall.of(said, ways.about().sheetAnalysis()).isPresent();
        for (Reading reading : List.of(Reading.ACTION_BASS, Reading.ACTION_TREBLE)) {
            double half = 2 * Repeatability.standard(job.visit(), reading, SHOP);
            for (double by : new double[] {-half, -half / 2, half / 2, half}) {
                Job shifted = Jobs.put(job, reading, job.millimeters(reading).orElseThrow() + by);
                Recommendation then = Recommendation.of(ways(shifted));
                if (!then.ways().equals(said.ways())) {
                    if (!close) {
                        unsaid.add(name + " by " + by + " of " + reading + ": " + then.ways());
                    }
                    if (CloseCall.of(then, SheetAnalysis.of(shifted, SHOP)).isEmpty()) {
                        unsaid.add(name + " back from " + by + " of " + reading + ": " + then.ways());
                    }
                }
            }
        }
        return close ? 1 : 0;
    }

    /** More action never gets a lighter answer, except because of the instrument's worth. */
    @Test
    public void moreActionNeverGetsALighterAnswer() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            // The relief is right: a rod adjustment may bring a high action far below its target.
            Job job = Jobs.put(instrument(random), Reading.RELIEF, 0.18).with(Lines.DO_IT_ANYWAY, "true");
            if (job.floating() || job.joined(Joint.POCKET_BOLT)) {
                continue; // there another gate comes into it, the break angle; and stock shims come in steps
            }
            double reach = SHOP.get(Standard.ACTION_REACH);
            int weight = -1;
            String trail = "";
            for (double over = 0; over < 2; over += 0.1) {
                Job high = Jobs.put(job, Reading.ACTION_BASS, wanted(job, true) + reach / 2 + over);
                high = Jobs.put(high, Reading.ACTION_TREBLE, wanted(job, false) + reach / 2 + over);
                Recommendation said = Recommendation.of(ways(high));
                if (!said.odds().lighterMiss().isEmpty() && reached(said)) {
                    trail += " " + said.ways();
                    assertThat(weight(said)).as(i + trail).isGreaterThanOrEqualTo(weight);
                    weight = weight(said);
                }
            }
        }
    }

    private static boolean reached(Recommendation said) {
        return said.reasons().stream().noneMatch(each -> each.is(AdviceFinding.NEAREST))
                && said.reasons().stream().noneMatch(each -> each.is(AdviceFinding.NOTHING_NEARER));
    }

    private static double wanted(Job job, boolean bass) {
        return job.millimeters(bass ? Aim.ACTION_BASS : Aim.ACTION_TREBLE).orElseThrow();
    }
}
