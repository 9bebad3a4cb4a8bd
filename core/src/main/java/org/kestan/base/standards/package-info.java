/**
 * Shop standards: every threshold and every default the arithmetic or the judgment leans on, in one place, each with
 * where it comes from. No other package buries one.
 */
package org.kestan.base.standards;
