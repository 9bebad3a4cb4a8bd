package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Parsed;
import org.kestan.files.disk.Disk;

/**
 * Copies of pictures beside the ledger, each named by its content: the same picture is stored once, and removing it
 * from a job and adding it again loses nothing.
 *
 * @param folder where they lie
 * @param behind where they are kept, where that is not the folder itself
 */
public record Pictures(Path folder, KeptFiles behind) {

    private static final String ALL = "";

    private static final long LARGEST_FILE = 40L << 20;
    private static final long MOST_PIXELS = 120_000_000;
    private static final String NOWHERE = "none";

    /** Pictures stored in a folder. */
    public Pictures(Path folder) {
        this(folder, KeptFiles.NOWHERE);
    }

    /** Adds a copy of a picture; the result is its name here, or what is wrong with it. */
    public Parsed<String> add(Path picture) {
        try {
            if (Files.size(picture) > LARGEST_FILE) {
                return bad(PictureFinding.TOO_LARGE.of());
            }
            return add(Files.readAllBytes(picture));
        } catch (IOException unreadable) {
            return bad(PictureFinding.CANT_BE_READ.of());
        }
    }

    /** Adds a picture from its bytes. */
    public Parsed<String> add(byte[] bytes) {
        String kind;
        try {
            kind = decode(bytes);
        } catch (IOException | RuntimeException damaged) {
            return bad(PictureFinding.DAMAGED.of());
        }
        if (kind.isEmpty()) {
            return bad(PictureFinding.NO_PICTURE.of());
        }
        try {
            Disk.ownFolder(folder);
            String name = hash(bytes) + "." + kind;
            Path target = folder.resolve(name);
            if (!Files.exists(target)) {
                Disk.write(target, bytes);
            }
            behind.write(ALL, name, bytes);
            return new Parsed.Ok<>(name);
        } catch (IOException failed) {
            return bad(PictureFinding.NOT_WRITTEN.of(Quantity.text(String.valueOf(failed.getMessage()))));
        }
    }

    /** Removes a picture; does nothing if it is not there or can't be removed. */
    public void remove(String name) {
        behind.remove(ALL, name);
        try {
            Files.deleteIfExists(file(name));
        } catch (IOException stays) {
            System.getLogger(Pictures.class.getName())
                    .log(System.Logger.Level.WARNING, "a picture stays: " + name, stays);
        }
    }

    /**
     * Returns where a picture is. The name is treated as a plain name, whatever it contains; an invalid one leads to
     * nothing.
     */
    public Path file(String name) {
        try {
            Path plain = Path.of(name).getFileName();
            Path file = folder.resolve(plain == null ? NOWHERE : plain.toString());
            if (behind != KeptFiles.NOWHERE && !Files.exists(file)) {
                fetch(file);
            }
            return file;
        } catch (InvalidPathException noName) {
            return folder.resolve(NOWHERE);
        }
    }

    /** A picture that can't be fetched counts as missing. */
    private void fetch(Path file) {
        behind.read(ALL, file.getFileName().toString()).ifPresent(bytes -> {
            try {
                Disk.ownFolder(folder);
                Disk.write(file, bytes);
            } catch (IOException failed) {
                System.getLogger(Pictures.class.getName())
                        .log(System.Logger.Level.WARNING, "a picture could not be copied here", failed);
            }
        });
    }

    /** Decodes the whole picture once, coarsely, to find out if it is truncated or lies about its size. */
    private static String decode(byte[] bytes) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new java.io.ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return "";
            }
            ImageReader reader = readers.next();
            try {
                String format = reader.getFormatName().toLowerCase(Locale.ROOT);
                if (!Set.of("png", "jpeg", "jpg").contains(format)) {
                    return "";
                }
                reader.setInput(in, true, true);
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width * height > MOST_PIXELS) {
                    return "";
                }
                ImageReadParam coarse = reader.getDefaultReadParam();
                int step = (int) Math.max(1, Math.max(width, height) / 256);
                coarse.setSourceSubsampling(step, step, 0, 0);
                boolean[] warned = new boolean[1];
                reader.addIIOReadWarningListener((source, warning) -> warned[0] = true);
                reader.read(0, coarse);
                return warned[0] ? "" : format.equals("png") ? "png" : "jpg";
            } finally {
                reader.dispose();
            }
        }
    }

    private static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes), 0, 16);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    private static Parsed<String> bad(Finding problem) {
        return new Parsed.Bad<>(problem, PictureFinding.A_PICTURE.of());
    }
}
