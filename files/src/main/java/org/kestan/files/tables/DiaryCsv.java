package org.kestan.files.tables;

import java.io.IOException;
import java.nio.file.Path;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.kestan.files.text.TextFile;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Wording;

/** The bench diary as a table: when (ISO 8601, UTC), who, what, the step by id and title, the text. */
public final class DiaryCsv {

    private static final String[] HEAD = {"at", "who", "what", "step", "title", "text"};

    private DiaryCsv() {}

    /** Prints the diary of a job. */
    public static String print(Job job, StepBook book) throws IOException {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEAD).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (DiaryEntry entry : job.section(Sections.DIARY)) {
                printer.printRecord(
                        entry.at(),
                        SheetCsv.guarded(entry.who()),
                        Wording.label(entry.what()),
                        SheetCsv.guarded(entry.step()),
                        SheetCsv.guarded(book.step(entry.step())
                                .map(step -> step.text().title())
                                .orElse("")),
                        SheetCsv.guarded(entry.text()));
            }
        }
        return text.toString();
    }

    /**
     * Writes the diary of a job to a file, completely or not at all.
     *
     * @throws IOException if it can't be written
     */
    public static void write(Job job, StepBook book, Path file) throws IOException {
        TextFile.write(print(job, book), file);
    }
}
