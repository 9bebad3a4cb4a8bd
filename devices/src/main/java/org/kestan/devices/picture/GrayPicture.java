package org.kestan.devices.picture;

import java.awt.image.BufferedImage;

/**
 * A picture as brightness, 0 to 255, upright.
 *
 * @param width pixels, above zero
 * @param height pixels, above zero
 * @param values row after row, unsigned
 */
public record GrayPicture(int width, int height, byte[] values) {

    /** Weights of red, green and blue. Source: ITU-R BT.601. */
    private static final double RED = 0.299;

    private static final double GREEN = 0.587;
    private static final double BLUE = 0.114;

    /** Takes the brightness of a picture. */
    public static GrayPicture of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        byte[] values = new byte[Math.multiplyExact(width, height)];
        if (image.getType() == BufferedImage.TYPE_BYTE_GRAY) {
            // Read as stored; when asked for colors, Java treats such values as linear light and distorts them.
            image.getRaster().getDataElements(0, 0, width, height, values);
            return new GrayPicture(width, height, values);
        }
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            for (int x = 0; x < width; x++) {
                int rgb = row[x];
                double gray = RED * (rgb >> 16 & 0xFF) + GREEN * (rgb >> 8 & 0xFF) + BLUE * (rgb & 0xFF);
                values[y * width + x] = (byte) Math.round(gray);
            }
        }
        return new GrayPicture(width, height, values);
    }

    /** Returns whether a place is in the picture, with a margin in pixels. */
    public boolean has(double x, double y, double margin) {
        return x >= margin && y >= margin && x <= width - 1 - margin && y <= height - 1 - margin;
    }

    private double pixel(int x, int y) {
        int column = Math.max(0, Math.min(width - 1, x));
        int row = Math.max(0, Math.min(height - 1, y));
        return values[row * width + column] & 0xFF;
    }

    /** The brightness at a place between pixels, linear between the four around it; at the border, of the nearest. */
    public double at(double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double right = x - left;
        double down = y - top;
        return (1 - down) * ((1 - right) * pixel(left, top) + right * pixel(left + 1, top))
                + down * ((1 - right) * pixel(left, top + 1) + right * pixel(left + 1, top + 1));
    }
}
