/** The strings of a job at pitch: their pull and their pressure. Newtons. */
package org.kestan.analysis.loads;
