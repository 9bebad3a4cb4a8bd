/**
 * The counter check: five readings and a look at an instrument on the counter, or about to be bought. What was not read is
 * tried over its plausible range, so that the likely answer comes with how sure it is.
 */
package org.kestan.judgment.counter;
