package org.kestan.repair.picture;

import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Fitting;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** The work at bridge and saddle, in the coordinates of the loupe over the bridge. */
final class BridgeWork {

    private static final double FRONT = 9;
    private static final double SADDLE = 1.25;
    private static final double SLOT = 2.5;

    private final SideView view;
    private final Scene scene = new Scene();
    private final double top;
    private final double back;
    private final double crown;
    private final double after;

    private BridgeWork(SideView view) {
        this.view = view;
        Optional<SideProfile> now = view.measured();
        top = now.map(SideProfile::bridgeTop).orElse(9.0);
        crown = now.map(OperationPictures::crown).orElse(top + 3);
        back = view.end().position() - view.saddle() + 6;
        after = view.outcome().profile().map(SideProfile::bridgeTop).orElse(top);
    }

    static Picture of(Operation operation, SideView view) {
        return new BridgeWork(view).draw(operation);
    }

    private Picture draw(Operation operation) {
        return switch (operation) {
            case SADDLE_BOTTOM -> saddleBottom();
            case RAMPS -> ramps();
            case PLANE -> plane();
            case BRIDGE_OFF -> off();
            case SCRAPE -> scrape();
            case LOCATE -> locate();
            case BRIDGE_CLAMP -> clamp();
            default -> feet();
        };
    }

    private void soundboard() {
        scene.block(Part.SOUNDBOARD, -60, back + 60, -2.8, 0);
    }

    private void bridge(double up) {
        if (view.fitting() == Fitting.FLOATING_BRIDGE) {
            scene.outline(
                    Part.BRIDGE,
                    -FRONT,
                    up,
                    -FRONT,
                    up + top * 0.3,
                    -2.5,
                    up + top * 0.42,
                    -SADDLE,
                    up + top,
                    SADDLE,
                    up + top,
                    2.5,
                    up + top * 0.42,
                    FRONT,
                    up + top * 0.3,
                    FRONT,
                    up);
        } else {
            scene.block(Part.BRIDGE, -FRONT, back, up, up + top);
        }
    }

    private double drop() {
        return view.measured()
                .flatMap(now -> view.outcome()
                        .profile()
                        .map(plan -> OperationPictures.crown(now)
                                - now.bridgeTop()
                                - (OperationPictures.crown(plan) - plan.bridgeTop())))
                .orElse(0.0);
    }

    /** The saddle out of its slot, with the wood to take off its bottom marked. */
    private Picture saddleBottom() {
        double down = drop();
        double tall = crown - top + SLOT;
        scene.block(Part.SADDLE, -SADDLE * 3, SADDLE * 3, 0, tall);
        if (down > 0) {
            scene.block(Part.WOOD_TO_REMOVE, -SADDLE * 3, SADDLE * 3, 0, down);
            scene.note(SADDLE * 3 + 1, down / 2, Quantity.fine(down));
        } else if (down < 0) {
            scene.block(Part.SHIM, -SADDLE * 3, SADDLE * 3, down, 0);
            scene.note(SADDLE * 3 + 1, down, Quantity.fine(-down));
        }
        scene.line(Part.MARK, -SADDLE * 5, Math.max(0, down), SADDLE * 5, Math.max(0, down));
        return scene.framed(-9, Math.min(0, down) - 1, 14, tall + 1);
    }

    private Picture ramps() {
        soundboard();
        bridge(0);
        scene.block(Part.SADDLE, -SADDLE, SADDLE, top, crown);
        double pin = view.end().position() - view.saddle();
        scene.block(Part.HOLE, pin - 2.2, pin + 2.2, 0, top);
        scene.outline(Part.HOLE, pin - 2.2, top, pin - 2.2, top - 4, pin - 6, top);
        scene.line(Part.STRING_BASS, 0, crown, pin - 1, top - 3);
        view.measured()
                .ifPresent(
                        now -> scene.line(Part.MARK, 0, crown, now.stringEnd() - now.saddle(), now.stringEndHeight()));
        scene.outline(Part.BLADE, pin - 6, top + 0.6, pin - 18, top + 9, pin - 16, top + 11);
        return scene.framed(-14, -3, back + 6, Math.max(crown, top + 9) + 2);
    }

