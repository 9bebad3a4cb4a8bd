package org.kestan.files.papers;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.LoupePictures;
import org.kestan.repair.picture.WholePicture;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * The instrument on paper: the whole, and the action and the bridge through loupes; solid lines now, broken lines
 * after.
 */
final class InstrumentPicture {

    private static final int WIDTH = 1500;
    private static final int HEIGHT = 560;
    private static final int GAP = 30;
    private static final double WHOLE_SHARE = 0.36;

    /** Pixels per point of the page, if the picture is as wide as the text. */
    private static final double POINT = 3;

    private static final List<Loupe> SHOWN = List.of(Loupe.ACTION_FRET, Loupe.BRIDGE);

    private InstrumentPicture() {}

    /** Draws it as a data URI; empty if the instrument can't be drawn. */
    static Optional<String> of(Optional<SideView> view, Optional<SideProfile> before, Optional<SideProfile> after)
            throws IOException {
        if (view.isEmpty() || before.isEmpty()) {
            return Optional.empty();
        }
        SideView drawn = view.get()
                .withMeasured(before)
                .withOutcome(after.map(SideView.Outcome::of).orElse(SideView.Outcome.NONE));
        return Optional.of(DataUriImage.png(WIDTH, HEIGHT, page -> draw(page, drawn, WIDTH, HEIGHT, POINT)));
    }

    /** Draws it into a PDF, in a rectangle: points, Y upward. */
    static void draw(PicturePdf pdf, SideView view, Rectangle2D within) throws IOException {
        double high = within.getHeight() * WHOLE_SHARE;
        pdf.draw(
                WholePicture.of(view),
                new Rectangle2D.Double(within.getX(), within.getMaxY() - high, within.getWidth(), high));
        double gap = GAP / POINT;
        double half = (within.getWidth() - gap) / 2;
        int at = 0;
        for (Loupe loupe : SHOWN) {
            pdf.draw(
                    LoupePictures.of(loupe, view, List.of()),
                    new Rectangle2D.Double(
                            within.getX() + at * (half + gap), within.getY(), half, within.getHeight() - high - gap));
            at++;
        }
    }

    private static void draw(Graphics2D page, SideView view, int width, int height, double point) {
        PicturePainter painter = new PicturePainter(page, point);
        double top = height * WHOLE_SHARE;
        painter.paint(WholePicture.of(view), new Rectangle2D.Double(0, 0, width, top));
        double half = (width - GAP) / 2.0;
        int at = 0;
        for (Loupe loupe : SHOWN) {
            painter.paint(
                    LoupePictures.of(loupe, view, List.of()),
                    new Rectangle2D.Double(at * (half + GAP), top + GAP, half, height - top - GAP));
            at++;
        }
    }
}
