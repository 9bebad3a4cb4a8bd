/**
 * How this program writes files: completely or not at all, readable by their owner only, with nothing left over.
 */
package org.kestan.files.disk;
