package org.kestan.desktop.stations.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.Waits;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.job.Sections;
import org.kestan.job.bench.Wait;
import org.kestan.ledger.JobWait;
import org.kestan.text.Wording;

/** All running waits, of this job and the others, with the time left for each. */
final class WaitsBox extends VBox {

    private final BenchContext desk;
    private final List<Label> clocks = new ArrayList<>();
    private List<JobWait> shown = List.of();
    private List<Wait> here = List.of();

    WaitsBox(BenchContext desk) {
        this.desk = desk;
        setId("waits");
        getStyleClass().add("waits");
        desk.waits().runningProperty().addListener((property, old, next) -> show());
        desk.session().analysisProperty().addListener((property, old, next) -> show());
        desk.waits().nowProperty().addListener((property, old, next) -> tick());
        show();
    }

    void show() {
        List<JobWait> next = desk.waits().runningProperty().get();
        List<Wait> ours = desk.session().job().section(Sections.WAITS);
        if (!next.equals(shown) || !ours.equals(here)) {
            shown = next;
            here = ours;
            clocks.clear();
            getChildren().setAll(next.stream().map(this::row).toList());
        }
        tick();
    }

    private Node row(JobWait each) {
        Wait wait = each.running();
        boolean ours = here.contains(wait);
        Label what = new Label(Wording.label(wait.kind()) + (ours ? "" : ", " + Waits.named(each)) + ", until "
                + Wording.moment(wait.until()));
        what.getStyleClass().add("wait-what");
        what.setWrapText(true);
        what.setMinWidth(0);
        Label clock = new Label();
        clock.getStyleClass().add("wait-clock");
        clock.setMinWidth(USE_PREF_SIZE);
        clocks.add(clock);
        HBox row = new HBox(clock);
        row.getStyleClass().add("wait-row");
        if (ours) {
            row.getChildren()
                    .add(new TextButton(Messages.message("waits-box.over"), "wait-over", () -> desk.endWait(wait)));
        }
        VBox box = new VBox(what, row);
        box.getStyleClass().add("wait");
        return box;
    }

    private void tick() {
        Instant now = desk.waits().nowProperty().get();
        for (int i = 0; i < clocks.size(); i++) {
            Wait wait = shown.get(i).running();
            boolean over = wait.isOver(now);
            clocks.get(i).setText(over ? "over" : Waits.left(wait.left(now)));
            clocks.get(i).getStyleClass().setAll("label", "wait-clock", over ? "wait-clock-over" : "wait-clock-on");
        }
    }
}
