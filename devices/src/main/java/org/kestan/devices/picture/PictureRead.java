package org.kestan.devices.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads a picture, turned upright according to its orientation tag.
 *
 * @param image upright
 * @param focal focal length in pixels, where the camera tells what it would be on 35 mm film
 */
public record PictureRead(BufferedImage image, OptionalDouble focal) {

    /** Larger pictures are refused, pixels. */
    public static final long MOST_PIXELS = 64_000_000;

    /** Long side of a 35 mm film frame, mm. */
    private static final double FILM = 36;

    private static final int MOST_BYTES = 100_000_000;

    /** Why a picture can't be read. */
    public enum Trouble {
        /** There is no such file, or it may not be read. */
        NOT_READ,
        /** It is not a picture, or a damaged one. */
        NO_PICTURE,
        /** It has more than {@link #MOST_PIXELS}. */
        TOO_LARGE
    }

    /** A picture that can't be read. */
    public static final class Failed extends Exception {
        private static final long serialVersionUID = 1;
        private final Trouble trouble;

        Failed(Trouble trouble, Throwable cause) {
            super(trouble.name(), cause);
            this.trouble = trouble;
        }

        /** Returns why. */
        public Trouble trouble() {
            return trouble;
        }
    }

    /**
     * Reads a file.
     *
     * @throws Failed if it can't be read, is no picture or is too large
     */
    public static PictureRead of(Path file) throws Failed {
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > MOST_BYTES) {
                throw new Failed(Files.isRegularFile(file) ? Trouble.TOO_LARGE : Trouble.NOT_READ, null);
            }
            return decode(file);
        } catch (IOException unread) {
            throw new Failed(Files.isReadable(file) ? Trouble.NO_PICTURE : Trouble.NOT_READ, unread);
        } catch (RuntimeException broken) {
            // What decoders throw at files that only look like pictures.
            throw new Failed(Trouble.NO_PICTURE, broken);
        }
    }

    private static PictureRead decode(Path file) throws IOException, Failed {
        BufferedImage raw = raw(file);
        int turn = 1;
        OptionalInt film = OptionalInt.empty();
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            Metadata said = ImageMetadataReader.readMetadata(in);
            for (ExifIFD0Directory each : said.getDirectoriesOfType(ExifIFD0Directory.class)) {
                Integer found = each.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
                turn = found == null ? turn : found;
            }
            for (ExifSubIFDDirectory each : said.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
                Integer found = each.getInteger(ExifDirectoryBase.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH);
                film = found == null || found <= 0 ? film : OptionalInt.of(found);
            }
        } catch (ImageProcessingException nothingSaid) {
            // A picture without information about its camera will do.
            turn = 1;
        }
        BufferedImage upright = turned(raw, turn);
        double longer = Math.max(upright.getWidth(), upright.getHeight());
        return new PictureRead(
                upright,
                film.isPresent() ? OptionalDouble.of(film.getAsInt() / FILM * longer) : OptionalDouble.empty());
    }

    private static BufferedImage raw(Path file) throws IOException, Failed {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Failed(Trouble.NO_PICTURE, null);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new Failed(Trouble.TOO_LARGE, null);
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        }
    }

    /** EXIF orientation: 1 upright, 3 upside down, 6 and 8 sideways, the others mirrored. */
    private static BufferedImage turned(BufferedImage image, int turn) {
        double w = image.getWidth();
        double h = image.getHeight();
        AffineTransform by =
                switch (turn) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
                    case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
                    default -> null;
                };
        if (by == null) {
            return image;
        }
        boolean lies = turn >= 5;
        BufferedImage upright = new BufferedImage(
                lies ? image.getHeight() : image.getWidth(),
                lies ? image.getWidth() : image.getHeight(),
                image.getType() == BufferedImage.TYPE_BYTE_GRAY
                        ? BufferedImage.TYPE_BYTE_GRAY
                        : BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = upright.createGraphics();
        draw.drawImage(image, by, null);
        draw.dispose();
        return upright;
    }
}
