package org.kestan.files.papers;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.kestan.repair.history.History;
import org.kestan.repair.history.Plot;
import org.kestan.repair.history.Trend;
import org.kestan.text.HistoryText;
import org.kestan.text.Wording;

/** One quantity of an instrument over the years, as a picture for paper. */
final class HistoryPicture {

    private static final int WIDTH = 1500;
    private static final int HEIGHT = 430;
    private static final int LEFT = 170;
    private static final int TOP = 30;
    private static final int BOTTOM = 60;
    private static final float TEXT = 30;
    private static final Color INK = new Color(0x16, 0x23, 0x2e);
    private static final Color GREEN = new Color(0x1b, 0x64, 0x40);
    private static final Color NARROW = new Color(0xb9, 0xd2, 0xc1);
    private static final Color WIDE = new Color(0xe4, 0xee, 0xe6);

    private HistoryPicture() {}

    /** Draws it as a data URI; empty if it was never read. */
    static Optional<String> of(History history, History.Quantity quantity, Wording words) throws IOException {
        List<Trend.Point> points = history.series().getOrDefault(quantity, List.of());
        if (points.isEmpty()) {
            return Optional.empty();
        }
        Optional<Trend> trend = Optional.ofNullable(history.trends().get(quantity));
        Plot plot = Plot.of(
                points,
                trend,
                new Plot.Frame(LEFT, TOP, WIDTH - LEFT - 30.0, (double) HEIGHT - TOP - BOTTOM),
                HistoryText.grain(quantity, words.numbers().unit()));
        Font font = DataUriImage.font().deriveFont(TEXT);
        return Optional.of(DataUriImage.png(WIDTH, HEIGHT, page -> draw(page, plot, font, quantity, words)));
    }

    private static void draw(Graphics2D page, Plot plot, Font font, History.Quantity quantity, Wording words) {
        page.setColor(WIDE);
        page.fill(shape(plot.wide(), true));
        page.setColor(NARROW);
        page.fill(shape(plot.narrow(), true));
        page.setColor(GREEN);
        page.setStroke(new BasicStroke(4));
        page.draw(shape(plot.middle(), false));
        page.setColor(INK);
        page.setStroke(new BasicStroke(2));
        page.setFont(font);
        double bottom = HEIGHT - BOTTOM;
        page.draw(new Line2D.Double(LEFT, bottom, WIDTH - 30.0, bottom));
        for (Plot.Mark year : plot.years()) {
            page.draw(new Line2D.Double(year.at(), bottom, year.at(), bottom + 10));
            String text = Integer.toString((int) year.value());
            page.drawString(
                    text, (float) year.at() - page.getFontMetrics().stringWidth(text) / 2f, HEIGHT - BOTTOM / 4f);
        }
        for (Plot.Mark value : plot.values()) {
            page.draw(new Line2D.Double(LEFT - 8, value.at(), LEFT, value.at()));
            page.drawString(HistoryText.print(quantity, value.value(), words), 4, (float) value.at() + TEXT / 3);
        }
        for (double[] point : plot.points()) {
            page.fill(new Ellipse2D.Double(point[0] - 9, point[1] - 9, 18, 18));
        }
    }

    private static Path2D shape(double[] points, boolean closed) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i + 1 < points.length; i += 2) {
            if (i == 0) {
                path.moveTo(points[0], points[1]);
            } else {
                path.lineTo(points[i], points[i + 1]);
            }
        }
        if (closed && points.length > 0) {
            path.closePath();
        }
        return path;
    }
}
