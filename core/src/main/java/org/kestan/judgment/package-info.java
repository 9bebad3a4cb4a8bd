/**
 * What is wrong and what can be done: the gates in order, the ways of putting it right with what each comes to, what the
 * shop would do and what would change that, the counter check, the neck from nothing.
 *
 * <p>Leaves how it is done at the bench to {@code org.kestan.repair}.
 */
package org.kestan.judgment;
