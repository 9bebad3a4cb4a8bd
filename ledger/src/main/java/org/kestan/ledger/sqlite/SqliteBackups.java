package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.kestan.ledger.Backups;

/**
 * Copies of a ledger, ten deep, in a folder beside it. Their names start with the ledger's, so that ledgers that lie in one
 * folder keep theirs apart, and carry a running number, so that their order does not hang on a clock.
 *
 * @param ledger the database file
 * @param folder where the copies lie
 */
public record SqliteBackups(Path ledger, Path folder) implements Backups {

    /** How many copies are kept. */
    public static final int DEPTH = 10;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS");

    private static final String ENDING = ".sqlite";

    /** What follows the ledger's name: a running number, which copies of older programs lack, and a moment. */
    private static final Pattern REST = Pattern.compile("-(?:n(\\d{1,9})-)?([\\d-]+)\\.sqlite");

    private static final List<String> PARTS = List.of("", "-wal", "-shm");

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
            return files.filter(this::isCopy)
                    .sorted(Comparator.comparingInt(this::number)
                            .thenComparing(Comparator.naturalOrder())
                            .reversed())
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    private String stem() {
        String name = ledger.getFileName().toString();
        return name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : name;
    }

    private boolean isCopy(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(stem())
                && REST.matcher(name.substring(stem().length())).matches();
    }

    /** Running number of a copy; 0 for one of an older program. */
    private int number(Path copy) {
        Matcher rest = REST.matcher(copy.getFileName().toString().substring(stem().length()));
        return rest.matches() && rest.group(1) != null ? Integer.parseInt(rest.group(1)) : 0;
    }

    @Override
    public List<Copy> whole() {
        return all().stream().flatMap(file -> looked(file).stream()).toList();
    }

    private static Optional<Copy> looked(Path file) {
        try {
            return Optional.of(new Copy(
                    file,
                    LedgerFileStatus.read(file).jobs(),
                    Files.getLastModifiedTime(file).toInstant()));
        } catch (SQLException | IOException unusable) {
            return Optional.empty();
        }
    }

    @Override
    public Optional<Path> make() throws IOException {
        Optional<Path> newest = newest();
        if (newest.isPresent() && same(newest.get())) {
            return Optional.empty();
        }
        OwnerOnlyFiles.folder(folder);
        // Of its own, so that two programs do not write into one another's.
        Path unfinished = Files.createTempFile(folder, "unfinished-", ".tmp");
        try {
            copyTo(unfinished);
            Path made = folder.resolve(String.format(
                    "%s-n%06d-%s.sqlite",
                    stem(),
                    newest.map(this::number).orElse(0) + 1,
                    LocalDateTime.now().format(STAMP)));
            Files.move(unfinished, made, StandardCopyOption.ATOMIC_MOVE);
            rotate();
            return Optional.of(made);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    private void copyTo(Path unfinished) throws IOException {
        try (Connection connection = LedgerOpener.source(ledger).getConnection();
                PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, unfinished.toString());
            copy.execute();
            LedgerFileStatus made = LedgerFileStatus.read(unfinished);
            if (made.version() == 0) {
                throw new SQLException("the copy is not whole");
            }
        } catch (SQLException failed) {
            throw new IOException("no backup could be made: " + failed.getMessage(), failed);
        }
        OwnerOnlyFiles.file(unfinished);
        try (FileChannel channel = FileChannel.open(unfinished, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Takes away the oldest that are too many, and leaves the fullest: one that can't be taken away stays. */
    private void rotate() {
        List<Path> all = all();
        if (all.size() <= DEPTH) {
            return;
        }
        Optional<Path> fullest = whole().stream()
                .max(Comparator.comparingInt(Copy::jobs).thenComparingInt(copy -> number(copy.file())))
                .map(Copy::file);
        List<Path> oldestFirst = new ArrayList<>(all);
        Collections.reverse(oldestFirst);
        int tooMany = all.size() - DEPTH;
        for (Path old : oldestFirst) {
            if (tooMany > 0 && !fullest.filter(old::equals).isPresent()) {
                tooMany--;
                try {
                    Files.delete(old);
                } catch (IOException stays) {
                    // One copy too many harms nothing; it is tried again with the next.
                    continue;
                }
            }
        }
    }

    @Override
    public List<Path> erase(List<String> ids) {
        List<Path> stay = new ArrayList<>();
        for (Path copy : all()) {
            try (Connection connection = LedgerOpener.source(copy).getConnection();
                    PreparedStatement text = connection.prepareStatement("DELETE FROM job_files WHERE job_id = ?");
                    PreparedStatement job = connection.prepareStatement("DELETE FROM jobs WHERE id = ?");
                    Statement rewrite = connection.createStatement()) {
                for (String id : ids) {
                    text.setString(1, id);
                    text.execute();
                    job.setString(1, id);
                    job.execute();
                }
                rewrite.execute("VACUUM");
            } catch (SQLException unusable) {
                stay.add(copy);
            }
        }
        return stay;
    }

    @Override
    public Optional<Path> putBack(Path copy) throws IOException {
        Path ready = Files.createTempFile(ledger.toAbsolutePath().getParent(), ".kestan-back-", ".tmp");
        Map<Path, Path> moved = new LinkedHashMap<>();
        try {
            Files.copy(copy, ready, StandardCopyOption.REPLACE_EXISTING);
            if (LedgerFileStatus.read(ready).version() == 0) {
                throw new IOException("this backup has no ledger in it");
            }
            OwnerOnlyFiles.file(ready);
            Path aside = ledger.resolveSibling(
                    ledger.getFileName() + ".unusable-" + LocalDateTime.now().format(STAMP));
            for (String part : PARTS) {
                Path from = ledger.resolveSibling(ledger.getFileName() + part);
                if (Files.exists(from)) {
                    Path to = aside.resolveSibling(aside.getFileName() + part);
                    Files.move(from, to);
                    moved.put(from, to);
                }
            }
            Files.move(ready, ledger, StandardCopyOption.ATOMIC_MOVE);
            return Optional.ofNullable(moved.get(ledger));
        } catch (SQLException notWhole) {
            throw new IOException("this backup is not whole: " + notWhole.getMessage(), notWhole);
        } catch (IOException failed) {
            undo(moved, failed);
            throw failed;
        } finally {
            Files.deleteIfExists(ready);
        }
    }

    private static void undo(Map<Path, Path> moved, IOException failed) {
        moved.forEach((from, to) -> {
            try {
                Files.move(to, from);
            } catch (IOException stays) {
                failed.addSuppressed(stays);
            }
        });
    }

    /** Tells whether a copy has all that the ledger has; one that can't be read has not. */
    private boolean same(Path copy) {
        try {
            return LedgerFileStatus.read(copy)
                    .state()
                    .equals(LedgerFileStatus.read(ledger).state());
        } catch (SQLException unusable) {
            return false;
        }
    }
}
