/** Places of the instrument seen through a magnifier, as shapes in millimeters. */
package org.kestan.repair.loupe;
