/** Marks in a photograph, read from JSON. */
package org.kestan.files.picture;
