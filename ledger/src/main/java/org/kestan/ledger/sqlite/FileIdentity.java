package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;

/**
 * Whether the opened file is still in its place. An open file keeps working after it has been deleted or replaced, and
 * whatever is saved into it is lost.
 *
 * @param file the ledger's place
 * @param identity the file's identity; empty if the disk gives none
 */
record FileIdentity(Path file, Optional<Object> identity) {

    /** The first bytes of every SQLite file (SQLite documentation, Database File Format, 1.3.1). */
    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    /** The file that is there now. */
    static FileIdentity of(Path file) {
        return new FileIdentity(file, identity(file));
    }

    private static Optional<Object> identity(Path file) {
        try {
            return Optional.ofNullable(
                    Files.readAttributes(file, BasicFileAttributes.class).fileKey());
        } catch (IOException gone) {
            return Optional.empty();
        }
    }

    private boolean isThere() {
        try (InputStream in = Files.newInputStream(file)) {
            return identity.equals(identity(file)) && Arrays.equals(in.readNBytes(MAGIC.length), MAGIC);
        } catch (IOException gone) {
            return false;
        }
    }

    /**
     * Reads a job's revision back through a separate connection, which creates no file and writes nothing.
     *
     * @throws LedgerException if the file is another, or has not the revision that was saved
     */
    void demand(String id, int revision) {
        if (!isThere()) {
            throw new LedgerException(LedgerFinding.GONE.of(), new IllegalStateException(file.toString()));
        }
        try (Connection connection = LedgerOpener.readOnly(file).getConnection();
                PreparedStatement read = connection.prepareStatement("SELECT revision FROM jobs WHERE id = ?")) {
            read.setString(1, id);
            try (ResultSet row = read.executeQuery()) {
                // Another program may have saved again in the meantime.
                if (!row.next() || row.getInt(1) < revision) {
                    throw new LedgerException(LedgerFinding.GONE.of(), new IllegalStateException(id));
                }
            }
        } catch (SQLException failed) {
            Finding why = DatabaseErrors.of(failed);
            boolean another = why.kind() != LedgerFinding.LOCKED && why.kind() != LedgerFinding.DISK_FULL;
            throw new LedgerException(another ? LedgerFinding.GONE.of() : why, failed);
        }
    }
}
