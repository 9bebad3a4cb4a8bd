/** The release of Kestan. */
package org.kestan.base.release;
