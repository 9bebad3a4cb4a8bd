/**
 * Structured data independent of a format: how a section of a job reads from it, with every error at its place, and
 * how unknown keys are preserved.
 */
package org.kestan.job.tree;
