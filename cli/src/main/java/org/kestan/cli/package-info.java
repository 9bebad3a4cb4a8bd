/**
 * The command line: works with no display. Prints results as JSON on standard output, faults one a line on standard
 * error; exit 0 when solved, 2 when not.
 */
package org.kestan.cli;
