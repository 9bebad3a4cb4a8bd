/** Places of the instrument through a magnifier. */
package org.kestan.desktop.widgets.loupe;
