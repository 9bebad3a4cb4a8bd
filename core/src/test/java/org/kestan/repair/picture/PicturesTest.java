package org.kestan.repair.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateId;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.drag.PlanDrag;
import org.kestan.repair.drag.UsualValues;
import org.kestan.repair.picture.Picture.Frame;
import org.kestan.repair.picture.Picture.Moment;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.picture.Picture.Shape;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The drawing of an instrument agrees with its figures, in millimeters. */
public class PicturesTest {

    private static final Job JOB = Jobs.flatTop();
    private static final JobAnalysis ANALYSIS = JobAnalysis.of(JOB, ShopStandards.DEFAULT);
    private static final SideView VIEW = ANALYSIS.sideView().orElseThrow();
    private static final Setup NOW = ANALYSIS.measured().orElseThrow();
    private static final Setup PLANNED = ANALYSIS.plan().planned().orElseThrow();

    private static Picture seen(Loupe loupe, SideView view) {
        return LoupePictures.of(loupe, view, List.of());
    }

    private static Shape only(Picture picture, Part part, Moment moment) {
        List<Shape> found = picture.of(part, moment);
        assertThat(found).as(part + " " + moment).hasSize(1);
        return found.get(0);
    }

    /** The height of a shape's lower edge straight above x = 0. */
    private static double under(Shape shape) {
        double from = shape.points().get(0).y();
        return (from + shape.points().get(1).y()) / 2;
    }

    private static double highest(Shape shape) {
        return shape.points().stream().mapToDouble(Point::y).max().orElseThrow();
    }

    private static Part string(Side side) {
        return side == Side.BASS ? Part.STRING_BASS : Part.STRING_TREBLE;
    }

    @Test
    public void stringsLieOverTheCrownAsTheActionSays() {
        Picture picture = seen(Loupe.ACTION_FRET, VIEW);
        assertThat(highest(only(picture, Part.CROWN, Moment.NOW))).isCloseTo(0, within(1e-12));
        for (Side side : Side.values()) {
            assertThat(under(only(picture, string(side), Moment.NOW)))
                    .isCloseTo(NOW.action().get(side), within(1e-9));
            assertThat(under(only(picture, string(side), Moment.AFTER)))
                    .isCloseTo(PLANNED.action().get(side), within(1e-9));
        }
    }

    @Test
    public void stringsLieOverTheFirstFretAsTheNutReadingSays() {
        Picture picture = seen(Loupe.FIRST_FRET, VIEW);
        for (Side side : Side.values()) {
            assertThat(under(only(picture, string(side), Moment.NOW)))
                    .isCloseTo(NOW.nut().get(side), within(1e-9));
        }
    }

    @Test
    public void theNeckDipsAsFarAsItsReliefTimesTheFactorWrittenOnIt() {
        Picture picture = seen(Loupe.NECK, VIEW);
        double dip = -only(picture, Part.BOARD, Moment.NOW).points().stream()
                .filter(point -> point.x() <= VIEW.joint())
                .mapToDouble(Point::y)
                .min()
                .orElseThrow();
        assertThat(dip / picture.heights()).isCloseTo(NOW.neck().middle().deepest(), within(0.01));
        Shape band = only(picture, Part.BAND, Moment.NOW);
        assertThat(-highest(band) / picture.heights())
                .isCloseTo(VIEW.construction().reliefBand().least(), within(1e-9));
    }

    @Test
    public void whatGoesFromTheHeelIsAsThickAsTheCut() {
        double deep = VIEW.heelHeight().orElseThrow();
        var cheeks = ANALYSIS.plan().heel().orElseThrow().cheeksAt(deep);
        double cut = Math.max(cheeks.driftSide(), cheeks.otherSide());
        assertThat(cut).isPositive();
        Shape wood = only(seen(Loupe.HEEL, VIEW), Part.WOOD_TO_REMOVE, Moment.AFTER);
        assertThat(wood.points()).contains(new Point(0, -deep));
        assertThat(wood.points().stream().mapToDouble(Point::x).min().orElseThrow())
                .isCloseTo(-cut, within(1e-9));
    }

