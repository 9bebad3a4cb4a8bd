package org.kestan.repair.template;

import java.util.List;
import org.kestan.base.finding.Keyed;

/**
 * A true-size template. Its name and instructions are texts, under its key.
 *
 * @param key what it is called in file names
 * @param width of the drawing, mm
 * @param height of the drawing, mm
 * @param inks what is on it
 */
public record Template(String key, double width, double height, List<TemplateElement> inks) implements Keyed {

    /** Takes an unmodifiable copy. */
    public Template {
        inks = List.copyOf(inks);
    }

    @Override
    public String family() {
        return "template";
    }
}
