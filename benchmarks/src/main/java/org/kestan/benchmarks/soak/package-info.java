/**
 * Attacks on the application's inputs and its ledger, for as long as one likes: mutated job files, tables, standards, gauge
 * lines, pictures and zips, corrupted ledgers, a full disk, a program killed while it saves, two programs on one ledger. All
 * seeded. Nothing may be thrown, nothing acknowledged may be lost.
 */
package org.kestan.benchmarks.soak;
