package org.kestan.judgment.ways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Combination;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.SchoolPlan;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateNumber;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.verdict.Verdict;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Way;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** What holds for every instrument, on random ones. */
public class WaysPropertiesTest {

    private static final long SEED = 20261123;
    private static final int TRIALS = 400;
    private static final double HAIR = 1e-6;

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static <T> T any(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }

    private static Job instrument(Random random) {
        Job job = random.nextInt(4) == 0 ? archtop(random) : Jobs.random(random);
        job = job.with(Lines.JOINT, any(random, Joint.values())).with(Lines.COLLECTIBLE, random.nextInt(4) == 0);
        String body = any(random, new String[] {"small", "medium", "large", ""});
        job = body.isEmpty() ? job.without(Lines.BODY) : job.with(Lines.BODY, body);
        job = job.with(Lines.STEPS_DOWN, 0).with(Lines.TRUSS_ROD, any(random, TrussRod.values()));
        job = job.with(Lines.VALUE, random.nextDouble() * 3000);
        job = job.with(Lines.HANDMADE, random.nextInt(4) == 0);
        return random.nextBoolean() ? Jobs.put(job, Reading.POCKET_LENGTH, 70) : job;
    }

    private static Job archtop(Random random) {
        Job job = Jobs.put(Jobs.archtop(), Reading.BRIDGE_HEIGHT, 18 + random.nextDouble() * 10);
        job = Jobs.put(job, Reading.ACTION_BASS, 1 + random.nextDouble() * 4);
        job = Jobs.put(job, Reading.ACTION_TREBLE, 1 + random.nextDouble() * 3);
        job = Jobs.put(Jobs.put(job, Reading.BRIDGE_LOWEST, 18), Reading.BRIDGE_HIGHEST, 28);
        job = Jobs.put(Jobs.put(job, Reading.TAILPIECE_HEIGHT, 10), Reading.TAILPIECE_DISTANCE, 95);
        return job.with(Lines.BRIDGE, any(random, ArchtopBridge.values()));
    }

    private static Ways ways(Job job) {
        return Ways.of(SheetAnalysis.of(job, SHOP));
    }

