package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.kestan.files.disk.Disk;
import org.kestan.ledger.Backups;

/**
 * Backups of a ledger with its pictures and papers, the last ten, in a folder beside it. Their names start with the
 * ledger's, which keeps the backups of several ledgers in one folder apart, and contain a running number, so that
 * their order does not depend on a clock.
 *
 * @param ledger the database file
 * @param folder where the copies lie
 */
public record SqliteBackups(Path ledger, Path folder) implements Backups {

    /** How many backups are kept. */
    public static final int DEPTH = 10;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS");

    private static final String ENDING = ".sqlite";

    /** The part after the ledger's name: a running number, missing in backups made by older programs, and a time. */
    private static final Pattern REST = Pattern.compile("-(?:n(\\d{1,9})-)?([\\d-]+)\\.sqlite");

    /** The files of a database. */
    static final List<String> PARTS = List.of("", "-wal", "-shm", "-journal");

    private static final String ASIDE = ".unusable-";

    /** The backups beside a ledger. */
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

    /** The running number of a backup; 0 for one made by an older program. */
    private int number(Path copy) {
        Matcher rest = REST.matcher(copy.getFileName().toString().substring(stem().length()));
        return rest.matches() && rest.group(1) != null ? Integer.parseInt(rest.group(1)) : 0;
    }

    @Override
    public List<Copy> whole() {
        return all().stream().flatMap(file -> looked(file).stream()).toList();
    }

    /** How many saves the newest backup contains; 0 if there is none, or it can't be read. */
    long newestSaves() {
        try {
            Optional<Path> newest = newest();
            return newest.isPresent() ? LedgerFileStatus.ofCopy(newest.get()).saves() : 0;
        } catch (SQLException unusable) {
            return 0;
        }
    }

    private static Optional<Copy> looked(Path file) {
        try {
            return Optional.of(new Copy(
                    file,
                    LedgerFileStatus.look(file).jobs(),
                    Files.getLastModifiedTime(file).toInstant()));
        } catch (SQLException | IOException unusable) {
            return Optional.empty();
        }
    }

    private BackupFiles files() {
        return new BackupFiles(folder, ledger.toAbsolutePath().getParent());
    }

    @Override
    public Optional<Path> make() throws IOException {
        Disk.ownFolder(folder);
        BackupFiles.Held held = files().hold();
        try {
            Disk.sweep(folder);
            Optional<Path> newest = newest();
            BackupFiles.Listing before = newest.isPresent() ? files().read(newest.get()) : BackupFiles.Listing.NONE;
            BackupFiles.Listing now = files().look(before, jobs());
            if (newest.isPresent() && now.equals(before) && same(newest.get())) {
                return Optional.empty();
            }
            Path unfinished = Disk.unfinished(folder);
            try {
                copyTo(unfinished);
                Path made = folder.resolve(String.format(
                        "%s-n%06d-%s.sqlite",
                        stem(),
                        newest.map(this::number).orElse(0) + 1,
                        LocalDateTime.now().format(STAMP)));
                // Its files are stored before it is.
                files().write(made, now);
                Disk.finish(unfinished, made);
                rotate();
                files().collect();
                return Optional.of(made);
            } finally {
                for (String part : PARTS) {
                    Disk.delete(unfinished.resolveSibling(unfinished.getFileName() + part));
                }
            }
        } finally {
            held.close();
        }
    }

    /** The ids of all jobs, including those in the bin. */
    private Set<String> jobs() throws IOException {
        try (Connection connection = LedgerOpener.readOnly(ledger).getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT id FROM jobs")) {
            Set<String> ids = new HashSet<>();
            while (row.next()) {
                ids.add(row.getString(1));
            }
            return ids;
        } catch (SQLException failed) {
            throw new IOException("no backup could be made: " + failed.getMessage(), failed);
        }
    }

