package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.loads.StringPlaces;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.geometry.Board;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.strings.Fretted;
import org.kestan.base.strings.LoadedString;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.TemplateElement;
import org.kestan.repair.template.Templates;
import org.testng.annotations.Test;

public class PlanPartsTest {

    private static final double INCH = 25.4;
    private static final List<OptionalDouble> SIX = Collections.nCopies(6, OptionalDouble.empty());

    private static WorkPlan plan(Job job, Way... ways) {
        return WorkPlan.of(Ways.of(SheetAnalysis.of(job, ShopStandards.DEFAULT)), List.of(ways));
    }

    private static Job withSaddle(Job job) {
        Job full = Jobs.put(Jobs.put(job, Reading.SPACING_BRIDGE, 54), Reading.RADIUS_NUT, 406.4);
        full = Jobs.put(Jobs.put(full, Reading.SLOT_DEPTH, 5), Reading.SLOT_WIDTH, 2.4);
        return Jobs.put(full, Reading.SLOT_LENGTH, 73);
    }

    private static StringPlaces single(int strings) {
        return StringPlaces.of(Collections.nCopies(strings, 1), 54, 2);
    }

    /** Every string lies on one circle through the outer two: its center and radius found with a geometry library. */
    @Test
    public void theCrownIsTheExactCircle() {
        Crown crown = Crown.of(304.8, new Sides<>(3.0, 3.0), single(6), SIX);
        Vector2D center = new Vector2D(0, 3 - Math.sqrt(304.8 * 304.8 - 27 * 27));
        for (Crown.Point point : crown.strings()) {
            assertThat(center.distance(new Vector2D(point.across(), point.height())))
                    .isCloseTo(304.8, within(1e-9));
        }
        // Sagitta of a chord c: r − √(r² − c²/4) (Machinery's Handbook, circular segments), at the middle of an odd
        // set.
        Crown five = Crown.of(304.8, new Sides<>(3.0, 3.0), single(5), Collections.nCopies(5, OptionalDouble.empty()));
        assertThat(five.strings().get(2).height() - 3)
                .isCloseTo(304.8 - Math.sqrt(304.8 * 304.8 - 54 * 54 / 4.0), within(1e-9));
    }

    @Test
    public void outerStringsKeepTheirHeights() {
        Crown crown = Crown.of(254, new Sides<>(3.4, 2.8), single(6), SIX);
        assertThat(crown.strings().get(0).height()).isCloseTo(3.4, within(1e-12));
        assertThat(crown.strings().get(5).height()).isCloseTo(2.8, within(1e-12));
        assertThat(crown.strings()).hasSize(6);
    }

    /**
     * A compound fretboard is a cone. Lines of the cone through both ends of the board, made with a geometry library, meet
     * the saddle's plane on the circle that the radius carried on gives.
     */
    @Test
    public void aCompoundRadiusIsCarriedOnAsACone() {
        double nut = 10 * INCH;
        double body = 16 * INCH;
        double end = 470;
        double saddle = 650;
        double carried = new Board(nut, body, end, 38, 54, saddle).radiusAt(saddle);
        for (double angle = -0.12; angle <= 0.12; angle += 0.02) {
            Vector3D atNut = new Vector3D(0, nut * Math.sin(angle), nut * Math.cos(angle));
            Vector3D atBody = new Vector3D(end, body * Math.sin(angle), body * Math.cos(angle));
            Line line = new Line(atNut, atBody, 1e-10);
            double along =
                    (saddle - line.getOrigin().getX()) / line.getDirection().getX();
            Vector3D there = line.pointAt(along);
            assertThat(Math.hypot(there.getY(), there.getZ())).isCloseTo(carried, within(1e-8));
        }
        Job compound = withSaddle(Jobs.flatTop());
        compound = Jobs.put(Jobs.put(compound, Reading.RADIUS_NUT, nut), Reading.RADIUS_BODY, body);
        Crown crown = plan(compound).saddle().orElseThrow().crown().orElseThrow();
        double joint = 632 * (1 - Math.pow(2, -14 / 12.0));
        assertThat(crown.radius()).isCloseTo(nut + (body - nut) * (joint + 283) / (joint + 104), within(1e-9));
    }

