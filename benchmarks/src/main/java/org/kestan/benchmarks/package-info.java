/** Timings to note; nothing here judges them. Run with {@code ./kestan bench}. */
package org.kestan.benchmarks;
