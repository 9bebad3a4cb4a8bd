/** The open job file: reading, writing and checking. Keys this program does not know are preserved. */
package org.kestan.files.job;
