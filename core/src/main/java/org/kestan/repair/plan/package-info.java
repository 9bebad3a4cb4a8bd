/** The work plan: the ways taken, as numbers a person can set on a tool (§7). */
package org.kestan.repair.plan;
