package org.kestan.desktop.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.desktop.session.JobSession;
import org.kestan.geometry.HeelCut;
import org.kestan.notation.BenchUnit;
import org.kestan.sheet.Side;

/** What goes from each cheek of the heel, every 5 mm from the pivot to the cap. */
final class CheekTable extends NumberTable {

    private final JobSession session;

    CheekTable(JobSession session) {
        super("cheek-table", 3);
        this.session = session;
        refresh();
    }

    /** Shows the plan as it is now. */
    void refresh() {
        Optional<HeelCut> heel = session.workPlan().heel();
        setVisible(heel.isPresent());
        setManaged(heel.isPresent());
        heel.ifPresent(this::show);
    }

    private void show(HeelCut heel) {
        BenchUnit unit = session.unit().fine();
        Optional<Side> toward = session.job().survey().driftSide();
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "depth mm",
                toward.map(side -> side.word()).orElse("one"),
                toward.map(side -> side.other().word()).orElse("other")));
        for (HeelCut.Cheeks cheeks : heel.stations()) {
            rows.add(List.of(
                    String.format(Locale.ROOT, "%.1f", cheeks.depth()),
                    bare(unit.format(cheeks.driftSide())),
                    bare(unit.format(cheeks.otherSide()))));
        }
        String title = "Off each cheek, " + unit.label();
        if (heel.widths().isEmpty()) {
            title += "; drift left out, widths not read";
        } else if (toward.isPresent()) {
            title += ": " + toward.get().word() + " more";
        }
        show(title, rows);
    }
}
