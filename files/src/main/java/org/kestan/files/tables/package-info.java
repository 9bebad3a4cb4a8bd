/** Tables of comma-separated values: a survey, and the diary of the bench. */
package org.kestan.files.tables;
