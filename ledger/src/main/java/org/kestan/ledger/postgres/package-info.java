/** The ledger of a shop with several benches: one PostgreSQL server. */
package org.kestan.ledger.postgres;
