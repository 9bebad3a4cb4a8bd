package org.kestan.job;

/**
 * Something looked at in the inspection of the structure.
 *
 * @param what what was looked at
 * @param severity how bad it is; {@link Severity#SOUND} says it was looked at and found sound
 * @param note where and how, empty for nothing to add
 */
public record Finding(FindingKind what, Severity severity, String note) {}
