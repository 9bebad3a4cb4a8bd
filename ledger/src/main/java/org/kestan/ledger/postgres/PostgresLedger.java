package org.kestan.ledger.postgres;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.kestan.base.finding.Finding;
import org.kestan.files.job.JobReader;
import org.kestan.job.pictures.Photo;
import org.kestan.ledger.Backups;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Papers;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.WaitingSaves;
import org.kestan.ledger.sql.JobSearch;
import org.kestan.ledger.sql.SqlLedger;

/**
 * The ledger of a shop with several benches, on a PostgreSQL server, version 13 or later, which also stores pictures
 * and papers.
 */
public final class PostgresLedger extends SqlLedger {

    /** The ledger has its own schema, beside whatever else the database contains. */
    private static final String SCHEMA = "kestan";

    private static final int LATEST = 4;
    private static final int CONNECTIONS = 3;
    private static final long PATIENCE_MILLIS = 2000;
    private static final PostgresSearch SEARCH = new PostgresSearch();

    private final PostgresAddress address;
    private final HikariDataSource source;
    private final Jdbi jdbi;
    private final Path copies;
    private final String bench = UUID.randomUUID().toString();
    private final BenchNotices notices;
    private final ThreadLocal<Handle> inside = new ThreadLocal<>();

    private PostgresLedger(PostgresAddress address, HikariDataSource source, Path copies, Clock clock) {
        super(clock);
        this.address = address;
        this.source = source;
        this.copies = copies;
        jdbi = Jdbi.create(source);
        notices = new BenchNotices(address, SCHEMA, bench);
        begin();
    }

    /**
     * Opens the ledger of a database, creating it if there is none.
     *
     * @param copies a folder of this machine for copies of pictures and papers
     */
    public static OpenResult open(PostgresAddress address, Path copies) {
        return open(address, copies, Clock.systemUTC());
    }

    /** Opens a ledger in the same way, with another clock. */
    public static OpenResult open(PostgresAddress address, Path copies, Clock clock) {
        HikariDataSource source = null;
        try {
            source = new HikariDataSource(pool(address));
            Optional<Finding> refused = look(source);
            if (refused.isPresent()) {
                source.close();
                return new OpenResult.Refused(refused.get(), List.of());
            }
            Flyway ledger = Flyway.configure()
                    .dataSource(source)
                    .schemas(SCHEMA)
                    .defaultSchema(SCHEMA)
                    .locations("classpath:org/kestan/ledger/postgres")
                    .load();
            // A bench that may not create anything can't upgrade anything either.
            if (Jdbi.create(source).withHandle(PostgresLedger::mayMake)) {
                ledger.migrate();
            }
            return new OpenResult.Opened(new PostgresLedger(address, source, copies, clock), Optional.empty());
        } catch (LedgerException
                | JdbiException
                | FlywayException
                | com.zaxxer.hikari.pool.HikariPool.PoolInitializationException failed) {
            if (source != null) {
                source.close();
            }
            return new OpenResult.Refused(PostgresErrors.of(failed), List.of());
        }
    }

