/** The figures that decide and stay in sight, as measured and as planned, each with its state. */
package org.kestan.analysis.figures;
