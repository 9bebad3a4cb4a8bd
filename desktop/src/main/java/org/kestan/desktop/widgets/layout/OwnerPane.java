package org.kestan.desktop.widgets.layout;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.papers.OwnerPaper;
import org.kestan.files.papers.SheetPdf;

/** A paper for the owner as it will be printed, and a button to write it. */
public final class OwnerPane extends VBox {

    private final JobSession session;
    private final OwnerPaperExport writing;
    private final String what;
    private final Supplier<Callable<OwnerPaper.Made>> maker;
    private final PaperView view;
    private SheetPdf.Paper paper = SheetPdf.Paper.A4;

    /**
     * @param what what the paper is called in a sentence, in small letters
     * @param maker gives the way to make it of the open job
     */
    public OwnerPane(
            JobSession session,
            JobStore store,
            String what,
            Function<OwnerPaperExport, Callable<OwnerPaper.Made>> maker) {
        this.session = session;
        this.what = what;
        writing = new OwnerPaperExport(session, store);
        this.maker = () -> maker.apply(writing);
        view = new PaperView(session::complain);
        getStyleClass().add("bench-page");
        FlowPane hand = new FlowPane();
        hand.setAlignment(Pos.CENTER_LEFT);
        hand.getStyleClass().add("step-bar");
        ToggleGroup sizes = new ToggleGroup();
        for (SheetPdf.Paper each : SheetPdf.Paper.values()) {
            RadioButton choice =
                    new RadioButton(each == SheetPdf.Paper.A4 ? "A4" : Messages.message("owner-pane.letter"));
            choice.setId(what + "-" + each.name().toLowerCase(Locale.ROOT));
            choice.setToggleGroup(sizes);
            choice.setSelected(each == paper);
            choice.setOnAction(event -> {
                paper = each;
                show();
            });
            hand.getChildren().add(choice);
        }
        hand.getChildren()
                .add(new TextButton(
                        Messages.message("owner-pane.write-it"),
                        what + "-write",
                        () -> writing.write(what, this.maker.get(), getScene().getWindow(), paper)));
        hand.getChildren()
                .addAll(
                        new TextButton(Messages.message("papers-pane.print"), what + "-print", this::print),
                        new KeptPapers(session, store, view));
        VBox.setVgrow(view, Priority.ALWAYS);
        setMinSize(0, 0);
        getChildren().addAll(hand, view);
    }

    /** Shows the paper in its present state. */
    public void show() {
        Callable<OwnerPaper.Made> made = maker.get();
        view.show(
                List.of(session.analysis().job(), session.standards(), session.unit(), paper),
                what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1),
                () -> writing.pdf(made, paper));
    }

    private void print() {
        Callable<OwnerPaper.Made> made = maker.get();
        try {
            PaperPrinter.print(writing.pdf(made, paper), what, getScene().getWindow(), session::say, session::complain);
        } catch (Exception failed) {
            session.complain(Messages.message("papers-pane.the-papers-could-not", failed.getMessage()));
        }
    }

    /** Writes the paper into a folder. */
    public void writeInto(Path folder) {
        writing.writeInto(folder, what, maker.get(), paper);
    }
}
