/**
 * Shop standards: every threshold and every default that calculation or judgment depends on, in one place, each with
 * its source. No other package hides one.
 */
package org.kestan.base.standards;
