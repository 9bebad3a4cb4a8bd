/** All jobs of a shop: the port, and its adapters for SQLite and PostgreSQL. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.ledger {
    requires java.desktop;
    requires com.zaxxer.hikari;
    requires java.sql;
    requires flyway.core;
    requires org.jdbi.v3.core;
    requires org.postgresql.jdbc;
    requires transitive org.kestan.core;
    requires org.kestan.files;
    requires org.xerial.sqlitejdbc;
    requires tools.jackson.databind;

    exports org.kestan.ledger;
    exports org.kestan.ledger.postgres;
    exports org.kestan.ledger.sqlite;
    exports org.kestan.ledger.week;
}
