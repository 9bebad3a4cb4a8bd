package org.kestan.job;

/**
 * A picture kept with the job.
 *
 * @param file name of the copy in the shop's folder of pictures
 * @param caption what it shows, empty for nothing said
 */
public record Photo(String file, String caption) {}
