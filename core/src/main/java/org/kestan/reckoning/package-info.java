/**
 * Everything that follows from a job, derived anew on every edit: the trajectory, the correction, what keeps them from
 * being worked out, which readings look implausible, and the figures that decide. Screens show a reckoning; they hold no
 * numbers of their own.
 */
package org.kestan.reckoning;
