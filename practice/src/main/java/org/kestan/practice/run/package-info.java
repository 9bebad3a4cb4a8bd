/** One case being practiced: what was measured and done so far, replayed from its seed. */
package org.kestan.practice.run;
