/** Messages for errors in the program. An error in the input is a finding, not an exception. */
package org.kestan.base.expect;
