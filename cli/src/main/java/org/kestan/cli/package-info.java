/**
 * The command line, which needs no display. Prints results as JSON on standard output, and errors on standard error,
 * one per line; exit code 0 if solved, 2 if not.
 */
package org.kestan.cli;
