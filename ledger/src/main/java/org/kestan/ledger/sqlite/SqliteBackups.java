package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.ledger.Backups;

/**
 * Copies of a ledger, ten deep, in a folder beside it.
 *
 * @param ledger the database file
 * @param folder where the copies lie
 */
public record SqliteBackups(Path ledger, Path folder) implements Backups {

    /** How many copies are kept. */
    public static final int DEPTH = 10;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS");
    private static final String EXTENSION = ".sqlite";

    /** The copies that lie beside a ledger. */
    public static SqliteBackups of(Path ledger) {
        return new SqliteBackups(ledger, ledger.resolveSibling("backups"));
    }

    @Override
    public List<Path> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().matches("ledger-[\\d-]+\\.sqlite"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    @Override
    public Optional<Path> make() throws IOException {
        Optional<Path> newest = newest();
        if (newest.isPresent() && !changedSince(newest.get())) {
            return Optional.empty();
        }
        Files.createDirectories(folder);
        Path unfinished = folder.resolve("unfinished" + EXTENSION);
        Files.deleteIfExists(unfinished);
        try (Connection connection = LedgerOpener.source(ledger).getConnection();
                PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, unfinished.toString());
            copy.execute();
        } catch (SQLException failed) {
            throw new IOException("no backup could be made: " + failed.getMessage(), failed);
        }
        Path made = folder.resolve("ledger-" + LocalDateTime.now().format(STAMP) + EXTENSION);
        Files.move(unfinished, made, StandardCopyOption.ATOMIC_MOVE);
        List<Path> all = all();
        for (Path old : all.subList(Math.min(DEPTH, all.size()), all.size())) {
            Files.delete(old);
        }
        return Optional.of(made);
    }

    @Override
    public Path putBack(Path copy) throws IOException {
        Path aside = ledger.resolveSibling(
                ledger.getFileName() + ".unusable-" + LocalDateTime.now().format(STAMP));
        Files.move(ledger, aside);
        for (String part : List.of("-wal", "-shm")) {
            Path file = ledger.resolveSibling(ledger.getFileName() + part);
            if (Files.exists(file)) {
                Files.move(file, aside.resolveSibling(aside.getFileName() + part));
            }
        }
        Files.copy(copy, ledger);
        return aside;
    }

    private boolean changedSince(Path copy) throws IOException {
        Instant made = Files.getLastModifiedTime(copy).toInstant();
        for (String part : List.of("", "-wal")) {
            Path file = ledger.resolveSibling(ledger.getFileName() + part);
            if (Files.exists(file)
                    && Files.getLastModifiedTime(file).toInstant().isAfter(made)) {
                return true;
            }
        }
        return false;
    }
}
