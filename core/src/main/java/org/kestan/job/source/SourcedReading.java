package org.kestan.job.source;

import org.kestan.base.sheet.Line;

/**
 * A reading that nobody typed, for a line of the sheet.
 *
 * @param line the line it is for
 * @param value what was read
 * @param provenance where it comes from
 * @param <T> the value of the line: a length, or cents
 */
public record SourcedReading<T>(Line<T> line, T value, Provenance provenance) {}
