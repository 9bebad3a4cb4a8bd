package org.kestan.repair.sideview;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Extension;
import org.kestan.analysis.setup.Anchorage;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Family;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.repair.plan.WorkPlan;

/**
 * The side elevation of one instrument. Millimeters; X along the soundboard from the nut end.
 *
 * @param frets fret positions
 * @param marks the frets that are marked
 * @param saddle position of the saddle
 * @param fitting what carries the strings
 * @param end where the strings end behind the saddle: pins or tailpiece
 * @param heelHeight heel height, when it was read
 * @param obstacle what lies under the strings
 * @param measured neck and strings as measured, when they could be worked out
 * @param outcome what the work leaves
 * @param drift how far the neck points aside at the saddle, toward the treble positive; empty if it was not read
 * @param construction how it is built and strung
 */
@RecordBuilder
public record SideView(
        Frets frets,
        Marks marks,
        double saddle,
        Fitting fitting,
        StringEnd end,
        OptionalDouble heelHeight,
        Obstacle obstacle,
        Optional<SideProfile> measured,
        Outcome outcome,
        OptionalDouble drift,
        Construction construction)
        implements SideViewBuilder.With {

    /**
     * How the instrument is built and strung.
     *
     * @param family its family
     * @param joint how the neck is joined
     * @param cutaway whether the body is cut away at the neck
     * @param gauges thickness of the outer strings; 0 if the set is not known
     * @param reliefBand the least and the most relief that is wanted
     */
    public record Construction(Family family, Joint joint, boolean cutaway, Sides<Double> gauges, Range reliefBand) {}

    /** From one length to another. */
    public record Range(double least, double most) {}

    /**
     * The frets that matter.
     *
     * @param joint the fret at the body joint
     * @param action the fret at which the action is read
     * @param relief the fret at which the relief is read
     * @param last the last fret drawn: the one at the end of the extension, or six past the joint when not measured
     */
    public record Marks(int joint, int action, int relief, int last) {}

    /**
     * Where the strings end.
     *
     * @param position along the soundboard
     * @param height over the soundboard of the string there
     */
    public record StringEnd(double position, double height) {}

    /**
     * What is under the strings: a pickup, a guard, the rim of a cutaway.
     *
     * @param distance from the joint; the middle of the way to the saddle when not read
     * @param height over the top, when there is one
     */
    public record Obstacle(double distance, OptionalDouble height) {}

    /**
     * The result of the work; each part is empty if it cannot be worked out.
     *
     * @param profile neck and strings afterward
     * @param heel the heel cut
     * @param extension the extension
     * @param slack height of the fret line over the soundboard at the saddle with no strings on, where the neck is turned
     */
    public record Outcome(
            Optional<SideProfile> profile,
            Optional<HeelCut> heel,
            Optional<Extension> extension,
            OptionalDouble slack) {

        /** Nothing planned. */
        public static final Outcome NONE =
                new Outcome(Optional.empty(), Optional.empty(), Optional.empty(), OptionalDouble.empty());

        /** A result of which only neck and strings are known. */
        public static Outcome of(SideProfile profile) {
            return new Outcome(Optional.of(profile), Optional.empty(), Optional.empty(), OptionalDouble.empty());
        }
    }

    private static final int FRETS_PAST_JOINT = 6;

    /**
     * The side elevation of a job and its plan.
     *
     * @return empty as long as the scale or the joint fret is not known: there is nothing to draw to scale yet
     */
    public static Optional<SideView> of(WorkPlan plan) {
        SheetAnalysis sheetAnalysis = plan.sheetAnalysis();
        Job job = sheetAnalysis.job();
        OptionalDouble scale = job.millimeters(Dimension.SCALE);
        int jointFret = job.jointFret().orElse(0);
        if (scale.isEmpty() || scale.getAsDouble() <= 0 || jointFret < 2 || jointFret > Frets.HIGHEST) {
            return Optional.empty();
        }
        return Optional.of(of(sheetAnalysis, plan, new Frets(scale.getAsDouble()), jointFret));
    }

    private static SideView of(SheetAnalysis sheetAnalysis, WorkPlan plan, Frets frets, int jointFret) {
        Job job = sheetAnalysis.job();

        Optional<SideProfile> measured = sheetAnalysis.measured().map(setup -> measured(setup, job));
        double measuredFall = measured.map(SideProfile::fallAwayPerMm).orElse(0.0);
        Optional<SideProfile> planned = plan.planned().map(setup -> planned(setup, plan, measuredFall));
        double joint = frets.at(jointFret);
        double saddle = joint
                + job.millimeters(Reading.JOINT_TO_SADDLE)
                        .orElse(frets.scale()
                                - joint
                                + sheetAnalysis.standards().get(Standard.COMPENSATION));
        OptionalDouble extension = job.millimeters(Reading.EXTENSION_LENGTH);
        int lastFret = extension.isPresent()
                ? frets.nearest(joint + extension.getAsDouble(), jointFret, Frets.HIGHEST)
                : Math.min(jointFret + FRETS_PAST_JOINT, Frets.HIGHEST);
        boolean floating = job.floating();
        double bridgeTop = measured.map(SideProfile::bridgeTop).orElse(0.0);
        Anchorage ends = Anchorage.of(job.visit(), sheetAnalysis.standards());
        double behind = floating ? ends.tailpieceDistance().orElse(SideProfile.DRAWN_TAIL) : ends.pinDistance();
        double endHeight = floating ? ends.tailpieceHeight().orElse(bridgeTop / 2) : bridgeTop - ends.ramp();
        return new SideView(
                frets,
                new Marks(
                        jointFret, drawn(job.visit().actionFret()), reliefMark(sheetAnalysis, frets, joint), lastFret),
                saddle,
                job.fitting(),
                new StringEnd(saddle + behind, endHeight),
                job.millimeters(Reading.HEEL_HEIGHT),
                new Obstacle(
                        job.millimeters(Reading.OBSTACLE_DISTANCE).orElse((saddle - joint) / 2),
                        job.millimeters(Reading.OBSTACLE_HEIGHT)),
                measured,
                new Outcome(
                        planned,
                        plan.heel(),
                        plan.extension(),
                        plan.turnsNeck()
                                ? plan.projection()
                                        .map(each -> OptionalDouble.of(each.slack()))
                                        .orElse(OptionalDouble.empty())
                                : OptionalDouble.empty()),
                drift(job),
                construction(job, sheetAnalysis.standards()));
    }

    private static Construction construction(Job job, ShopStandards standards) {
        List<StringSpec> set = job.strings();
        return new Construction(
                job.family(),
                job.get(Lines.JOINT).orElse(Joint.UNKNOWN),
                job.text(Lines.BODY).toLowerCase(Locale.ROOT).contains("cutaway"),
                set.isEmpty() ? Sides.of(side -> 0.0) : new Sides<>(thick(set.get(0)), thick(set.get(set.size() - 1))),
                new Range(standards.get(Standard.RELIEF_LEAST), standards.get(Standard.RELIEF_MOST)));
    }

    private static double thick(StringSpec string) {
        return string.gauge().map(Length::millimeters).orElse(0.0);
    }

    private static int reliefMark(SheetAnalysis sheetAnalysis, Frets frets, double joint) {
        return sheetAnalysis
                .trajectory()
                .map(known -> known.basis().reliefReadAt())
                .orElse(sheetAnalysis
                        .job()
                        .get(Lines.RELIEF_READ_AT)
                        .filter(fret -> fret == drawn(fret))
                        .orElseGet(() -> frets.nearest(
                                (frets.at(1) + joint) / 2,
                                1,
                                sheetAnalysis.job().jointFret().orElse(Frets.HIGHEST))));
    }

    /** The fret where a place is drawn if the sheet names one that no instrument has. */
    private static int drawn(int fret) {
        return Math.max(1, Math.min(fret, Frets.HIGHEST));
    }

    /** A drift without a side is drawn toward the treble. */
    private static OptionalDouble drift(Job job) {
        double sign = job.visit().driftSide().orElse(Side.TREBLE) == Side.TREBLE ? 1 : -1;
        OptionalDouble read = job.millimeters(Reading.SIDE_DRIFT);
        return read.isPresent() ? OptionalDouble.of(sign * Math.abs(read.getAsDouble())) : read;
    }

    private static SideProfile measured(Setup setup, Job job) {
        double length = job.millimeters(Reading.EXTENSION_LENGTH).orElse(0);
        double fallAway = job.millimeters(Reading.EXTENSION_FALL_AWAY).orElse(0);
        return SideProfile.of(setup, length > 0 ? fallAway / length : 0);
    }

    private static SideProfile planned(Setup planned, WorkPlan plan, double measuredFall) {
        double fallAwayPerMm = plan.extension().map(Extension::fall).orElse(measuredFall);
        return SideProfile.of(planned, fallAwayPerMm);
    }

    /** This view of the instrument as it is, without a plan. */
    public SideView withoutPlan() {
        return withOutcome(Outcome.NONE);
    }

    /**
     * This view with another result, of which only neck and strings are known.
     *
     * @param after the setup it leaves
     */
    public SideView after(Setup after) {
        double fall = measured.map(SideProfile::fallAwayPerMm).orElse(0.0);
        return withOutcome(Outcome.of(SideProfile.of(after, fall)));
    }

    /** Position of the body joint. */
    public double joint() {
        return frets.at(marks.joint());
    }

    /** Position of the end of the fretboard. */
    public double fretboardEnd() {
        return frets.at(marks.last()) + 3;
    }
}
