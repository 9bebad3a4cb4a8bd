/** Questions about the sheet: readings outside their plausible range, and readings that contradict each other. */
package org.kestan.analysis.questions;
