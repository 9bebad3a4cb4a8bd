package org.kestan.judgment.verdict;

/**
 * What a repair costs, in the shop's currency.
 *
 * @param hours hours of work
 * @param cost hours at the rate of the job, and parts
 */
public record RepairPrice(double hours, double cost) {}
