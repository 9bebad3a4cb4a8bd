package org.kestan.files.papers;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import java.util.Iterator;
import java.util.Optional;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Pictures within a page as data URIs, so that the page needs no other file. */
final class DataUriImage {

    /** The largest width and height of a picture on a page, pixels. */
    private static final int LARGEST = 1400;

    private static final int LARGEST_LOGO = 600;

    /** The font for text in pictures, once it is read. */
    private static volatile Font written;

    private DataUriImage() {}

    /** Draws a picture on white, as a data URI. */
    static String png(int width, int height, Consumer<Graphics2D> drawer) throws IOException {
        return uri(image(width, height, drawer), "png");
    }

    /** Draws a picture on white. */
    static BufferedImage image(int width, int height, Consumer<Graphics2D> drawer) {
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
        return image;
    }

    /** A photograph, reduced if it is larger than a page shows; empty if it can't be read. */
    static Optional<String> photograph(OwnerPaper.Source source) {
        try {
            Optional<BufferedImage> read = read(source.read(), LARGEST);
            return read.isPresent() ? Optional.of(uri(fitting(read.get(), LARGEST), "jpeg")) : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** A shop's logo; empty if there is none, or it can't be read. */
    static Optional<String> logo(String base64) {
        try {
            Optional<BufferedImage> read = base64.isEmpty()
                    ? Optional.empty()
                    : read(Base64.getDecoder().decode(base64), LARGEST_LOGO);
            return read.isPresent() ? Optional.of(uri(fitting(read.get(), LARGEST_LOGO), "png")) : Optional.empty();
        } catch (IllegalArgumentException | IOException unreadable) {
            return Optional.empty();
        }
    }

    /** Decodes only as much of a picture as is drawn: of a large one every second, third or fourth pixel. */
    private static Optional<BufferedImage> read(byte[] bytes, int largest) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int side = Math.max(reader.getWidth(0), reader.getHeight(0));
                ImageReadParam coarse = reader.getDefaultReadParam();
                int step = Math.max(1, side / (2 * largest));
                coarse.setSourceSubsampling(step, step, 0, 0);
                return Optional.of(reader.read(0, coarse));
            } catch (RuntimeException damaged) {
                throw new IOException(damaged);
            } finally {
                reader.dispose();
            }
        }
    }

    private static BufferedImage fitting(BufferedImage read, int largest) {
        double scale = Math.min(1, largest / (double) Math.max(read.getWidth(), read.getHeight()));
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
        return image;
    }

    private static String uri(BufferedImage image, String kind) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, kind, bytes);
        return "data:image/" + kind + ";base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    /** The font for text in pictures. */
    static Font font() throws IOException {
        Font known = written;
        if (known == null) {
            known = readFont();
            written = known;
        }
        return known;
    }

    private static Font readFont() throws IOException {
        try (InputStream in = font("AtkinsonHyperlegibleNext_400Regular.ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (FontFormatException broken) {
            throw new IOException(broken);
        }
    }

    /** A font that ships. */
    static InputStream font(String file) {
        return DataUriImage.class.getResourceAsStream("/org/kestan/fonts/" + file);
    }
}
