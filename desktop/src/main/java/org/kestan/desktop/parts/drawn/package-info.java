/** Small pictures drawn anew whenever they change: shapes with style classes, no colours. */
package org.kestan.desktop.parts.drawn;
