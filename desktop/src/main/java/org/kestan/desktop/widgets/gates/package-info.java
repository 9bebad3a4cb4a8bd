/** The gates in a list: at the Verdict station and at the counter. Judged they are elsewhere. */
package org.kestan.desktop.widgets.gates;
