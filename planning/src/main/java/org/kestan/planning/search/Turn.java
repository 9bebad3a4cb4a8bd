package org.kestan.planning.search;

/**
 * A turn of a job: one of as many as it has steps.
 *
 * @param job its index
 * @param turn counts from 0
 */
public record Turn(int job, int turn) {}
