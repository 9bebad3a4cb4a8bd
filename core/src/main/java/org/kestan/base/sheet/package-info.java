/**
 * The lines of the measuring sheet: every length that is read or aimed at, with its number in working order, its place
 * on the instrument, how to read it and what is plausible. Fields, files and checks are all built from these lists, so
 * that a reading is described once.
 *
 * <p>Leaves the values to {@code org.kestan.job}.
 */
package org.kestan.base.sheet;
