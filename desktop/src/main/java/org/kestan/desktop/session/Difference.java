package org.kestan.desktop.session;

import java.util.List;
import java.util.stream.Stream;
import org.kestan.ground.sheet.Dimension;
import org.kestan.ground.sheet.Line;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.terms.Lines;
import org.kestan.words.Words;

/** What one edit changed, in a few words. */
final class Difference {

    private Difference() {}

    /** Says what is other in the second job than in the first. */
    static String between(Job from, Job to) {
        List<Line<?>> lines = Stream.of(
                        Stream.<Line<?>>of(Dimension.values()),
                        Lines.OF_INSTRUMENT.stream(),
                        Lines.OF_INTAKE.stream(),
                        Lines.OF_VISIT.stream(),
                        Lines.OF_TARGET.stream())
                .flatMap(each -> each)
                .distinct()
                .filter(line -> !from.text(line).equals(to.text(line)))
                .toList();
        if (!from.section(Sections.WAYS).equals(to.section(Sections.WAYS))) {
            return "the way taken into the plan";
        }
        if (lines.isEmpty()) {
            return from.photos().equals(to.photos()) ? "one change" : "pictures";
        }
        Line<?> first = lines.get(0);
        String text = to.text(first);
        return Words.full(first)
                + (text.isEmpty() ? " is empty" : " is " + text)
                + (lines.size() > 1 ? ", and " + (lines.size() - 1) + " more" : "");
    }
}
