/** Takes the screenshots for the README from the sample jobs: {@code ./kestan shots}. */
package org.kestan.desktop.shots;
