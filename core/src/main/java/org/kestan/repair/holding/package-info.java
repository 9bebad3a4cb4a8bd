/** How long a repair holds and what it costs per year (§3.24), since bodies keep folding. */
package org.kestan.repair.holding;
