package org.kestan.template;

import java.util.List;

/**
 * A true-size template.
 *
 * @param id what it is called in file names
 * @param title what it is, in words
 * @param how how it is used, in a sentence
 * @param width of the drawing, mm
 * @param height of the drawing, mm
 * @param marks what is on it
 */
public record Template(String id, String title, String how, double width, double height, List<Mark> marks) {

    /** Takes an unmodifiable copy. */
    public Template {
        marks = List.copyOf(marks);
    }
}
