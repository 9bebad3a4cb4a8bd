package org.kestan.ledger.postgres;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Optional;
import java.util.Properties;
import java.util.function.UnaryOperator;

/**
 * The address of a database on a server, such as {@code postgresql://bench@server:5432/shop}.
 *
 * @param host the server
 * @param port its port
 * @param database the database
 * @param user the user
 * @param password the user's password; empty if the driver looks for it in the platform's usual places
 */
public record PostgresAddress(String host, int port, String database, String user, Optional<String> password) {

    private static final String SCHEME = "postgresql";
    private static final int USUAL_PORT = 5432;

    /** Returns whether a text is meant to be such an address. */
    public static boolean isOne(String text) {
        return text.startsWith(SCHEME + "://") || text.startsWith("postgres://");
    }

    /**
     * Reads an address. It must not contain a password, which comes from the environment ({@code PGPASSWORD}), or else
     * from {@code ~/.pgpass}, where the driver looks for it.
     *
     * @param environment variables of the platform by their names; null for none
     * @return empty if it is not one, or contains a password
     */
    public static Optional<PostgresAddress> of(String text, UnaryOperator<String> environment) {
        try {
            URI uri = new URI(text);
            String path = uri.getPath() == null ? "" : uri.getPath();
            String info = uri.getUserInfo() == null ? "" : uri.getUserInfo();
            if (!isOne(text) || uri.getHost() == null || path.length() < 2 || info.contains(":")) {
                return Optional.empty();
            }
            String user = !info.isEmpty()
                    ? info
                    : Optional.ofNullable(environment.apply("PGUSER")).orElse(System.getProperty("user.name"));
            return Optional.of(new PostgresAddress(
                    uri.getHost(),
                    uri.getPort() < 0 ? USUAL_PORT : uri.getPort(),
                    path.substring(1),
                    user,
                    Optional.ofNullable(environment.apply("PGPASSWORD"))));
        } catch (URISyntaxException none) {
            return Optional.empty();
        }
    }

    /** Returns the address with a password. */
    public PostgresAddress withPassword(String secret) {
        return new PostgresAddress(host, port, database, user, Optional.of(secret));
    }

    /** Returns the address in the form the driver needs. */
    String jdbc() {
        return "jdbc:postgresql://" + host + ":" + port + "/" + database;
    }

    /**
     * Returns the settings of every connection of a bench, in the form the driver needs. Connections are encrypted if
     * the server supports it; a server that does not is on the shop's own network.
     */
    Properties properties(String schema) {
        Properties all = new Properties();
        all.setProperty("user", user);
        password.ifPresent(word -> all.setProperty("password", word));
        all.setProperty("currentSchema", schema + ",public");
        all.setProperty("ApplicationName", "Kestan");
        all.setProperty("sslmode", "prefer");
        return all;
    }

    /** Returns the name of a folder for what this machine stores for that database; no two databases have the same. */
    public String folderName() {
        return (host + "-" + port + "-" + database).replaceAll("[^A-Za-z0-9.-]", "_")
                + "-"
                + Integer.toHexString((host + ":" + port + "/" + database).hashCode());
    }

    /** Returns the address for people, without the password. */
    @Override
    public String toString() {
        return SCHEME + "://" + user + "@" + host + ":" + port + "/" + database;
    }
}
