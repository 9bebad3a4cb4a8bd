/**
 * Results of the core, before any texts: a kind and its quantities, each with a type for what it is. To show a
 * finding, ask {@code org.kestan.text} for its sentence.
 *
 * <p>Each room keeps its kinds in an enum of its own beside what finds them.
 */
package org.kestan.base.finding;
