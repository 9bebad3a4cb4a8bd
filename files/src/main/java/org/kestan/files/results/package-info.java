/** Results printed as JSON for other programs: solve, verdict, plan, steps, swing, heel log, memory. */
package org.kestan.files.results;
