/** Shop standards as a file. */
package org.kestan.files.standards;
