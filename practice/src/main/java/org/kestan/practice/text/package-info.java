/** The texts of practice. */
package org.kestan.practice.text;
