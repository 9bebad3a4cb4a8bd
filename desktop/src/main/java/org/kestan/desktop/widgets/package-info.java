/**
 * The pieces rooms are made of: fields, figures, lists, the drawing. They know the session and the analysis, but not
 * the room they are in.
 */
package org.kestan.desktop.widgets;
