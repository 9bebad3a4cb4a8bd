/** The ways to repair an instrument (§6), each a class: whether it suits this one, why, and the result. */
package org.kestan.judgment.ways;
