package org.kestan.devices.standin;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.geometry.Frets;

/**
 * Photographs a {@link PhotographedNeck}: rays through a pinhole with distortion, light and gloss, blur of the lens,
 * noise of the sensor, and compression. The picture is ray traced, not made with the formulas that pictures are
 * measured with.
 */
public final class StandInCamera {

    private static final int LAST_FRET = 20;
    private static final double BOARD = 6;
    private static final double BEHIND = 60;
    private static final int UNDISTORTING = 3;

    /** The background and the board repeat after this many grains. */
    private static final int GRAIN = 64;

    /** Beyond this distance from the crowns, mm, one ray per pixel is enough. */
    private static final double FINE = 14;

    private final PhotographedNeck neck;
    private final PhotographedNeck.Camera camera;
    private final double[] frets;
    private final double radius;
    private final double corner;
    private final double ground;
    private final double sinYaw;
    private final double cosYaw;
    private final double sinRoll;
    private final double cosRoll;
    private final long seed;

    /**
     * @param seed of noise and ground
     */
    public StandInCamera(PhotographedNeck neck, long seed) {
        this.neck = neck;
        this.seed = seed;
        camera = neck.camera();
        Frets board = new Frets(neck.scale());
        frets = IntStream.rangeClosed(0, LAST_FRET).mapToDouble(board::at).toArray();
        radius = (neck.foot() * neck.foot() / 4 + neck.crown() * neck.crown()) / (2 * neck.crown());
        corner = Math.hypot(camera.width(), camera.height()) / 2;
        // It is level with the crowns it is aimed at.
        ground = neck.crownAt(camera.aim());
        sinYaw = Math.sin(camera.yaw());
        cosYaw = Math.cos(camera.yaw());
        sinRoll = Math.sin(camera.roll());
        cosRoll = Math.cos(camera.roll());
    }

    /** Where a place appears: along the neck from the nut, over the line of the crowns, behind the frets' ends, mm. */
    public PixelPoint seen(double d, double h, double t) {
        double off = d - camera.aim();
        double depth = camera.distance() + off * sinYaw + t * cosYaw;
        double across = off * cosYaw - t * sinYaw;
        double u = camera.focal() * across / depth;
        double w = -camera.focal() * (h - ground) / depth;
        double x = u * cosRoll - w * sinRoll;
        double y = u * sinRoll + w * cosRoll;
        double stretch = 1 + camera.distortion() * (x * x + y * y) / (corner * corner);
        return new PixelPoint(camera.width() / 2.0 + stretch * x, camera.height() / 2.0 + stretch * y);
    }

    /** Where a crown appears. */
    public PixelPoint crown(int fret) {
        return seen(frets[fret], neck.crownAt(frets[fret]), 0);
    }

    /** The frets whose crowns are in the picture, the lowest first. */
    public List<Integer> fretsSeen() {
        return IntStream.rangeClosed(1, LAST_FRET)
                .filter(fret -> inside(crown(fret)))
                .boxed()
                .toList();
    }

    private boolean inside(PixelPoint at) {
        return at.x() >= 0 && at.y() >= 0 && at.x() < camera.width() && at.y() < camera.height();
    }

    /** Where the string's underside appears over a fret. */
    public PixelPoint underside(int fret) {
        return seen(frets[fret], neck.stringAt(frets[fret]), neck.inset());
    }

