/** An instrument over the years: what its visits say of where it goes, with how well that is known. */
package org.kestan.repair.history;
