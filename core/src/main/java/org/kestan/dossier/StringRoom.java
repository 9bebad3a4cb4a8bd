package org.kestan.dossier;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.following.correction.Extension;
import org.kestan.following.setup.Setup;
import org.kestan.following.swing.Crowns;
import org.kestan.following.swing.Room;
import org.kestan.following.swing.Swing;
import org.kestan.ground.finding.Keyed;
import org.kestan.ground.lazy.Lazy;
import org.kestan.job.terms.Touch;
import org.kestan.judgement.verdict.Rod;
import org.kestan.work.plan.WorkPlan;

/** The room the strings of a job have (§3.22): as measured, once the rod is set, as planned, and levelled after that. */
public final class StringRoom {

    private final Touch hand;
    private final boolean fretsAreRead;
    private final Map<Stage, Lazy<Optional<Room>>> rooms = new EnumMap<>(Stage.class);

    /** How far the work has gone. */
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

    private StringRoom(Touch hand, boolean fretsAreRead) {
        this.hand = hand;
        this.fretsAreRead = fretsAreRead;
    }

    static StringRoom of(Dossier dossier) {
        StringRoom all = new StringRoom(
                Room.hand(dossier.job()),
                dossier.measured()
                        .filter(setup -> Crowns.areRead(setup, dossier.job()))
                        .isPresent());
        double fall = Crowns.fall(dossier.job());
        Optional<Setup> measured = dossier.measured();
        all.put(Stage.NOW, dossier, measured, fall);
        all.put(
                Stage.AFTER_ROD,
                dossier,
                measured.map(setup -> Rod.set(setup, dossier.job(), dossier.shop()))
                        .filter(set -> !set.equals(measured.get())),
                fall);
        WorkPlan plan = dossier.plan();
        all.put(
                Stage.PLANNED,
                dossier,
                plan.planned(),
                plan.extension().map(Extension::fall).orElse(fall));
        return all;
    }

    private void put(Stage stage, Dossier dossier, Optional<Setup> setup, double fall) {
        rooms.put(stage, Lazy.of(() -> setup.flatMap(each -> Room.of(dossier.reckoning(), each, fall, hand))));
    }

    /** The hand it is reckoned for. */
    public Touch hand() {
        return hand;
    }

    /** What the strings meet at a stage; empty while strings or set-up are not known, or the stage changes nothing. */
    public Optional<Swing> at(Stage stage) {
        return stage == Stage.LEVELLED
                ? last().filter(room -> fretsAreRead).map(Room::levelled)
                : rooms.get(stage).get().map(Room::swing);
    }

    private Optional<Room> last() {
        Optional<Room> planned = rooms.get(Stage.PLANNED).get();
        return planned.isPresent() ? planned : rooms.get(Stage.NOW).get();
    }
}