    /**
     * Returns the statements that create a role for the owner of a ledger and one for benches, for the server's
     * administrator.
     */
    public static String roles() {
        try (InputStream text = PostgresLedger.class.getResourceAsStream("roles.sql")) {
            return new String(text.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static HikariConfig pool(PostgresAddress address) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(address.jdbc());
        config.setDataSourceProperties(address.properties(SCHEMA));
        // Planned anew each time, for the words in question: a plan for arbitrary words would read the whole table.
        config.addDataSourceProperty("prepareThreshold", "0");
        // In one process and without compiling: several processes or a compiled plan take longer to start than a
        // search takes.
        config.addDataSourceProperty("options", "-c max_parallel_workers_per_gather=0 -c jit=off");
        config.setMaximumPoolSize(CONNECTIONS);
        config.setMinimumIdle(1);
        config.setConnectionTimeout(PATIENCE_MILLIS);
        config.setPoolName("kestan");
        return config;
    }

    /** The reason why it can't be opened; nothing is written. */
    private static Optional<Finding> look(HikariDataSource source) {
        return Jdbi.create(source).withHandle(handle -> {
            boolean ours = exists(handle, "flyway_schema_history");
            boolean owner = mayMake(handle);
            if (!ours) {
                boolean another =
                        handle.createQuery("SELECT count(*) FROM information_schema.tables WHERE table_schema = ?")
                                        .bind(0, SCHEMA)
                                        .mapTo(Integer.class)
                                        .one()
                                > 0;
                return another
                        ? Optional.of(LedgerFinding.SOMETHING_ELSE.of())
                        : owner ? Optional.empty() : Optional.of(LedgerFinding.OWNER_FIRST.of());
            }
            int version = handle.createQuery("SELECT coalesce(max(version::int), 0) FROM " + SCHEMA
                            + ".flyway_schema_history WHERE success AND version IS NOT NULL")
                    .mapTo(Integer.class)
                    .one();
            return version > LATEST
                    ? Optional.of(LedgerFinding.NEWER.of())
                    : version < LATEST && !owner ? Optional.of(LedgerFinding.OWNER_FIRST.of()) : Optional.empty();
        });
    }

    /** Returns whether this user may create or upgrade the ledger's tables. */
    private static boolean mayMake(Handle handle) {
        return handle.createQuery("SELECT CASE WHEN to_regnamespace(:schema) IS NULL"
                        + " THEN has_database_privilege(current_database(), 'CREATE')"
                        + " ELSE has_schema_privilege(:schema, 'CREATE') END")
                .bind("schema", SCHEMA)
                .mapTo(Boolean.class)
                .one();
    }

    private static boolean exists(Handle handle, String table) {
        return handle.createQuery("SELECT to_regclass(?) IS NOT NULL")
                .bind(0, SCHEMA + "." + table)
                .mapTo(Boolean.class)
                .one();
    }

    @Override
    public String place() {
        return address.toString();
    }

    @Override
    public Optional<WaitingSaves> waiting() {
        return Optional.of(new WaitingSaves(copies.resolve("waiting")));
    }

    @Override
    public Pictures pictures() {
        return new Pictures(copies.resolve("pictures"), PostgresFiles.pictures(this::with));
    }

    @Override
    public Papers papers() {
        return new Papers(copies.resolve("papers"), PostgresFiles.papers(this::with));
    }

    /** A server is backed up by its own means. */
    @Override
    public Backups backups() {
        return new Backups() {
            @Override
            public List<Path> all() {
                return List.of();
            }

            @Override
            public List<Copy> whole() {
                return List.of();
            }

            @Override
            public Optional<Path> make() {
                return Optional.empty();
            }

            @Override
            public Optional<Path> putBack(Path copy) throws IOException {
                throw new IOException("a server is put back by its own means");
            }
        };
    }

    @Override
    public String writtenElsewhere() {
        return with(handle -> handle.createQuery("SELECT coalesce(sum(written), 0)::text FROM benches WHERE bench <> ?")
                .bind(0, bench)
                .mapTo(String.class)
                .one());
    }

    @Override
    protected String state() {
        return with(handle -> handle.createQuery("SELECT coalesce(sum(written), 0)::text FROM benches")
                .mapTo(String.class)
                .one());
    }

    @Override
    protected String changed(Handle handle, String id) {
        // Announced once everything is written.
        handle.createQuery("WITH counted AS (INSERT INTO benches (bench, written) VALUES (?, 1)"
                        + " ON CONFLICT (bench) DO UPDATE SET written = benches.written + 1 RETURNING bench)"
                        + " SELECT pg_notify(?, bench)::text FROM counted")
                .bind(0, bench)
                .bind(1, BenchNotices.CHANNEL)
                .mapTo(String.class)
                .one();
        return id;
    }

    @Override
    public void listen(Runnable heard) {
        notices.listen(heard);
    }

    @Override
    public void showing(Optional<String> id) {
        notices.showing(id);
    }

    @Override
    public Map<String, List<String>> openElsewhere() {
        return with(handle -> handle.createQuery(
                        "SELECT job_id, name FROM benches WHERE bench <> ? AND job_id IS NOT NULL"
                                + " AND seen_at > now() - make_interval(secs => ?) ORDER BY name")
                .bind(0, bench)
                .bind(1, BenchNotices.GONE_AFTER)
                .map((row, context) -> Map.entry(row.getString(1), row.getString(2)))
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toUnmodifiableList()))));
    }

    @Override
    protected JobSearch search() {
        return SEARCH;
    }

    @Override
    protected void erase(List<String> ids) {
        for (String id : ids) {
            List<String> shown = with(handle -> handle.createQuery("SELECT body FROM job_files WHERE job_id = ?")
                            .bind(0, id)
                            .mapTo(String.class)
                            .list())
                    .stream()
                    .flatMap(text -> JobReader.read(text).job().stream())
                    .flatMap(job -> job.photos().stream().map(Photo::file))
                    .distinct()
                    .toList();
            inTransaction(handle -> {
                handle.execute("DELETE FROM job_files WHERE job_id = ?", id);
                handle.execute("DELETE FROM jobs WHERE id = ?", id);
                return changed(handle, id);
            });
            papers().remove(id);
            shown.stream().filter(picture -> !isShown(picture)).forEach(pictures()::remove);
        }
    }

    private boolean isShown(String picture) {
        return with(handle -> handle.createQuery("SELECT EXISTS (SELECT 1 FROM job_files WHERE strpos(body, ?) > 0)")
                .bind(0, picture)
                .mapTo(Boolean.class)
                .one());
    }

    /** Copies on this machine are removed with their jobs; the server handles traces on its side itself. */
    @Override
    public List<Path> cleanse() {
        return List.of();
    }

    @Override
    public Optional<Finding> check() {
        try {
            with(handle -> handle.createQuery("SELECT count(*) FROM jobs")
                    .mapTo(Integer.class)
                    .one());
            return Optional.empty();
        } catch (LedgerException failed) {
            return Optional.of(failed.why());
        }
    }

    @Override
    protected <T> T inTransaction(Function<Handle, T> work) {
        if (inside.get() != null) {
            return with(work);
        }
        try {
            return jdbi.inTransaction(handle -> {
                inside.set(handle);
                try {
                    return work.apply(handle);
                } finally {
                    inside.remove();
                }
            });
        } catch (JdbiException failed) {
            throw new LedgerException(PostgresErrors.of(failed), failed);
        }
    }

    @Override
    protected <T> T with(Function<Handle, T> work) {
        try {
            return inside.get() != null ? work.apply(inside.get()) : jdbi.withHandle(work::apply);
        } catch (JdbiException failed) {
            throw new LedgerException(PostgresErrors.of(failed), failed);
        }
    }

    @Override
    public void close() {
        notices.close();
        source.close();
    }
}
