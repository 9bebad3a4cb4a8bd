package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.sqlite.SQLiteJDBCLoader;
import org.sqlite.util.OSInfo;

/** The database's native library, unpacked once instead of at every start. */
public final class NativeLibrary {

    private static final String NAME = System.mapLibraryName("sqlitejdbc");

    private NativeLibrary() {}

    /**
     * Unpacks the library for this system into a folder, where the properties {@code org.sqlite.lib.path} and {@code
     * org.sqlite.lib.name} find it.
     *
     * @throws IOException if it can't be written
     */
    public static void unpackInto(Path folder) throws IOException {
        String resource = "/org/sqlite/native/" + OSInfo.getNativeLibFolderPathForCurrentOS() + "/" + NAME;
        try (InputStream library = SQLiteJDBCLoader.class.getResourceAsStream(resource)) {
            // If there is none for this system, the driver searches as usual.
            if (library != null) {
                Files.copy(library, folder.resolve(NAME), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }
}
