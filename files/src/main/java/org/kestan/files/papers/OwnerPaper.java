package org.kestan.files.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Fault;
import org.kestan.files.disk.Disk;
import org.kestan.job.Job;

/** A paper for an owner: a self-contained HTML page, and a PDF made from it. */
public final class OwnerPaper {

    private final String what;
    private final Job job;
    private final OwnerPage page;

    OwnerPaper(String what, Job job, OwnerPage page) {
        this.what = what;
        this.job = job;
        this.page = page;
    }

    /**
     * The result of making one.
     *
     * @param paper the paper; empty exactly when there are faults
     * @param faults what it lacks, each at its place
     */
    public record Made(Optional<OwnerPaper> paper, List<Fault> faults) {

        static Made of(OwnerPaper paper) {
            return new Made(Optional.of(paper), List.of());
        }

        static Made lacking(List<Fault> faults) {
            return new Made(Optional.empty(), List.copyOf(faults));
        }
    }

    /**
     * A photograph on a paper.
     *
     * @param source of a JPEG or PNG; read when it is drawn, so that only one at a time is in memory
     * @param caption what it shows, empty for none
     */
    public record Photograph(Source source, String caption) {}

    /** A source of bytes. */
    @FunctionalInterface
    public interface Source {

        /** Reads all of them. */
        byte[] read() throws IOException;
    }

    /** Returns the page for a browser. */
    public String html(SheetPdf.Paper paper) throws IOException {
        return page.html(paper, true);
    }

    /** Returns the PDF. */
    public byte[] pdf(SheetPdf.Paper paper) throws IOException {
        return page.pdf(paper);
    }

    /**
     * Writes both into a folder, which is created if needed.
     *
     * @return the files, the page first
     * @throws IOException if they can't be written
     */
    public List<Path> writeInto(Path folder, SheetPdf.Paper paper) throws IOException {
        // Both are made before either is written, so that a paper that can't be made leaves nothing half done.
        byte[] shown = html(paper).getBytes(StandardCharsets.UTF_8);
        byte[] printed = pdf(paper);
        Disk.folder(folder);
        Path html = folder.resolve(PaperName.of(what, job, "", ".html"));
        Path pdf = folder.resolve(PaperName.of(what, job, "", ".pdf"));
        Disk.write(html, shown);
        Disk.write(pdf, printed);
        return List.of(html, pdf);
    }
}
