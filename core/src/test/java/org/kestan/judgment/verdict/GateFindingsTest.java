package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.kestan.judgment.verdict.GateInstruments.SHOP;
import static org.kestan.judgment.verdict.GateInstruments.STEP;
import static org.kestan.judgment.verdict.GateInstruments.action;
import static org.kestan.judgment.verdict.GateInstruments.archtop;
import static org.kestan.judgment.verdict.GateInstruments.bending;
import static org.kestan.judgment.verdict.GateInstruments.gate;
import static org.kestan.judgment.verdict.GateInstruments.humidity;
import static org.kestan.judgment.verdict.GateInstruments.neck;
import static org.kestan.judgment.verdict.GateInstruments.pitched;
import static org.kestan.judgment.verdict.GateInstruments.right;
import static org.kestan.judgment.verdict.GateInstruments.saddle;
import static org.kestan.judgment.verdict.GateInstruments.shop;

import java.util.List;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What each gate says of an instrument, with the numbers behind it. */
public class GateFindingsTest {

    /** The body's share is reported beside the neck's pitch. */
    @Test
    public void aBodyThatFoldsTooFarAndReadingsThatDisagreeAreSaid() {
        Job job = pitched(1);
        double strung = SheetAnalysis.of(job, SHOP).measured().orElseThrow().projection();
        for (double side : new double[] {-STEP, STEP}) {
            Job whole = Jobs.put(job, Reading.PROJECTION_SLACK, strung + shop(Standard.SINK_MOST) + side);
            // A working rod may have bowed the neck back by this much: the slack relief has to rule it out.
            assertThat(neck(whole).reasons().stream().anyMatch(said -> said.is(GateFinding.READ_SLACK_RELIEF)))
                    .isEqualTo(side > 0);
            Job sunk = Jobs.put(whole, Reading.RELIEF_SLACK, 0.2);
            assertThat(neck(sunk).reasons().stream().anyMatch(said -> said.is(GateFinding.SINKS_TOO_FAR)))
                    .isEqualTo(side > 0);
            Job apart = Jobs.put(
                    Jobs.without(job, Reading.PROJECTION_SLACK),
                    Reading.PROJECTION_STRUNG,
                    strung + shop(Standard.DISAGREEMENT) + side);
            assertThat(neck(apart).reasons().stream().anyMatch(said -> said.is(GateFinding.READINGS_DISAGREE)))
                    .isEqualTo(side > 0);
        }
    }

