/**
 * What everything else is based on: lengths and angles as they are typed, the formulas in millimeters and radians, the
 * lines of the measuring sheet, the shop's standards and schools, strings as physics, findings as data.
 *
 * <p>Knows no job: what is said of one instrument is left to {@code org.kestan.job}.
 */
package org.kestan.base;
