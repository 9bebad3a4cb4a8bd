package org.kestan.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.geometry.BreakAngle;
import org.kestan.geometry.Frets;
import org.kestan.geometry.NeckRotation;
import org.kestan.geometry.StringLine;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * Which neck angle a bridge asks for, and whether the neck may lie flat. Millimetres and radians.
 *
 * @param build what is to be built
 * @param crown height of the strings' crown over the fret line at the bridge, for the action wanted with a straight neck
 * @param atLowest with the bridge at its lowest
 * @param inMiddle with the bridge in the middle of its range
 * @param atHighest with the bridge at its highest
 * @param flatHeight height the bridge has to stand at with the neck flat
 * @param raise how much a flat neck has to be raised over the top for the bridge to stand in the middle of its range;
 *     negative to let it in deeper
 * @param advice whether it may lie flat
 * @param problems why a combination cannot work, in sentences; none when it can
 */
public record NeckFromNothing(
        Build build,
        double crown,
        Setting atLowest,
        Setting inMiddle,
        Setting atHighest,
        double flatHeight,
        double raise,
        Advice advice,
        List<String> problems) {

    /** No neck is set back farther than this: the strings would leave the top like a ramp. From memory. */
    private static final double STEEPEST = Math.toRadians(7);

    private static final double LEAN = Math.toRadians(0.05);

    /** Whether the neck may lie flat. */
    public enum Advice {
        FLAT("The neck may lie flat."),
        EITHER("Between: flat and raised, or at an angle. Look at both."),
        ANGLED("The neck needs an angle.");

        private final String words;

        Advice(String words) {
            this.words = words;
        }

        /** Returns it in a sentence. */
        public String words() {
            return words;
        }
    }

    /**
     * What is to be built, mm.
     *
     * @param scale scale length, positive
     * @param jointFret the fret at the body joint
     * @param fretsOverTop fretboard and fret over the top at the joint with the neck lying flat
     * @param action wanted at fret 12, mean of the outer strings
     * @param nut string over fret 1
     * @param lowest lowest height of the bridge's crown over the top
     * @param highest highest, not under the lowest
     * @param tailHeight top to the string behind the bridge; empty when not known
     * @param tailDistance bridge to there along the top; empty when not known
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
            OptionalDouble tailDistance) {}

    /**
     * A height of the bridge and what it asks for.
     *
     * @param height of the crown over the top, mm
     * @param angle of the neck, radians, positive = set back
     * @param breakAngle of the strings over the bridge, radians; empty when it is not known where they go behind it
     */
    public record Setting(double height, double angle, OptionalDouble breakAngle) {}

    /** Takes an unmodifiable copy. */
    public NeckFromNothing {
        problems = List.copyOf(problems);
    }

    /** Works out a build; empty while its numbers can't be an instrument's. */
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
                inMiddle,
                highest,
                flat,
                middle - flat,
                advice,
                problems(build, flat, lowest, inMiddle, shop));
    }

    private static Setting setting(Build build, double height, double crown, double distance) {
        double angle = new NeckRotation(distance, build.fretsOverTop()).pitch(height - crown);
        OptionalDouble behind =
                build.tailHeight().isPresent() && build.tailDistance().orElse(0) > 0
                        ? OptionalDouble.of(BreakAngle.behindTailpiece(
                                        height,
                                        build.tailHeight().getAsDouble(),
                                        build.tailDistance().getAsDouble())
                                + BreakAngle.inFront(height, build.fretsOverTop(), distance))
                        : OptionalDouble.empty();
        return new Setting(height, angle, behind);
    }

    private static List<String> problems(Build build, double flat, Setting lowest, Setting middle, ShopStandards shop) {
        List<String> problems = new ArrayList<>();
        if (flat < build.lowest()) {
            problems.add(
                    "Flat it cannot work: the bridge would have to stand lower than it can. Raise the neck or set it"
                            + " back.");
        } else if (flat > build.highest()) {
            problems.add(
                    "Flat it cannot work: the bridge would have to stand higher than it can. Let the neck in deeper,"
                            + " or take a taller bridge.");
        }
        if (middle.angle() < -LEAN) {
            problems.add("At an angle it would have to lean forward: the fretboard stands too high for this bridge.");
        }
        if (lowest.angle() > STEEPEST) {
            problems.add("Even with the bridge at its lowest the neck would be too steep: raise it over the top.");
        }
        if (lowest.breakAngle().orElse(1) < Math.toRadians(shop.get(Standard.BREAK_ANGLE_LEAST))) {
            problems.add("With the bridge at its lowest the strings bend too little over it: lower the tailpiece.");
        }
        return problems;
    }
}
