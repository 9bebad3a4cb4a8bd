/** The shop's week: the remaining work of all open jobs, planned together. */
package org.kestan.week;
