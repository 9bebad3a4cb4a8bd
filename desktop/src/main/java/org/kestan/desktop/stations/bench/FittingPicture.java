package org.kestan.desktop.stations.bench;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.repair.heel.FittingWatch;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * The neck as it sits in the joint: end-on with its height over the target and its roll, and from above with where it
 * points at the bridge. The target and its tolerance are drawn; an arrow shows where the neck was before.
 */
final class FittingPicture extends ResizableDrawing {

    private static final double PAD = 20;
    private static final double HEAD = 22;
    private static final double FOOT = 40;

    /** How far a picture reaches to either side of the target, mm; more if the neck is farther off. */
    private static final double RANGE = 1.2;

    private Optional<FittingWatch> shown = Optional.empty();
    private Wording words;

    FittingPicture() {
        super("fitting-picture");
    }

    void show(FittingWatch watch, Wording in) {
        shown = Optional.of(watch);
        words = in;
        setAccessibleText(Wording.label(watch.pitch().off()) + ", "
                + Wording.label(watch.drift().off()) + ", "
                + Wording.label(watch.roll().off()));
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        if (shown.isPresent()) {
            double half = width / 2;
            endOn(shown.get(), 0, half, height);
            above(shown.get(), half, half, height);
        }
    }

    private static double range(FittingWatch.Axis axis) {
        return Math.max(RANGE, Math.abs(axis.now().orElse(0)) * 1.25);
    }

    /** Seen from the headstock, with bass on the left, the way you stand at the bench with the neck toward you. */
    private void endOn(FittingWatch watch, double left, double width, double height) {
        FittingWatch.Axis pitch = watch.pitch();
        FittingWatch.Axis roll = watch.roll();
        double middle = left + width / 2;
        double center = HEAD + (height - HEAD - FOOT) / 2;
        double range = range(pitch);
        double scale = (height - HEAD - FOOT - PAD) / 2 / range;
        double half = Math.min(width * 0.3, 110);
        text(left + 4, 15, Messages.message("fitting-picture.end-on-at-the", times(scale)), "chart-label");
        double near = pitch.near() * scale;
        box(middle - half, center - near, 2 * half, 2 * near, "chart-band");
        line(middle - half, center, middle + half, center, "chart-target");
        text(left + 4, center + 5, "bass", "chart-label");
        text(left + width - 46, center + 5, "treble", "chart-label");
        if (pitch.now().isPresent()) {
            double y = center - pitch.now().getAsDouble() * scale;
            pitch.before()
                    .ifPresent(before ->
                            arrow(middle, center - Math.max(-range, Math.min(range, before)) * scale, middle, y));
            double most = (height - HEAD - FOOT) / 4;
            double tilt = Math.max(-most, Math.min(most, roll.now().orElse(0) / 2 * scale));
            closed(
                    new double[] {
                        middle - half,
                        y - tilt - 5,
                        middle + half,
                        y + tilt - 5,
                        middle + half,
                        y + tilt + 5,
                        middle - half,
                        y - tilt + 5
                    },
                    style(pitch));
        }
        text(left + 4, height - 23, said(Messages.message("fitting-picture.pitch"), pitch), "chart-value");
        text(left + 4, height - 6, said(Messages.message("fitting-picture.roll"), roll), "chart-value");
    }

    /** Seen from above, the neck to the left. */
    private void above(FittingWatch watch, double left, double width, double height) {
        FittingWatch.Axis drift = watch.drift();
        double center = HEAD + (height - HEAD - FOOT) / 2;
        double scale = (height - HEAD - FOOT - PAD) / 2 / range(drift);
        double joint = left + width * 0.15;
        double bridge = left + width * 0.8;
        text(left + 4, 15, Messages.message("fitting-picture.from-above", times(scale)), "chart-label");
        double near = drift.near() * scale;
        closed(new double[] {joint, center, bridge, center - near, bridge, center + near}, "chart-band");
        line(joint, center, bridge + 14, center, "chart-target");
        line(bridge, HEAD + PAD / 2, bridge, height - FOOT, "chart-axis");
        text(bridge + 6, HEAD + PAD, "treble", "chart-label");
        text(bridge + 6, height - FOOT - 2, "bass", "chart-label");
        drift.now().ifPresent(now -> {
            double y = center - now * scale;
            line(joint, center, bridge, y, "fitting-line");
            dot(bridge, y, 6, style(drift));
            drift.before().ifPresent(before -> arrow(bridge - 16, center - before * scale, bridge - 16, y));
        });
        text(left + 4, height - 6, said(Messages.message("fitting-picture.drift"), drift), "chart-value");
    }

    private static String times(double pixelsPerMillimeter) {
        return String.format(Locale.ROOT, "%.0f", pixelsPerMillimeter / 3.8);
    }

    private void arrow(double fromX, double fromY, double toX, double toY) {
        if (Math.abs(toY - fromY) > 4) {
            double head = Math.signum(fromY - toY) * 7;
            line(fromX, fromY, toX, toY, "fitting-arrow");
            open(new double[] {toX - 4, toY + head, toX, toY, toX + 4, toY + head}, "fitting-arrow");
        }
    }

    private static String style(FittingWatch.Axis axis) {
        return switch (axis.off()) {
            case TRUE -> "fitting-true";
            // A low pitch is no problem while there is still wood to remove.
            case PITCH_LOW, UNREAD -> "fitting-under";
            default -> "fitting-off";
        };
    }

    private String said(String name, FittingWatch.Axis axis) {
        OptionalDouble now = axis.now();
        if (now.isEmpty()) {
            return name + " " + Numbers.NONE;
        }
        return axis.off() == FittingWatch.Off.TRUE
                ? name + " " + Wording.lower(axis.off())
                : Wording.label(axis.off()) + " " + words.numbers().fine(Math.abs(now.getAsDouble()))
                        + (axis.worsens() ? Messages.message("fitting-picture.and-it-gets-worse") : "");
    }
}
