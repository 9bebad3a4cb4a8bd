/** A ledger in one SQLite file. The SQL avoids what other databases do not understand. */
package org.kestan.ledger.sqlite;
