/** The schools of a question to choose from: at the Verdict station and among the shop standards. */
package org.kestan.desktop.parts.schools;
