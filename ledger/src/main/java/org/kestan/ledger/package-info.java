/**
 * The shop's ledger: all jobs in one database file, with backups, pictures beside it, and archives to carry away. Each job
 * lies in it as its job file; what the list shows of a job is derived from it when it is saved.
 *
 * <p>Knows nothing of screens.
 */
package org.kestan.ledger;
