/** The pieces rooms are made of: fields, figures, lists, the drawing. They know the session and the analysis; which room they stand in is left to the room. */
package org.kestan.desktop.widgets;
