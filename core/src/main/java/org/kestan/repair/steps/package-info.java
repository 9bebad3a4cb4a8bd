/**
 * The work at the bench, step by step: what a step is, when it is taken, which numbers of the plan it shows, and how
 * the steps of several ways become one list. The texts of the steps are data in files.
 */
package org.kestan.repair.steps;
