package org.kestan.files.papers;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.Templates;
import org.kestan.text.Wording;

/** All papers of a work plan in a folder: the bench card and the templates, each on both paper sizes, and each as SVG. */
public final class PlanPapers {

    private PlanPapers() {}

    /**
     * Writes the papers, named after the instrument and its owner; an earlier paper of the same name is replaced.
     *
     * @param words in the unit of the bench card
     * @return the files written
     * @throws IOException if a file can't be written
     */
    public static List<Path> write(JobAnalysis analysis, WorkPlan plan, Wording words, Path folder) throws IOException {
        Files.createDirectories(folder);
        List<Template> templates = Templates.of(plan);
        List<Path> written = new ArrayList<>();
        for (SheetPdf.Paper paper : SheetPdf.Paper.values()) {
            String size = paper.name().toLowerCase(Locale.ROOT);
            written.add(Files.write(
                    folder.resolve(PaperName.of("bench-card", plan.job(), size, ".pdf")),
                    BenchCardPdf.write(analysis, plan, words, paper)));
            if (!templates.isEmpty()) {
                written.add(Files.write(
                        folder.resolve(PaperName.of("templates", plan.job(), size, ".pdf")),
                        TemplatePdf.write(templates, plan.job(), paper)));
            }
        }
        for (Template template : templates) {
            written.add(Files.writeString(
                    folder.resolve(PaperName.of(template.key(), plan.job(), "", ".svg")), TemplateSvg.write(template)));
        }
        return List.copyOf(written);
    }
}
