/** The terms of the trade with their meaning, for the "?" beside each. */
package org.kestan.desktop.widgets.terms;
