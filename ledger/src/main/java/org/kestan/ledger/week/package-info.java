/** The remaining work of all open jobs of a ledger. */
package org.kestan.ledger.week;