    @Test
    public void noWayTakesMoreThanTheShopAllows() {
        Random random = new Random(SEED);
        int lowered = 0;
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            Ways ways = ways(job);
            Setup before = ways.measured().orElseThrow().setup();
            for (Assessment way : ways.all()) {
                if (!way.possible()
                        || before.protrusion().isEmpty()
                        || way.way().has(Effect.TURNS_NECK)) {
                    continue;
                }
                Setup after = way.predicted().orElseThrow().setup();
                double least = Math.min(
                        after.protrusion().orElseThrow().bass(),
                        after.protrusion().orElseThrow().treble());
                double was = Math.min(
                        before.protrusion().orElseThrow().bass(),
                        before.protrusion().orElseThrow().treble());
                assertThat(least).isGreaterThanOrEqualTo(Math.min(was, SHOP.get(Standard.PROTRUSION_LEAST)) - HAIR);
                double thin = SHOP.bridgeThin(job.text(Lines.BODY));
                assertThat(after.bridgeThickness().orElseThrow())
                        .isGreaterThanOrEqualTo(
                                Math.min(before.bridgeThickness().orElseThrow(), thin) - HAIR);
                lowered += way.way() == WayCatalog.SADDLE ? 1 : 0;
            }
        }
        assertThat(lowered).isGreaterThan(TRIALS / 10);
    }

    @Test
    public void collectibleAndHandmadeOnesAreNeverShavedOrSawn() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            boolean kept = job.collectible() || job.get(Lines.HANDMADE).orElse(false);
            if (kept) {
                for (Way id : List.of(WayCatalog.SHAVE_BRIDGE, WayCatalog.SAW_AND_BOLT, WayCatalog.BACK_SLIP)) {
                    assertThat(ways(job).of(id).possible()).isFalse();
                }
            }
            List<Way> recommended = Recommendation.of(ways(job)).ways();
            assertThat(recommended).isNotEmpty();
            for (Way id : recommended) {
                assertThat(ways(job).combined(recommended).steps().stream()
                                .filter(way -> way.way() == id)
                                .findFirst()
                                .orElseThrow()
                                .possible())
                        .as("%s of %s", id, recommended)
                        .isTrue();
            }
        }
    }

    /** A way that reaches the action really does; one that claims to is not off. */
    @Test
    public void whatReachesTheActionIsNearIt() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            double reach = SHOP.get(Standard.ACTION_REACH);
            for (Assessment way : ways(job).all()) {
                way.predicted().ifPresent(predicted -> {
                    Sides<Double> action = predicted.setup().action();
                    double off = Math.max(
                            Math.abs(action.bass()
                                    - job.millimeters(Aim.ACTION_BASS).orElseThrow()),
                            Math.abs(action.treble()
                                    - job.millimeters(Aim.ACTION_TREBLE).orElseThrow()));
                    assertThat(way.reaches()).isEqualTo(off <= reach + HAIR);
                });
            }
        }
    }

    /** Neck, saddle and strings agree after every way: crown height and projection add up to the support height. */
    @Test
    public void crownAndProjectionAddUpAfterEveryWay() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            for (Assessment way : ways(instrument(random)).all()) {
                way.predicted().ifPresent(predicted -> {
                    Setup setup = predicted.setup();
                    assertThat(setup.projection() + Sides.mean(setup.crown()))
                            .isCloseTo(setup.supportHeight(), within(1e-9));
                    setup.protrusion()
                            .ifPresent(out -> assertThat(setup.bridgeThickness().orElseThrow() + Sides.mean(out))
                                    .isCloseTo(setup.supportHeight(), within(1e-9)));
                });
            }
        }
    }

    /** Swapping bass and treble, all else alike, swaps the answers. */
    @Test
    public void bassAndTrebleAreAlike() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS / 4; i++) {
            Job job = Jobs.random(random);
            Job swapped = swapped(job);
            for (Way id :
                    List.of(WayCatalog.SADDLE, WayCatalog.NECK_RESET, WayCatalog.TUNE_DOWN, WayCatalog.NEW_BRIDGE)) {
                Assessment one = ways(job).of(id);
                Assessment other = ways(swapped).of(id);
                assertThat(other.fit()).isEqualTo(one.fit());
                one.predicted().ifPresent(predicted -> {
                    Sides<Double> here = predicted.setup().action();
                    Sides<Double> there =
                            other.predicted().orElseThrow().setup().action();
                    assertThat(there.get(Side.BASS)).isCloseTo(here.get(Side.TREBLE), within(1e-9));
                    assertThat(there.get(Side.TREBLE)).isCloseTo(here.get(Side.BASS), within(1e-9));
                });
            }
        }
    }

    private static Job swapped(Job job) {
        Job next = job;
        Reading[][] pairs = {
            {Reading.NUT_BASS, Reading.NUT_TREBLE},
            {Reading.ACTION_BASS, Reading.ACTION_TREBLE},
            {Reading.SADDLE_BASS, Reading.SADDLE_TREBLE}
        };
        for (Reading[] pair : pairs) {
            next = next.with(pair[0], job.get(pair[1]).orElseThrow())
                    .with(pair[1], job.get(pair[0]).orElseThrow());
        }
        return next.with(Aim.ACTION_BASS, job.get(Aim.ACTION_TREBLE).orElseThrow())
                .with(Aim.ACTION_TREBLE, job.get(Aim.ACTION_BASS).orElseThrow());
    }

    /** A sheet is judged whichever of its readings are missing: as unknown, never with a failure. */
    @Test
    public void anyReadingMayBeMissing() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            for (Reading reading : Reading.values()) {
                if (random.nextInt(3) == 0) {
                    job = Jobs.without(job, reading);
                }
            }
            if (random.nextBoolean()) {
                job = Jobs.without(Jobs.without(job, Aim.ACTION_BASS), Aim.ACTION_TREBLE);
            }
            SheetAnalysis sheetAnalysis = SheetAnalysis.of(job, SHOP);
            List<Gate> gates = Verdict.of(sheetAnalysis);
            assertThat(gates).hasSize(11).allSatisfy(gate -> {
                assertThat(said(gate.reasons())).isNotBlank();
                assertThat(gate.numbers()).allSatisfy((number, quantity) -> {
                    assertThat(Wording.label(number)).isNotBlank();
                    assertThat(Wording.in(BenchUnit.THOUSANDTHS).print(quantity))
                            .isNotBlank()
                            .doesNotContain("NaN")
                            .doesNotContain("Infinity");
                });
            });
            Ways ways = Ways.of(sheetAnalysis);
            assertThat(ways.all())
                    .hasSize(WayCatalog.ALL.size())
                    .allSatisfy(way -> assertThat(way.reasons()).isNotEmpty());
            assertThat(said(Recommendation.of(ways).reasons())).isNotBlank();
            SchoolPlan.of(sheetAnalysis)
                    .forEach(plan -> assertThat(plan.targetSlack()).isFinite());
        }
    }

    /** Any school and standard of a shop may be changed without a failure. */
    @Test
    public void everySchoolIsJudgedBy() {
        Random random = new Random(SEED);
        for (School school : School.values()) {
            ShopStandards shop = SHOP.with(school);
            for (int i = 0; i < 10; i++) {
                SheetAnalysis sheetAnalysis = SheetAnalysis.of(instrument(random), shop);
                assertThat(Verdict.of(sheetAnalysis)).hasSize(11);
                assertThat(Ways.of(sheetAnalysis).all()).hasSize(WayCatalog.ALL.size());
            }
        }
    }

    @Test
    public void byTheHeightOfTheStringsAPoorAngleDoesNotStop() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PIN_DISTANCE, 19), Reading.SADDLE_TREBLE, 1.2);
        List<Gate> byAngle = Verdict.of(SheetAnalysis.of(job, SHOP));
        assertThat(byAngle.get(7).state()).isEqualTo(GateState.STOP);
        List<Gate> byHeight = Verdict.of(SheetAnalysis.of(job, SHOP.with(School.BREAK_BY_HEIGHT)));
        assertThat(byHeight.get(7).state()).isEqualTo(GateState.PASS);
        assertThat(((Quantity.Distance) byHeight.get(7).numbers().get(GateNumber.STRING_HEIGHT)).millimeters())
                .isCloseTo(8.8 + 2.1, within(1e-9));
    }

    /** More ways together never cost less than any one of them, and leave no more to do than they find. */
    @Test
    public void combinationsAddUp() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS / 2; i++) {
            Ways ways = ways(instrument(random));
            List<Way> some = new ArrayList<>();
            for (Way id : WayCatalog.ALL) {
                if (random.nextInt(5) == 0) {
                    some.add(id);
                }
            }
            Combination all = ways.combined(some);
            assertThat(all.ways()).containsExactlyInAnyOrderElementsOf(some);
            assertThat(all.ways())
                    .isSortedAccordingTo((one, other) -> one.stage().compareTo(other.stage()));
            double hours = all.steps().stream()
                    .filter(Assessment::possible)
                    .mapToDouble(each -> each.price().hours())
                    .sum();
            assertThat(all.hours()).isCloseTo(hours, within(1e-9));
            assertThat(all.cost()).isGreaterThanOrEqualTo(hours * SHOP.get(Standard.HOURLY_RATE) - HAIR);
            if (all.possible().isEmpty()) {
                assertThat(all.predicted()).isEmpty();
            }
        }
    }
}
