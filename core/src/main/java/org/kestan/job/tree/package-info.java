/**
 * Structured data in no format, how a section of a job reads from it with every fault at its place, and what it keeps of
 * keys it does not know.
 */
package org.kestan.job.tree;
