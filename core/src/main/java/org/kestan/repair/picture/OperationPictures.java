package org.kestan.repair.picture;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * The operations at the bench, drawn from the numbers of one instrument and its plan. Tools, hands and clamps are
 * drawn in their usual form. What the plan does not contain is left out instead of being made up: a cut that is not
 * planned has no thickness.
 */
public final class OperationPictures {

    private static final double BOARD = 6;
    private static final double CROWN = 1.1;
    private static final double HEEL_UNREAD = 92;
    private static final double FRET_TANG = 2;
    private static final double LINING = 14;

    private final SideView view;
    private final double joint;
    private final double heel;
    private final double end;
    private final double saddle;
    private final double bridge;
    private final Scene scene = new Scene();

    private OperationPictures(SideView view) {
        this.view = view;
        joint = view.joint();
        heel = view.heelHeight().orElse(HEEL_UNREAD);
        end = view.fretboardEnd();
        saddle = view.saddle();
        bridge = view.measured().map(SideProfile::bridgeTop).orElse(9.0);
    }

    /** Draws an operation on an instrument. */
    public static Picture of(Operation operation, SideView view) {
        return new OperationPictures(view).draw(operation);
    }

    private Picture draw(Operation operation) {
        return switch (operation) {
            case STRAIGHTEDGE -> straightedge();
            case SCRIBE -> scribe();
            case SCORE -> score();
            case FRET_OUT -> fretOut();
            case HOLES -> holes();
            case KNIFE -> knife();
            case STEAM -> heatedJoint(Part.STEAM);
            case PROBES -> heatedJoint(Part.HEAT);
            case JIG -> jig();
            case LIFT -> lift();
            case CLEAN -> clean();
            case CHISEL -> chisel();
            case PULL -> pull();
            case TAIL -> HeelFace.of(view, HeelFace.Work.SHIMS);
            case GLUE -> HeelFace.of(view, HeelFace.Work.GLUE);
            case WEDGE -> wedge();
            case DRY_CLAMP -> clamped(false);
            case CAULS -> clamped(true);
            case POCKET -> pocket();
            case SADDLE_BOTTOM, RAMPS, PLANE, BRIDGE_OFF, SCRAPE, LOCATE, BRIDGE_CLAMP, FEET ->
                BridgeWork.of(operation, view);
            case NUT, ROD, LEVEL, CROWN -> BoardWork.of(operation, view);
        };
    }

    private OptionalDouble cut() {
        Optional<HeelCut> planned = view.outcome().heel();
        return planned.isPresent() ? OptionalDouble.of(planned.get().atCap()) : OptionalDouble.empty();
    }

    /** With a drift each cheek has its own number, and one in between would be misleading. */
    private void noteCut(double x, double y) {
        view.outcome().heel().ifPresent(planned -> {
            HeelCut.Cheeks cap = planned.cheeksAt(planned.height());
            if (Math.abs(cap.driftSide() - cap.otherSide()) <= Tolerances.SHOWN) {
                scene.note(x, y, Quantity.fine(planned.atCap()));
            }
        });
    }

    private double crownAt(double x) {
        return view.measured().map(profile -> profile.crownAt(x)).orElse(7.0);
    }

    /** The joint with board, heel and body, as measured. */
    private void joint() {
        scene.add(WholePicture.of(view.withoutPlan()), Part.STRING_BASS, Part.STRING_TREBLE);
    }

    /** As it reads now; where it has to land after the work is drawn where the neck is clamped dry. */
    private Picture straightedge() {
        scene.add(WholePicture.of(view.withoutPlan()), Part.STRING_BASS, Part.STRING_TREBLE);
        double land = view.measured().map(SideProfile::projection).orElse(bridge);
        double from = crownAt(view.frets().at(1));
        scene.outline(Part.TOOL, 20, from, saddle - 4, land, saddle - 4, land + 22, 20, from + 22);
        scene.line(Part.MARK, saddle - 13, 0, saddle - 13, land);
        return scene.framed(joint - 120, -30, saddle + 70, Math.max(land, from) + 34);
    }

    private Picture scribe() {
        scene.add(LoupePictures.of(Loupe.HEEL, view.withoutPlan(), List.of()));
        double thick = Math.max(0.2, cut().orElse(0));
        int leaves = (int) Math.max(1, Math.min(6, Math.round(thick / 0.25)));
        for (int i = 0; i < leaves; i++) {
            scene.block(Part.LEAF, -thick * (i + 1) / leaves, -thick * i / leaves, -heel - 1.5, -heel + 9);
        }
        scene.outline(Part.BLADE, -thick, -heel + 5, -thick - 1.6, -heel + 13, -thick - 0.4, -heel + 13);
        scene.line(Part.MARK, -thick, -heel, -thick, -heel + 5);
        noteCut(-thick - 5.5, -heel + 2);
        return scene.framed(-Math.max(8, thick * 2.4), -heel - 3, 4, -heel + 13);
    }

