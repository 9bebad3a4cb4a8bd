/** Beams and the equilibrium of neck, body and strings. */
package org.kestan.simulator.elastic;