    @Test
    public void aSaddleLoweredComesOffItsBottom() {
        Job job = withSaddle(Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2));
        SaddlePlan saddle = plan(job, WayCatalog.SADDLE).saddle().orElseThrow();
        assertThat(saddle.off().bass()).isCloseTo(3 - saddle.out().bass(), within(1e-12));
        assertThat(saddle.off().bass()).isCloseTo(1, within(0.05));
        assertThat(saddle.leaves().bass().thickness()).isCloseTo(saddle.off().bass(), within(0.0127 + 1e-9));
        assertThat(saddle.blank().orElseThrow().height().bass())
                .isCloseTo(5 + saddle.out().bass(), within(1e-12));
        assertThat(saddle.needs()).isEmpty();
        assertThat(plan(Jobs.flatTop()).saddle().orElseThrow().needs())
                .contains(Reading.SLOT_DEPTH, Reading.SPACING_BRIDGE, Reading.RADIUS_NUT);
    }

    @Test
    public void aShavedBridgeTakesFromTheSlot() {
        Job job = withSaddle(Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.9), Reading.ACTION_TREBLE, 2.4));
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, 1.8), Reading.SADDLE_TREBLE, 1.8);
        WorkPlan plan = plan(job, WayCatalog.SHAVE_BRIDGE);
        SaddlePlan saddle = plan.saddle().orElseThrow();
        BridgePlan bridge = plan.bridge().orElseThrow();
        double shaved = bridge.before() - bridge.after();
        assertThat(shaved).isGreaterThan(0.5);
        assertThat(saddle.blank().orElseThrow().slot()).isCloseTo(5 - shaved, within(1e-12));
        // The crown comes down by what comes off the bottom, whatever the bridge does around it.
        double crown = plan.measured().orElseThrow().crown().bass()
                - plan.planned().orElseThrow().crown().bass();
        assertThat(saddle.off().bass()).isCloseTo(crown, within(1e-9));
        assertThat(bridge.proportion()).isCloseTo(bridge.after() / 8.8, within(1e-12));
    }

    /** A new bridge has its own slot: only the protrusion changes. */
    @Test
    public void aNewBridgeHasASlotAsDeepAsTheOldOnes() {
        Job job = withSaddle(Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.9), Reading.ACTION_TREBLE, 2.4));
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, 1.8), Reading.SADDLE_TREBLE, 1.8);
        SaddlePlan saddle = plan(job, WayCatalog.NEW_BRIDGE).saddle().orElseThrow();
        assertThat(saddle.blank().orElseThrow().slot()).isEqualTo(5);
        assertThat(saddle.off().bass()).isCloseTo(1.8 - saddle.out().bass(), within(1e-9));
    }

    @Test
    public void aShallowSlotIsWarnedOf() {
        Job job = Jobs.put(withSaddle(Jobs.flatTop()), Reading.SLOT_DEPTH, 2);
        assertThat(plan(job).saddle().orElseThrow().warnings())
                .anySatisfy(text -> assertThat(said(text)).contains("stand out"));
        Job deep = Jobs.put(withSaddle(Jobs.flatTop()), Reading.SLOT_DEPTH, 7.5);
        assertThat(plan(deep).saddle().orElseThrow().warnings())
                .anySatisfy(text -> assertThat(said(text)).contains("too little bridge"));
    }

    /** Straightedge 4 mm over the top strung, 5 mm slack: aim 1 mm high. Common practice, no source. */
    @Test
    public void theProjectionOvershootsByTheSink() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.PROJECTION_STRUNG, 4), Reading.PROJECTION_SLACK, 5);
        ProjectionPlan projection = plan(job).projection().orElseThrow();
        assertThat(projection.slack() - projection.strung()).isCloseTo(1, within(1e-9));
        assertThat(projection.overBridge()).isCloseTo(projection.slackAsRead() - 8.8, within(1e-9));
    }

    @Test
    public void theWedgeGrowsEvenlyEveryTenMillimeters() {
        WedgePlan wedge = plan(Jobs.flatTop(), WayCatalog.NECK_RESET).wedge().orElseThrow();
        Correction solved = SheetAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT)
                .correction()
                .orElseThrow();
        assertThat(wedge.end()).isCloseTo(0.2 + 104 * solved.angle().tan() - 0.4, within(1e-9));
        assertThat(wedge.profile()).hasSize(12);
        assertThat(wedge.profile().get(5).at()).isEqualTo(50);
        assertThat(wedge.profile().get(5).thickness()).isCloseTo(wedge.end() * 50 / 104, within(1e-12));
        assertThat(wedge.fallAway())
                .isCloseTo(solved.extension().orElseThrow().fallAwayAfter() - wedge.end(), within(1e-12));
    }

    @Test
    public void theJointIsShimmedByItsKind() {
        JointPlan dovetail = plan(Jobs.flatTop(), WayCatalog.NECK_RESET).joint();
        double cap = plan(Jobs.flatTop()).heel().orElseThrow().atCap();
        assertThat(dovetail.cheekShim().orElseThrow()).isCloseTo(cap * Math.sin(Math.toRadians(12)), within(1e-9));
        assertThat(Sides.mean(dovetail.scribe().orElseThrow().map(JointPlan.Scribe::thickness)))
                .isCloseTo(cap + 56.0 / 2 / 283, within(1e-9));
        Job bolted = Jobs.flatTop();
        bolted = bolted.with(Lines.JOINT, Joint.MORTISE_BOLT);
        assertThat(plan(bolted, WayCatalog.NECK_RESET).planned())
                .as("a bolted neck is not steamed off")
                .isEmpty();
        JointPlan mortise = plan(bolted, WayCatalog.HEEL_SANDING).joint();
        assertThat(mortise.cheekShim()).isEmpty();
        assertThat(mortise.warnings()).anySatisfy(text -> assertThat(said(text)).contains("bolt holes"));
    }

    /**
     * A cheek that gains wood: with almost no rotation but some drift, the far corner of a heel that is wider at its
     * cap.
     */
    @Test
    public void aCornerThatWouldGainIsWarnedOf() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.HEEL_WIDTH_TOP, 20), Reading.HEEL_WIDTH_CAP, 70);
        job = Jobs.put(Jobs.put(job, Reading.SIDE_DRIFT, 8), Aim.ACTION_BASS, 3.8);
        job = Jobs.put(job, Aim.ACTION_TREBLE, 3.1);
        assertThat(plan(job).joint().warnings())
                .anySatisfy(text -> assertThat(said(text)).contains("gain wood"));
        assertThat(plan(Jobs.flatTop()).joint().warnings())
                .noneSatisfy(text -> assertThat(said(text)).contains("gain wood"));
    }

    @Test
    public void aPocketShimIsAWedgeOfItsPocket() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.POCKET_LENGTH, 70), Reading.ACTION_BASS, 3);
        job = Jobs.put(job, Reading.ACTION_TREBLE, 2.5);
        job = job.with(Lines.JOINT, Joint.POCKET_BOLT);
        JointPlan.PocketShim shim =
                plan(job, WayCatalog.POCKET_SHIM).joint().pocketShim().orElseThrow();
        assertThat(List.of(0.25, 0.5, 1.0))
                .anySatisfy(stock -> assertThat(shim.angle().degrees()).isCloseTo(stock, within(1e-9)));
        assertThat(shim.thick().orElseThrow()).isCloseTo(70 * shim.angle().tan(), within(1e-9));
        assertThat(shim.choices()).hasSize(3);
        assertThat(plan(job, WayCatalog.POCKET_SHIM).heel()).isEmpty();
    }

    @Test
    public void aFloatingBridgeIsTrimmedOrRaised() {
        Job job = Jobs.put(Jobs.archtop(), Reading.BRIDGE_LOWEST, 25.5).with(Lines.BRIDGE, ArchtopBridge.ADJUSTABLE);
        BridgePlan down = plan(job, WayCatalog.FLOATING_BRIDGE).bridge().orElseThrow();
        assertThat(down.floating()).isTrue();
        assertThat(down.trim()).isCloseTo(25.5 - down.after(), within(1e-9));
        assertThat(down.adjuster().orElseThrow()).isZero();
        assertThat(Sides.mean(down.sides())).isCloseTo(down.after() - down.before(), within(1e-9));
        assertThat(down.sides().bass()).isLessThan(down.sides().treble());
    }

    /** The least rotation that clears an obstacle, against a root finder on a point turned about the pivot. */
    @Test
    public void anObstacleIsClearedByTheLeastRotation() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.OBSTACLE_HEIGHT, 7.5), Reading.OBSTACLE_DISTANCE, 120);
        Clearance clearance = plan(job).clearance().orElseThrow();
        double pitch = plan(job).measured().orElseThrow().steepness().radians();
        double searched =
                new BrentSolver(1e-12).solve(200, turn -> 6.8 + 120 * Math.tan(pitch + turn) - 7.5, -0.1, 0.2);
        assertThat(clearance.leastRotation().radians()).isCloseTo(searched, within(1e-10));
        assertThat(clearance.fretLineAfter()).isGreaterThan(clearance.fretLineBefore());
        assertThat(clearance.stringBefore()).isGreaterThan(clearance.fretLineBefore());
        assertThat(plan(Jobs.flatTop()).clearance()).isEmpty();
    }

    /** The length from the nut to a crown turned about the pivot, with vectors of a geometry library. */
    @Test
    public void theStringsNewLengthIsThatOfTheTurnedNeck() {
        Random random = new Random(20261123);
        for (int i = 0; i < 100; i++) {
            Job job = Jobs.random(random);
            WorkPlan plan = plan(job);
            Intonation intonation = plan.intonation().orElseThrow();
            double angle = plan.planned().orElseThrow().rotation().radians();
            double o = job.visit().millimeters(Reading.FRETS_OVER_TOP).orElseThrow();
            double joint = plan.planned().orElseThrow().basis().joint();
            double distance = plan.planned().orElseThrow().basis().jointToSaddle();
            double crown = Sides.mean(plan.measured().orElseThrow().crown()) + o;
            Vector2D turned = new Vector2D(
                    distance * Math.cos(angle) + crown * Math.sin(angle),
                    crown * Math.cos(angle) - distance * Math.sin(angle));
            double nut = (plan.planned().orElseThrow().strings().bass().atNut()
                            + plan.planned().orElseThrow().strings().treble().atNut())
                    / 2;
            double length = new Vector2D(0, nut).distance(new Vector2D(joint + turned.getX(), turned.getY() - o));
            assertThat(intonation.lengthAfter()).isCloseTo(length, within(0.01));
        }
    }

    /** A fret 12 that reads c cents sharp, put right by the set-back: checked by the frequencies themselves. */
    @Test
    public void theSetBackBringsTheOctave() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Aim.ACTION_BASS, 3.9), Aim.ACTION_TREBLE, 3.2);
        for (double cents : new double[] {-15, 0, 10, 25}) {
            Job read = job.with(Lines.CENTS_BASS, cents).with(Lines.CENTS_TREBLE, cents);
            Intonation intonation = plan(read, WayCatalog.LEAVE).intonation().orElseThrow();
            double back = intonation.setBack().orElseThrow().bass();
            double saddle = plan(read).measured().orElseThrow().basis().saddle();
            double twelfth = 316;
            double pressed = 2 * Math.pow(2, cents / 1200) * (saddle - twelfth) / saddle;
            double ratio = (saddle + back) / (saddle + back - twelfth) * pressed;
            assertThat(1200 * Math.log(ratio / 2) / Math.log(2)).isCloseTo(0, within(1e-9));
            assertThat(Math.signum(back)).isEqualTo(Math.signum(cents));
        }
    }

    private static Job strung() {
        return Jobs.flatTop()
                .withStrings(List.of(
                        StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                        StringSpec.of(Length.ofText("0.024 in"), true, "G3"),
                        StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
    }

    /** If the cents read are those of the model, reading and model give one place; any surplus moves with the core. */
    @Test
    public void centsAndModelGiveOnePlace() {
        WorkPlan plan = plan(strung(), WayCatalog.LEAVE);
        Sides<Fretted> pressed =
                plan.strung(plan.measured().orElseThrow()).pressed().orElseThrow();
        double saddle = plan.measured().orElseThrow().basis().saddle();
        Sides<Double> model = pressed.map(each -> each.cents(saddle, 0));
        Intonation byModel = plan.intonation().orElseThrow();
        Intonation read = plan(
                        strung().with(Lines.CENTS_BASS, model.bass()).with(Lines.CENTS_TREBLE, model.treble()),
                        WayCatalog.LEAVE)
                .intonation()
                .orElseThrow();
        for (int i = 0; i < 3; i++) {
            assertThat(read.compensation().get(i).back())
                    .isCloseTo(byModel.compensation().get(i).back(), within(1e-6));
        }
        Intonation sharper = plan(
                        strung().with(Lines.CENTS_BASS, model.bass() + 5).with(Lines.CENTS_TREBLE, model.treble() + 5),
                        WayCatalog.LEAVE)
                .intonation()
                .orElseThrow();
        double more = sharper.compensation().get(1).back()
                - byModel.compensation().get(1).back();
        LoadedString inner = plan.loads().orElseThrow().strings().get(1);
        Sides<Double> surplus = pressed.map(each -> each.saddle(5, 0) - each.saddle(0, 0));
        Sides<Double> end = pressed.map(Fretted::openEnd);
        double share = (surplus.bass() * end.bass() + surplus.treble() * end.treble())
                / (end.bass() * end.bass() + end.treble() * end.treble());
        assertThat(more).isCloseTo(share * inner.end(), within(1e-6));
    }

    /** A saddle position read along the strings replaces the one worked out from joint to saddle. */
    @Test
    public void thePlaceReadAlongTheStringsCounts() {
        Job job = strung().with(Lines.CENTS_BASS, 0.0).with(Lines.CENTS_TREBLE, 0.0);
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_PLACE_BASS, 637), Reading.SADDLE_PLACE_TREBLE, 634.5);
        Intonation intonation = plan(job, WayCatalog.LEAVE).intonation().orElseThrow();
        assertThat(intonation.line().orElseThrow().bass()).isCloseTo(637, within(0.05));
        assertThat(intonation.line().orElseThrow().treble()).isCloseTo(634.5, within(0.05));
        assertThat(intonation.oddLine()).isFalse();
    }

    /** Longer on the treble side, or at a greater slant than usual: nobody cuts such a line unless asked to. */
    @Test
    public void anOddSaddleLineIsQuestioned() {
        assertThat(line(0, 0)).isFalse();
        assertThat(line(0, 12)).isTrue();
        assertThat(line(15, -8)).isTrue();
    }

    private static boolean line(double bass, double treble) {
        return plan(strung().with(Lines.CENTS_BASS, bass).with(Lines.CENTS_TREBLE, treble), WayCatalog.LEAVE)
                .intonation()
                .orElseThrow()
                .oddLine();
    }

    @Test
    public void aLowerActionIsFlatterAtTheOctave() {
        Job job = Jobs.flatTop()
                .withStrings(List.of(
                        StringSpec.of(Length.ofText("0.053 in"), true, "E2"),
                        StringSpec.of(Length.ofText("0.012 in"), false, "E4")));
        Intonation intonation = plan(job).intonation().orElseThrow();
        assertThat(intonation.stringsKnown()).isTrue();
        assertThat(intonation.centsChange().bass()).isNegative();
        assertThat(intonation.line().orElseThrow().bass()).isGreaterThan(632);
        assertThat(intonation.compensation()).hasSize(2);
        assertThat(632 + intonation.compensation().get(0).back())
                .isCloseTo(intonation.line().orElseThrow().bass(), within(1e-9));
        assertThat(632 + intonation.compensation().get(1).back())
                .isCloseTo(intonation.line().orElseThrow().treble(), within(1e-9));
    }

    /** A combined way, against taking its steps one by one by hand. */
    @Test
    public void aCombinedPlanIsItsSteps() {
        Job job = Jobs.sound(withSaddle(Jobs.put(Jobs.flatTop(), Reading.RELIEF, 0.6)));
        job = Jobs.put(Jobs.put(job, Reading.ACTION_BASS, 4.1), Reading.ACTION_TREBLE, 3.5);
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, 4), Reading.SADDLE_TREBLE, 4);
        WorkPlan plan = plan(job, WayCatalog.TRUSS_ROD, WayCatalog.SADDLE);
        var relieved = plan.measured().orElseThrow().afterRelief(0.5 * (0.004 + 0.010) * INCH);
        Sides<Double> needed = relieved.crownRiseFor(new Sides<>(2.2, 1.7));
        var lowered = relieved.afterSaddleRaised(needed);
        assertThat(plan.planned().orElseThrow().reliefGap()).isCloseTo(0.007 * INCH, within(1e-12));
        assertThat(plan.saddle().orElseThrow().off().bass()).isCloseTo(-needed.bass(), within(1e-9));
        assertThat(plan.planned().orElseThrow().action().get(Side.TREBLE))
                .isCloseTo(lowered.action().treble(), within(1e-9));
    }

    @Test
    public void templatesAreTrueToTheirNumbers() {
        Job job = withSaddle(Jobs.put(Jobs.flatTop(), Reading.BOARD_WIDTH, 56));
        WorkPlan plan = plan(job, WayCatalog.NECK_RESET);
        List<Template> templates = Templates.of(plan);
        assertThat(templates).extracting(Template::key).containsExactly("heel-cheeks", "saddle-crown", "wedge");
        double atTop = plan.heel().orElseThrow().cheeksAt(0).driftSide();
        double atCap = plan.heel().orElseThrow().cheeksAt(92).driftSide();
        assertThat(path(templates.get(0), "heel-drift-cut").length())
                .isCloseTo(Math.hypot(92, atCap - atTop), within(1e-9));
        for (Template template : templates) {
            for (TemplateElement ink : template.inks()) {
                if (ink instanceof TemplateElement.Path path) {
                    assertThat(path.points()).allSatisfy(point -> {
                        assertThat(point.x()).isBetween(-0.01, template.width() + 0.01);
                        assertThat(point.y()).isBetween(-0.01, template.height() + 0.01);
                    });
                }
            }
        }
    }

    private static TemplateElement.Path path(Template template, String id) {
        return template.inks().stream()
                .filter(TemplateElement.Path.class::isInstance)
                .map(TemplateElement.Path.class::cast)
                .filter(path -> path.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
