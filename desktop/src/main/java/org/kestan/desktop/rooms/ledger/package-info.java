/** The Ledger: all jobs with their line before and after, their station and what they are waiting for. */
package org.kestan.desktop.rooms.ledger;
