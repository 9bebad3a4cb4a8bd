/**
 * What the shop would do: every way judged for this instrument, several in a row, which of them to take and why, what would
 * change its mind, and what the schools of projection come to.
 */
package org.kestan.judgment.advice;
