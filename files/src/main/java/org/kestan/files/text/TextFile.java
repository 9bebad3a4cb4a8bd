package org.kestan.files.text;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.files.FileFinding;
import org.kestan.files.disk.Disk;

/** Text files in UTF-8; every failure to read gives an error, and they are written completely or not at all. */
public final class TextFile {

    /** A larger file can't be one of ours. */
    public static final long LARGEST = 16L << 20;

    private TextFile() {}

    /**
     * Reads a file.
     *
     * @param kind what it should be, for the fault
     * @param use what to make of its text
     * @param broken what to make of a fault
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

    /** The text of bytes in UTF-8, without a byte order mark; empty if they are not UTF-8. */
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

    /**
     * Writes a text so that, whatever happens, the file has either the old text or the new one. An existing file keeps
     * its mode, a link its target.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(String text, Path file) throws IOException {
        Disk.write(file, text.getBytes(StandardCharsets.UTF_8));
    }
}
