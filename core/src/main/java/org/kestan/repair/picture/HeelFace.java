package org.kestan.repair.picture;

import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.terms.Joint;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.sideview.SideView;

/**
 * The gluing face of the heel as seen from the body: X across with the bass side on the left, Y downward from the
 * fretboard, negative.
 */
public final class HeelFace {

    /** The operation at it. */
    enum Work {
        SHIMS,
        GLUE
    }

    private static final double TOP = 54;
    private static final double CAP = 26;
    private static final double HEIGHT = 92;

    /** Space for the numbers, mm: beside the heel and under its cap. */
    private static final double BESIDE = 26;

    private static final double UNDER = 16;

    private static final double TAIL_TOP = 0.21;
    private static final double TAIL_CAP = 0.16;

    /** Less than this left at the cap counts as nothing, mm: a hundredth. */
    private static final double DONE = 0.01;

    private HeelFace() {}

    /**
     * What still has to come off during the fitting: a cheek is hatched as long as wood has to come off it, with the
     * remainder at its cap.
     *
     * @param height of the heel, mm, positive
     * @param widths of the heel, when they were measured
     * @param capLeft what has still to come off at the cap, each cheek, mm; negative where too much went
     */
    public static Picture remaining(double height, Optional<HeelCut.Widths> widths, Sides<Double> capLeft) {
        double top = widths.map(HeelCut.Widths::top).orElse(TOP) / 2;
        double cap = widths.map(HeelCut.Widths::cap).orElse(CAP) / 2;
        double tailTop = top * 2 * TAIL_TOP;
        double tailCap = cap * 2 * TAIL_CAP;
        Scene scene = new Scene();
        scene.outline(Part.HEEL, -top, 0, top, 0, cap, -height, -cap, -height);
        for (Side side : Side.values()) {
            int sign = side == Side.BASS ? -1 : 1;
            double left = capLeft.get(side);
            if (Math.abs(left) > DONE) {
                scene.outline(
                        left > 0 ? Part.WOOD_TO_REMOVE : Part.WOOD_TO_ADD,
                        sign * tailTop,
                        0,
                        sign * top,
                        0,
                        sign * cap,
                        -height,
                        sign * tailCap,
                        -height);
            }
            scene.note(side == Side.BASS ? -top - BESIDE : BESIDE / 2, -height - UNDER, Quantity.fine(left));
        }
        return scene.framed(-top - BESIDE, -height - UNDER - 4, top + BESIDE, 4);
    }

    static Picture of(SideView view, Work work) {
        Optional<HeelCut> cut = view.outcome().heel();
        double top = cut.flatMap(HeelCut::widths).map(HeelCut.Widths::top).orElse(TOP) / 2;
        double cap = cut.flatMap(HeelCut::widths).map(HeelCut.Widths::cap).orElse(CAP) / 2;
        double height = view.heelHeight().orElse(HEIGHT);
        double tailTop = top * 2 * TAIL_TOP;
        double tailCap = cap * 2 * TAIL_CAP;
        boolean tailed = view.construction().joint() != Joint.POCKET_BOLT
                && view.construction().joint() != Joint.TILT_SCREW
                && view.construction().joint() != Joint.THROUGH;
        Scene scene = new Scene();
        scene.outline(Part.HEEL, -top, 0, top, 0, cap, -height, -cap, -height);
        scene.block(Part.BOARD, -top - 4, top + 4, 0, 6);
        if (tailed) {
            scene.outline(Part.NECK, -tailTop, 0, tailTop, 0, tailCap, -height * 0.88, -tailCap, -height * 0.88);
        }
        switch (work) {
            case SHIMS -> {
                double thick = Math.max(1.2, cut.map(HeelCut::atCap).orElse(0.0));
                for (int sign : new int[] {-1, 1}) {
                    scene.outline(
                            Part.SHIM,
                            sign * tailTop,
                            0,
                            sign * (tailTop + thick * 0.5),
                            0,
                            sign * (tailCap + thick),
                            -height * 0.88,
                            sign * tailCap,
                            -height * 0.88);
                    scene.outline(
                            Part.PAPER,
                            sign * (tailTop + thick),
                            -height * 0.08,
                            sign * (tailTop + thick + 3),
                            -height * 0.08,
                            sign * (tailCap + thick + 3),
                            -height * 0.8,
                            sign * (tailCap + thick),
                            -height * 0.8);
                }
            }
            case GLUE -> {
                for (int sign : new int[] {-1, 1}) {
                    if (tailed) {
                        scene.outline(
                                Part.GLUE,
                                sign * tailTop,
                                -height * 0.04,
                                sign * tailTop * 0.55,
                                -height * 0.04,
                                sign * tailCap * 0.55,
                                -height * 0.84,
                                sign * tailCap,
                                -height * 0.84);
                    }
                }
                scene.block(Part.GLUE, -top - 2, top + 2, 0.5, 2.5);
            }
        }
        return scene.framed(-top - 16, -height - 6, top + 16, 10);
    }
}
