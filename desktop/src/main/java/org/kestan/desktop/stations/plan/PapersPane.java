package org.kestan.desktop.stations.plan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.layout.KeptPapers;
import org.kestan.desktop.widgets.layout.OwnerPaperExport;
import org.kestan.desktop.widgets.layout.PaperPrinter;
import org.kestan.desktop.widgets.layout.PaperView;
import org.kestan.files.papers.BenchCardPdf;
import org.kestan.files.papers.OwnerPaper;
import org.kestan.files.papers.PaperName;
import org.kestan.files.papers.PlanPapers;
import org.kestan.files.papers.SheetPdf;
import org.kestan.files.papers.TemplatePdf;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.Templates;
import org.kestan.text.Wording;

/** The papers of the plan, bench card and templates, each shown as it will be printed. */
final class PapersPane extends HBox {

    private static final String CARD = "bench-card";
    private static final String ESTIMATE = "estimate";

    private final JobSession session;
    private final FileChoice files;
    private final OwnerPaperExport owner;
    private final VBox list = new VBox();
    private final PaperView view;
    private final ToggleGroup sizes = new ToggleGroup();
    private final Label how = new Label();
    private String shown = CARD;

    PapersPane(JobSession session, JobStore store) {
        this.session = session;
        files = store.files();
        owner = new OwnerPaperExport(session, store);
        getStyleClass().add("papers");
        view = new PaperView(session::complain);
        list.setId("template-list");
        list.getStyleClass().add("way-lines");
        HBox size = new HBox(12);
        for (SheetPdf.Paper paper : SheetPdf.Paper.values()) {
            RadioButton choice =
                    new RadioButton(paper == SheetPdf.Paper.A4 ? "A4" : Messages.message("papers-pane.letter"));
            choice.setId("paper-" + paper.name().toLowerCase(Locale.ROOT));
            choice.setToggleGroup(sizes);
            choice.setUserData(paper);
            choice.setSelected(paper == SheetPdf.Paper.A4);
            choice.setOnAction(event -> show());
            size.getChildren().add(choice);
        }
        VBox left = new VBox(
                head(Messages.message("papers-pane.papers-of-this-plan")),
                list,
                head(Messages.message("papers-pane.paper")),
                size,
                new TextButton(Messages.message("papers-pane.print"), "paper-print", this::printShown),
                new TextButton(Messages.message("papers-pane.write-this-one"), "paper-write", this::writeShown),
                new TextButton(Messages.message("papers-pane.all-of-them-into"), "papers-all", this::chooseFolder),
                new KeptPapers(session, store, view));
        left.getStyleClass().add("papers-list");
        ScrollPane choices = new ScrollPane(left);
        choices.setFitToWidth(true);
        choices.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        choices.setMinWidth(USE_PREF_SIZE);
        choices.setMinHeight(0);
        choices.getStyleClass().add("station-scroll");
        how.setWrapText(true);
        how.getStyleClass().add("card-remark");
        how.setId("template-how");
        VBox right = new VBox(how, view);
        VBox.setVgrow(view, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        right.setMinSize(0, 0);
        setMinHeight(0);
        getChildren().addAll(choices, right);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("place-title");
        label.setWrapText(true);
        return label;
    }

    private SheetPdf.Paper paper() {
        return (SheetPdf.Paper) sizes.getSelectedToggle().getUserData();
    }

    /** Shows the current papers. */
    void show() {
        if (session.analysis().plan().planned().isEmpty()) {
            list.getChildren().setAll(new Label(Messages.message("papers-pane.none-yet")));
            how.setText("");
            view.nothing(Messages.message("papers-pane.nothing-is-planned-yet"));
            return;
        }
        List<Template> templates = Templates.of(session.analysis().plan());
        if (!shown.equals(ESTIMATE)
                && templates.stream().noneMatch(template -> template.key().equals(shown))) {
            shown = CARD;
        }
        list.getChildren().clear();
        ToggleGroup group = new ToggleGroup();
        choice(group, CARD, Messages.message("papers-pane.bench-card-one-page"));
        choice(group, ESTIMATE, Messages.message("papers-pane.estimate-for-the-owner"));
        for (Template template : templates) {
            choice(group, template.key(), Messages.message("papers-pane.true-size", Wording.label(template)));
        }
        for (Templates.Missing missing : Templates.missing(session.analysis().plan())) {
            Label lacks = new Label(Messages.message(
                    "papers-pane.lacks",
                    Wording.label(missing),
                    Wording.full(missing.reading()).toLowerCase(Locale.ROOT)));
            lacks.setWrapText(true);
            lacks.getStyleClass().add("entry-note-question");
            list.getChildren().add(lacks);
        }
        JobAnalysis analysis = session.analysis();
        SheetPdf.Paper paper = paper();
        if (shown.equals(ESTIMATE)) {
            Callable<OwnerPaper.Made> maker = owner.estimate();
            how.setText(Messages.message("papers-pane.what-was-found-what"));
            view.show(
                    List.of(analysis.job(), session.standards(), shown, paper, session.unit()),
                    Messages.message("papers-pane.estimate"),
                    () -> owner.pdf(maker, paper));
            return;
        }
        Optional<Template> template = shown(templates);
        how.setText(template.map(each -> Wording.more(each, "how"))
                .orElse(Messages.message("papers-pane.the-numbers-that-decide")));
        view.show(
                List.of(analysis.job(), analysis.shop(), shown, paper, session.unit()),
                template.map(Wording::label).orElse(Messages.message("papers-pane.bench-card")),
                () -> bytes(analysis, template, paper));
    }

    private byte[] bytes(JobAnalysis analysis, Optional<Template> template, SheetPdf.Paper paper) throws IOException {
        return template.isPresent()
                ? TemplatePdf.write(List.of(template.get()), analysis.job(), paper)
                : BenchCardPdf.write(
                        analysis, analysis.plan(), session.stepsProperty().get().book(), session.words(), paper);
    }

    private void choice(ToggleGroup group, String key, String text) {
        RadioButton choice = new RadioButton(text);
        choice.setId("template-" + key);
        choice.setToggleGroup(group);
        choice.setSelected(key.equals(shown));
        choice.setOnAction(event -> {
            shown = key;
            show();
            list.lookup("#template-" + key).requestFocus();
        });
        list.getChildren().add(choice);
    }

    private Optional<Template> shown(List<Template> templates) {
        return templates.stream().filter(each -> each.key().equals(shown)).findFirst();
    }

    private boolean isPlanned() {
        if (session.analysis().plan().planned().isEmpty()) {
            session.complain(Messages.message("papers-pane.nothing-is-planned-yet"));
            return false;
        }
        return true;
    }

    private void printShown() {
        if (!isPlanned()) {
            return;
        }
        JobAnalysis analysis = session.analysis();
        SheetPdf.Paper paper = paper();
        Optional<Template> template = shown(Templates.of(analysis.plan()));
        try {
            byte[] pdf = shown.equals(ESTIMATE) ? owner.pdf(owner.estimate(), paper) : bytes(analysis, template, paper);
            PaperPrinter.print(
                    pdf,
                    template.map(Wording::label).orElse(Messages.message("papers-pane.bench-card")),
                    getScene().getWindow(),
                    session::say,
                    session::complain);
        } catch (Exception failed) {
            session.complain(Messages.message("papers-pane.the-papers-could-not", failed.getMessage()));
        }
    }

    private void writeShown() {
        if (!isPlanned()) {
            return;
        }
        if (shown.equals(ESTIMATE)) {
            owner.write(ESTIMATE, owner.estimate(), getScene().getWindow(), paper());
            return;
        }
        JobAnalysis analysis = session.analysis();
        SheetPdf.Paper paper = paper();
        Optional<Template> template = shown(Templates.of(analysis.plan()));
        files.save(
                        getScene().getWindow(),
                        Messages.message("papers-pane.write-this-paper"),
                        FileChoice.Kind.PAPER,
                        PaperName.of(shown, analysis.job(), paper.name().toLowerCase(Locale.ROOT), ".pdf"))
                .ifPresent(to -> files.write(to, file -> Files.write(file, bytes(analysis, template, paper))));
    }

    private void chooseFolder() {
        if (isPlanned()) {
            files.folder(
                            getScene().getWindow(),
                            Messages.message("papers-pane.write-card-and-templates"),
                            FileChoice.Kind.PAPER)
                    .ifPresent(this::writeAll);
        }
    }

    /** Writes all papers into a folder. */
    private void writeAll(Path folder) {
        try {
            int count = PlanPapers.write(session.analysis(), session.analysis().plan(), session.words(), folder)
                    .size();
            session.say(Messages.message("papers-pane.papers-written-to", count, folder.getFileName()));
        } catch (IOException failed) {
            session.complain(Messages.message("papers-pane.the-papers-could-not", failed.getMessage()));
        }
    }
}
