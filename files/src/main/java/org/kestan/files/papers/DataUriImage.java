package org.kestan.files.papers;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import java.util.Optional;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** Pictures within a page: as data URIs, so that the page needs no other file. */
final class DataUriImage {

    /** No picture on a page is wider or higher, pixels. */
    private static final int LARGEST = 1400;

    private DataUriImage() {}

    /** Draws a picture on white. */
    static String png(int width, int height, Consumer<Graphics2D> drawer) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D page = image.createGraphics();
        try {
            page.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            page.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
            page.setColor(Color.WHITE);
            page.fillRect(0, 0, width, height);
            drawer.accept(page);
        } finally {
            page.dispose();
        }
        return uri(image, "png");
    }

    /** A photograph, made smaller where it is larger than a page shows; empty where it can't be read. */
    static Optional<String> photograph(byte[] bytes) throws IOException {
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(bytes));
        if (read == null) {
            return Optional.empty();
        }
        double scale = Math.min(1, LARGEST / (double) Math.max(read.getWidth(), read.getHeight()));
        int width = (int) Math.max(1, Math.round(read.getWidth() * scale));
        int height = (int) Math.max(1, Math.round(read.getHeight() * scale));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D page = image.createGraphics();
        try {
            page.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            page.setColor(Color.WHITE);
            page.fillRect(0, 0, width, height);
            page.drawImage(read, 0, 0, width, height, null);
        } finally {
            page.dispose();
        }
        return Optional.of(uri(image, "jpeg"));
    }

    private static String uri(BufferedImage image, String kind) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, kind, bytes);
        return "data:image/" + kind + ";base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    /** A font that ships. */
    static InputStream font(String file) {
        return DataUriImage.class.getResourceAsStream("/org/kestan/fonts/" + file);
    }
}
