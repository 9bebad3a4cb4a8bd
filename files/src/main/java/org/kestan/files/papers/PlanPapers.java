package org.kestan.files.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.kestan.files.disk.Disk;
import org.kestan.files.steps.StepLibrary;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.Templates;
import org.kestan.text.Wording;

/**
 * All papers of a work plan in a folder: the bench card and the templates, each in both paper sizes, and each as SVG.
 */
public final class PlanPapers {

    private PlanPapers() {}

    /**
     * Writes the papers, named for the instrument and its owner; an earlier paper of the same name is replaced.
     *
     * @param words in the unit of the bench card
     * @return the files written
     * @throws IOException if a file can't be written
     */
    public static List<Path> write(JobAnalysis analysis, WorkPlan plan, Wording words, Path folder) throws IOException {
        List<Template> templates = Templates.of(plan);
        Map<String, byte[]> made = new LinkedHashMap<>();
        for (SheetPdf.Paper paper : SheetPdf.Paper.values()) {
            String size = paper.name().toLowerCase(Locale.ROOT);
            made.put(
                    PaperName.of("bench-card", plan.job(), size, ".pdf"),
                    BenchCardPdf.write(analysis, plan, StepLibrary.shipped().book(), words, paper));
            if (!templates.isEmpty()) {
                made.put(
                        PaperName.of("templates", plan.job(), size, ".pdf"),
                        TemplatePdf.write(templates, plan.job(), paper));
            }
        }
        for (Template template : templates) {
            made.put(
                    PaperName.of(template.key(), plan.job(), "", ".svg"),
                    TemplateSvg.write(template).getBytes(StandardCharsets.UTF_8));
        }
        // All are made before any is written.
        Disk.folder(folder);
        List<Path> written = new ArrayList<>();
        for (Map.Entry<String, byte[]> each : made.entrySet()) {
            Path file = folder.resolve(each.getKey());
            Disk.write(file, each.getValue());
            written.add(file);
        }
        return List.copyOf(written);
    }
}
