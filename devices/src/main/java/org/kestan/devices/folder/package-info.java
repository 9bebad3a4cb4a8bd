/** A folder to which a camera or a microscope saves its pictures. */
package org.kestan.devices.folder;
