/** What practice says, in words. */
package org.kestan.practice.text;
