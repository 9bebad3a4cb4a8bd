/** JSON as it is read and printed here; not for use outside this module. */
package org.kestan.files.json;
