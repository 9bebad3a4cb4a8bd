/** What was true, laid over what was believed: readings, judgment, work, and the marks that follow. */
package org.kestan.practice.reckoning;
