package org.kestan.repair.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.Leveling;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.repair.template.TemplateElement.Path;
import org.kestan.repair.template.TemplateElement.Point;
import org.kestan.repair.template.TemplateElement.Style;

/**
 * A strip to lay along the board: a tick at every fret, its number, and how much comes off it. Cut into pieces that
 * fit on a sheet, each starting with the fret the previous one ended with.
 */
final class LevelingStrip {

    /** The longest piece, mm. */
    private static final double LONGEST = 170;

    private static final double TALL = 14;
    private static final double APART = 6;
    private static final double LETTERS = 2.8;
    private static final double SMALL = 2.3;
    private static final double TICK = 4;
    private static final double MARGIN = 4;

    private LevelingStrip() {}

    /** Draws the strip. */
    static Template of(Leveling leveling) {
        FretCrowns crowns = leveling.crowns();
        Map<Integer, Double> off = new TreeMap<>();
        leveling.off().forEach(each -> off.put(each.fret(), each.off()));
        List<TemplateElement> marks = new ArrayList<>();
        double top = 0;
        double widest = 0;
        int first = 1;
        while (first < crowns.last()) {
            int last = lastOn(crowns, first);
            double length = crowns.at(last) - crowns.at(first);
            piece(marks, crowns, off, first, last, top);
            widest = Math.max(widest, length + 2 * MARGIN);
            top += TALL + APART;
            first = last;
        }
        return new Template("levelling-strip", widest, top - APART, marks);
    }

    /** The last fret that fits on the piece starting with a given one; at least one farther. */
    private static int lastOn(FretCrowns crowns, int first) {
        int last = first + 1;
        while (last < crowns.last() && crowns.at(last + 1) - crowns.at(first) <= LONGEST) {
            last++;
        }
        return last;
    }

    private static void piece(
            List<TemplateElement> marks, FretCrowns crowns, Map<Integer, Double> off, int first, int last, double top) {
        double length = crowns.at(last) - crowns.at(first) + 2 * MARGIN;
        marks.add(new Path(
                "levelling-strip-" + first,
                Style.CUT,
                List.of(
                        new Point(0, top),
                        new Point(length, top),
                        new Point(length, top + TALL),
                        new Point(0, top + TALL)),
                true));
        for (int fret = first; fret <= last; fret++) {
            double x = MARGIN + crowns.at(fret) - crowns.at(first);
            marks.add(new Path(
                    "levelling-fret-" + first + "-" + fret,
                    Style.EDGE,
                    List.of(new Point(x, top), new Point(x, top + TICK)),
                    false));
            marks.add(new TemplateElement.Words(
                    new Point(x - 1, top + TICK + LETTERS + 0.4),
                    LETTERS,
                    TemplateFinding.STRING.of(Quantity.count(fret))));
            double goes = off.getOrDefault(fret, 0.0);
            if (goes >= Tolerances.SHOWN) {
                marks.add(new TemplateElement.Words(
                        new Point(x - 2.5, top + TALL - 1.5), SMALL, TemplateFinding.OFF.of(new Quantity.Plain(goes))));
            }
        }
    }
}
