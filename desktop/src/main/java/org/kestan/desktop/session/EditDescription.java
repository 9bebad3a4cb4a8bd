package org.kestan.desktop.session;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.section.Section;
import org.kestan.job.terms.Lines;
import org.kestan.text.Wording;

/** Describes in a few words what one edit changed. */
final class EditDescription {

    /** The sections of the bench, each by its name. */
    private static final Map<Section<?>, String> BENCH = new LinkedHashMap<>();

    static {
        BENCH.put(Sections.STEPS, Messages.message("edit-description.a-step-at-the"));
        BENCH.put(Sections.HEEL_LOG, Messages.message("edit-description.heel-log-entry"));
        BENCH.put(Sections.WAITS, Messages.message("edit-description.a-wait"));
        BENCH.put(Sections.BAGS, Messages.message("edit-description.the-bags"));
        BENCH.put(Sections.FOOT_FIT, Messages.message("edit-description.a-fit-of-the"));
        BENCH.put(Sections.TRIMS, Messages.message("edit-description.a-trimming"));
        BENCH.put(Sections.VISITS, Messages.message("edit-description.what-was-read-at"));
        BENCH.put(Sections.DIARY, Messages.message("edit-description.diary-entry"));
    }

    private EditDescription() {}

    /** Describes how the second job differs from the first. */
    static String between(Job from, Job to) {
        List<Line<?>> lines = Stream.of(
                        Stream.<Line<?>>of(Dimension.values()),
                        Lines.OF_INSTRUMENT.stream(),
                        Lines.OF_INTAKE.stream(),
                        Lines.OF_PROMISE.stream(),
                        Lines.OF_VISIT.stream(),
                        Lines.OF_TARGET.stream())
                .flatMap(each -> each)
                .distinct()
                .filter(line -> !from.text(line).equals(to.text(line)))
                .toList();
        if (!from.section(Sections.WAYS).equals(to.section(Sections.WAYS))) {
            return Messages.message("edit-description.the-way-taken-into");
        }
        if (lines.isEmpty() && !atBench(from, to).isEmpty()) {
            return atBench(from, to);
        }
        if (lines.isEmpty()) {
            return from.photos().equals(to.photos())
                    ? Messages.message("edit-description.one-change")
                    : Messages.message("edit-description.the-pictures");
        }
        String first = said(lines.get(0), to.text(lines.get(0)));
        return lines.size() == 1 ? first : Messages.message("edit-description.and-more", first, lines.size() - 1);
    }

    /** A target is named as such, because its line has the label of the reading it is for. */
    private static String said(Line<?> line, String text) {
        String label = Wording.full(line);
        String name = line instanceof Aim ? Messages.message("edit-description.target", label) : label;
        return text.isEmpty()
                ? Messages.message("edit-description.is-empty", name)
                : Messages.message("edit-description.is", name, text);
    }

    private static String atBench(Job from, Job to) {
        return BENCH.entrySet().stream()
                .filter(each -> !from.section(each.getKey()).equals(to.section(each.getKey())))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
