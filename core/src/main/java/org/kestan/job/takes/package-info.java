/**
 * Taking readings: a reading replaced, or taken once more and the median used; readings taken in the wrong order marked
 * provisional until they are taken again.
 */
package org.kestan.job.takes;
