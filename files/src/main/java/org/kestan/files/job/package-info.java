/** The open job file: read, written and checked. Keys this program does not know are kept. */
package org.kestan.files.job;
