package org.kestan.ledger.postgres;

import static org.assertj.core.api.Assertions.assertThat;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.kestan.base.finding.Finding;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;

/** The server of the tests, started when it is first needed and stopped with them. */
final class TestServer {

    static final TestServer SHARED = new TestServer();

    private static final AtomicInteger NUMBER = new AtomicInteger();

    private final EmbeddedPostgres server;

    private TestServer() {
        try {
            server = EmbeddedPostgres.builder().start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    int port() {
        return server.getPort();
    }

    DataSource source(String database) {
        return server.getDatabase("postgres", database);
    }

    static Ledger opened(PostgresAddress address, Path folder) {
        OpenResult result = PostgresLedger.open(address, folder);
        assertThat(result).isInstanceOf(OpenResult.Opened.class);
        return ((OpenResult.Opened) result).ledger();
    }

    static Finding refusal(PostgresAddress address) throws IOException {
        OpenResult result = PostgresLedger.open(address, Files.createTempDirectory("kestan-test-"));
        assertThat(result).isInstanceOf(OpenResult.Refused.class);
        return ((OpenResult.Refused) result).why();
    }

    String database() {
        String name = "shop" + NUMBER.incrementAndGet();
        execute("postgres", "CREATE DATABASE " + name);
        return name;
    }

    void execute(String database, String sql) {
        try (Connection connection = source(database).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException failed) {
            throw new IllegalStateException(sql, failed);
        }
    }

    PostgresAddress address(String database) {
        return new PostgresAddress("localhost", port(), database, "postgres", Optional.of("postgres"));
    }

    String setting(String name) {
        try (Connection connection = source("postgres").getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SHOW " + name)) {
            row.next();
            return row.getString(1);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    static void until(BooleanSupplier holds) {
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!holds.getAsBoolean()) {
            assertThat(System.nanoTime()).as("in time").isLessThan(end);
            try {
                Thread.sleep(10);
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
        }
    }
}
