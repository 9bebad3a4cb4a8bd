/** The inputs that are not known exactly, and how well each reading is known. */
package org.kestan.analysis.inputs;
