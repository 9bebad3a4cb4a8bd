/** The figures that decide, always in sight: a tile each, as measured and as planned, with a shape for its state. */
package org.kestan.desktop.widgets.figures;
