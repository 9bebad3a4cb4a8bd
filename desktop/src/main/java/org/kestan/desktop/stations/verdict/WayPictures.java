package org.kestan.desktop.stations.verdict;

import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.instrument.LoupePair;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/** The effect of a way, seen through two loupes. */
final class WayPictures {

    private WayPictures() {}

    /** Shows an instrument as it is, and after the way if that is known. */
    static void show(LoupePair pictures, SideView view, Setup now, Optional<Setup> after, Wording words) {
        pictures.show(
                after.map(view::after).orElseGet(view::withoutPlan),
                Messages.message(
                        "way-detail.action-now-and-after",
                        words.numbers().pair(now.action()),
                        after.map(each -> words.numbers().pair(each.action())).orElse("\u2013")),
                Messages.message(
                        "way-detail.bridge-now-and-after",
                        words.numbers().length(now.bridgeTop()),
                        after.map(each -> words.numbers().length(each.bridgeTop()))
                                .orElse("\u2013")));
    }
}
