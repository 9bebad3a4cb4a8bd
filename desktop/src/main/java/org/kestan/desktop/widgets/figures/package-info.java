/** The marks of states, each with its own shape. */
package org.kestan.desktop.widgets.figures;
