/** What ledgers in SQL databases have in common: portable SQL. */
package org.kestan.ledger.sql;
