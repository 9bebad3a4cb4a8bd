package org.kestan.desktop.stations.plan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.parts.field.PlainButton;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.files.BenchCardPdf;
import org.kestan.files.PaperName;
import org.kestan.files.PlanPapers;
import org.kestan.files.SheetPdf;
import org.kestan.words.Words;
import org.kestan.work.template.Template;
import org.kestan.work.template.Templates;

/** The papers of the plan: the bench card, and the templates with a look at each. */
final class PapersPane extends HBox {

    private final JobSession session;
    private final FileChoice files;
    private final VBox list = new VBox();
    private final TemplateView view = new TemplateView();
    private final Label how = new Label();
    private String shown = "";

    PapersPane(JobSession session, FileChoice files) {
        this.session = session;
        this.files = files;
        getStyleClass().add("papers");
        Label card = head("Bench card, one page for the wall");
        Label all = head("Everything: card, templates on A4 and Letter, SVG");
        Label templates = head("True-size templates of this plan");
        list.setId("template-list");
        list.getStyleClass().add("way-lines");
        VBox left = new VBox(
                card,
                new HBox(8, card("A4\u2026", SheetPdf.Paper.A4), card("Letter\u2026", SheetPdf.Paper.LETTER)),
                all,
                new PlainButton("Into a folder\u2026", "papers-all", this::chooseFolder),
                templates,
                list);
        left.getStyleClass().add("papers-list");
        how.setWrapText(true);
        how.getStyleClass().add("card-remark");
        how.setId("template-how");
        VBox right = new VBox(how, view);
        VBox.setVgrow(view, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        right.setMinWidth(0);
        getChildren().addAll(left, right);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("place-title");
        label.setWrapText(true);
        return label;
    }

    private Button card(String text, SheetPdf.Paper paper) {
        return new PlainButton(
                text, "card-" + paper.name().toLowerCase(java.util.Locale.ROOT), () -> chooseCard(paper));
    }

    /** Shows the templates there are now. */
    void show() {
        List<Template> templates = Templates.of(session.dossier().plan());
        list.getChildren().clear();
        ToggleGroup group = new ToggleGroup();
        for (Template template : templates) {
            RadioButton choice = new RadioButton(Words.label(template));
            choice.setId("template-" + template.key());
            choice.setToggleGroup(group);
            choice.setSelected(template.key().equals(shown));
            choice.setOnAction(event -> look(Optional.of(template)));
            list.getChildren().add(choice);
        }
        if (templates.isEmpty()) {
            list.getChildren().add(new Label("This plan has none, or what they need was not read."));
        }
        look(templates.stream()
                .filter(template -> template.key().equals(shown))
                .findFirst()
                .or(() -> templates.stream().findFirst()));
    }

    private void look(Optional<Template> template) {
        shown = template.map(Template::key).orElse("");
        how.setText(template.map(each -> Words.more(each, "how")).orElse(""));
        list.getChildren().stream()
                .filter(RadioButton.class::isInstance)
                .map(RadioButton.class::cast)
                .forEach(each -> each.setSelected(each.getId().equals("template-" + shown)));
        view.show(template, session.words());
    }

    private boolean isPlanned() {
        if (session.dossier().plan().planned().isEmpty()) {
            session.complain("Nothing is planned yet: the sheet and the action wanted come first.");
            return false;
        }
        return true;
    }

    private void chooseCard(SheetPdf.Paper paper) {
        if (!isPlanned()) {
            return;
        }
        files.save(
                        getScene().getWindow(),
                        "Write the bench card",
                        FileChoice.Kind.PAPER,
                        PaperName.of("bench-card", session.job(), "", ".pdf"))
                .ifPresent(to -> files.write(
                        to,
                        file -> Files.write(
                                file,
                                BenchCardPdf.write(
                                        session.dossier(), session.dossier().plan(), session.words(), paper))));
    }

    private void chooseFolder() {
        if (isPlanned()) {
            files.folder(getScene().getWindow(), "Write card and templates into a folder", FileChoice.Kind.PAPER)
                    .ifPresent(this::writeAll);
        }
    }

    /** Writes all papers into a folder. */
    private void writeAll(Path folder) {
        try {
            int count = PlanPapers.write(session.dossier(), session.dossier().plan(), session.words(), folder)
                    .size();
            session.say(count + " papers written to " + folder.getFileName());
        } catch (IOException failed) {
            session.complain("The papers could not be written: " + failed.getMessage());
        }
    }
}
