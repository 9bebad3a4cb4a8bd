/** An order of steps as the solver takes it. */
package org.kestan.planning.search;