    private Picture plane() {
        soundboard();
        bridge(0);
        double gone = Math.max(0, top - after);
        scene.block(Part.WOOD_TO_REMOVE, -FRONT, back, top - gone, top);
        scene.line(Part.MARK, -FRONT - 3, top - gone, back + 3, top - gone);
        scene.outline(Part.TOOL, -FRONT + 2, top + 0.4, back - 2, top + 0.4, back - 4, top + 6, -FRONT + 6, top + 7);
        scene.arrow(-FRONT - 10, top + 3, -FRONT - 2, top + 3);
        if (gone > 0) {
            scene.note(back + 2, top - gone / 2, Quantity.fine(gone));
        }
        return scene.framed(-FRONT - 12, -3, back + 16, top + 9);
    }

    private Picture off() {
        soundboard();
        bridge(3);
        scene.outline(Part.BLADE, -FRONT - 30, 2.2, -FRONT - 30, 0.6, 4, 0.2, 4, 0.8);
        for (double x : new double[] {-4, 3, 10}) {
            scene.path(Part.HEAT, x, top + 5, x + 1.5, top + 7, x, top + 9, x + 1.5, top + 11);
        }
        return scene.framed(-FRONT - 26, -4, back + 10, top + 13);
    }

    private Picture scrape() {
        soundboard();
        scene.block(Part.DUST, -FRONT, back, 0, 0.5);
        scene.outline(Part.BLADE, 6, 0.4, 2, 14, 3, 14.4, 7.2, 0.6);
        scene.arrow(6, 10, 14, 10);
        scene.line(Part.MARK, -FRONT, -4, -FRONT, 2);
        scene.line(Part.MARK, back, -4, back, 2);
        return scene.framed(-FRONT - 8, -5, back + 10, 16);
    }

    /** Seen from above: the distance from the joint's fret to the saddle, bass and treble. */
    private Picture locate() {
        double joint = view.joint();
        double saddle = view.saddle();
        scene.block(Part.SOUNDBOARD, joint - 20, saddle + 60, -70, 70);
        scene.block(Part.BOARD, joint - 20, view.fretboardEnd(), -27, 27);
        scene.block(Part.BRIDGE, saddle - FRONT, saddle + back, -75, 75);
        scene.line(Part.SADDLE, saddle + 1.5, 36, saddle - 1.5, -36);
        scene.line(Part.MARK, joint, 22, saddle + 1.2, 27);
        scene.line(Part.MARK, joint, -22, saddle - 1.2, -27);
        scene.note((joint + saddle) / 2, 34, Quantity.length(saddle - joint));
        return scene.framed(joint - 30, -80, saddle + 60, 80);
    }

    private Picture clamp() {
        soundboard();
        bridge(0);
        scene.block(Part.GLUE, -FRONT, back, 0, 0.6);
        scene.block(Part.CAUL, -FRONT - 1, back + 1, top, top + 5);
        scene.block(Part.CAUL, -FRONT - 4, back + 4, -8, -2.8);
        double middle = (back - FRONT) / 2;
        scene.block(Part.CLAMP, middle - 2, middle + 2, top + 5, top + 14);
        scene.block(Part.CLAMP, middle - 2, middle + 2, -18, -8);
        scene.block(Part.CLAMP, -FRONT - 26, middle + 2, top + 14, top + 18);
        scene.block(Part.CLAMP, -FRONT - 26, middle + 2, -22, -18);
        scene.arrow(middle, top + 26, middle, top + 19);
        return scene.framed(-FRONT - 28, -23, back + 12, top + 27);
    }

    /** Carbon paper between the feet and the arch, seen along the strings. */
    private Picture feet() {
        double tall = view.measured().map(SideProfile::bridgeTop).orElse(24.0);
        double[] arch = new double[22];
        for (int i = 0; i < 11; i++) {
            double x = -70 + i * 14;
            arch[2 * i] = x;
            arch[2 * i + 1] = -x * x / 600;
        }
        scene.path(Part.SOUNDBOARD, arch);
        scene.outline(
                Part.BRIDGE,
                -62,
                -6,
                -62,
                2,
                -20,
                tall * 0.6,
                -12,
                tall,
                12,
                tall,
                20,
                tall * 0.6,
                62,
                2,
                62,
                -6,
                30,
                -1,
                18,
                tall * 0.3,
                -18,
                tall * 0.3,
                -30,
                -1);
        scene.path(Part.PAPER, -66, -7.6, -48, -4.2, -30, -1.9);
        scene.path(Part.PAPER, 66, -7.6, 48, -4.2, 30, -1.9);
        scene.arrow(-46, -14, -20, -14);
        scene.arrow(46, -14, 20, -14);
        view.outcome()
                .profile()
                .map(SideProfile::bridgeTop)
                .ifPresent(planned -> scene.note(24, tall - 2, Quantity.length(planned)));
        return scene.framed(-74, -18, 74, tall + 4);
    }
}
