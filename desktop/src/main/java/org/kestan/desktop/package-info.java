/** The JavaFX application: how it starts. The window is put together in {@code org.kestan.desktop.shell}. */
package org.kestan.desktop;
