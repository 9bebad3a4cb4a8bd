/** Papers as PDF, HTML and SVG: bench card, templates, labels, blank sheet, estimate and report. */
package org.kestan.files.papers;
