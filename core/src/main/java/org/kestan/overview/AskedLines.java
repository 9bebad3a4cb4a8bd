package org.kestan.overview;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.kestan.analysis.questions.Question;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.Soundness;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.template.Templates;

/** Which of the rare lines are needed now: by a way, a finding or a template that lacks a reading. */
public final class AskedLines {

    private static final List<Line<?>> NEW_BRIDGE = List.of(
            Reading.BRIDGE_LENGTH,
            Reading.NEW_BRIDGE_LENGTH,
            Reading.NEW_BRIDGE_THICKNESS,
            Reading.NEW_BRIDGE_SLOT_WIDTH,
            Reading.NEW_BRIDGE_SLOT_FRONT,
            Reading.NEW_BRIDGE_SPACING,
            Reading.SLOT_WIDTH,
            Reading.SPACING_BRIDGE);

    private static final Set<Way> HEATING =
            Set.of(WayCatalog.NECK_RESET, WayCatalog.HEEL_SANDING, WayCatalog.REFRET, WayCatalog.NEW_ROD);

    private AskedLines() {}

    /** What a job needs in its present state, given the ways taken. */
    public static Set<Line<?>> of(JobAnalysis analysis) {
        Set<Line<?>> asked = new HashSet<>();
        analysis.questions().stream().map(Question::line).forEach(asked::add);
        if (Soundness.of(analysis.job().visit(), analysis.shop()).lifted()) {
            asked.add(Lines.BRIDGE_LIFT_AT);
        }
        List<Way> ways = WorkPlan.taken(analysis.job());
        if (ways.isEmpty()) {
            return Set.copyOf(asked);
        }
        if (ways.contains(WayCatalog.NEW_BRIDGE)) {
            asked.addAll(NEW_BRIDGE);
        }
        if (ways.contains(WayCatalog.TRUSS_ROD)) {
            asked.add(Lines.ROD_TURNS);
        }
        if (ways.contains(WayCatalog.POCKET_SHIM)) {
            asked.add(Reading.POCKET_RADIUS);
        }
        if (ways.stream().anyMatch(HEATING::contains)) {
            asked.add(Lines.BOARD_THICKNESS);
        }
        Templates.missing(analysis.plan()).forEach(missing -> asked.add(missing.reading()));
        return Set.copyOf(asked);
    }
}
