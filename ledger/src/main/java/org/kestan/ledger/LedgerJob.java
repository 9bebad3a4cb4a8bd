package org.kestan.ledger;

import org.kestan.job.Job;

/**
 * A job as stored in the ledger.
 *
 * @param id the job's id
 * @param revision counts its saves; a save has to name the one it builds on
 * @param job the job
 */
public record LedgerJob(String id, int revision, Job job) {}
