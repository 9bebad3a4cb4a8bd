/** Kestan's own verdict and plan, carried out to the end on a practice instrument. */
package org.kestan.practice.solver;