    /** What was found on inspection, by how bad it is. */
    @Test
    public void soundnessFollowsTheInspection() {
        Job job = right();
        Observation slight = new Observation(Defect.BELLY, Severity.SLIGHT, "");
        Observation serious = new Observation(Defect.TOP_CRACK_THROUGH, Severity.SERIOUS, "");
        Gate warned = gate(job.withVisit(job.visit().with(slight)), GateId.SOUNDNESS);
        assertThat(warned.state()).isEqualTo(GateState.WARN);
        assertThat(warned.numbers()).containsEntry(GateNumber.HUMIDITY, new Quantity.Percent(46));
        assertThat(gate(job.withVisit(job.visit().with(serious)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.STOP);
        Job noAir = job.withVisit(job.visit().without(Lines.HUMIDITY));
        Gate unread = gate(noAir, GateId.SOUNDNESS);
        assertThat(unread.state()).isEqualTo(GateState.UNKNOWN);
        assertThat(unread.reasons().get(0).is(GateFinding.HUMIDITY_NOT_READ)).isTrue();
    }

    /** Tuned down, it has to be tuned up first; missing gauges warn. */
    @Test
    public void pitchFollowsTuningAndGauges() {
        Job job = right();
        assertThat(gate(job, GateId.PITCH).state()).isEqualTo(GateState.PASS);
        Gate down = gate(job.withVisit(job.visit().with(Lines.STEPS_DOWN, 1)), GateId.PITCH);
        assertThat(down.state()).isEqualTo(GateState.STOP);
        assertThat(down.numbers()).containsEntry(GateNumber.STEPS_DOWN, Quantity.count(1));
        assertThat(gate(job.withStrings(List.of()), GateId.PITCH).state()).isEqualTo(GateState.WARN);
        assertThat(gate(job.withVisit(job.visit().without(Lines.STEPS_DOWN)), GateId.PITCH)
                        .state())
                .isEqualTo(GateState.UNKNOWN);
    }

    /** What the rod can do decides what is said about a relief outside its window. */
    @Test
    public void theRodDecidesWhatIsSaidOfTheRelief() {
        Job slack = Jobs.put(right(), Reading.RELIEF, 0.5);
        // Where it buzzes; a straight neck that plays clean is left alone.
        Job straight = Jobs.put(Jobs.put(right(), Reading.RELIEF, 0), Reading.FRET_PROUD.at(9), 0.4);
        assertThat(reason(slack, TrussRod.WORKS)).isEqualTo(GateFinding.SLACK_TURN_ROD);
        assertThat(reason(slack, TrussRod.NONE)).isEqualTo(GateFinding.SLACK_NO_ROD);
        assertThat(reason(slack, null)).isEqualTo(GateFinding.SLACK_TRY_ROD);
        assertThat(reason(straight, TrussRod.WORKS)).isEqualTo(GateFinding.STRAIGHT_TURN_ROD);
        assertThat(reason(straight, TrussRod.DEAD)).isEqualTo(GateFinding.STRAIGHT_NO_ROD);
        assertThat(reason(straight, null)).isEqualTo(GateFinding.STRAIGHT_TRY_ROD);
        Gate gate = gate(slack, GateId.RELIEF);
        assertThat(gate.number(GateNumber.GAP)).hasValue(0.5);
        assertThat(gate.number(GateNumber.LEAST)).hasValue(shop(Standard.RELIEF_LEAST));
        assertThat(gate.number(GateNumber.MOST)).hasValue(shop(Standard.RELIEF_MOST));
        assertThat(gate.number(GateNumber.ACTION_BASS_THEN).orElseThrow()).isLessThan(2.0);
        assertThat(gate.number(GateNumber.ACTION_TREBLE_THEN).orElseThrow()).isLessThan(1.6);
    }

    private static Object reason(Job job, TrussRod rod) {
        Job known = job.withVisit(
                rod == null ? job.visit().without(Lines.TRUSS_ROD) : job.visit().with(Lines.TRUSS_ROD, rod));
        return gate(known, GateId.RELIEF).reasons().get(0).kind();
    }

    /** The numbers behind each gate are those that were read, or follow from them. */
    @Test
    public void theNumbersBehindTheGatesAreThoseRead() {
        Job job = right();
        assertThat(gate(job, GateId.NUT).number(GateNumber.BASS)).hasValue(0.55);
        assertThat(gate(job, GateId.NUT).number(GateNumber.TREBLE)).hasValue(0.4);
        assertThat(gate(job, GateId.FRETBOARD).number(GateNumber.FALL_AWAY)).hasValue(0.2);
        assertThat(gate(job, GateId.ACTION).number(GateNumber.BASS)).hasValue(2.0);
        assertThat(gate(job, GateId.ACTION).number(GateNumber.TREBLE)).hasValue(1.6);
        assertThat(gate(job, GateId.SADDLE).number(GateNumber.LEFT)).hasValue(2.2);
        assertThat(gate(job, GateId.BRIDGE).number(GateNumber.THICKNESS)).hasValue(8.8);
        assertThat(gate(archtop(25), GateId.BRIDGE).number(GateNumber.HEIGHT)).hasValue(25);
        assertThat(gate(archtop(25), GateId.BRIDGE).number(GateNumber.LOWEST)).hasValue(22);
        assertThat(gate(job, GateId.WORTH).numbers())
                .containsEntry(GateNumber.VALUE, new Quantity.Money(5000))
                .containsEntry(GateNumber.RESET_COST, new Quantity.Money(SHOP.cost(ShopStandards.RESET)));
        assertThat(gate(Job.BLANK, GateId.NECK_PITCH).state()).isEqualTo(GateState.UNKNOWN);
        assertThat(gate(Job.BLANK, GateId.BREAK_ANGLE).state()).isEqualTo(GateState.UNKNOWN);
        assertThat(gate(job.with(Lines.COLLECTIBLE, true), GateId.WORTH).state())
                .isEqualTo(GateState.WARN);
    }

    /** Exactly at a threshold: those that are exact in millimeters, and the side they fall on. */
    @Test
    public void theThresholdItselfBelongsToOneSide() {
        assertThat(gate(lift(shop(Standard.BRIDGE_LIFT)), GateId.SOUNDNESS).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(humidity(shop(Standard.HUMIDITY_LEAST)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(humidity(shop(Standard.HUMIDITY_MOST)), GateId.SOUNDNESS)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.put(right(), Reading.NUT_TREBLE, shop(Standard.NUT_LOW)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(Jobs.put(right(), Reading.NUT_BASS, shop(Standard.NUT_HIGH)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(fall(0), GateId.FRETBOARD).state()).isEqualTo(GateState.PASS);
        assertThat(gate(fall(shop(Standard.FALL_AWAY_MOST)), GateId.FRETBOARD).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(action(right(), shop(Standard.ACTION_OUT_OF_SPEC), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.STOP);
        assertThat(gate(action(right(), shop(Standard.ACTION_LOW), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.WARN);
        assertThat(gate(action(right(), 2.0 + shop(Standard.ACTION_REACH), 1.6), GateId.ACTION)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(saddle(right(), shop(Standard.PROTRUSION_LEAST)), GateId.SADDLE)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(saddle(right(), shop(Standard.PROTRUSION_MOST)), GateId.SADDLE)
                        .state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(bridge(shop(Standard.BRIDGE_CUT)), GateId.BRIDGE).state())
                .isEqualTo(GateState.WARN);
        assertThat(gate(bridge(shop(Standard.BRIDGE_THIN)), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        assertThat(gate(bridge(shop(Standard.BRIDGE_HEAVY)), GateId.BRIDGE).state())
                .isEqualTo(GateState.PASS);
        double cost = SHOP.cost(ShopStandards.RESET);
        assertThat(gate(right().with(Lines.VALUE, cost), GateId.WORTH).state()).isEqualTo(GateState.WARN);
        assertThat(gate(right().with(Lines.VALUE, cost * shop(Standard.WORTH_RATIO)), GateId.WORTH)
                        .state())
                .isEqualTo(GateState.PASS);
        Job height = Jobs.put(saddle(right(), 2), Reading.BRIDGE_THICKNESS, shop(Standard.STRING_HEIGHT_LEAST) - 2);
        assertThat(Verdict.of(SheetAnalysis.of(height, SHOP.with(School.BREAK_BY_HEIGHT))).stream()
                        .filter(each -> each.id() == GateId.BREAK_ANGLE)
                        .findFirst()
                        .orElseThrow()
                        .state())
                .isEqualTo(GateState.PASS);
    }

    private static Job lift(double leaf) {
        return Jobs.put(right(), Reading.BRIDGE_LIFT, leaf);
    }

    private static Job fall(double away) {
        return Jobs.put(right(), Reading.EXTENSION_FALL_AWAY, away);
    }

    private static Job bridge(double thickness) {
        return Jobs.put(right(), Reading.BRIDGE_THICKNESS, thickness);
    }

    @DataProvider
    static Object[][] grades() {
        return new Object[][] {
            {Standard.ACTION_LOW, GateFinding.GRADE_TOO_LOW, GateFinding.GRADE_LOW},
            {Standard.ACTION_MEDIUM, GateFinding.GRADE_LOW, GateFinding.GRADE_MEDIUM},
            {Standard.ACTION_HIGH, GateFinding.GRADE_MEDIUM, GateFinding.GRADE_MEDIUM_HIGH},
            {Standard.ACTION_OUT_OF_SPEC, GateFinding.GRADE_MEDIUM_HIGH, GateFinding.GRADE_OUT_OF_SPEC}
        };
    }

    /** 5/64 in on steel strings is medium, 6/64 medium-high, 8/64 out of spec: common practice, no source. */
    @Test(dataProvider = "grades")
    public void theGradeOfAnActionGoesByTheBass(Standard standard, GateFinding under, GateFinding over) {
        double at = shop(standard);
        assertThat(grade(at - STEP)).isEqualTo(under);
        assertThat(grade(at)).isEqualTo(over);
        assertThat(grade(at + STEP)).isEqualTo(over);
    }

    private static Object grade(double bass) {
        Quantity said = gate(action(right(), bass, 1.6), GateId.ACTION)
                .reasons()
                .get(0)
                .quantities()
                .get(1);
        return ((Quantity.Said) said).finding().kind();
    }

    /** Missing readings of a floating bridge are asked for; a one-piece bridge has no wheels to ask about. */
    @Test
    public void aFloatingBridgeIsAskedForItsRange() {
        Job unread = Jobs.without(Jobs.without(Jobs.archtop(), Reading.BRIDGE_LOWEST), Reading.BRIDGE_HIGHEST);
        Gate asked = gate(unread, GateId.BRIDGE);
        assertThat(asked.state()).isEqualTo(GateState.UNKNOWN);
        assertThat(asked.reasons().get(0).is(GateFinding.READ_BRIDGE_RANGE)).isTrue();
        Gate solid = gate(unread.with(Lines.BRIDGE, ArchtopBridge.SOLID), GateId.BRIDGE);
        assertThat(solid.state()).isEqualTo(GateState.PASS);
        assertThat(solid.reasons().get(0).is(GateFinding.BRIDGE_ONE_PIECE)).isTrue();
        assertThat(solid.number(GateNumber.HEIGHT)).hasValue(25.5);
        Gate none = gate(Jobs.without(unread, Reading.BRIDGE_HEIGHT), GateId.BRIDGE);
        assertThat(none.reasons().get(0).is(GateFinding.READ_BRIDGE_HEIGHT)).isTrue();
        assertThat(gate(unread, GateId.SADDLE).reasons().get(0).is(GateFinding.FLOATING_CARRIES))
                .isTrue();
        assertThat(gate(unread, GateId.BREAK_ANGLE).reasons().get(0).is(GateFinding.READ_STRING_END))
                .isTrue();
        assertThat(gate(Job.BLANK, GateId.BREAK_ANGLE).reasons().get(0).is(GateFinding.SHEET_FIRST))
                .isTrue();
        Job flat = Jobs.put(Jobs.put(archtop(25), Reading.TAILPIECE_HEIGHT, 24.9), Reading.TAILPIECE_DISTANCE, 120);
        Gate bends = gate(flat, GateId.BREAK_ANGLE);
        assertThat(bends.state()).isEqualTo(GateState.STOP);
        assertThat(bends.reasons().get(1).is(GateFinding.HIGHER_BRIDGE_WOULD)).isTrue();
        assertThat(gate(bending(8), GateId.BREAK_ANGLE).reasons().get(1).is(GateFinding.RAMPS_MAY_DO))
                .isTrue();
    }

    /** The target: the job's own action, beside the shop's usual one if the job has none. */
    @Test
    public void theShopsActionStandsInForOneNotSaid() {
        Job none = Jobs.without(Jobs.without(right(), Aim.ACTION_BASS), Aim.ACTION_TREBLE);
        assertThat(Targets.of(none, SHOP).action().bass()).isEqualTo(shop(Standard.ACTION_WANTED_BASS));
        assertThat(Targets.of(none, SHOP).action().treble()).isEqualTo(shop(Standard.ACTION_WANTED_TREBLE));
        assertThat(Targets.of(right(), SHOP).action().bass()).isEqualTo(2.0);
        Job filled = Targets.filled(none, SHOP);
        assertThat(filled.millimeters(Aim.ACTION_BASS)).hasValue(shop(Standard.ACTION_WANTED_BASS));
        assertThat(filled.millimeters(Aim.ACTION_TREBLE)).hasValue(shop(Standard.ACTION_WANTED_TREBLE));
        assertThat(Targets.filled(right(), SHOP)).isEqualTo(right());
    }

    /**
     * The rod is set to the nearest edge of the window, or to what the job asks for; within a feeler leaf nothing is
     * asked of it.
     */
    @Test
    public void theRodIsAskedForWhatIsWanted() {
        Job job = Jobs.without(right(), Aim.RELIEF);
        double least = shop(Standard.RELIEF_LEAST);
        double most = shop(Standard.RELIEF_MOST);
        assertThat(RodAdjustment.at((least + most) / 2, job, SHOP).needed()).isFalse();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).tightens()).isTrue();
        assertThat(RodAdjustment.at(least - 0.1, job, SHOP).tightens()).isFalse();
        assertThat(RodAdjustment.at(most + 0.1, job, SHOP).aim()).isBetween(least, most);
        Job wanting = Jobs.put(job, Aim.RELIEF, 0.2);
        assertThat(RodAdjustment.at(0.2, wanting, SHOP).needed()).isFalse();
        assertThat(RodAdjustment.at(0.2 + 0.05, wanting, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(0.2 - 0.05, wanting, SHOP).needed()).isTrue();
        assertThat(RodAdjustment.at(0.4, wanting, SHOP).aim()).isEqualTo(0.2);
    }
}
