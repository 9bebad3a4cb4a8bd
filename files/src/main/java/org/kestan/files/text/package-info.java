/** Text files: limited in size, UTF-8, written completely or not at all. */
package org.kestan.files.text;
