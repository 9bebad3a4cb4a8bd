/**
 * Open formats: the job file ({@code .kestan.json}), its schema, and the result of {@code solve} as JSON.
 *
 * <p>A length in a file is the text that was typed. Keys this program does not know are kept when a file is read and
 * written again. Works nothing out: that is the core's.
 */
package org.kestan.files;
