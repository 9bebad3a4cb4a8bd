/** Draws the pictures of the README anew from the sample jobs: {@code ./kestan shots}. */
package org.kestan.desktop.shots;
