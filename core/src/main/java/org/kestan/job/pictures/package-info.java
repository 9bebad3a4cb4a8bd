/** The pictures of a job, by the names of their copies; the copies lie beside the ledger. */
package org.kestan.job.pictures;
