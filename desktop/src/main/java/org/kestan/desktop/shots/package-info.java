/** Draws the pictures of the README again from the sample jobs: {@code ./kestan shots}. */
package org.kestan.desktop.shots;
