/** An order of steps in the solver's form. */
package org.kestan.planning.search;
