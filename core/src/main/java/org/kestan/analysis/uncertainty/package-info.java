/**
 * How well the derived figures are known: the law of propagation of uncertainty (JCGM 100:2008, the GUM) over the
 * readings, each with the resolution of its tool and the scatter of its takes; and which reading dominates.
 */
package org.kestan.analysis.uncertainty;