    private Picture score() {
        joint();
        scene.outline(Part.BLADE, joint, -heel * 0.25, joint - 9, -heel * 0.25 + 26, joint - 4, -heel * 0.25 + 28);
        scene.line(Part.MARK, joint, -2, joint, -heel);
        scene.line(Part.MARK, joint, 0.4, end, 0.4);
        return scene.framed(joint - 70, -heel - 8, end + 20, 30);
    }

    private Picture fretOut() {
        joint();
        int fret = Math.min(view.marks().last(), view.marks().joint() + 1);
        double x = view.frets().at(fret);
        double y = crownAt(x);
        scene.outline(Part.CROWN, x - 1.3, y + 3, x - 0.6, y + 4, x + 0.6, y + 4, x + 1.3, y + 3);
        scene.block(Part.CROWN, x - 0.3, x + 0.3, y + 3 - FRET_TANG, y + 3);
        scene.outline(Part.TOOL, x - 1, y + 3.4, x - 9, y + 15, x - 5, y + 17, x, y + 5);
        scene.outline(Part.TOOL, x + 1, y + 3.4, x + 9, y + 15, x + 5, y + 17, x, y + 5);
        scene.arrow(x, y + 18, x, y + 25);
        return scene.framed(x - 45, -8, x + 45, y + 27);
    }

    private Picture holes() {
        joint();
        double x = view.frets().at(Math.min(view.marks().last(), view.marks().joint() + 1));
        double y = crownAt(x);
        scene.block(Part.HOLE, x - 1, x + 1, -heel * 0.3, y - CROWN);
        scene.outline(Part.TOOL, x - 1, y + 4, x + 1, y + 4, x + 1, y + 30, x - 1, y + 30);
        scene.arrow(x + 7, y + 24, x + 7, y + 8);
        return scene.framed(x - 65, -heel * 0.6, x + 65, y + 32);
    }

    private Picture knife() {
        joint();
        scene.outline(Part.BLADE, joint + 10, 0.2, end + 30, 0.2, end + 30, 1.6, joint + 10, 0.8);
        scene.outline(Part.TOOL, end + 30, -2, end + 70, -2, end + 70, 5, end + 30, 4);
        scene.arrow(end + 66, 14, end + 24, 14);
        return scene.framed(joint - 25, -20, end + 75, 26);
    }

    private Picture heatedJoint(Part heat) {
        joint();
        double x = view.frets().at(Math.min(view.marks().last(), view.marks().joint() + 1));
        double y = crownAt(x);
        scene.block(Part.TOOL, x - 1.2, x + 1.2, -heel * 0.3, y + 30);
        for (int i = 0; i < 4; i++) {
            double at = x - 22 + i * 11;
            double down = -heel * (0.2 + 0.14 * (i % 3));
            scene.path(heat, at, down, at + 4, down - 6, at, down - 12, at + 4, down - 18);
        }
        return scene.framed(joint - 60, -heel - 6, end + 10, y + 32);
    }

    private Picture jig() {
        joint();
        double x = joint - 0.22 * heel / 2;
        scene.block(Part.CAUL, joint + 30, joint + 50, 0, 14);
        scene.block(Part.TOOL, joint - 70, joint + 60, 26, 32);
        scene.block(Part.TOOL, joint - 70, joint - 64, -heel - 22, 32);
        scene.block(Part.TOOL, joint - 70, x + 4, -heel - 22, -heel - 16);
        scene.block(Part.TOOL, x - 3, x + 3, -heel - 16, -heel - CROWN);
        scene.arrow(x, -heel - 34, x, -heel - 24);
        return scene.framed(joint - 85, -heel - 36, joint + 90, 40);
    }

    private Picture lift() {
        Picture whole = WholePicture.of(view.withoutPlan());
        for (Part part : new Part[] {Part.BODY, Part.SOUNDBOARD, Part.SOUNDHOLE, Part.BRIDGE, Part.SADDLE}) {
            scene.only(whole, part, 0, 0);
        }
        for (Part part : new Part[] {Part.NECK, Part.BOARD, Part.FRET, Part.HEEL_CAP}) {
            scene.only(whole, part, -3, 26);
        }
        scene.block(Part.HOLE, joint, joint + LINING, -heel, 0);
        scene.arrow(joint - 40, 42, joint - 40, 62);
        return scene.framed(joint - 130, -heel - 6, end + 50, 70);
    }

    private Picture clean() {
        scene.only(WholePicture.of(view.withoutPlan()), Part.BODY, 0, 0);
        scene.line(Part.SOUNDBOARD, joint, 0, joint + 120, 0);
        scene.block(Part.HOLE, joint, joint + LINING, -heel, 0);
        for (int i = 0; i < 5; i++) {
            scene.block(
                    Part.DUST,
                    joint + 1 + i * 2.4,
                    joint + 2.4 + i * 2.4,
                    -heel * (0.3 + 0.12 * i),
                    -heel * (0.24 + 0.12 * i));
        }
        scene.outline(
                Part.BLADE,
                joint + 2,
                -heel * 0.62,
                joint - 26,
                -heel * 0.2,
                joint - 22,
                -heel * 0.16,
                joint + 4,
                -heel * 0.58);
        return scene.framed(joint - 40, -heel - 8, joint + 60, 14);
    }

