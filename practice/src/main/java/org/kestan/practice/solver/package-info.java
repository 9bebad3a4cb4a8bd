/** Kestan's own verdict and plan, played to the end on a practice instrument. */
package org.kestan.practice.solver;
