/**
 * The counter check: five readings and a quick look at an instrument on the counter, or about to be bought. Anything
 * not read is tried over its plausible range, which shows how certain the likely answer is.
 */
package org.kestan.judgment.counter;
