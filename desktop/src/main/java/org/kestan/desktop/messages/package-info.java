/** The texts of the window. What the core finds and names is worded by {@code org.kestan.text}. */
package org.kestan.desktop.messages;
