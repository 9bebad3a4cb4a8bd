package org.kestan.desktop.stations.bench;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.scene.input.MouseButton;
import javafx.scene.shape.Rectangle;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.job.bench.FootFit;
import org.kestan.text.Wording;

/**
 * Both feet of a floating bridge from above, the neck ahead: press a zone to mark that it touches, press again to
 * unmark it.
 */
final class FootPicture extends ResizableDrawing {

    private static final double LABEL = 20;
    private static final double GAP = 40;
    private static final int ACROSS = 3;

    private final BiConsumer<Side, FootFit.Zone> press;
    private Sides<Set<FootFit.Zone>> bears =
            new Sides<>(EnumSet.noneOf(FootFit.Zone.class), EnumSet.noneOf(FootFit.Zone.class));

    /**
     * @param press receives the zone that was pressed
     */
    FootPicture(String id, BiConsumer<Side, FootFit.Zone> press) {
        super(id);
        this.press = press;
    }

    void show(Sides<Set<FootFit.Zone>> next) {
        bears = next;
        setAccessibleText(Messages.message("foot-picture.bears-on-the-bass", said(next.bass()), said(next.treble())));
        changed();
    }

    private static String said(Set<FootFit.Zone> zones) {
        return zones.isEmpty()
                ? "nowhere"
                : String.join(", ", zones.stream().sorted().map(Wording::label).toList());
    }

    @Override
    protected void draw(double width, double height) {
        double foot = (width - GAP) / 2;
        text(2, 14, Messages.message("foot-picture.toward-the-neck"), "chart-label");
        foot(Side.BASS, 0, foot, height);
        foot(Side.TREBLE, foot + GAP, foot, height);
        centered(foot / 2, height - 4, Messages.message("foot-picture.bass-foot"), "chart-label");
        centered(foot + GAP + foot / 2, height - 4, Messages.message("foot-picture.treble-foot"), "chart-label");
    }

    /** The outer end of the bass foot is on the left, that of the treble foot on the right. */
    private void foot(Side side, double left, double width, double height) {
        double cellWide = width / ACROSS;
        double cellHigh = (height - 2 * LABEL) / 2;
        for (FootFit.Zone zone : FootFit.Zone.values()) {
            int across = zone.ordinal() % ACROSS;
            int column = side == Side.BASS ? across : ACROSS - 1 - across;
            int row = zone.ordinal() / ACROSS;
            boolean bearing = bears.get(side).contains(zone);
            Rectangle cell = box(
                    left + column * cellWide + 1,
                    LABEL + row * cellHigh + 1,
                    cellWide - 2,
                    cellHigh - 2,
                    bearing ? "foot-bears" : "foot-free");
            if (bearing) {
                double x = left + (column + 0.5) * cellWide;
                double y = LABEL + (row + 0.5) * cellHigh;
                dot(x, y, Math.min(cellWide, cellHigh) / 6, "foot-mark").setMouseTransparent(true);
            }
            cell.setOnMouseClicked(event -> {
                if (event.getButton() == MouseButton.PRIMARY) {
                    press.accept(side, zone);
                }
            });
        }
    }
}
