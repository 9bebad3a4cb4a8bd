/** The instrument as shapes in millimeters: whole from the side, and its five deciding places through a loupe. */
package org.kestan.repair.picture;
