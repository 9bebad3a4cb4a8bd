/** The deciding figures, which stay visible, as measured and as planned, each with its state. */
package org.kestan.analysis.figures;
