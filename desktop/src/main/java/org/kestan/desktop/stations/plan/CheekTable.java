package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** How much comes off each cheek of the heel, every 5 mm from the pivot to the cap. */
final class CheekTable extends NumberTable {

    private final JobSession session;

    CheekTable(JobSession session) {
        super("cheek-table", 3);
        this.session = session;
        refresh();
    }

    /** Shows the current plan. */
    void refresh() {
        Optional<HeelCut> heel = session.analysis().plan().heel();
        setVisible(heel.isPresent());
        setManaged(heel.isPresent());
        heel.ifPresent(this::show);
    }

    private void show(HeelCut heel) {
        BenchUnit unit = session.unit().fine();
        Optional<Side> toward = session.job().visit().driftSide();
        boolean driftFirst = toward.orElse(Side.BASS) == Side.BASS;
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                Messages.message("cheek-table.depth-mm"),
                toward.map(side -> Wording.label(Side.BASS)).orElse(Messages.message("cheek-table.one")),
                toward.map(side -> Wording.label(Side.TREBLE)).orElse(Messages.message("cheek-table.other"))));
        for (HeelCut.Cheeks cheeks : heel.stations()) {
            String drift = bare(unit.format(cheeks.driftSide()));
            String other = bare(unit.format(cheeks.otherSide()));
            rows.add(List.of(
                    String.format(Locale.ROOT, "%.1f", cheeks.depth()),
                    driftFirst ? drift : other,
                    driftFirst ? other : drift));
        }
        show(title(heel, toward), rows);
    }

    private String title(HeelCut heel, Optional<Side> toward) {
        String unit = session.unit().fine().label();
        if (heel.widths().isEmpty()) {
            return Messages.message("cheek-table.off-each-cheek-no-widths", unit);
        }
        return toward.map(side -> Messages.message("cheek-table.off-one-cheek-more", unit, Wording.label(side)))
                .orElseGet(() -> Messages.message("cheek-table.off-each-cheek", unit));
    }
}
