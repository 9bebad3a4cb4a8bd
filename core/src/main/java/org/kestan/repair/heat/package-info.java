/** Heat through a board into the glue under it (§3.25): when the glue lets go, and how warm everything gets. */
package org.kestan.repair.heat;
