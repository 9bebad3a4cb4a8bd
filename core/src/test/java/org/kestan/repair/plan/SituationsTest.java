package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StringOffset;
import org.kestan.analysis.neck.ReliefZones;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.Leveling;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.base.geometry.Frets;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Across;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Row;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.Stringing;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateFinding;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.verdict.Soundness;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.template.Templates;
import org.testng.annotations.Test;

/** Situations at the bench, with made-up figures. */
public class SituationsTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static WorkPlan plan(Job job, Way... ways) {
        return WorkPlan.of(Ways.of(SheetAnalysis.of(job, SHOP)), Arrays.asList(ways));
    }

    private static String mm(double millimeters) {
        return String.format(Locale.ROOT, "%.3f mm", millimeters);
    }

    private static Job rows(Job job, Detail<List<Row>> line, String typed) {
        return job.with(line, line.type().parse(typed).optional().orElseThrow());
    }

    private static Job strung(Job job) {
        return job.withStrings(List.of(
                StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                StringSpec.of(Length.ofText("0.042 in"), true, "A2"),
                StringSpec.of(Length.ofText("0.032 in"), true, "D3"),
                StringSpec.of(Length.ofText("0.024 in"), true, "G3"),
                StringSpec.of(Length.ofText("0.016 in"), false, "B3"),
                StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
    }

    private static Gate gate(Job job, GateId id) {
        return JobAnalysis.of(job, SHOP).gates().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    /** A bolted neck in a flat pocket whose strings have to clear a pickup: setting saddle and action is not enough. */
    @Test
    public void aPocketNeckThatMustClearAPickup() {
        Job job = Jobs.sound(Jobs.flatTop()).with(Lines.JOINT, Joint.POCKET_BOLT);
        job = Jobs.put(Jobs.put(job, Reading.POCKET_LENGTH, 62), Reading.OBSTACLE_DISTANCE, 120);
        job = Jobs.put(Jobs.put(job, Reading.OBSTACLE_HEIGHT, 7.6), Aim.CLEARANCE, 3);
        assertThat(gate(job, GateId.CLEARANCE).state()).isNotEqualTo(GateState.PASS);
        Recommendation answer = Recommendation.of(Ways.of(SheetAnalysis.of(job, SHOP)));
        WorkPlan plan = plan(job, answer.ways().toArray(Way[]::new));
        double left = plan.clearance().orElseThrow().stringAfter();
        assertThat(left).isGreaterThanOrEqualTo(3 - 0.05);
        assertThat(plan.planned().orElseThrow().action().bass()).isCloseTo(2.2, within(0.2));
    }

    /** A straightedge that lands 5 mm low with the neck off, heel 90, joint to saddle 280: about 1.6 mm (common practice, no source). */
    @Test
    public void aNeckThatIsOffFiveMillimetersLow() {
        Job job = Jobs.flatTop()
                .with(Lines.STRINGS, Stringing.OFF)
                .with(Lines.JOINT_FIT, JointFit.OFF)
                .with(Lines.JOINT, Joint.DOVETAIL);
        job = Jobs.put(Jobs.put(job, Reading.HEEL_HEIGHT, 90), Reading.JOINT_TO_SADDLE, 280);
        for (Reading read : List.of(Reading.ACTION_BASS, Reading.ACTION_TREBLE, Reading.PROJECTION_STRUNG)) {
            job = job.without(read);
        }
        job = job.without(Reading.SIDE_DRIFT).without(Lines.DRIFT_TOWARD);
        double wanted =
                plan(job, WayCatalog.NECK_RESET).projection().orElseThrow().slackAsRead();
        Job low = Jobs.put(job, Reading.PROJECTION_SLACK, wanted - 5);
        assertThat(plan(low, WayCatalog.NECK_RESET).heel().orElseThrow().atCap())
                .isCloseTo(1.6, within(0.08));
    }

    /**
     * A neck that looks right slack and falls below the bridge when strung: the body gives, and that is checked first.
     */
    @Test
    public void aHealthyNeckThatFallsWhenStrung() {
        Job job = Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.PROJECTION_STRUNG, 6.4);
        job = Jobs.put(job, Reading.PROJECTION_SLACK, 9.6);
        JobAnalysis analysis = JobAnalysis.of(job, SHOP);
        assertThat(analysis.trajectory().orElseThrow().sink().orElseThrow())
                .isGreaterThan(SHOP.get(Standard.SINK_MOST));
        assertThat(gate(job, GateId.NECK_PITCH).state()).isNotEqualTo(GateState.PASS);
        assertThat(analysis.questions()).isNotEmpty();
    }

    /** A lift read place by place counts by its thickest leaf; each place and depth is listed with the repair. */
    @Test
    public void aBridgeLiftByPlace() {
        double limit = SHOP.get(Standard.BRIDGE_LIFT);
        Job thin = rows(Jobs.sound(Jobs.flatTop()), Lines.BRIDGE_LIFT_AT, "front " + mm(limit - 0.01));
        assertThat(Soundness.of(thin.visit(), SHOP).lifted()).isFalse();
        Job lifted = rows(thin, Lines.BRIDGE_LIFT_AT, "front " + mm(limit - 0.01) + "; bass-wing: 0.3 mm 9 mm");
        assertThat(Soundness.of(lifted.visit(), SHOP).lifted()).isTrue();
        assertThat(said(JobAnalysis.of(lifted, SHOP)
                        .ways()
                        .of(WayCatalog.REGLUE_BRIDGE)
                        .reasons()))
                .contains("bass wing")
                .contains("deep");
    }

    /** One slot alone too low stops the nut, however well the outer two stand. */
    @Test
    public void oneSlotTooLow() {
        Job job = strung(Jobs.sound(Jobs.flatTop()));
        double least = SHOP.get(Standard.NUT_LOW);
        assertThat(gate(rows(job, Lines.NUT_EACH, "3: " + mm(least + 0.01)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
        Gate low = gate(rows(job, Lines.NUT_EACH, "3: " + mm(least - 0.01)), GateId.NUT);
        assertThat(low.state()).isEqualTo(GateState.STOP);
        assertThat(low.reasons().get(0).is(GateFinding.SLOT_LOW)).isTrue();
        double most = SHOP.get(Standard.NUT_HIGH);
        Gate high = gate(rows(job, Lines.NUT_EACH, "4: " + mm(most + 0.01)), GateId.NUT);
        assertThat(high.reasons().get(0).is(GateFinding.SLOT_HIGH)).isTrue();
        assertThat(gate(rows(job, Lines.NUT_EACH, "4: " + mm(most - 0.01)), GateId.NUT)
                        .state())
                .isEqualTo(GateState.PASS);
    }

    /** An inner string that was read itself swings from where it lies, not from between the outer two. */
    @Test
    public void aStringReadByItselfStandsWhereItWasRead() {
        Job job = rows(strung(Jobs.flatTop()), Lines.ACTION_EACH, "4: 3.9 mm; 6: 9 mm");
        Map<Integer, StringOffset> offsets = StringOffset.of(job, SHOP);
        assertThat(offsets).containsOnlyKeys(4);
        Setup setup = SheetAnalysis.of(job, SHOP).measured().orElseThrow();
        StringLoads loads = StringLoads.of(job, SHOP).orElseThrow();
        double over =
                loads.line(setup, loads.strings().get(2)).heightAt(setup.basis().actionAt())
                        + setup.neck().middle().dipAt(setup.basis().actionAt());
        assertThat(over).isCloseTo(3.9, within(1e-6));
        double between =
                loads.line(setup, loads.strings().get(3)).heightAt(setup.basis().actionAt());
        assertThat(between).isCloseTo(setup.line(0.6).heightAt(setup.basis().actionAt()), within(1e-9));
    }

    /** A dip up to fret 6 and straight from there: the leveling makes that shape, and no other. */
    @Test
    public void reliefByZone() {
        Job job = rows(strung(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0)), Lines.RELIEF_ZONES, "1: 6 0.15 mm");
        job = Jobs.without(Jobs.without(job, Aim.RELIEF), Aim.FALL_AWAY);
        SheetAnalysis as = SheetAnalysis.of(job, SHOP);
        Setup setup = as.measured().orElseThrow();
        Frets frets = setup.basis().frets();
        ReliefZones zones = ReliefZones.of(job, frets).orElseThrow();
        assertThat(zones.dipAt((frets.at(1) + frets.at(6)) / 2)).isCloseTo(0.15, within(1e-9));
        assertThat(zones.dipAt(frets.at(1))).isCloseTo(0, within(1e-9));
        assertThat(zones.dipAt(frets.at(9))).isZero();
        FretCrowns crowns = FretCrowns.of(setup, job, 0);
        Leveling leveling = StringClearance.leveling(as, setup, crowns, 0);
        for (Leveling.Off off : leveling.off()) {
            assertThat(off.fret()).isBetween(2, 5);
            assertThat(off.off()).isCloseTo(zones.dipAt(frets.at(off.fret())), within(1e-6));
        }
        assertThat(leveling.off()).hasSize(4);
        Job none = rows(job, Lines.RELIEF_ZONES, "6: 6 0.15 mm");
        assertThat(ReliefZones.of(none, frets)).isEmpty();
    }

    /**
     * A fret that stands proud at its treble end only: the bass string does not meet it, and only that end is filed.
     */
    @Test
    public void aFretThatIsHighAtOneEnd() {
        Job job = Jobs.put(strung(Jobs.flatTop()), Reading.FRET_PROUD.at(9), 0.1);
        Setup setup = SheetAnalysis.of(job, SHOP).measured().orElseThrow();
        FretCrowns all = FretCrowns.of(setup, job, 0);
        FretCrowns treble = FretCrowns.of(setup, job.with(Across.at(9), Across.TREBLE), 0);
        assertThat(all.height(9, Side.BASS) - treble.height(9, Side.BASS)).isCloseTo(0.1, within(1e-9));
        assertThat(treble.height(9, Side.TREBLE)).isEqualTo(all.height(9, Side.TREBLE));
        assertThat(treble.height(9, 0.75)).isCloseTo((treble.height(9, 0.5) + treble.height(9, 1)) / 2, within(1e-9));
        Leveling leveling = Leveling.of(treble, setup.neck().middle(), 0);
        assertThat(leveling.after().height(9, Side.TREBLE))
                .isCloseTo(treble.height(9, Side.TREBLE) - 0.1, within(1e-6));
        assertThat(leveling.after().height(9, Side.BASS)).isCloseTo(treble.height(9, Side.BASS), within(1e-9));
        FretCrowns middle = FretCrowns.of(setup, job.with(Across.at(9), Across.MIDDLE), 0);
        assertThat(middle.height(9, Side.BASS)).isEqualTo(treble.height(9, Side.BASS));
        assertThat(middle.height(9, 0.5)).isCloseTo(all.height(9, 0.5), within(1e-9));
    }

    private static Job replacement(double slotFront, double spacing) {
        Job job = strung(Jobs.flatTop()).with(Lines.CENTS_BASS, 0.0).with(Lines.CENTS_TREBLE, 0.0);
        job = Jobs.put(Jobs.put(job, Aim.ACTION_BASS, 3.9), Aim.ACTION_TREBLE, 3.2);
        job = Jobs.put(Jobs.put(job, Reading.SLOT_WIDTH, 3), Reading.NEW_BRIDGE_SLOT_WIDTH, 3);
        job = Jobs.put(Jobs.put(job, Reading.NEW_BRIDGE_SLOT_FRONT, slotFront), Reading.SPACING_BRIDGE, 54);
        job = Jobs.put(Jobs.put(job, Reading.NEW_BRIDGE_SPACING, spacing), Reading.BRIDGE_LENGTH, 150);
        return Jobs.put(Jobs.put(job, Reading.NEW_BRIDGE_LENGTH, 146), Reading.NEW_BRIDGE_THICKNESS, 10.8);
    }

    /** A different bridge before any gluing: what to widen, plug, redrill and plane, on both sides of each limit. */
    @Test
    public void aReplacementBridge() {
        // Fret 12 sounds the octave with the saddle where it is: an error in the slot's place shows up in full.
        ReplacementBridge fits =
                plan(replacement(0.9, 54.9), WayCatalog.LEAVE).replacement().orElseThrow();
        assertThat(fits.slotOff().orElseThrow().bass()).isCloseTo(-0.9, within(1e-6));
        assertThat(fits.widen().bass()).isZero();
        assertThat(fits.redrill()).isFalse();
        assertThat(fits.scar().orElseThrow()).isCloseTo(2, within(1e-9));
        assertThat(fits.plane().orElseThrow()).isCloseTo(2, within(1e-9));
        ReplacementBridge wider =
                plan(replacement(1.5, 55.2), WayCatalog.LEAVE).replacement().orElseThrow();
        assertThat(wider.widen().treble()).isCloseTo(0.5, within(1e-6));
        assertThat(wider.plug()).isFalse();
        assertThat(wider.redrill()).isTrue();
        assertThat(plan(replacement(2.9, 54), WayCatalog.LEAVE)
                        .replacement()
                        .orElseThrow()
                        .plug())
                .isFalse();
        assertThat(plan(replacement(3.1, 54), WayCatalog.LEAVE)
                        .replacement()
                        .orElseThrow()
                        .plug())
                .isTrue();
        assertThat(plan(Jobs.flatTop(), WayCatalog.LEAVE).replacement()).isEmpty();
    }

    /** A neck that tilts by its screw: that comes before anything that cuts, and lands where it should. */
    @Test
    public void aNeckTiltedByItsScrew() {
        Job job = Jobs.sound(Jobs.flatTop()).with(Lines.JOINT, Joint.TILT_SCREW);
        Ways ways = JobAnalysis.of(job, SHOP).ways();
        assertThat(ways.of(WayCatalog.NECK_TILT).possible()).isTrue();
        assertThat(ways.of(WayCatalog.NECK_RESET).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(ways.of(WayCatalog.HEEL_SANDING).possible()).isFalse();
        Setup after = plan(job, WayCatalog.NECK_TILT).planned().orElseThrow();
        assertThat((after.action().bass() + after.action().treble()) / 2).isCloseTo((2.2 + 1.7) / 2, within(0.02));
        assertThat(JobAnalysis.of(Jobs.sound(Jobs.flatTop()), SHOP)
                        .ways()
                        .of(WayCatalog.NECK_TILT)
                        .possible())
                .isFalse();
    }

    /** A template says what it lacks rather than being left out. */
    @Test
    public void aTemplateSaysWhatItLacks() {
        Job job = Jobs.without(Jobs.flatTop(), Reading.EXTENSION_LENGTH).with(Lines.JOINT, Joint.POCKET_BOLT);
        job = Jobs.put(Jobs.put(job, Reading.POCKET_LENGTH, 62), Reading.ACTION_BASS, 3.1);
        job = Jobs.without(Jobs.put(job, Reading.ACTION_TREBLE, 2.6), Reading.HEEL_WIDTH_TOP);
        WorkPlan plan = plan(job, WayCatalog.POCKET_SHIM);
        assertThat(Templates.missing(plan))
                .extracting(Templates.Missing::reading)
                .containsExactly(Reading.HEEL_WIDTH_TOP);
        Job whole = Jobs.put(job, Reading.HEEL_WIDTH_TOP, 56);
        assertThat(Templates.missing(plan(whole, WayCatalog.POCKET_SHIM))).isEmpty();
    }

    /** A board that would be too thin after planing is reported. */
    @Test
    public void whatPlaningLeaves() {
        Job job = Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.RELIEF, 0.8).with(Lines.TRUSS_ROD, TrussRod.NONE);
        assertThat(said(JobAnalysis.of(rows(job, Lines.BOARD_THICKNESS, "1: 6 mm 6 mm"), SHOP)
                        .ways()
                        .of(WayCatalog.REFRET)
                        .reasons()))
                .contains("It leaves");
        assertThat(said(JobAnalysis.of(rows(job, Lines.BOARD_THICKNESS, "1: 6 mm 4 mm"), SHOP)
                        .ways()
                        .of(WayCatalog.REFRET)
                        .reasons()))
                .contains("would leave only");
    }

    /** Never on a collectible, whoever asks: shaving braces, fitting a new rod. */
    @Test
    public void aCollectibleKeepsItsBracesAndItsRod() {
        Job job = Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.RELIEF, 0.8).with(Lines.TRUSS_ROD, TrussRod.DEAD);
        Ways plain = JobAnalysis.of(job, SHOP).ways();
        assertThat(plain.of(WayCatalog.SHAVE_BRACE).possible()).isTrue();
        assertThat(plain.of(WayCatalog.NEW_ROD).possible()).isTrue();
        Ways collectible =
                JobAnalysis.of(job.with(Lines.COLLECTIBLE, true), SHOP).ways();
        assertThat(collectible.of(WayCatalog.SHAVE_BRACE).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        assertThat(collectible.of(WayCatalog.NEW_ROD).fit()).isEqualTo(Suitability.NOT_FOR_THIS_ONE);
        // A tenth off half of the stiffness: 1/(0.5 + 0.5·0.9³) − 1 of the sink.
        Setup measured = SheetAnalysis.of(job, SHOP).measured().orElseThrow();
        Setup shaved =
                plain.of(WayCatalog.SHAVE_BRACE).predicted().orElseThrow().setup();
        double sink = JobAnalysis.of(job, SHOP).trajectory().orElseThrow().sinkTaken(SHOP);
        double rise = sink * (1 / (0.5 + 0.5 * 0.729) - 1);
        assertThat(shaved.crown().bass() - measured.crown().bass()).isCloseTo(rise, within(1e-9));
    }

    /** A childhood instrument that is worth nothing and means everything: there is a decision, put plainly. */
    @Test
    public void aChildhoodInstrumentWorthNothing() {
        Job job = Jobs.put(Jobs.sound(Jobs.flatTop()), Reading.BRIDGE_THICKNESS, 6.8)
                .with(Lines.JOINT, Joint.DOVETAIL)
                .with(Lines.VALUE, 0.0);
        job = Jobs.without(Jobs.without(job, Reading.PROJECTION_STRUNG), Reading.PROJECTION_SLACK);
        Recommendation sober = Recommendation.of(Ways.of(SheetAnalysis.of(job, SHOP)));
        Recommendation asked = Recommendation.of(
                Ways.of(SheetAnalysis.of(job.with(Lines.DO_IT_ANYWAY, "It was her father’s."), SHOP)));
        assertThat(asked.ways()).isNotEqualTo(sober.ways());
        assertThat(asked.ways())
                .anyMatch(way -> way.key().equals("neck-reset") || way.key().equals("back-slip"));
    }
}
