/** The gates in a list, at the Verdict station and at the counter. They are judged in the core. */
package org.kestan.desktop.widgets.gates;
