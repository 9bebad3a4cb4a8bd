/** How this program writes files: whole or not at all, for their owner's eyes, with nothing left over. */
package org.kestan.files.disk;