    private void copyTo(Path unfinished) throws IOException {
        try (Connection connection = LedgerOpener.source(ledger).getConnection();
                PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, unfinished.toString());
            copy.execute();
            LedgerFileStatus made = LedgerFileStatus.readThroughCopy(unfinished);
            if (made.version() == 0) {
                throw new SQLException("the copy is not whole");
            }
        } catch (SQLException failed) {
            throw new IOException("no backup could be made: " + failed.getMessage(), failed);
        }
        Disk.keepPrivate(unfinished);
    }

    /** Removes the oldest surplus backups, but not the fullest; one that can't be removed stays. */
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
                    Disk.delete(old);
                } catch (IOException stays) {
                    // A surplus backup does no harm; it is tried again with the next one.
                    continue;
                }
            }
        }
    }

    /**
     * Removes jobs from every backup for good, with their papers and the pictures only they used.
     *
     * @return the copies that could not be rewritten and have them still
     */
    List<Path> erase(List<String> ids, List<String> pictures) {
        List<Path> stay = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return stay;
        }
        try {
            BackupFiles.Held held = files().hold();
            try {
                eraseHeld(ids, pictures, stay);
            } finally {
                held.close();
            }
        } catch (IOException failed) {
            stay.add(folder);
        }
        return stay;
    }

    private void eraseHeld(List<String> ids, List<String> pictures, List<Path> stay) throws IOException {
        Disk.sweep(folder);
        for (Path copy : all()) {
            if (!SqliteErasure.rewritten(copy, ids)) {
                stay.add(copy);
            }
            files().erase(copy, ids, pictures);
        }
        files().collect();
    }

    /** Returns the ledgers that were set aside because they could not be used. */
    List<Path> aside() throws IOException {
        String start = ledger.getFileName() + ASIDE;
        try (Stream<Path> files = Files.list(ledger.toAbsolutePath().getParent())) {
            return files.filter(file -> file.getFileName().toString().startsWith(start))
                    .filter(file -> PARTS.stream()
                            .noneMatch(part -> !part.isEmpty()
                                    && file.getFileName().toString().endsWith(part)))
                    .toList();
        }
    }

    @Override
    public Optional<Path> putBack(Path copy) throws IOException {
        Path ready = Disk.unfinished(ledger.toAbsolutePath().getParent());
        Map<Path, Path> moved = new LinkedHashMap<>();
        try {
            Files.copy(copy, ready, StandardCopyOption.REPLACE_EXISTING);
            if (LedgerFileStatus.readThroughCopy(ready).version() == 0) {
                throw new IOException("this backup has no ledger in it");
            }
            Disk.keepPrivate(ready);
            Path aside = ledger.resolveSibling(
                    ledger.getFileName() + ASIDE + LocalDateTime.now().format(STAMP));
            for (String part : PARTS) {
                Path from = ledger.resolveSibling(ledger.getFileName() + part);
                if (Files.exists(from)) {
                    Path to = aside.resolveSibling(aside.getFileName() + part);
                    Disk.move(from, to);
                    moved.put(from, to);
                }
            }
            Disk.finish(ready, ledger);
            files().putBack(copy);
            return Optional.ofNullable(moved.get(ledger));
        } catch (SQLException notWhole) {
            throw new IOException("this backup is not whole: " + notWhole.getMessage(), notWhole);
        } catch (IOException failed) {
            if (!Files.exists(ledger)) {
                undo(moved, failed);
            }
            throw failed;
        } finally {
            Disk.delete(ready);
        }
    }

    /**
     * Restores a backup, with its pictures and papers, into another folder under the ledger's name, so that it can be
     * examined.
     *
     * @return empty, as nothing was put aside
     * @throws IOException if there is a ledger there, or it can't be written
     */
    public Optional<Path> putInto(Path copy, Path elsewhere) throws IOException {
        Path there = Disk.folder(elsewhere).resolve(ledger.getFileName());
        if (Files.exists(there)) {
            throw new IOException("there is a ledger in that folder");
        }
        new SqliteBackups(there, folder).putBack(copy);
        return Optional.empty();
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

    /** Returns whether a backup has everything the ledger has; false if it can't be read. */
    private boolean same(Path copy) {
        try {
            return LedgerFileStatus.look(copy)
                    .state()
                    .equals(LedgerFileStatus.inUse(ledger).state());
        } catch (SQLException | IOException unusable) {
            return false;
        }
    }
}
