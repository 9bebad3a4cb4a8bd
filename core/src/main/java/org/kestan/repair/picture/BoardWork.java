package org.kestan.repair.picture;

import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Side;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** The work at nut, rod and frets. */
final class BoardWork {

    private static final double CROWN = 1.1;
    private static final double WIDE = 1.2;

    private final SideView view;
    private final Scene scene = new Scene();

    private BoardWork(SideView view) {
        this.view = view;
    }

    static Picture of(Operation operation, SideView view) {
        BoardWork work = new BoardWork(view);
        return switch (operation) {
            case NUT -> work.nut();
            case ROD -> work.rod();
            case LEVEL -> work.level();
            default -> work.crown();
        };
    }

    private void crownAt(double x, double top) {
        double[] points = new double[26];
        for (int i = 0; i < 13; i++) {
            double turn = Math.PI * i / 12;
            points[2 * i] = x - Math.cos(turn) * WIDE;
            points[2 * i + 1] = top - CROWN + Math.sin(turn) * CROWN;
        }
        scene.outline(Part.CROWN, points);
    }

    /** The file in the bass slot, and the wanted height of the string over the first fret; lengths are shortened. */
    private Picture nut() {
        Optional<SideProfile> now = view.measured();
        Optional<SideProfile> plan = view.outcome().profile();
        double first = view.frets().at(1);
        double over =
                plan.or(() -> now).map(each -> each.actionAt(Side.BASS, first)).orElse(0.5);
        scene.block(Part.BOARD, 0, 26, -6, -CROWN);
        scene.block(Part.NUT, -5, 0, -6, over + 1.4);
        crownAt(20, 0);
        scene.line(Part.STRING_BASS, -8, over + 0.2, 26, over);
        scene.outline(Part.BLADE, -12, over + 0.9, 4, over + 0.4, 4, over + 1.4, -12, over + 2.6);
        scene.outline(Part.TOOL, -26, over + 1.4, -12, over + 0.8, -12, over + 3, -26, over + 4.4);
        scene.line(Part.MARK, 20, 0, 20, over);
        scene.note(21.4, over / 2 + 0.4, Quantity.fine(over));
        return scene.framed(-22, -7, 32, 6);
    }

    private Picture rod() {
        double joint = view.joint();
        scene.block(Part.NECK, -20, joint, -24, -7);
        scene.block(Part.BOARD, 0, joint, -7, -1);
        double[] rod = new double[18];
        double dip = view.measured().map(each -> each.relief().deepest()).orElse(0.2);
        for (int i = 0; i < 9; i++) {
            double x = joint * i / 8;
            rod[2 * i] = x;
            rod[2 * i + 1] = -12 - 5 * Math.sin(Math.PI * i / 8);
        }
        scene.path(Part.BOLT, rod);
        scene.block(Part.TOOL, -60, -14, -14, -10);
        scene.arrow(-50, 2, -50, -6);
        scene.note(joint * 0.45, 6, Quantity.fine(dip));
        return scene.framed(-64, -28, joint, 16);
    }

    private Picture level() {
        for (int i = 0; i < 7; i++) {
            double high = i == 3 ? 0.35 : 0;
            crownAt(i * 9, high);
            if (high > 0) {
                scene.block(Part.WOOD_TO_REMOVE, i * 9 - WIDE * 0.6, i * 9 + WIDE * 0.6, 0, high);
            }
        }
        scene.block(Part.BOARD, -8, 62, -6, -CROWN);
        scene.block(Part.TOOL, -4, 58, 0.4, 5);
        scene.arrow(20, 8, 36, 8);
        return scene.framed(-8, -6, 62, 10);
    }

    private Picture crown() {
        scene.block(Part.BOARD, -10, 10, -6, -CROWN);
        scene.outline(Part.CROWN, -WIDE, -CROWN, -WIDE, -0.3, -0.5, 0, 0.5, 0, WIDE, -0.3, WIDE, -CROWN);
        scene.line(Part.MARK, -0.5, 0.02, 0.5, 0.02);
        scene.outline(Part.TOOL, -3, 0.5, -1.4, 0.5, 0, 0.2, 1.4, 0.5, 3, 0.5, 3, 4.5, -3, 4.5);
        return scene.framed(-7, -2.5, 7, 5);
    }
}
