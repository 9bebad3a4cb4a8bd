/** What the figures rest on that is not known exactly, and how well each reading is known. */
package org.kestan.analysis.inputs;