    @Test
    public void aDriftingNeckShowsBothCheeks() {
        Job drifting = JOB.with(Reading.SIDE_DRIFT, Length.ofText("1.5 mm"))
                .with(Reading.HEEL_WIDTH_TOP, Length.ofText("55 mm"))
                .with(Reading.HEEL_WIDTH_CAP, Length.ofText("25 mm"));
        JobAnalysis analysis = JobAnalysis.of(drifting, ShopStandards.DEFAULT);
        Picture picture = seen(Loupe.HEEL, analysis.sideView().orElseThrow());
        var cap = analysis.plan()
                .heel()
                .orElseThrow()
                .cheeksAt(analysis.sideView().orElseThrow().heelHeight().orElseThrow());
        assertThat(only(picture, Part.OTHER_CHEEK, Moment.AFTER).points().get(1).x())
                .isCloseTo(-Math.min(cap.driftSide(), cap.otherSide()), within(1e-9));
    }

    @DataProvider
    public Object[][] cutting() {
        return new Object[][] {{Operation.SCRIBE}, {Operation.CHISEL}};
    }

    @Test(dataProvider = "cutting")
    public void theCutIsWrittenAtItsLineUnlessEachCheekHasItsOwn(Operation operation) {
        Job straight = JOB.with(Reading.HEEL_WIDTH_TOP, Length.ofText("55 mm"))
                .with(Reading.HEEL_WIDTH_CAP, Length.ofText("25 mm"))
                .with(Reading.SIDE_DRIFT, Length.ofText("0 mm"));
        double cap = ANALYSIS.plan().heel().orElseThrow().atCap();
        assertThat(OperationPictures.of(operation, view(straight)).notes())
                .extracting(Picture.Note::quantity)
                .containsExactly(Quantity.fine(cap));
        Job drifting = straight.with(Reading.SIDE_DRIFT, Length.ofText("1.5 mm"));
        assertThat(OperationPictures.of(operation, view(drifting)).notes()).isEmpty();
    }

    @Test
    public void theBridgeIsAsTallAsItWasReadAndTheFretLineArrivesWhereItDoes() {
        Picture picture = seen(Loupe.BRIDGE, VIEW);
        assertThat(highest(only(picture, Part.BRIDGE, Moment.NOW))).isCloseTo(NOW.bridgeTop(), within(1e-12));
        assertThat(only(picture, Part.FRET_LINE, Moment.NOW).points().get(1).y())
                .isCloseTo(NOW.impliedProjection(), within(1e-9));
        assertThat(only(picture, Part.FRET_LINE, Moment.AFTER).points().get(1).y())
                .isCloseTo(PLANNED.impliedProjection(), within(1e-9));
        // The straightedge has to land higher with no strings on: the body folds up when they are.
        double land = only(picture, Part.STRAIGHTEDGE, Moment.SLACK).points().stream()
                .mapToDouble(Point::y)
                .min()
                .orElseThrow();
        assertThat(land)
                .isCloseTo(ANALYSIS.plan().projection().orElseThrow().slack(), within(1e-12))
                .isGreaterThan(PLANNED.impliedProjection());
        double over = Sides.mean(Sides.of(
                side -> only(picture, string(side), Moment.NOW).points().get(1).y()));
        assertThat(over).isCloseTo(NOW.supportHeight(), within(1e-9));
    }

    /** A grip lies where moving to its own height changes nothing. */
    @Test
    public void gripsLieWhereThePlanIs() {
        List<Grip> grips = Grip.of(VIEW);
        assertThat(grips).hasSize(Handle.values().length);
        for (Grip grip : grips) {
            Job moved = PlanDrag.move(ANALYSIS.plan(), grip.handle(), grip.at().y(), Length::toMicrometer);
            Setup after = JobAnalysis.of(moved, ShopStandards.DEFAULT)
                    .plan()
                    .planned()
                    .orElseThrow();
            assertThat(after.action().bass())
                    .as(grip.handle().name())
                    .isCloseTo(PLANNED.action().bass(), within(0.01));
            assertThat(after.projection()).as(grip.handle().name()).isCloseTo(PLANNED.projection(), within(0.02));
        }
        assertThat(Grip.of(VIEW.withoutPlan())).isEmpty();
    }

