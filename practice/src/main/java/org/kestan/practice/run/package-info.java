/** One practice case: everything measured and done so far, replayed from its seed. */
package org.kestan.practice.run;
