/** Words for mistakes of the program. What is wrong with an input is a finding, not an exception. */
package org.kestan.base.expect;
