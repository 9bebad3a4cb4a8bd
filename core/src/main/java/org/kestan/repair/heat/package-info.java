/** Heat through a board into the glue under it (§3.25): when it lets go, and what gets how warm meanwhile. */
package org.kestan.repair.heat;