    @Test
    public void aDragCatchesAtTheShopsUsualActionAndAtWhatIsThere() {
        assertThat(UsualValues.of(ANALYSIS.plan(), Handle.ACTION_BASS))
                .containsExactly(5 * 25.4 / 64, NOW.action().bass());
        assertThat(UsualValues.of(ANALYSIS.plan(), Handle.FRET_LINE)).contains(NOW.bridgeTop());
        assertThat(UsualValues.of(ANALYSIS.plan(), Handle.SADDLE_CROWN)).contains(NOW.supportHeight());
        assertThat(UsualValues.of(
                        JobAnalysis.of(Job.BLANK, ShopStandards.DEFAULT).plan(), Handle.ACTION_BASS))
                .isEmpty();
    }

    @DataProvider
    public Object[][] measured() {
        return new Object[][] {
            {Reading.ACTION_BASS, Loupe.ACTION_FRET, NOW.action().bass()},
            {Reading.NUT_TREBLE, Loupe.FIRST_FRET, NOW.nut().treble()},
            {Reading.BRIDGE_THICKNESS, Loupe.BRIDGE, NOW.bridgeTop()},
            {Aim.ACTION_TREBLE, Loupe.ACTION_FRET, PLANNED.action().treble()},
            {Reading.RELIEF, Loupe.NECK, NOW.neck().middle().gap(NOW.basis().reliefPlace())},
        };
    }

    /** The tool spans what was read, in the loupe where it is seen. */
    @Test(dataProvider = "measured")
    public void aReadingSpansWhatItSays(Line<?> line, Loupe loupe, double millimeters) {
        Picture picture = seen(loupe, VIEW);
        MeasuredSpan span = MeasuredSpan.of(line, VIEW, picture.heights()).orElseThrow();
        assertThat(span.loupe()).contains(loupe);
        assertThat(Math.abs(span.to().y() - span.from().y()) / picture.heights())
                .isCloseTo(millimeters, within(0.02));
    }

    @Test
    public void lengthsAlongTheInstrumentAreSeenOnTheWhole() {
        MeasuredSpan scale = MeasuredSpan.of(Dimension.SCALE, VIEW, 1).orElseThrow();
        assertThat(scale.loupe()).isEmpty();
        assertThat(scale.to().x() - scale.from().x())
                .isCloseTo(JOB.millimeters(Dimension.SCALE).orElseThrow(), within(1e-9));
        assertThat(MeasuredSpan.of(Reading.SIDE_DRIFT, VIEW, 1))
                .as("seen from above")
                .isEmpty();
        assertThat(MeasuredSpan.of(Reading.ACTION_BASS, unread(), 1))
                .as("nothing to lie over")
                .isEmpty();
    }

    private static SideView unread() {
        Job bare = Job.BLANK.with(Dimension.SCALE, Length.ofText("645 mm")).with(Lines.JOINT_FRET, 14);
        return JobAnalysis.of(bare, ShopStandards.DEFAULT).sideView().orElseThrow();
    }

    @DataProvider
    public Object[][] instruments() {
        List<Object[]> all = new ArrayList<>();
        for (Joint joint : Joint.values()) {
            all.add(new Object[] {joint.name(), view(JOB.with(Lines.JOINT, joint))});
        }
        all.add(new Object[] {"cutaway", view(JOB.with(Lines.BODY, "medium, cutaway"))});
        all.add(new Object[] {"classical", view(JOB.with(Lines.FAMILY, Family.CLASSICAL))});
        all.add(new Object[] {"twelve frets", view(JOB.with(Lines.JOINT_FRET, 12))});
        all.add(new Object[] {"archtop", view(Jobs.archtop())});
        all.add(new Object[] {"mandolin", view(Jobs.archtop().with(Lines.FAMILY, Family.MANDOLIN))});
        all.add(new Object[] {"not read", unread()});
        all.add(new Object[] {"stands in", PlaceholderInstrument.like(Job.BLANK).view()});
        return all.toArray(Object[][]::new);
    }

