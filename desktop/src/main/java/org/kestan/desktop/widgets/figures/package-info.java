/** The mark of a state, with a shape of its own for each. */
package org.kestan.desktop.widgets.figures;
