package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;

/** The strings' height over every fret, bass and treble, before and after. */
final class FretLadder extends NumberTable {

    private final JobSession session;

    FretLadder(JobSession session) {
        super("fret-ladder", 5);
        this.session = session;
        refresh();
    }

    /** Shows the current plan. */
    void refresh() {
        Optional<SideView> view =
                session.analysis().sideView().filter(each -> each.measured().isPresent());
        setVisible(view.isPresent());
        setManaged(view.isPresent());
        view.ifPresent(this::show);
    }

    private void show(SideView view) {
        BenchUnit unit = session.unit();
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("fret", "bass", "\u2192", "treble", "\u2192"));
        for (int fret = 1; fret <= view.marks().last(); fret++) {
            double x = view.frets().at(fret);
            List<String> row = new ArrayList<>();
            row.add(Integer.toString(fret));
            for (Side side : Side.values()) {
                row.add(view.measured().map(each -> number(each, side, x, unit)).orElse(""));
                row.add(view.outcome()
                        .profile()
                        .map(each -> number(each, side, x, unit))
                        .orElse(""));
            }
            rows.add(row);
        }
        show(Messages.message("fret-ladder.string-over-each-fret", unit.label()), rows);
    }

    private static String number(SideProfile profile, Side side, double x, BenchUnit unit) {
        String printed = unit.format(profile.actionAt(side, x));
        // A height in a unit other than the column's says so.
        boolean same = printed.endsWith(unit.format(1).replaceAll(".* ", " "));
        return same ? NumberTable.bare(printed) : printed;
    }
}
