/** What ledgers in a database have in common, whichever database it is: portable SQL. */
package org.kestan.ledger.sql;
