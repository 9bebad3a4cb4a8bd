/** Text files: bounded, UTF-8, written whole or not at all. */
package org.kestan.files.text;
