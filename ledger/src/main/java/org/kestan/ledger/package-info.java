/**
 * The shop's ledger: all jobs in one database, with backups, pictures, and archives to carry away. Each job is stored
 * as its job file; what the list shows is derived from it on saving.
 *
 * <p>Knows nothing of screens.
 */
package org.kestan.ledger;
