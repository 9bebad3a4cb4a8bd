package org.kestan.ledger;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.overview.Station;

/**
 * What the list shows about a job.
 *
 * @param id the job's id
 * @param name what the shop calls the instrument, empty if it has no name
 * @param owner its owner; empty if not stated
 * @param station the station the job is at
 * @param waitsFor what it waits for there
 * @param due the day it is to be looked at again; empty for none
 * @param line the instrument's line before and after, when it could be worked out
 * @param createdAt when it came into the ledger
 * @param changedAt when it was changed last
 * @param shelf where it lies
 */
public record JobCard(
        String id,
        String name,
        String owner,
        Station station,
        Finding waitsFor,
        Optional<LocalDate> due,
        Optional<LineSketch> line,
        Instant createdAt,
        Instant changedAt,
        JobLocation shelf) {}
