/** The truth compared with what was believed: readings, judgment, work, and the resulting marks. */
package org.kestan.practice.reckoning;
