/**
 * What the rooms of the core have to say, before any words: a kind and the quantities that belong to it, each typed as what
 * it is. Whoever shows a finding asks {@code org.kestan.text} for its sentence.
 *
 * <p>Each room keeps its kinds in an enum of its own beside what finds them.
 */
package org.kestan.base.finding;
