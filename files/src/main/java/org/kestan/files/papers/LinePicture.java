package org.kestan.files.papers;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.io.IOException;
import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** The instrument's line before and after, as a picture for an owner: full before, dashed after, heights exaggerated. */
final class LinePicture {

    private static final int WIDTH = 1500;
    private static final int HEIGHT = 330;
    private static final int MARGIN = 40;
    private static final double EXAGGERATION = 6;
    private static final Color INK = new Color(0x16, 0x23, 0x2e);
    private static final Color GREEN = new Color(0x1b, 0x64, 0x40);
    private static final Color WOOD = new Color(0xdd, 0xd2, 0xbd);

    private LinePicture() {}

    /** Draws it as a data URI; empty where the instrument can't be drawn. */
    static Optional<String> of(Optional<SideView> view, Optional<SideProfile> before, Optional<SideProfile> after)
            throws IOException {
        if (view.isEmpty() || before.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(DataUriImage.png(WIDTH, HEIGHT, page -> draw(page, view.get(), before.get(), after)));
    }

    private static void draw(Graphics2D page, SideView view, SideProfile before, Optional<SideProfile> after) {
        double along = (WIDTH - 2.0 * MARGIN) / (view.saddle() * 1.06);
        double high = Math.max(
                before.stringAt(Side.BASS, view.saddle()),
                after.map(each -> each.stringAt(Side.BASS, view.saddle())).orElse(0.0));
        double low = Math.min(0, before.fretLineAt(0) - 8);
        double up = Math.min(along * EXAGGERATION, (HEIGHT - 2.0 * MARGIN) / Math.max(1, high - low));
        double base = HEIGHT - MARGIN + low * up;
        page.setColor(WOOD);
        page.setStroke(new BasicStroke(16));
        line(
                page,
                0,
                before.fretLineAt(0) - 14 / up,
                view.fretboardEnd(),
                before.fretLineAt(view.fretboardEnd()) - 14 / up,
                along,
                up,
                base);
        page.setColor(INK);
        page.setStroke(new BasicStroke(4));
        line(page, view.joint(), 0, view.saddle() * 1.05, 0, along, up, base);
        page.setStroke(new BasicStroke(3));
        state(page, view, before, along, up, base);
        if (after.isPresent()) {
            page.setColor(GREEN);
            page.setStroke(new BasicStroke(3, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 1, new float[] {16, 8}, 0));
            state(page, view, after.get(), along, up, base);
        }
    }

    private static void state(
            Graphics2D page, SideView view, SideProfile profile, double along, double up, double base) {
        line(
                page,
                0,
                profile.stringAt(Side.BASS, 0),
                view.saddle(),
                profile.stringAt(Side.BASS, view.saddle()),
                along,
                up,
                base);
        line(page, 0, profile.fretLineAt(0), view.saddle(), profile.fretLineAt(view.saddle()), along, up, base);
    }

    private static void line(
            Graphics2D page, double x1, double y1, double x2, double y2, double along, double up, double base) {
        page.draw(new Line2D.Double(MARGIN + x1 * along, base - y1 * up, MARGIN + x2 * along, base - y2 * up));
    }
}
