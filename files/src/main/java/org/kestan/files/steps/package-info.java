/** The steps at the bench as files: those that ship, and the shop's changes. */
package org.kestan.files.steps;
