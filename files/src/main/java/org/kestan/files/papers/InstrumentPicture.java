package org.kestan.files.papers;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Quantity;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.LoupePictures;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.picture.WholePicture;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** The instrument on paper: the whole, and the action and the bridge through loupes; full now, broken lines after. */
final class InstrumentPicture {

    private static final int WIDTH = 1500;
    private static final int HEIGHT = 560;
    private static final int GAP = 30;
    private static final double WHOLE_SHARE = 0.36;

    /** Pixels a point of the page, where the picture is as wide as the text. */
    private static final double POINT = 3;

    /** Pixels a point where one is drawn for a PDF. */
    private static final int SHARP = 3;

    private InstrumentPicture() {}

    /** Draws it as a data URI; empty where the instrument can't be drawn. */
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

    /** Draws it for a PDF. */
    static BufferedImage image(SideView view, int width, int height) {
        return DataUriImage.image(
                width * SHARP, height * SHARP, page -> draw(page, view, width * SHARP, height * SHARP, SHARP));
    }

    /** Draws one picture for a PDF. */
    static BufferedImage image(Picture picture, int width, int height, Function<Quantity, String> printer)
            throws IOException {
        Font font = DataUriImage.font();
        return DataUriImage.image(width * SHARP, height * SHARP, page -> {
            page.setFont(font);
            new PicturePainter(page, SHARP, printer)
                    .paint(picture, new Rectangle2D.Double(0, 0, width * SHARP, height * SHARP));
        });
    }

    private static void draw(Graphics2D page, SideView view, int width, int height, double point) {
        PicturePainter painter = new PicturePainter(page, point, Quantity::toString);
        double top = height * WHOLE_SHARE;
        painter.paint(WholePicture.of(view), new Rectangle2D.Double(0, 0, width, top));
        double half = (width - GAP) / 2.0;
        int at = 0;
        for (Loupe loupe : List.of(Loupe.ACTION_FRET, Loupe.BRIDGE)) {
            painter.paint(
                    LoupePictures.of(loupe, view, List.of()),
                    new Rectangle2D.Double(at * (half + GAP), top + GAP, half, height - top - GAP));
            at++;
        }
    }
}
