/** A folder that a camera or a microscope writes its pictures to. */
package org.kestan.devices.folder;
