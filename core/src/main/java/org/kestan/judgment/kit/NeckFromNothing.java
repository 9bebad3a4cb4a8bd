package org.kestan.judgment.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.BreakAngle;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckRotation;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;

/**
 * The neck angle that a bridge needs, and whether the neck may lie flat. Millimeters.
 *
 * @param build what is to be built
 * @param crown height of the strings' crown over the fret line at the bridge, for the target action with a straight neck
 * @param atLowest with the bridge at its lowest
 * @param touching with the bridge at its lowest and the strings just touching the last fret: the other school
 * @param inMiddle with the bridge in the middle of its range
 * @param atHighest with the bridge at its highest
 * @param flatHeight height the bridge has to stand at with the neck flat
 * @param raise how much a flat neck has to be raised over the top for the bridge to stand in the middle of its range;
 *     negative to let it in deeper
 * @param advice whether it may lie flat
 * @param problems why a combination cannot work; none if it can
 */
public record NeckFromNothing(
        Build build,
        double crown,
        Setting atLowest,
        Setting touching,
        Setting inMiddle,
        Setting atHighest,
        double flatHeight,
        double raise,
        Advice advice,
        List<Finding> problems) {

    /** Where the neck of an archtop usually joins the body: common practice, no source. */
    private static final int USUAL_JOINT = 16;

    /** No neck is set back farther than this; the strings would leave the top like a ramp. From memory. */
    private static final Angle STEEPEST = Angle.ofDegrees(7);

    private static final Angle LEAN = Angle.ofDegrees(-0.05);

    /** Whether the neck may lie flat. */
    public enum Advice implements Keyed {
        FLAT,
        EITHER,
        ANGLED;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * The planned build, mm.
     *
     * @param scale scale length, positive
     * @param jointFret the fret at the body joint
     * @param fretsOverTop fretboard and fret over the top at the joint with the neck lying flat
     * @param action wanted at fret 12, mean of the outer strings
     * @param nut string over fret 1
     * @param lowest lowest height of the bridge's crown over the top
     * @param highest highest, not under the lowest
     * @param tailHeight top to the string behind the bridge; empty if not known
     * @param tailDistance bridge to there along the top; empty if not known
     * @param pinned thickness of a pin bridge and saddle to pins; empty for a floating bridge
     */
    public record Build(
            double scale,
            int jointFret,
            double fretsOverTop,
            double action,
            double nut,
            double lowest,
            double highest,
            OptionalDouble tailHeight,
            OptionalDouble tailDistance,
            Optional<Pins> pinned) {}

    /** A pin bridge: its thickness at the saddle, and from the saddle to the pins, mm. */
    public record Pins(double thickness, double distance) {}

    /**
     * A height of the bridge and what it needs.
     *
     * @param height of the crown over the top, mm
     * @param angle of the neck, positive = set back
     * @param breakAngle of the strings over the bridge; empty if it is unknown where they are anchored
     */
    public record Setting(double height, Angle angle, Optional<Angle> breakAngle) {}

    /** Takes an unmodifiable copy. */
    public NeckFromNothing {
        problems = List.copyOf(problems);
    }

    /** Works out a build; empty if its numbers can't be an instrument's. */
    public static Optional<NeckFromNothing> of(Build build, ShopStandards shop) {
        boolean possible = build.scale() > 0
                && build.jointFret() >= 2
                && build.jointFret() <= Frets.HIGHEST
                && build.lowest() > 0
                && build.highest() >= build.lowest()
                && build.action() > 0;
        return possible ? Optional.of(worked(build, shop)) : Optional.empty();
    }

    private static NeckFromNothing worked(Build build, ShopStandards shop) {
        Frets frets = new Frets(build.scale());
        double joint = frets.at(build.jointFret());
        double distance = build.scale() - joint + shop.get(Standard.COMPENSATION);
        double crown = StringLine.through(frets.at(1), build.nut(), frets.at(12), build.action())
                .heightAt(joint + distance);
        double middle = (build.lowest() + build.highest()) / 2;
        Setting lowest = setting(build, build.lowest(), crown, distance);
        double last = frets.at(Math.max(build.jointFret() + 1, Frets.USUAL_LAST));
        double touches = StringLine.through(frets.at(1), build.nut(), last, 0).heightAt(joint + distance);
        Setting touching = setting(build, build.lowest(), touches, distance);
        Setting inMiddle = setting(build, middle, crown, distance);
        Setting highest = setting(build, build.highest(), crown, distance);
        double flat = build.fretsOverTop() + crown;
        Advice advice = build.lowest() <= shop.get(Standard.KIT_FLAT)
                ? Advice.FLAT
                : build.lowest() >= shop.get(Standard.KIT_ANGLED) ? Advice.ANGLED : Advice.EITHER;
        return new NeckFromNothing(
                build,
                crown,
                lowest,
                touching,
                inMiddle,
                highest,
                flat,
                middle - flat,
                advice,
                problems(build, flat, lowest, inMiddle, shop));
    }

    private static Setting setting(Build build, double height, double crown, double distance) {
        Angle angle = new NeckRotation(distance, build.fretsOverTop()).pitch(height - crown);
        Optional<Angle> behind = build.pinned()
                .map(pins -> BreakAngle.behindPins(height - pins.thickness(), 0, pins.distance()))
                .or(() -> build.tailHeight().isPresent() && build.tailDistance().orElse(0) > 0
                        ? Optional.of(BreakAngle.behindTailpiece(
                                height,
                                build.tailHeight().getAsDouble(),
                                build.tailDistance().getAsDouble()))
                        : Optional.empty());
        Angle front = BreakAngle.inFront(height, build.fretsOverTop(), distance);
        return new Setting(height, angle, behind.map(front::plus));
    }

    private static List<Finding> problems(
            Build build, double flat, Setting lowest, Setting middle, ShopStandards shop) {
        List<Finding> problems = new ArrayList<>();
        if (flat < build.lowest()) {
            problems.add(KitFinding.FLAT_TOO_LOW.of());
        } else if (flat > build.highest()) {
            problems.add(KitFinding.FLAT_TOO_HIGH.of());
        }
        if (middle.angle().compareTo(LEAN) < 0) {
            problems.add(KitFinding.LEANS_FORWARD.of());
        }
        if (lowest.angle().compareTo(STEEPEST) > 0) {
            problems.add(KitFinding.TOO_STEEP.of());
        }
        Angle least = shop.angle(Standard.BREAK_ANGLE_LEAST);
        if (lowest.breakAngle().filter(bend -> bend.compareTo(least) < 0).isPresent()) {
            problems.add(KitFinding.BENDS_TOO_LITTLE.of());
        }
        return problems;
    }

    /**
     * Reads the planned build from a job: its lengths as on the sheet, with the shop's usual ones where there are
     * none. A pin bridge ranges from the least saddle to the tallest sound one.
     *
     * @return empty while scale, joint fret or the bridge are missing
     */
    public static Optional<Build> build(Job job, ShopStandards shop) {
        OptionalDouble scale = job.millimeters(Dimension.SCALE);
        OptionalDouble thickness = job.form().filter(Form.FLAT_TOP::equals).isPresent()
                ? job.millimeters(Reading.BRIDGE_THICKNESS)
                : OptionalDouble.empty();
        OptionalDouble lowest = thickness.isPresent()
                ? OptionalDouble.of(thickness.getAsDouble() + shop.get(Standard.PROTRUSION_LEAST))
                : job.form().filter(Form.FLAT_TOP::equals).isPresent()
                        ? thickness
                        : job.millimeters(Reading.BRIDGE_LOWEST);
        if (scale.isEmpty() || lowest.isEmpty() || job.jointFret().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Build(
                scale.getAsDouble(),
                job.jointFret().getAsInt(),
                job.millimeters(Reading.FRETS_OVER_TOP).orElse(shop.get(Standard.FRETS_OVER_TOP)),
                job.millimeters(Reading.ACTION_BASS).orElse(shop.get(Standard.ACTION_WANTED_BASS)),
                job.millimeters(Reading.NUT_BASS).orElse(shop.get(Standard.NUT_HEIGHT)),
                lowest.getAsDouble(),
                thickness.isPresent()
                        ? thickness.getAsDouble() + shop.get(Standard.SADDLE_LEFT)
                        : job.millimeters(Reading.BRIDGE_HIGHEST).orElse(lowest.getAsDouble()),
                job.millimeters(Reading.TAILPIECE_HEIGHT),
                job.millimeters(Reading.TAILPIECE_DISTANCE),
                thickness.isPresent()
                        ? Optional.of(new Pins(
                                thickness.getAsDouble(),
                                job.millimeters(Reading.PIN_DISTANCE).orElse(shop.get(Standard.PIN_DISTANCE))))
                        : Optional.empty()));
    }

    /** A job for a build with a floating bridge, with the shop's usual values filled in to be seen and changed. */
    public static Job start(ShopStandards shop) {
        return Job.BLANK
                .with(Lines.FORM, Form.ARCHTOP)
                .with(Lines.JOINT_FRET, USUAL_JOINT)
                .with(Reading.ACTION_BASS, Length.ofText(shop.text(Standard.ACTION_WANTED_BASS)))
                .with(Reading.NUT_BASS, Length.ofText(shop.text(Standard.NUT_HEIGHT)))
                .with(Reading.FRETS_OVER_TOP, Length.ofText(shop.text(Standard.FRETS_OVER_TOP)));
    }

    /** The job of a build with its bridge in the middle of its range. */
    public Job finished(Job job) {
        Job finished = job;
        for (Reading reading : List.of(Reading.ACTION_BASS, Reading.ACTION_TREBLE)) {
            finished = finished.with(reading, rounded(build.action()));
        }
        for (Reading reading : List.of(Reading.NUT_BASS, Reading.NUT_TREBLE)) {
            finished = finished.with(reading, rounded(build.nut()));
        }
        Job standing = finished.with(Reading.FRETS_OVER_TOP, rounded(build.fretsOverTop()));
        return build.pinned()
                .map(pins -> standing.with(Reading.BRIDGE_THICKNESS, rounded(pins.thickness()))
                        .with(Reading.SADDLE_BASS, rounded(inMiddle.height() - pins.thickness()))
                        .with(Reading.SADDLE_TREBLE, rounded(inMiddle.height() - pins.thickness())))
                .orElseGet(() -> standing.with(Reading.BRIDGE_HEIGHT, rounded(inMiddle.height())));
    }

    private static Length rounded(double millimeters) {
        return Length.exact(Math.round(millimeters * 1e4) / 1e4);
    }
}
