/** How long a repair holds and what it costs a year (§3.24): bodies go on folding. */
package org.kestan.repair.holding;
