/** The solver behind the shop's week. */
package org.kestan.planning;
