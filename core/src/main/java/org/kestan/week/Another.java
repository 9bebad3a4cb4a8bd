package org.kestan.week;

import java.time.ZonedDateTime;

/**
 * What would happen if one more job came after all that are planned.
 *
 * @param job the job
 * @param begun when it would be begun on
 * @param ready50 when it would be ready in half of all cases
 * @param ready80 when it would be ready in eight of ten: the first day it could be promised for
 */
public record Another(WeekJob job, ZonedDateTime begun, ZonedDateTime ready50, ZonedDateTime ready80) {}
