/** The work plan: the ways taken, and what they come to as numbers a person can set on a tool (§7). */
package org.kestan.repair.plan;
