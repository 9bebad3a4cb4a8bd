/** Reading and printing JSON; not for use outside this module. */
package org.kestan.files.json;
