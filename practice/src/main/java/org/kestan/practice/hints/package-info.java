/** What Kestan would do next, for a learner who asks. */
package org.kestan.practice.hints;
