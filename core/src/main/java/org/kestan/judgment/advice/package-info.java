/**
 * The recommendation: every way judged for this instrument, several in a row, which of them to take and why, what
 * would change that, and where the schools of projection lead.
 */
package org.kestan.judgment.advice;
