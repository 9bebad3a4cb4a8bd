/** A shop's working week: hours, people, places. */
package org.kestan.base.week;
