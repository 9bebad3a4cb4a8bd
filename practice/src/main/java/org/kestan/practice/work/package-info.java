/** What one does to a practice instrument: operations with their time and cost, and what they do in the wrong order. */
package org.kestan.practice.work;
