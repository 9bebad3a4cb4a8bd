/** A ledger in one SQLite file. The SQL keeps to what other databases understand. */
package org.kestan.ledger.sqlite;
