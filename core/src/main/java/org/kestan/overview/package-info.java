/**
 * One analysis for each job in a shop: everything that follows from it, from the readings to the plan. Screens,
 * command line, ledger and papers read only this; texts come after it.
 */
package org.kestan.overview;
