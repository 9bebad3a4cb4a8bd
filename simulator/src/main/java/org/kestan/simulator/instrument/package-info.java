/** Virtual instruments: what they are made of, how they are made from a seed, and their true shape with and without strings. */
package org.kestan.simulator.instrument;
