package org.kestan.desktop.stations.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.repair.steps.Step;
import org.kestan.text.Wording;

/** What is shown beside a step: its tool, the parts to bag, the picture to take, the steps to come, and notes. */
final class StepSidebar extends VBox {

    private static final int COMING = 4;

    private final BenchContext desk;
    private final Consumer<Step.Tool> opener;
    private final VBox wanted = column();
    private final VBox coming = column();
    private final VBox written = column();

    /**
     * @param opener shows what a step is worked with
     */
    StepSidebar(BenchContext desk, Consumer<Step.Tool> opener) {
        this.desk = desk;
        this.opener = opener;
        written.setId("step-written");
        getStyleClass().add("step-beside");
    }

    private static VBox column() {
        VBox box = new VBox();
        box.getStyleClass().add("step-side");
        return box;
    }

    /** Puts something above it, or nothing. */
    void under(Optional<Node> over) {
        getChildren().setAll(wanted, coming, written);
        over.ifPresent(node -> getChildren().add(0, node));
    }

    /** Shows nothing. */
    void clear() {
        for (VBox each : List.of(wanted, coming, written)) {
            each.getChildren().clear();
        }
    }

    /**
     * Shows the column beside a step.
     *
     * @param at which of the steps it is
     */
    void show(Step step, int at) {
        clear();
        step.work()
                .tool()
                .ifPresent(tool -> wanted.getChildren()
                        .add(new TextButton(Wording.label(tool) + "\u2026", "step-tool", () -> opener.accept(tool))));
        if (!step.work().bags().isEmpty()) {
            wanted.getChildren().add(head(Messages.message("step-sidebar.bag")));
            step.work().bags().forEach(each -> wanted.getChildren().add(line("\u2022 " + each)));
        }
        if (!step.text().picture().isEmpty()) {
            wanted.getChildren()
                    .addAll(
                            head(Messages.message("step-sidebar.picture-of")),
                            line(step.text().picture()));
        }
        List<Step> next = desk.steps().subList(at + 1, Math.min(desk.steps().size(), at + 1 + COMING));
        if (!next.isEmpty()) {
            coming.getChildren().add(head(Messages.message("step-sidebar.then")));
            next.forEach(each -> coming.getChildren().add(line(each.text().title())));
            int left = desk.steps().subList(at, desk.steps().size()).stream()
                    .filter(each -> !desk.marks().containsKey(each.id()))
                    .mapToInt(each -> each.work().hands())
                    .sum();
            coming.getChildren().add(line(Messages.message("step-sidebar.work-left", DurationText.said(left))));
        }
        List<DiaryEntry> here = desk.session().job().section(Sections.DIARY).stream()
                .filter(entry -> entry.step().equals(step.id()) && entry.what() == DiaryEntry.What.NOTE)
                .toList();
        if (!here.isEmpty()) {
            written.getChildren().add(head(Messages.message("step-sidebar.noted")));
            here.forEach(entry -> written.getChildren().add(line(entry.text())));
        }
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("step-side-head");
        return label;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("step-side-line");
        label.setWrapText(true);
        label.setMinWidth(0);
        return label;
    }
}
