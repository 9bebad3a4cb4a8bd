package org.kestan.base.standards;

/**
 * A kind of instrument, as shops distinguish them.
 *
 * @param family key of the family
 * @param body as it was written, in small letters; empty if not stated
 * @param bracing key of the bracing; empty if not stated
 */
public record InstrumentKind(String family, String body, String bracing) {}
