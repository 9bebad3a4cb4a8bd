package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.jdbi.v3.core.Handle;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.pictures.Photo;
import org.kestan.ledger.Papers;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.sql.SqlLessons;

/**
 * Erases jobs. They disappear from the tables at once, with their papers and the pictures only they used. Whatever has
 * traces of them (the file's own pages, backups, ledgers set aside) is rewritten after that, by a later run if this
 * one ends first.
 */
final class SqliteErasure {

    /** Has the trigram index rewritten without the removed texts (SQLite documentation, FTS5, "optimize"). */
    private static final String FORGET = "INSERT INTO job_search (job_search) VALUES ('optimize')";

    private static final String PENDING = "erased";
    private static final String PICTURES = "erased-pictures";
    private static final List<String> TABLES = List.of(
            "DELETE FROM job_search WHERE rowid = (SELECT n FROM jobs WHERE id = ?)",
            "DELETE FROM job_files WHERE job_id = ?",
            "DELETE FROM jobs WHERE id = ?");

    private final Path file;
    private final SqlLessons.Asking ledger;

    SqliteErasure(Path file, SqlLessons.Asking ledger) {
        this.file = file;
        this.ledger = ledger;
    }

    void erase(List<String> ids, Pictures pictures, Papers papers) {
        if (ids.isEmpty()) {
            return;
        }
        List<String> shown = ids.stream()
                .flatMap(id -> body(id).stream())
                .flatMap(text -> JobReader.read(text).job().stream())
                .flatMap(job -> job.photos().stream().map(Photo::file))
                .distinct()
                .toList();
        List<String> here = shown.stream()
                .filter(picture -> !LedgersBeside.show(file, picture))
                .toList();
        // What remains to be done is stored as well, so that the next run can continue if this one is killed.
        ledger.ask(handle -> handle.inTransaction(inside -> {
            for (String id : ids) {
                for (String table : TABLES) {
                    inside.execute(table, id);
                }
            }
            add(
                    inside,
                    PICTURES,
                    here.stream().filter(picture -> !isShown(inside, picture)).toList());
            return add(inside, PENDING, ids);
        }));
        removeFiles(ids, pictures, papers);
    }

    /** Removes the papers of erased jobs, and their pictures unless another job uses them by now. */
    private void removeFiles(List<String> ids, Pictures pictures, Papers papers) {
        ledger.ask(handle -> pending(handle, PICTURES).stream()
                        .filter(picture -> !isShown(handle, picture))
                        .toList())
                .forEach(pictures::remove);
        ids.forEach(papers::remove);
    }

    private static int add(Handle handle, String name, List<String> more) {
        List<String> all = new ArrayList<>(pending(handle, name));
        all.addAll(more);
        return all.isEmpty()
                ? 0
                : handle.execute(
                        "INSERT OR REPLACE INTO meta (name, value) VALUES (?, ?)", name, String.join(" ", all));
    }

    private static int done(Handle handle, String name, List<String> these) {
        List<String> left = new ArrayList<>(pending(handle, name));
        left.removeAll(these);
        handle.execute("DELETE FROM meta WHERE name = ?", name);
        return add(handle, name, left);
    }

    private List<String> body(String id) {
        return ledger.ask(handle -> handle.createQuery("SELECT body FROM job_files WHERE job_id = ?")
                .bind(0, id)
                .mapTo(String.class)
                .list());
    }

    private static boolean isShown(Handle handle, String picture) {
        return handle.createQuery("SELECT count(*) FROM job_files WHERE instr(body, ?) > 0")
                        .bind(0, picture)
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }

    private static List<String> pending(Handle handle, String name) {
        return handle.createQuery("SELECT value FROM meta WHERE name = ?")
                .bind(0, name)
                .mapTo(String.class)
                .findOne()
                .map(ids -> List.of(ids.split(" ")))
                .orElse(List.of());
    }

    /**
     * Removes what killed runs left unfinished, and rewrites everything that may have traces of what was erased; does
     * nothing if nothing was.
     *
     * @return the files that could not be written anew and may have traces still
     */
    List<Path> cleanse(Pictures shop, Papers papers) {
        List<String> ids = ledger.ask(handle -> pending(handle, PENDING));
        List<String> pictures = ledger.ask(handle -> pending(handle, PICTURES));
        if (ids.isEmpty()) {
            try {
                Disk.sweep(file.toAbsolutePath().getParent());
            } catch (IOException stays) {
                return List.of(file.toAbsolutePath().getParent());
            }
            return List.of();
        }
        removeFiles(ids, shop, papers);
        List<Path> stay = new ArrayList<>(SqliteBackups.of(file).erase(ids, pictures));
        try {
            for (Path aside : SqliteBackups.of(file).aside()) {
                if (!rewritten(aside, ids)) {
                    // Nobody can tell what is in it.
                    for (String part : SqliteBackups.PARTS) {
                        Disk.delete(aside.resolveSibling(aside.getFileName() + part));
                    }
                }
            }
            Disk.sweep(file.toAbsolutePath().getParent());
        } catch (IOException stays) {
            stay.add(file.toAbsolutePath().getParent());
        }
        // Pages retain pieces of rows that were moved within them; only a rewritten file is free of them.
        ledger.ask(handle -> handle.inTransaction(inside -> inside.execute(FORGET)));
        ledger.ask(handle -> handle.execute("VACUUM"));
        ledger.ask(handle ->
                handle.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
        if (stay.isEmpty()) {
            // Whatever was erased in the meantime is still to be done.
            ledger.ask(handle ->
                    handle.inTransaction(inside -> done(inside, PENDING, ids) + done(inside, PICTURES, pictures)));
        }
        return stay;
    }

    /**
     * Removes jobs from a database that nobody has open, and rewrites it.
     *
     * @return whether it could be
     */
    static boolean rewritten(Path database, List<String> ids) {
        try (Connection connection = LedgerOpener.source(database).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA secure_delete = ON");
            connection.setAutoCommit(false);
            for (String table : TABLES) {
                if (table.contains("job_search") && LedgerFileStatus.version(statement) < LedgerOpener.SEARCH_SINCE) {
                    continue;
                }
                try (PreparedStatement delete = connection.prepareStatement(table)) {
                    for (String id : ids) {
                        delete.setString(1, id);
                        delete.execute();
                    }
                }
            }
            if (LedgerFileStatus.version(statement) >= LedgerOpener.SEARCH_SINCE) {
                statement.execute(FORGET);
            }
            connection.commit();
        } catch (SQLException unusable) {
            return false;
        }
        // On a separate connection, because the trigram index keeps what it reads open on the one that wrote it.
        try (Connection connection = LedgerOpener.source(database).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("VACUUM");
            statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            return true;
        } catch (SQLException unusable) {
            return false;
        }
    }
}
