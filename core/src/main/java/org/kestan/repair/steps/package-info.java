/**
 * The work at the bench, step by step: what a step is, when it is taken, which numbers of the plan stand in it, and how the
 * steps of several ways become one row. The texts of the steps are data and lie in files.
 */
package org.kestan.repair.steps;
