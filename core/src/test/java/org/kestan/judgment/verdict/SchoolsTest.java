package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.kestan.analysis.inputs.RodEffect;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;
import org.kestan.job.visits.Visits;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.TargetReset;
import org.testng.annotations.Test;

/** What the choice of a school changes (§4). */
public class SchoolsTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Setup setup(Job job) {
        return SheetAnalysis.of(job, SHOP).measured().orElseThrow();
    }

    /**
     * Less saddle where the break angle is ample; at the least saddle the angle is just good, and never below what it
     * was before.
     */
    @Test
    public void theLeastSaddleGoesByTheBreakAngle() {
        ShopStandards byAngle = SHOP.with(School.SADDLE_BY_BREAK_ANGLE);
        Job ample = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PIN_DISTANCE, 6), Reading.STRING_RAMP, 1);
        double rule = SHOP.get(Standard.PROTRUSION_LEAST);
        assertThat(SaddleReserve.least(setup(ample), SHOP)).isEqualTo(rule);
        double least = SaddleReserve.least(setup(ample), byAngle);
        assertThat(least).isLessThan(rule).isGreaterThan(SHOP.get(Standard.PROTRUSION_PLAYED));
        Job there = Jobs.put(Jobs.put(ample, Reading.SADDLE_BASS, least), Reading.SADDLE_TREBLE, least);
        Setup lowered = setup(ample).afterSaddleRaised(new Sides<>(0.0, 0.0));
        double angle = Math.toDegrees(Math.atan((least + 1) / 6))
                + lowered.breakAngle(Side.BASS).orElseThrow().degrees()
                - Math.toDegrees(Math.atan((3.0 + 1) / 6));
        assertThat(angle).isCloseTo(SHOP.angle(Standard.BREAK_ANGLE_GOOD).degrees(), within(1e-9));
        assertThat(setup(there).breakAngle(Side.BASS)).isPresent();
        Job steep = Jobs.put(ample, Reading.STRING_RAMP, 4);
        assertThat(SaddleReserve.least(setup(steep), byAngle)).isEqualTo(SHOP.get(Standard.PROTRUSION_PLAYED));
        Job poor = Jobs.put(Jobs.put(ample, Reading.PIN_DISTANCE, 14), Reading.STRING_RAMP, 0);
        assertThat(SaddleReserve.least(setup(poor), byAngle)).isEqualTo(rule);
        // Without the pin distance there is no break angle to go by.
        assertThat(SaddleReserve.least(setup(Jobs.without(ample, Reading.PIN_DISTANCE)), byAngle))
                .isEqualTo(rule);
    }

    /**
     * A bridge that was cut before counts at its old height if the shop follows that school: the neck goes farther
     * back.
     */
    @Test
    public void theBridgeAsItWasMade() {
        Job job = Jobs.flatTop().with(Dimension.BRIDGE_AS_MADE, Length.ofText("10.8 mm"));
        double now = landing(job, SHOP.with(School.KISSES));
        double made = landing(job, SHOP.with(School.KISSES).with(School.BRIDGE_AS_MADE));
        assertThat(made - now).isCloseTo(2.0, within(0.01));
        assertThat(landing(Jobs.flatTop(), SHOP.with(School.KISSES).with(School.BRIDGE_AS_MADE)))
                .as("not known: as it is")
                .isCloseTo(now, within(1e-9));
    }

    private static double landing(Job job, ShopStandards shop) {
        JudgmentContext about = JudgmentContext.of(SheetAnalysis.of(job, shop));
        return TargetReset.by(School.KISSES, about, about.measured().orElseThrow())
                .orElseThrow()
                .projection();
    }

    private static Job straight(double proud) {
        Job job = Jobs.flatTop()
                .withStrings(List.of(
                        StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                        StringSpec.of(Length.ofText("0.012 in"), false, "E4")))
                .with(Lines.TRUSS_ROD, TrussRod.WORKS);
        return Jobs.put(Jobs.put(Jobs.without(job, Aim.RELIEF), Reading.RELIEF, 0.02), Reading.FRET_PROUD.at(9), proud);
    }

    /** A straight neck that plays clean is left alone by shops of that school; one that buzzes is not. */
    @Test
    public void aStraightNeckThatPlaysCleanIsLeft() {
        assertThat(RodAdjustment.at(setup(straight(0)), straight(0), SHOP).needed())
                .isFalse();
        assertThat(RodAdjustment.at(setup(straight(0)), straight(0), SHOP.with(School.RELIEF_ALWAYS))
                        .needed())
                .isTrue();
        assertThat(RodAdjustment.at(setup(straight(0.5)), straight(0.5), SHOP).needed())
                .isTrue();
        Job unknown = straight(0).withStrings(List.of());
        assertThat(RodAdjustment.at(setup(unknown), unknown, SHOP).needed())
                .as("nothing tells whether it plays clean")
                .isTrue();
        Job asked = Jobs.put(straight(0), Aim.RELIEF, 0.2);
        assertThat(RodAdjustment.at(setup(asked), asked, SHOP).needed())
                .as("asked for")
                .isTrue();
    }

    private static Job twice(double share) {
        Job before = Jobs.put(Jobs.without(Jobs.flatTop(), Aim.RELIEF), Reading.RELIEF, 0.6)
                .with(Lines.ROLE, VisitRole.AS_RECEIVED);
        Setup was = setup(before);
        double told = Sides.mean(was.afterRelief(0.2).crown()) - Sides.mean(was.crown());
        Visit after = before.visit().with(Lines.ROLE, VisitRole.AFTER_RELIEF);
        Job turned = Jobs.put(before.withVisit(after), Reading.RELIEF, 0.2);
        double leverage = was.basis().saddle() / was.basis().actionAt();
        for (Side side : Side.values()) {
            Reading action = side == Side.BASS ? Reading.ACTION_BASS : Reading.ACTION_TREBLE;
            // The action that puts the crown where a rod of that shape would put it, with the nut as read before.
            Setup level = setup(turned);
            double lacking =
                    was.crown().get(side) + share * told - level.crown().get(side);
            turned = Jobs.put(turned, action, level.action().get(side) + lacking / leverage * nutShare(level));
        }
        return turned.withVisits(visits -> new Visits(visits.current(), List.of(before.visit())));
    }

    /** The crown follows from nut and action: x_s − x_1 over x_12 − x_1 for an action alone. */
    private static double nutShare(Setup setup) {
        double first = setup.basis().frets().at(1);
        double saddle = setup.basis().saddle();
        double twelfth = setup.basis().actionAt();
        return saddle / twelfth * (twelfth - first) / (saddle - first);
    }

    /**
     * Two readings, before and after a rod adjustment, show how the rod bends this neck; what depends on it is then
     * more certain.
     */
    @Test
    public void twoReadingsTeachTheRod() {
        RodEffect usual = RodEffect.of(Jobs.flatTop(), SHOP);
        assertThat(usual.share()).isEqualTo(1);
        assertThat(usual.seen()).isEmpty();
        for (double share : new double[] {0.7, 1, 1.3}) {
            RodEffect seen = RodEffect.of(twice(share), SHOP);
            assertThat(seen.seen().orElseThrow()).isCloseTo(share, within(0.01));
            assertThat(seen.share()).isBetween(Math.min(1, share) - 1e-3, Math.max(1, share) + 1e-3);
            assertThat(seen.standard()).isLessThan(usual.standard() / 2);
        }
        // With other work done in between, the two readings show nothing.
        Job worked = Jobs.put(Jobs.put(twice(1.3), Reading.SADDLE_BASS, 2.7), Reading.SADDLE_TREBLE, 1.9);
        assertThat(RodEffect.of(worked, SHOP).seen()).isEmpty();
    }

    /** The effect of the rod's shape on the plan follows what was observed. */
    @Test
    public void aLearnedRodMovesThePlan() {
        Job job = Jobs.put(twice(1.3), Reading.RELIEF, 0.2);
        Setup learned = SheetAnalysis.of(job, SHOP).measured().orElseThrow();
        Setup fresh = SheetAnalysis.of(job.withVisits(visits -> new Visits(visits.current(), List.of())), SHOP)
                .measured()
                .orElseThrow();
        double more = Sides.mean(learned.afterRelief(0.1).crown()) - Sides.mean(learned.crown());
        double usual = Sides.mean(fresh.afterRelief(0.1).crown()) - Sides.mean(fresh.crown());
        assertThat(more / usual)
                .isCloseTo(RodEffect.of(job, SHOP).share(), within(1e-6))
                .isGreaterThan(1.1);
    }
}
