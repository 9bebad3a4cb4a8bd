package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.ChoiceField;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.desktop.widgets.neck.SwingMap;
import org.kestan.job.terms.Lines;
import org.kestan.overview.StringClearances;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Whether and where it will buzz: the strings vibrating over the frets, now and after each stage of the work. */
final class SwingPane extends VBox {

    private final JobSession session;
    private final PageTabs<StringClearances.Stage> stages =
            new PageTabs<>(StringClearances.Stage.NOW, "swing-", stage -> Wording.label(stage));
    private final Label said = new Label();
    private final Label none = new Label();
    private final HandPane hand;
    private final SwingMap map;
    private final NumberTable lowest = new NumberTable("swing-lowest", 5);

    SwingPane(JobSession session, JobStore store) {
        this.session = session;
        hand = new HandPane(session, store);
        setId("swing");
        getStyleClass().add("swing");
        map = new SwingMap(words -> {
            said.setText(words);
        });
        said.setId("swing-said");
        said.getStyleClass().add("neck-shape");
        said.setWrapText(true);
        none.setId("swing-none");
        none.getStyleClass().add("waiting");
        none.setWrapText(true);
        Label title = new Label(Messages.message("swing-pane.room-to-swing"));
        title.getStyleClass().add("place-title");
        FlowPane head =
                new FlowPane(title, stages, ChoiceField.of(session, new WorkingOrder(), Lines.TOUCH, "swing-hand"));
        head.getStyleClass().add("plan-head");
        getChildren().addAll(head, none, map, said, hand, lowest);
        session.picturesProperty().addListener((property, was, is) -> refresh());
        stages.pageProperty().addListener((property, old, next) -> refresh());
    }

    /** Shows the current plan. */
    void refresh() {
        StringClearances room = session.analysis().room();
        Optional<Swing> shown = room.at(stages.page());
        boolean known = room.at(StringClearances.Stage.NOW).isPresent();
        none.setText(
                known
                        ? stages.page() == StringClearances.Stage.LEVELLED
                                ? Messages.message("swing-pane.read-the-neck-fret")
                                : Messages.message("swing-pane.this-stage-changes-nothing")
                        : session.analysis().measured().isEmpty()
                                ? Messages.message("swing-pane.the-sheet-is-not")
                                : Messages.message("swing-pane.say-gauge-and-note"));
        show(none, shown.isEmpty());
        show(map, shown.isPresent());
        show(said, shown.isPresent());
        show(lowest, known);
        show(hand, known);
        room.at(StringClearances.Stage.NOW).ifPresent(hand::show);
        BenchUnit fine = session.unit().fine();
        map.show(
                shown,
                fine,
                session.standards().get(Standard.SWING_TOUCH),
                session.picturesProperty().get());
        if (known) {
            lowest.show(
                    Messages.message(
                            "swing-pane.lowest-action-that-plays",
                            session.unit().label()),
                    rows(room));
        }
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static String limit(StringOverFrets.Meeting limit) {
        return limit.pressed() == 0
                ? Messages.message("swing-pane.fret-open", limit.meets())
                : Messages.message("swing-pane.fret-pressed-at", limit.meets(), limit.pressed());
    }

    private List<List<String>> rows(StringClearances room) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "",
                Messages.message("swing-pane.bass"),
                Messages.message("swing-pane.limited-by"),
                Messages.message("swing-pane.treble"),
                Messages.message("swing-pane.limited-by")));
        for (StringClearances.Stage stage : StringClearances.Stage.values()) {
            room.at(stage).ifPresent(swing -> {
                List<String> row = new ArrayList<>(List.of(Wording.label(stage)));
                for (Side side : Side.values()) {
                    Optional<Swing.LowestClean> clean = swing.lowestClean().get(side);
                    row.add(clean.map(each -> NumberTable.bare(session.unit().format(each.action())))
                            .orElse("\u2014"));
                    row.add(clean.map(each -> limit(each.limitedBy())).orElse(""));
                }
                rows.add(row);
            });
        }
        return rows;
    }
}