    private Picture chisel() {
        scene.add(LoupePictures.of(Loupe.HEEL, view, List.of()), Part.BODY);
        double thick = Math.max(0.2, cut().orElse(0));
        scene.outline(Part.BLADE, -thick, -heel + 1.2, -thick + 0.7, -heel - 9, -thick + 2.6, -heel - 9);
        scene.outline(
                Part.HOLE, -thick - 0.5, -heel + 1.4, -thick, -heel + 1.4, -thick, -heel + 6, -thick - 0.25, -heel + 6);
        scene.arrow(-thick + 4, -heel - 8, -thick + 4, -heel - 3);
        noteCut(-thick - 5.5, -heel + 3);
        return scene.framed(-Math.max(8, thick * 2.4), -heel - 9, 6, -heel + 7);
    }

    private Picture pull() {
        joint();
        scene.block(Part.PAPER, joint - 0.8, joint + 0.8, -heel * 0.9, -heel * 0.12);
        scene.block(Part.PAPER, joint - 0.8, joint + 46, -heel * 0.14, -heel * 0.11);
        scene.arrow(joint + 48, -heel * 0.125, joint + 66, -heel * 0.125);
        return scene.framed(joint - 70, -heel - 8, joint + 75, 20);
    }

    private Picture wedge() {
        joint();
        double thick = view.outcome().extension().map(each -> each.wedge()).orElse(0.0);
        double length = view.outcome().extension().map(each -> each.length()).orElse(end - joint);
        scene.outline(Part.SHIM, joint, 0, joint + length, 0, joint + length, Math.max(0.4, thick));
        if (thick > 0) {
            scene.note(joint + length + 4, 1, Quantity.fine(thick));
        }
        scene.arrow(end + 44, 4, end + 22, 2);
        return scene.framed(joint - 20, -14, end + 60, 20);
    }

    private Picture clamped(boolean glued) {
        Picture planned = WholePicture.of(view);
        scene.add(planned, Part.STRING_BASS, Part.STRING_TREBLE);
        double x = joint + 12;
        double y = crownAt(x);
        scene.block(Part.CAUL, x - 26, x + 30, y, y + 10);
        scene.block(Part.CAUL, joint + LINING, joint + 66, -14, -4);
        scene.block(Part.CLAMP, x + 34, x + 40, -34, y + 26);
        scene.block(Part.CLAMP, x - 2, x + 40, y + 20, y + 26);
        scene.block(Part.CLAMP, x - 2, x + 4, y + 10, y + 20);
        scene.block(Part.CLAMP, x + 6, x + 40, -34, -28);
        scene.block(Part.CLAMP, x + 14, x + 20, -28, -14);
        scene.block(Part.CAUL, joint - 0.3 * heel, joint - 0.02 * heel, -heel - 14, -heel - 4);
        if (glued) {
            scene.block(Part.GLUE, joint, end, 0, 0.8);
            scene.block(Part.GLUE, joint, joint + 1.6, -heel * 0.9, 0);
        } else {
            SideProfile profile = view.outcome().profile().or(view::measured).orElse(null);
            double land = view.outcome().slack().orElse(profile == null ? bridge : profile.projection());
            scene.line(Part.MARK, view.frets().at(1), crownAt(view.frets().at(1)), saddle, land);
            scene.note(saddle - 40, land + 6, Quantity.length(land));
            return scene.framed(joint - 75, -heel - 18, saddle + 30, y + 34);
        }
        return scene.framed(joint - 75, -heel - 18, end + 30, y + 34);
    }

    private Picture pocket() {
        joint();
        double far = end - 20;
        double thick = view.outcome()
                .profile()
                .flatMap(plan -> view.measured().map(now -> tilt(plan) - tilt(now)))
                .map(turn -> Math.tan(turn) * (far - joint))
                .orElse(0.0);
        double floor = -BOARD - CROWN - 17;
        scene.outline(Part.SHIM, joint, floor, far, floor, joint, floor + Math.max(0.5, Math.abs(thick)));
        scene.note(joint + 4, floor - 8, Quantity.fine(Math.abs(thick)));
        return scene.framed(joint - 60, floor - 16, end + 30, 24);
    }

    private static double tilt(SideProfile profile) {
        return Math.atan((profile.projection() - profile.fretsOverTop()) / (profile.saddle() - profile.joint()));
    }

    /** The height of a string over the top at the saddle. */
    static double crown(SideProfile profile) {
        return Math.max(profile.stringAt(Side.BASS, profile.saddle()), profile.stringAt(Side.TREBLE, profile.saddle()));
    }
}
