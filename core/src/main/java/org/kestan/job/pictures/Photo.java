package org.kestan.job.pictures;

import org.kestan.job.tree.UnknownKeys;

/**
 * A picture kept with the job.
 *
 * @param file name of the copy in the shop's folder of pictures
 * @param caption what it shows, empty for none
 * @param foreign what other programs keep with it
 */
public record Photo(String file, String caption, UnknownKeys foreign) {

    /** A picture without data of other programs. */
    public Photo(String file, String caption) {
        this(file, caption, UnknownKeys.NONE);
    }
}
