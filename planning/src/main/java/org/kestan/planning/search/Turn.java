package org.kestan.planning.search;

/**
 * A turn of a job; a job has one for each of its steps.
 *
 * @param job its index
 * @param turn counts from 0
 */
public record Turn(int job, int turn) {}
