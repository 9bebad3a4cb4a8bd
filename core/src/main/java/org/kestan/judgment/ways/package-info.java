/** The ways to put an instrument right (§6), each a class: whether it is for this one, why, and what comes of it. */
package org.kestan.judgment.ways;
