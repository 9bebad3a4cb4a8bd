/** Which release of Kestan this is. */
package org.kestan.base.release;
