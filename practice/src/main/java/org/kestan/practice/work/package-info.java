/**
 * Operations on a practice instrument, with their time and cost, and what happens if they are done in the wrong order.
 */
package org.kestan.practice.work;
