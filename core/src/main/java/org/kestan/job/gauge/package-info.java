/**
 * What gauges send: the line protocol, and a virtual instrument that plays readings with noise. Sockets are for those who
 * use it.
 */
package org.kestan.job.gauge;
