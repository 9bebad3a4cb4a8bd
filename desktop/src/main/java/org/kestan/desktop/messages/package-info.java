/** The texts of the window. Texts for what the core finds and names are in {@code org.kestan.text}. */
package org.kestan.desktop.messages;
