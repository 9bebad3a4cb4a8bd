/**
 * Shop standards: every threshold and every default the arithmetic or the judgement leans on, in one place, each with
 * where it comes from. No other package buries one.
 */
package org.kestan.ground.standards;
