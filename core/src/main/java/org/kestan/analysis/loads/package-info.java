/** The strings of a job at their pitch: what they pull and press. Newtons. */
package org.kestan.analysis.loads;
