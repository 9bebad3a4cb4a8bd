/**
 * The ways to put an instrument right (§6), least invasive first: for each whether it can be done on this one and why, what
 * the instrument will be afterwards, what it spends, what it costs; several in a row, each from the state the one before
 * leaves; and which of them the shop would take, and what would change its mind.
 */
package org.kestan.ways;
