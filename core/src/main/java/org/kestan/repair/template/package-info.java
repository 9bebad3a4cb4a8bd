/**
 * True-size templates of a work plan, as shapes in millimeters before any paper: heel cheeks, saddle crown, wedge, pocket
 * shim, bridge line. x goes to the right, y down.
 */
package org.kestan.repair.template;