    /** Takes the picture. */
    public BufferedImage picture() {
        int width = camera.width();
        int height = camera.height();
        float[] light = new float[width * height];
        double[] grain = grain(new Random(seed));
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                light[y * width + x] = (float) pixel(x, y, grain);
            }
        });
        float[] soft = down(across(light));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Random noise = new Random(seed + 1);
        byte[] row = new byte[width];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double value = soft[y * width + x] + camera.noise() * noise.nextGaussian();
                row[x] = (byte) Math.max(0, Math.min(255, Math.round(value)));
            }
            image.getRaster().setDataElements(0, y, width, 1, row);
        }
        return image;
    }

    /** The picture as a camera would save it: JPEG. */
    public byte[] jpeg() {
        return jpeg(picture(), camera.quality());
    }

    /** The picture after it was saved and read again. */
    public BufferedImage keptPicture() {
        try {
            return ImageIO.read(new ByteArrayInputStream(jpeg()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static byte[] jpeg(BufferedImage image, double quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality((float) quality);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static double[] grain(Random random) {
        double[] grain = new double[GRAIN * GRAIN];
        for (int i = 0; i < grain.length; i++) {
            grain[i] = random.nextGaussian();
        }
        return grain;
    }

    private double pixel(int x, int y, double[] grain) {
        double[] at = new double[2];
        ray(x, y, at);
        double u = at[0];
        double w = at[1];
        meet(u, w, 0, at);
        if (Math.abs(at[1]) > FINE) {
            return brightness(u, w, x, grain);
        }
        double sum = 0;
        for (int part = 0; part < 4; part++) {
            ray(x - 0.25 + part % 2 * 0.5, y - 0.25 + part / 2 * 0.5, at);
            sum += brightness(at[0], at[1], x, grain);
        }
        return sum / 4;
    }

    /** The direction of the ray through a place of the picture: to the side and down, per millimeter of distance. */
    private void ray(double px, double py, double[] to) {
        double x0 = px - camera.width() / 2.0;
        double y0 = py - camera.height() / 2.0;
        double x = x0;
        double y = y0;
        for (int i = 0; i < UNDISTORTING; i++) {
            double stretch = 1 + camera.distortion() * (x * x + y * y) / (corner * corner);
            x = x0 / stretch;
            y = y0 / stretch;
        }
        to[0] = (x * cosRoll + y * sinRoll) / camera.focal();
        to[1] = (-x * sinRoll + y * cosRoll) / camera.focal();
    }

    /** What a ray meets first. */
    private double brightness(double u, double w, double px, double[] grain) {
        double[] at = new double[2];
        meet(u, w, 0, at);
        return Math.abs(at[1]) > FINE ? behind(u, w, px, at, grain) : near(u, w, px, at, grain);
    }

    private double near(double u, double w, double px, double[] at, double[] grain) {
        double metal = 0.45 * camera.light();
        int fret = nearest(at[0]);
        double off = at[0] - frets[fret];
        double top = neck.crownAt(frets[fret]);
        double board = neck.crownAt(at[0]) - neck.crown();
        if (Math.abs(off) < neck.foot() / 2) {
            double arch = top - radius + Math.sqrt(Math.max(0, radius * radius - off * off));
            if (at[1] <= arch && at[1] > board) {
                // Light from above and slightly from one side.
                double shine = Math.exp(-Math.pow((off + 0.25) / 0.35, 2) - Math.pow((at[1] - top + 0.25) / 0.3, 2));
                return metal + camera.gloss() * shine;
            }
        }
        if (at[1] <= board && at[1] > board - BOARD) {
            return 0.22 * camera.light() + 6 * grain[index((int) Math.floor(at[0] * 3), (int) Math.floor(at[1] * 9))];
        }
        return behind(u, w, px, at, grain);
    }

    /** The string, or the background behind it. */
    private double behind(double u, double w, double px, double[] at, double[] grain) {
        meet(u, w, neck.inset(), at);
        double under = neck.stringAt(at[0]);
        if (at[1] >= under && at[1] <= under + neck.gauge()) {
            double across = (at[1] - under) / neck.gauge();
            return 0.35 * camera.light() + camera.gloss() * Math.exp(-Math.pow((across - 0.65) / 0.15, 2));
        }
        meet(u, w, BEHIND, at);
        return camera.light()
                + 0.1 * camera.light() * (px / camera.width() - 0.5)
                + camera.busy() * soft(at[0] / 2.5, at[1] / 2.5, grain);
    }

    /** What is this far behind is out of focus. */
    private static double soft(double a, double b, double[] grain) {
        int column = (int) Math.floor(a);
        int row = (int) Math.floor(b);
        double x = a - column;
        double y = b - row;
        double right = x * x * (3 - 2 * x);
        double down = y * y * (3 - 2 * y);
        return (1 - down) * ((1 - right) * grain[index(column, row)] + right * grain[index(column + 1, row)])
                + down * ((1 - right) * grain[index(column, row + 1)] + right * grain[index(column + 1, row + 1)]);
    }

    private static int index(int column, int row) {
        return Math.floorMod(column, GRAIN) * GRAIN + Math.floorMod(row, GRAIN);
    }

    /** Where a ray meets the plane this far behind the frets' ends: along the neck, and over the line of the crowns. */
    private void meet(double u, double w, double t, double[] at) {
        // (off·cos − t·sin) = u·(distance + off·sin + t·cos)
        double off = (u * (camera.distance() + t * cosYaw) + t * sinYaw) / (cosYaw - u * sinYaw);
        double depth = camera.distance() + off * sinYaw + t * cosYaw;
        at[0] = camera.aim() + off;
        at[1] = ground - w * depth;
    }

    private int nearest(double d) {
        double fret = -12 * Math.log(Math.max(1e-3, 1 - d / neck.scale())) / Math.log(2);
        return (int) Math.max(0, Math.min(LAST_FRET, Math.round(fret)));
    }

    private float[] across(float[] light) {
        int width = camera.width();
        float[] weights = weights();
        int reach = weights.length / 2;
        float[] soft = new float[light.length];
        IntStream.range(0, camera.height()).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                float value = 0;
                for (int j = -reach; j <= reach; j++) {
                    value += weights[j + reach] * light[y * width + Math.max(0, Math.min(width - 1, x + j))];
                }
                soft[y * width + x] = value;
            }
        });
        return soft;
    }

    private float[] down(float[] light) {
        int width = camera.width();
        int height = camera.height();
        float[] weights = weights();
        int reach = weights.length / 2;
        float[] soft = new float[light.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int j = -reach; j <= reach; j++) {
                int from = Math.max(0, Math.min(height - 1, y + j)) * width;
                for (int x = 0; x < width; x++) {
                    soft[y * width + x] += weights[j + reach] * light[from + x];
                }
            }
        });
        return soft;
    }

    private float[] weights() {
        double sigma = camera.blur();
        int reach = (int) Math.ceil(3 * sigma);
        float[] weights = new float[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            sum += Math.exp(-0.5 * i * i / (sigma * sigma));
        }
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = (float) (Math.exp(-0.5 * i * i / (sigma * sigma)) / sum);
        }
        return weights;
    }
}
