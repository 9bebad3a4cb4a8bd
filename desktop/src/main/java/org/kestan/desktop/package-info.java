/** The JavaFX application and its start. The window itself is in {@code org.kestan.desktop.shell}. */
package org.kestan.desktop;
