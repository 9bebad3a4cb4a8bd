package org.kestan.job.week;

import java.time.LocalDate;

/**
 * A step pinned to a day.
 *
 * @param step its id
 * @param on the day it is begun
 */
public record Pin(String step, LocalDate on) {}
