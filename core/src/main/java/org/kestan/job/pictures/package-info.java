/** The pictures of a job, by the names of their copies, which are stored beside the ledger. */
package org.kestan.job.pictures;