    private static SideView view(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT).sideView().orElseThrow();
    }

    /** Every form and joint is drawn with finite numbers and lies entirely within its frame. */
    @Test(dataProvider = "instruments")
    public void everyInstrumentIsDrawn(String what, SideView view) {
        Picture whole = WholePicture.of(view);
        Frame frame = whole.frame();
        assertThat(whole.shapes()).hasSizeGreaterThan(4);
        for (Shape shape : whole.shapes()) {
            for (Point point : shape.points()) {
                assertThat(point.x()).as(shape.part().name()).isBetween(frame.left() - 0.001, frame.right() + 6);
                assertThat(point.y()).as(shape.part().name()).isBetween(frame.bottom(), frame.top());
            }
        }
        assertThat(frame.width() / frame.height()).as("low and wide").isGreaterThan(3);
        for (Loupe loupe : Loupe.values()) {
            Picture picture = seen(loupe, view);
            assertThat(picture.frame().width()).isPositive();
            assertThat(picture.frame().height()).isPositive();
            assertThat(picture.shapes().stream().flatMap(shape -> shape.points().stream()))
                    .as(loupe.name())
                    .isNotEmpty()
                    .allMatch(point -> Double.isFinite(point.x()) && Double.isFinite(point.y()));
        }
    }

    @Test
    public void aCutawayABoltAndAnArchAreSeenWhereThereIsOne() {
        assertThat(WholePicture.of(VIEW).of(Part.CUTAWAY, Moment.NOW)).isEmpty();
        assertThat(WholePicture.of(view(JOB.with(Lines.BODY, "cutaway"))).of(Part.CUTAWAY, Moment.NOW))
                .hasSize(1);
        assertThat(WholePicture.of(view(JOB.with(Lines.JOINT, Joint.MORTISE_BOLT)))
                        .of(Part.BOLT, Moment.NOW))
                .hasSize(2);
        assertThat(WholePicture.of(view(JOB.with(Lines.JOINT, Joint.DOVETAIL))).of(Part.BOLT, Moment.NOW))
                .isEmpty();
        assertThat(WholePicture.of(view(Jobs.archtop())).of(Part.TAILPIECE, Moment.NOW))
                .hasSize(1);
        assertThat(only(WholePicture.of(view(Jobs.archtop())), Part.SOUNDBOARD, Moment.NOW)
                        .points())
                .hasSizeGreaterThan(10);
    }

    /** The planned neck is set back from the measured one: its nut lies lower. */
    @Test
    public void theWholeShowsWhereTheNeckWillStand() {
        Picture whole = WholePicture.of(VIEW);
        double now = highest(only(whole, Part.HEADSTOCK, Moment.NOW));
        double after = highest(only(whole, Part.HEADSTOCK, Moment.AFTER));
        double turned = PLANNED.rotation().radians() * VIEW.joint();
        assertThat(turned).isGreaterThan(1);
        assertThat(now - after).isCloseTo(turned, within(0.4));
    }

    @Test
    public void comparedSetupsHaveTheirNumbersInPlaceOfThePlan() {
        List<SideProfile> compared = List.of(SideProfile.of(NOW, 0), SideProfile.of(PLANNED, 0));
        Picture picture = LoupePictures.of(Loupe.ACTION_FRET, VIEW, compared);
        assertThat(picture.of(Part.STRING_BASS, Moment.AFTER)).isEmpty();
        assertThat(picture.of(Part.STRING_BASS, Moment.COMPARED))
                .extracting(Shape::number)
                .containsExactly(1, 2);
    }

    @Test
    public void onePictureOfTheSameThingsPassesIntoTheOther() {
        Picture from = seen(Loupe.ACTION_FRET, VIEW);
        Picture to = seen(Loupe.ACTION_FRET, VIEW.after(NOW.afterSaddleRaised(Sides.of(side -> 1.0))));
        assertThat(from.isLike(to)).isTrue();
        assertThat(from.toward(to, 0)).isEqualTo(from);
        double half = under(only(from.toward(to, 0.5), Part.STRING_BASS, Moment.AFTER));
        assertThat(half)
                .isCloseTo(
                        (under(only(from, Part.STRING_BASS, Moment.AFTER))
                                        + under(only(to, Part.STRING_BASS, Moment.AFTER)))
                                / 2,
                        within(1e-9));
        Picture other = seen(Loupe.BRIDGE, VIEW);
        assertThat(from.isLike(other)).isFalse();
        assertThatThrownBy(() -> from.toward(other, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Arrays.stream(Loupe.values()).map(Loupe::key)).doesNotHaveDuplicates();
        assertThat(Optional.of(from.frame().height()).get()).isPositive();
    }

    @DataProvider
    public Object[][] operations() {
        return Arrays.stream(Operation.values())
                .map(each -> new Object[] {each})
                .toArray(Object[][]::new);
    }

    /** Every operation is drawn on every form, at least partly within its frame. */
    @Test(dataProvider = "operations")
    public void everyPieceOfWorkIsDrawn(Operation operation) {
        for (Object[] each : instruments()) {
            Picture picture = OperationPictures.of(operation, (SideView) each[1]);
            Frame frame = picture.frame();
            assertThat(frame.width()).as(each[0] + "").isPositive();
            assertThat(frame.height()).as(each[0] + "").isPositive();
            assertThat(picture.shapes().stream().flatMap(shape -> shape.points().stream()))
                    .as(each[0] + "")
                    .anyMatch(point -> point.x() >= frame.left()
                            && point.x() <= frame.right()
                            && point.y() >= frame.bottom()
                            && point.y() <= frame.top())
                    .allMatch(point -> Double.isFinite(point.x()) && Double.isFinite(point.y()));
        }
    }

    @Test
    public void theWorkIsDrawnFromTheNumbersOfThePlan() {
        double cut = ANALYSIS.plan().heel().orElseThrow().atCap();
        Picture scribe = OperationPictures.of(Operation.SCRIBE, VIEW);
        double leaves = scribe.of(Part.LEAF, Moment.NOW).stream()
                .flatMap(shape -> shape.points().stream())
                .mapToDouble(Point::x)
                .min()
                .orElseThrow();
        assertThat(leaves).as("the stack is as thick as the cut").isCloseTo(-cut, within(1e-9));
        // With the neck clamped dry the straightedge has to land where the plan says; an actual reading shows what it
        // reads.
        double slack = ANALYSIS.plan().projection().orElseThrow().slack();
        assertThat(OperationPictures.of(Operation.DRY_CLAMP, VIEW).notes())
                .extracting(Picture.Note::quantity)
                .containsExactly(Quantity.length(slack));
        assertThat(OperationPictures.of(Operation.STRAIGHTEDGE, VIEW).notes()).isEmpty();
        assertThat(OperationPictures.of(Operation.SCRIBE, VIEW.withoutPlan()).notes())
                .as("no number that is not planned")
                .isEmpty();
    }

    @Test
    public void everyGateHasItsPicture() {
        for (GateId gate : GateId.values()) {
            assertThat(GatePictures.of(gate, VIEW).shapes()).as(gate.key()).isNotEmpty();
            assertThat(GatePictures.of(gate, VIEW).of(Part.STRING_BASS, Moment.AFTER))
                    .as("as it is now")
                    .isEmpty();
        }
    }

    /** A cheek is hatched as long as wood has to come off, on both sides of the least amount that counts. */
    @Test
    public void whatIsLeftAtTheHeelIsSeenCheekByCheek() {
        Picture running = HeelFace.remaining(92, Optional.empty(), new Sides<>(0.3, 0.02));
        assertThat(running.of(Part.WOOD_TO_REMOVE, Moment.NOW)).hasSize(2);
        assertThat(running.notes())
                .extracting(Picture.Note::quantity)
                .containsExactly(Quantity.fine(0.3), Quantity.fine(0.02));
        Picture nearly = HeelFace.remaining(92, Optional.empty(), new Sides<>(0.005, -0.2));
        assertThat(nearly.of(Part.WOOD_TO_REMOVE, Moment.NOW)).isEmpty();
        assertThat(nearly.of(Part.WOOD_TO_ADD, Moment.NOW)).as("too much went").hasSize(1);
    }
}
