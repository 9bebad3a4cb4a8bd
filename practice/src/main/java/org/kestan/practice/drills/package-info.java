/**
 * Short drills: read a rule, name the gate that stops first, say how many pulls are left, land the straightedge.
 */
package org.kestan.practice.drills;
