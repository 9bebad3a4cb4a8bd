package org.kestan.ways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.kestan.job.ArchtopBridge;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.Joint;
import org.kestan.job.TrussRod;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.verdict.Gate;
import org.kestan.verdict.GateNumber;
import org.kestan.verdict.GateState;
import org.kestan.verdict.Verdict;
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
        job = job.withInstrument(job.instrument()
                .withJoint(Optional.of(any(random, Joint.values())))
                .withCollectible(Optional.of(random.nextInt(4) == 0))
                .withBody(any(random, new String[] {"small", "medium", "large", ""})));
        job = job.withSurvey(job.survey()
                .with(Details.STEPS_DOWN, Optional.of(0))
                .with(Details.TRUSS_ROD, Optional.of(any(random, TrussRod.values()))));
        job = job.with(Details.VALUE, Optional.of(random.nextDouble() * 3000));
        job = job.with(Details.HANDMADE, Optional.of(random.nextInt(4) == 0));
        return random.nextBoolean() ? Jobs.put(job, Reading.POCKET_LENGTH, 70) : job;
    }

    private static Job archtop(Random random) {
        Job job = Jobs.put(Jobs.archtop(), Reading.BRIDGE_HEIGHT, 18 + random.nextDouble() * 10);
        job = Jobs.put(job, Reading.ACTION_BASS, 1 + random.nextDouble() * 4);
        job = Jobs.put(job, Reading.ACTION_TREBLE, 1 + random.nextDouble() * 3);
        job = Jobs.put(Jobs.put(job, Reading.BRIDGE_LOWEST, 18), Reading.BRIDGE_HIGHEST, 28);
        job = Jobs.put(Jobs.put(job, Reading.TAILPIECE_HEIGHT, 10), Reading.TAILPIECE_DISTANCE, 95);
        return job.with(Details.BRIDGE, Optional.of(any(random, ArchtopBridge.values())));
    }

    private static Ways ways(Job job) {
        return Ways.of(Reckoning.of(job, SHOP), BenchUnit.MILLIMETRES);
    }

    @Test
    public void noWayTakesMoreThanTheShopAllows() {
        Random random = new Random(SEED);
        int lowered = 0;
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            Ways ways = ways(job);
            Setup before = ways.measured().orElseThrow().setup();
            for (Way way : ways.all()) {
                if (!way.possible() || before.protrusion().isEmpty() || way.id().turnsNeck()) {
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
                double thin = SHOP.bridgeThin(job.instrument().body());
                assertThat(after.bridgeThickness().orElseThrow())
                        .isGreaterThanOrEqualTo(
                                Math.min(before.bridgeThickness().orElseThrow(), thin) - HAIR);
                lowered += way.id() == WayId.SADDLE ? 1 : 0;
            }
        }
        assertThat(lowered).isGreaterThan(TRIALS / 10);
    }

    @Test
    public void collectibleAndHandmadeOnesAreNeverShavedOrSawn() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            boolean kept = job.instrument().collectible().orElse(false)
                    || job.details().get(Details.HANDMADE).orElse(false);
            if (kept) {
                for (WayId id : List.of(WayId.SHAVE_BRIDGE, WayId.SAW_AND_BOLT, WayId.BACK_SLIP)) {
                    assertThat(ways(job).way(id).possible()).isFalse();
                }
            }
            List<WayId> recommended = Recommendation.of(ways(job)).ways();
            assertThat(recommended).isNotEmpty();
            for (WayId id : recommended) {
                assertThat(ways(job).combined(recommended).ways().stream()
                                .filter(way -> way.id() == id)
                                .findFirst()
                                .orElseThrow()
                                .possible())
                        .as("%s of %s", id, recommended)
                        .isTrue();
            }
        }
    }

    /** What reaches the action does; what claims to is no way off. */
    @Test
    public void whatReachesTheActionIsNearIt() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            Job job = instrument(random);
            double reach = SHOP.get(Standard.ACTION_REACH);
            for (Way way : ways(job).all()) {
                way.predicted().ifPresent(predicted -> {
                    Sides<Double> action = predicted.setup().action();
                    double off = Math.max(
                            Math.abs(action.bass()
                                    - job.target().millimetres(Aim.ACTION_BASS).orElseThrow()),
                            Math.abs(action.treble()
                                    - job.target()
                                            .millimetres(Aim.ACTION_TREBLE)
                                            .orElseThrow()));
                    assertThat(way.reaches()).isEqualTo(off <= reach + HAIR);
                });
            }
        }
    }

    /** Nothing is lost between neck, saddle and strings: crown and projection add up to the support, after every way. */
    @Test
    public void crownAndProjectionAddUpAfterEveryWay() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS; i++) {
            for (Way way : ways(instrument(random)).all()) {
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

    /** Bass and treble changed over, everything else alike, give the same answers changed over. */
    @Test
    public void bassAndTrebleAreAlike() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS / 4; i++) {
            Job job = Jobs.random(random);
            Job swapped = swapped(job);
            for (WayId id : List.of(WayId.SADDLE, WayId.NECK_RESET, WayId.TUNE_DOWN, WayId.NEW_BRIDGE)) {
                Way one = ways(job).way(id);
                Way other = ways(swapped).way(id);
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
            next = next.with(pair[0], job.length(pair[1])).with(pair[1], job.length(pair[0]));
        }
        return next.with(Aim.ACTION_BASS, job.length(Aim.ACTION_TREBLE))
                .with(Aim.ACTION_TREBLE, job.length(Aim.ACTION_BASS));
    }

    /** A sheet with any of its readings missing is judged all the same: unknown, never a failure. */
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
            Reckoning reckoning = Reckoning.of(job, SHOP);
            List<Gate> gates = Verdict.of(reckoning, BenchUnit.SIXTY_FOURTHS);
            assertThat(gates).hasSize(11).allSatisfy(gate -> {
                assertThat(gate.reason()).isNotBlank();
                assertThat(gate.numbers().values())
                        .allSatisfy(number -> assertThat(number).isFinite());
                gate.numbers()
                        .keySet()
                        .forEach(name -> assertThat(GateNumber.words(name)).isNotBlank());
            });
            Ways ways = Ways.of(reckoning, BenchUnit.THOUSANDTHS);
            assertThat(ways.all())
                    .hasSize(18)
                    .allSatisfy(way -> assertThat(way.reasons()).isNotEmpty());
            assertThat(Recommendation.of(ways).reason()).isNotBlank();
            SchoolPlan.of(reckoning)
                    .forEach(plan -> assertThat(plan.targetSlack()).isFinite());
        }
    }

    /** Every school and standard of a shop may be changed without anything falling over. */
    @Test
    public void everySchoolIsJudgedBy() {
        Random random = new Random(SEED);
        for (School school : School.values()) {
            ShopStandards shop = SHOP.with(school);
            for (int i = 0; i < 10; i++) {
                Reckoning reckoning = Reckoning.of(instrument(random), shop);
                assertThat(Verdict.of(reckoning, BenchUnit.MILLIMETRES)).hasSize(11);
                assertThat(Ways.of(reckoning, BenchUnit.MILLIMETRES).all()).hasSize(18);
            }
        }
    }

    @Test
    public void byTheHeightOfTheStringsAPoorAngleDoesNotStop() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PIN_DISTANCE, 19), Reading.SADDLE_TREBLE, 1.2);
        List<Gate> byAngle = Verdict.of(Reckoning.of(job, SHOP), BenchUnit.MILLIMETRES);
        assertThat(byAngle.get(7).state()).isEqualTo(GateState.STOP);
        List<Gate> byHeight = Verdict.of(Reckoning.of(job, SHOP.with(School.BREAK_BY_HEIGHT)), BenchUnit.MILLIMETRES);
        assertThat(byHeight.get(7).state()).isEqualTo(GateState.PASS);
        assertThat(byHeight.get(7).numbers().get("stringHeight")).isCloseTo(8.8 + 2.1, within(1e-9));
    }

    /** More ways taken together never cost less than any of them, and leave no more than they find to do. */
    @Test
    public void combinationsAddUp() {
        Random random = new Random(SEED);
        for (int i = 0; i < TRIALS / 2; i++) {
            Ways ways = ways(instrument(random));
            List<WayId> some = new ArrayList<>();
            for (WayId id : WayId.values()) {
                if (random.nextInt(5) == 0) {
                    some.add(id);
                }
            }
            Combination all = ways.combined(some);
            assertThat(all.ids()).containsExactlyInAnyOrderElementsOf(some);
            assertThat(all.ids())
                    .isSortedAccordingTo((one, other) -> one.stage().compareTo(other.stage()));
            double hours = all.ways().stream()
                    .filter(Way::possible)
                    .mapToDouble(Way::hours)
                    .sum();
            assertThat(all.hours()).isCloseTo(hours, within(1e-9));
            assertThat(all.cost()).isGreaterThanOrEqualTo(hours * SHOP.get(Standard.HOURLY_RATE) - HAIR);
            if (all.ways().stream().noneMatch(Way::possible)) {
                assertThat(all.predicted()).isEmpty();
            }
        }
    }
}
