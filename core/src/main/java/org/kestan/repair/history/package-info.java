/** An instrument over the years: the trends its visits show, with their uncertainty. */
package org.kestan.repair.history;
