package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Extension;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Board;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;

/**
 * The wedge under the extension, mm: zero at the joint, full at the end, as wide as the fretboard over the body.
 *
 * @param length of the extension
 * @param end thickness at its end; 0 for none
 * @param fallAway of the last fret, with the wedge; negative when it rises
 * @param rises how much the last fret stands higher than wanted, to be planed or bedded; 0 if it does not
 * @param width of the board there; empty if neither it nor the board's width and the strings' spread were read
 * @param profile its thickness along the way
 */
public record WedgePlan(
        double length, double end, double fallAway, double rises, OptionalDouble width, List<Point> profile) {

    /** Distance between two points of the profile, mm. */
    public static final double STEP = 10;

    /**
     * The wedge at one place.
     *
     * @param at mm past the joint
     * @param thickness mm
     */
    public record Point(double at, double thickness) {}

    /** Takes an unmodifiable copy. */
    public WedgePlan {
        profile = List.copyOf(profile);
    }

    /** Takes it from a plan; empty if the neck stays or the extension was not read. */
    static Optional<WedgePlan> of(WorkPlan plan) {
        return plan.extension().map(extension -> of(plan, extension));
    }

    /** As read; or else from the board's width at the nut, increasing with the strings' spread. */
    private static OptionalDouble width(WorkPlan plan, double end) {
        OptionalDouble read = plan.job().millimeters(Reading.EXTENSION_WIDTH);
        OptionalDouble nut = plan.job().millimeters(Reading.BOARD_WIDTH);
        if (read.isPresent() || nut.isEmpty()) {
            return read;
        }
        Board board = plan.measured()
                .orElseThrow(Expect.present("measured setup"))
                .basis()
                .board();
        return OptionalDouble.of(nut.getAsDouble() + 2 * (board.halfSpacingAt(end) - board.halfSpacingAt(0)));
    }

    private static WedgePlan of(WorkPlan plan, Extension extension) {
        double end = extension.wedge();
        List<Point> profile = new ArrayList<>();
        for (int i = 0; i * STEP < extension.length() - Tolerances.ARITHMETIC; i++) {
            profile.add(new Point(i * STEP, end * i * STEP / extension.length()));
        }
        profile.add(new Point(extension.length(), end));
        double rises = extension.rises() > plan.shop().get(Standard.EXTENSION_RISE) ? extension.rises() : 0;
        double joint = plan.measured()
                .orElseThrow(Expect.present("measured setup"))
                .basis()
                .joint();
        return new WedgePlan(
                extension.length(),
                end,
                extension.fallAwayAfter() - end,
                rises,
                width(plan, joint + extension.length()),
                profile);
    }
}
