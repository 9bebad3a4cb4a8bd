/** The steps at the bench as files: those that ship, and what a shop changes. */
package org.kestan.files.steps;
