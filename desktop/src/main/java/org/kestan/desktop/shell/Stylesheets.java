package org.kestan.desktop.shell;

import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.css.Stylesheet;

/** The stylesheets that ship: parsed ahead of time if possible, otherwise as text. */
public final class Stylesheets {

    /** The system property for the folder of files prepared when the application was built. */
    private static final String PREPARED = "kestan.prepared";

    private static final List<String> COMMON = List.of("kestan", "paper", "lamplight");

    private Stylesheets() {}

    /** The stylesheets of every scene. */
    static List<String> common() {
        return COMMON.stream().flatMap(name -> of(name).stream()).toList();
    }

    /** A room's own stylesheet, empty if the common ones suffice. Rules for a single room are matched nowhere else. */
    static List<String> of(RoomEntry entry) {
        return of(entry.id()).stream().toList();
    }

    private static Optional<String> of(String name) {
        String folder = System.getProperty(PREPARED, "");
        Path read = Path.of(folder, name + ".bss");
        return !folder.isEmpty() && Files.isRegularFile(read)
                ? Optional.of(read.toUri().toString())
                : written(name).map(URL::toExternalForm);
    }

    private static Optional<URL> written(String name) {
        return Optional.ofNullable(Stylesheets.class.getResource("/org/kestan/desktop/" + name + ".css"));
    }

    /**
     * Parses all stylesheets and stores them in a folder in the form that loads fastest.
     *
     * @throws IOException if they can't be written
     */
    public static void prepare(Path folder) throws IOException {
        Stream<String> rooms = RoomRegistry.ALL.stream().map(RoomEntry::id);
        for (String name : Stream.concat(COMMON.stream(), rooms).toList()) {
            Optional<URL> written = written(name);
            if (written.isPresent()) {
                Path text = Files.createTempFile(folder, name, ".css");
                try (InputStream in = written.get().openStream()) {
                    Files.write(text, in.readAllBytes());
                    Stylesheet.convertToBinary(
                            text.toFile(), folder.resolve(name + ".bss").toFile());
                } finally {
                    Files.delete(text);
                }
            }
        }
    }
}
