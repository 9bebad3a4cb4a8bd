package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.stream.Stream;

/** Other ledgers in the same folder, which share its folder of pictures. */
final class LedgersBeside {

    /** The first bytes of a database (SQLite file format, section 1.3). */
    private static final byte[] HEADER = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private LedgersBeside() {}

    /** Returns whether another ledger uses a picture; a ledger that can't be read may. */
    static boolean show(Path ledger, String picture) {
        try (Stream<Path> files = Files.list(ledger.toAbsolutePath().getParent())) {
            return files.filter(file -> !file.getFileName().equals(ledger.getFileName()))
                    .filter(Files::isRegularFile)
                    .anyMatch(file -> isDatabase(file) && shows(file, picture));
        } catch (IOException unreadable) {
            return true;
        }
    }

    private static boolean isDatabase(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(HEADER.length), HEADER);
        } catch (IOException unreadable) {
            return true;
        }
    }

    private static boolean shows(Path file, String picture) {
        try (Connection connection = LedgerOpener.source(file).getConnection();
                PreparedStatement query =
                        connection.prepareStatement("SELECT count(*) FROM job_files WHERE instr(body, ?) > 0")) {
            query.setString(1, picture);
            try (ResultSet found = query.executeQuery()) {
                return found.next() && found.getInt(1) > 0;
            }
        } catch (SQLException noLedgerOrUnreadable) {
            return true;
        }
    }
}
