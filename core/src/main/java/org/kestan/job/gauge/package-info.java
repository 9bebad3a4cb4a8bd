/**
 * Gauges: the line protocol, and a virtual instrument that sends readings with noise. Sockets are left to the callers.
 */
package org.kestan.job.gauge;
