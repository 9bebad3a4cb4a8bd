package org.kestan.ledger.postgres;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.CopyOnWriteArrayList;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;

/**
 * Receives notices from other benches (PostgreSQL documentation, "LISTEN" and "NOTIFY"), and tells them which job is
 * open here. Has its own connection, which is renewed whenever it breaks; the listener is called after that, since
 * something may have been missed.
 */
final class BenchNotices implements AutoCloseable {

    /** The channel for notices between benches; a notice contains the bench it comes from. */
    static final String CHANNEL = "kestan";

    /** A bench that has not been heard of for this long is gone, seconds. */
    static final int GONE_AFTER = 20;

    private static final int HEARING_MILLIS = 500;
    private static final long SAYING_MILLIS = 5000;
    private static final long AGAIN_MILLIS = 1000;

    private final String url;
    private final Properties properties;
    private final String bench;
    private final List<Runnable> listeners = new CopyOnWriteArrayList<>();
    private final Thread thread = new Thread(this::run, "ledger-notices");
    private volatile boolean open = true;
    private volatile Optional<String> job = Optional.empty();

    BenchNotices(PostgresAddress address, String schema, String bench) {
        this.bench = bench;
        url = address.jdbc();
        properties = address.properties(schema);
        properties.setProperty("connectTimeout", "5");
        // An unplugged cable is noticed when the next notice is due.
        properties.setProperty("socketTimeout", "10");
        thread.setDaemon(true);
    }

    /** Starts calling a listener, on a separate thread. */
    synchronized void listen(Runnable heard) {
        listeners.add(heard);
        if (thread.getState() == Thread.State.NEW) {
            thread.start();
        }
    }

    /** Changes the job that is open here. */
    void showing(Optional<String> id) {
        job = id;
    }

    private void run() {
        String name = name();
        while (open) {
            try (Connection connection = DriverManager.getConnection(url, properties)) {
                try (Statement statement = connection.createStatement()) {
                    statement.execute("LISTEN " + CHANNEL);
                }
                tell();
                hear(connection, name);
            } catch (SQLException away) {
                System.getLogger(BenchNotices.class.getName()).log(System.Logger.Level.DEBUG, "notices", away);
                pause();
            }
        }
    }

    private void hear(Connection connection, String name) throws SQLException {
        Optional<String> said = Optional.empty();
        long next = 0;
        while (open) {
            Optional<String> now = job;
            if (!now.equals(said) || System.currentTimeMillis() >= next) {
                say(connection, name, now, !now.equals(said));
                said = now;
                next = System.currentTimeMillis() + SAYING_MILLIS;
            }
            PGNotification[] heard = connection.unwrap(PGConnection.class).getNotifications(HEARING_MILLIS);
            if (heard != null) {
                for (PGNotification each : heard) {
                    if (!each.getParameter().equals(bench)) {
                        tell();
                        break;
                    }
                }
            }
        }
        say(connection, name, Optional.empty(), said.isPresent());
    }

    private void say(Connection connection, String name, Optional<String> id, boolean changed) throws SQLException {
        try (PreparedStatement row = connection.prepareStatement(
                "INSERT INTO benches (bench, written, name, job_id, seen_at) VALUES (?, 0, ?, ?, now())"
                        + " ON CONFLICT (bench) DO UPDATE SET name = excluded.name, job_id = excluded.job_id, seen_at = now()")) {
            row.setString(1, bench);
            row.setString(2, name);
            row.setString(3, id.orElse(null));
            row.executeUpdate();
        }
        if (changed) {
            try (PreparedStatement notice = connection.prepareStatement("SELECT pg_notify(?, ?)")) {
                notice.setString(1, CHANNEL);
                notice.setString(2, bench);
                notice.execute();
            }
        }
    }

    private void tell() {
        listeners.forEach(Runnable::run);
    }

    private void pause() {
        try {
            Thread.sleep(AGAIN_MILLIS);
        } catch (InterruptedException closed) {
            Thread.currentThread().interrupt();
        }
    }

    /** The person at this bench, as others know them. */
    private static String name() {
        String user = System.getProperty("user.name", "");
        try {
            return user + " at " + InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException nameless) {
            return Objects.requireNonNullElse(System.getenv("COMPUTERNAME"), user);
        }
    }

    @Override
    public void close() {
        open = false;
        if (thread.isAlive() && Thread.currentThread() != thread) {
            try {
                thread.join(2 * AGAIN_MILLIS);
            } catch (InterruptedException hurried) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
