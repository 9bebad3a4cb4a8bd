/** The neck angle from nothing: for a kit or a new build, before there is an instrument to measure (§3.18). */
package org.kestan.judgment.kit;
