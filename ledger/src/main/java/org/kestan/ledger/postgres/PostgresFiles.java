package org.kestan.ledger.postgres;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.kestan.ledger.KeptFiles;
import org.kestan.ledger.sql.SqlLessons;

/** Pictures and papers in the database, so that every bench has them. */
record PostgresFiles(SqlLessons.Asking server, String table, String key) implements KeptFiles {

    static KeptFiles pictures(SqlLessons.Asking server) {
        return new PostgresFiles(server, "pictures", "");
    }

    static KeptFiles papers(SqlLessons.Asking server) {
        return new PostgresFiles(server, "papers", "job_id");
    }

    /** Papers are in one folder per job, pictures all in one. */
    private boolean perJob() {
        return !key.isEmpty();
    }

    private String where() {
        return perJob() ? " WHERE job_id = :folder AND name = :name" : " WHERE name = :name";
    }

    @Override
    public List<String> names(String folder) {
        return perJob()
                ? server.ask(handle -> handle.createQuery("SELECT name FROM papers WHERE job_id = ? ORDER BY name")
                        .bind(0, folder)
                        .mapTo(String.class)
                        .list())
                : server.ask(handle -> handle.createQuery("SELECT name FROM pictures ORDER BY name")
                        .mapTo(String.class)
                        .list());
    }

    @Override
    public Optional<byte[]> read(String folder, String name) {
        return server.ask(handle -> {
            var query =
                    handle.createQuery("SELECT body FROM " + table + where()).bind("name", name);
            if (perJob()) {
                query.bind("folder", folder);
            }
            return query.mapTo(byte[].class).findOne();
        });
    }

    @Override
    public boolean write(String folder, String name, byte[] bytes) {
        int written = server.ask(handle -> {
            var update = handle.createUpdate(
                            perJob()
                                    ? "INSERT INTO papers (job_id, name, body) VALUES (:folder, :name, :body) ON CONFLICT DO NOTHING"
                                    : "INSERT INTO pictures (name, body) VALUES (:name, :body) ON CONFLICT DO NOTHING")
                    .bind("name", name)
                    .bind("body", bytes);
            if (perJob()) {
                update.bind("folder", folder);
            }
            return update.execute();
        });
        return written == 1
                || read(folder, name)
                        .filter(there -> Arrays.equals(there, bytes))
                        .isPresent();
    }

    @Override
    public void remove(String folder, String name) {
        server.ask(handle -> {
            var update = handle.createUpdate("DELETE FROM " + table + where()).bind("name", name);
            if (perJob()) {
                update.bind("folder", folder);
            }
            return update.execute();
        });
    }
}
