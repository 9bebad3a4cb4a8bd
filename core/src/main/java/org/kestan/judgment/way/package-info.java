/**
 * What a way is: an object that declares what it does and takes, and leads from one setup to the next. The ways
 * themselves are in {@code org.kestan.judgment.ways}.
 */
package org.kestan.judgment.way;
