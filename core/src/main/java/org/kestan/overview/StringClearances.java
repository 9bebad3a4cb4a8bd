package org.kestan.overview;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.analysis.correction.Extension;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.finding.Keyed;
import org.kestan.base.lazy.Lazy;
import org.kestan.job.terms.PlayingTouch;
import org.kestan.judgment.verdict.RodAdjustment;
import org.kestan.repair.plan.WorkPlan;

/** The room the strings of a job have (§3.22): as measured, once the rod is set, as planned, and leveled after that. */
public final class StringClearances {

    private final PlayingTouch hand;
    private final boolean fretsAreRead;
    private final Map<Stage, Lazy<Optional<StringClearance>>> rooms = new EnumMap<>(Stage.class);

    /** The stages of the work. */
    public enum Stage implements Keyed {
        NOW("now"),
        AFTER_ROD("after-rod"),
        PLANNED("planned"),
        LEVELLED("levelled");

        private final String key;

        Stage(String key) {
            this.key = key;
        }

        @Override
        public String key() {
            return key;
        }

        @Override
        public String family() {
            return "stage-of-work";
        }
    }

    private StringClearances(PlayingTouch hand, boolean fretsAreRead) {
        this.hand = hand;
        this.fretsAreRead = fretsAreRead;
    }

    static StringClearances of(JobAnalysis analysis) {
        StringClearances all = new StringClearances(
                StringClearance.hand(analysis.job()),
                analysis.measured()
                        .filter(setup -> FretCrowns.areRead(setup, analysis.job()))
                        .isPresent());
        double fall = FretCrowns.fall(analysis.job());
        Optional<Setup> measured = analysis.measured();
        all.put(Stage.NOW, analysis, measured, fall);
        all.put(
                Stage.AFTER_ROD,
                analysis,
                measured.map(setup -> RodAdjustment.set(setup, analysis.job(), analysis.shop()))
                        .filter(set -> !set.equals(measured.get())),
                fall);
        WorkPlan plan = analysis.plan();
        all.put(
                Stage.PLANNED,
                analysis,
                plan.planned(),
                plan.extension().map(Extension::fall).orElse(fall));
        return all;
    }

    private void put(Stage stage, JobAnalysis analysis, Optional<Setup> setup, double fall) {
        rooms.put(
                stage,
                Lazy.of(() -> setup.flatMap(each -> StringClearance.of(analysis.sheetAnalysis(), each, fall, hand))));
    }

    /** The hand it is computed for. */
    public PlayingTouch hand() {
        return hand;
    }

    /** What the strings hit at a stage; empty if strings or setup are not known, or the stage changes nothing. */
    public Optional<Swing> at(Stage stage) {
        return stage == Stage.LEVELLED
                ? last().filter(room -> fretsAreRead).map(StringClearance::levelled)
                : rooms.get(stage).get().map(StringClearance::swing);
    }

    /**
     * Where a string has the least room now, with one fret pressed; empty if that can't be worked out.
     *
     * @param string which, 1 the highest
     * @param pressed the fret, 0 for none
     */
    public Optional<StringOverFrets.Meeting> tightest(int string, int pressed) {
        return at(Stage.NOW)
                .flatMap(swing -> swing.strings().stream()
                        .filter(each -> each.number() == string && pressed < each.last())
                        .findFirst()
                        .map(each -> each.least(pressed)));
    }

    private Optional<StringClearance> last() {
        Optional<StringClearance> planned = rooms.get(Stage.PLANNED).get();
        return planned.isPresent() ? planned : rooms.get(Stage.NOW).get();
    }
}
