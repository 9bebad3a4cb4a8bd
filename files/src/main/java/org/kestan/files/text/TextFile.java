package org.kestan.files.text;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.files.FileFinding;

/** Text files in UTF-8, read with every failure as a fault and written whole or not at all. */
public final class TextFile {

    /** A file larger than this is none of ours. */
    public static final long LARGEST = 16L << 20;

    private TextFile() {}

    /**
     * Reads a file.
     *
     * @param kind what it should be, for the fault
     * @param use what is made of its text
     * @param broken what is made of a fault
     */
    public static <T> T read(Path file, Finding kind, Function<String, T> use, Function<List<Fault>, T> broken) {
        Finding problem;
        try {
            if (Files.isDirectory(file)) {
                problem = FileFinding.IS_FOLDER.of();
            } else if (Files.size(file) > LARGEST) {
                problem = FileFinding.TOO_LARGE.of();
            } else {
                Optional<String> text = decoded(Files.readAllBytes(file));
                if (text.isPresent()) {
                    return use.apply(text.get());
                }
                problem = FileFinding.NOT_UTF8.of();
            }
        } catch (NoSuchFileException missing) {
            problem = FileFinding.NO_SUCH_FILE.of();
        } catch (IOException unreadable) {
            problem = FileFinding.CANT_BE_READ.of(Quantity.text(String.valueOf(unreadable.getMessage())));
        }
        return broken.apply(List.of(new Fault("", problem, kind)));
    }

    /** The text of bytes in UTF-8, without a byte order mark; empty when they are not. */
    public static Optional<String> decoded(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return Optional.of(text.startsWith("\ufeff") ? text.substring(1) : text);
        } catch (CharacterCodingException notUtf8) {
            return Optional.empty();
        }
    }

    /** Gives a new file the mode of the one it is to stand for; where there was none it is its owner's only. */
    private static void mode(Path of, Path to) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(to, PosixFileAttributeView.class);
        if (view != null && Files.exists(of)) {
            view.setPermissions(Files.getPosixFilePermissions(of));
        }
    }

    /**
     * Writes a text so that, whatever happens meanwhile, the file holds either the old text or the new one. A file that was
     * there keeps its mode, a link leads where it did.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(String text, Path file) throws IOException {
        // A link stays one: what it leads to is written.
        Path target = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        Path beside = Files.createTempFile(target.getParent(), ".kestan-", ".tmp");
        try {
            Files.writeString(beside, text, StandardCharsets.UTF_8);
            mode(target, beside);
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            try {
                Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE);
            } catch (AtomicMoveNotSupportedException plainDisk) {
                Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }
}
