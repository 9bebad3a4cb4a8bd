/**
 * What is wrong and what can be done: the gates in order, the ways to fix it with the results of each, the
 * recommendation and what would change it, the counter check, the neck from nothing.
 *
 * <p>Leaves how it is done at the bench to {@code org.kestan.repair}.
 */
package org.kestan.judgment;
