/** The trade's words with their meaning, for the "?" beside each term. */
package org.kestan.desktop.widgets.terms;
