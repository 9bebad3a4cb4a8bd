package org.kestan.files.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.repair.history.History;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.HistoryText;
import org.kestan.text.Wording;

/** The sections that several of the owner’s papers share. */
final class OwnerSections {

    private OwnerSections() {}

    static void about(OwnerPage page, Job job) {
        List<String> lines = new ArrayList<>();
        if (!job.text(Lines.OWNER).isEmpty()) {
            lines.add(PaperText.text("owner-papers.for", job.text(Lines.OWNER)));
        }
        if (!job.text(Lines.COMPLAINT).isEmpty()) {
            lines.add(PaperText.text("owner-papers.you-told-us", job.text(Lines.COMPLAINT)));
        }
        if (!job.text(Lines.TAKEN_ON).isEmpty()) {
            lines.add(PaperText.text("owner-papers.measured-on", job.text(Lines.TAKEN_ON)));
        }
        lines.forEach(page::text);
    }

    static String named(Job job) {
        return job.name().isEmpty() ? PaperText.text("owner-papers.your-instrument") : job.name();
    }

    static void history(OwnerPage page, History history, Wording words) throws IOException {
        HistoryText.say(history, words).forEach(page::text);
        for (History.Quantity quantity : History.Quantity.values()) {
            Optional<String> picture = HistoryPicture.of(history, quantity, words);
            if (picture.isPresent()) {
                page.drawing(
                        picture.get(), PaperText.text("owner-papers.over-the-years-dots", Wording.label(quantity)));
            }
        }
    }

    /** The terms of the trade used on the paper, each with its meaning. */
    static void terms(OwnerPage page) {
        page.heading(PaperText.text("owner-papers.what-the-words-mean"));
        page.list(List.of(
                PaperText.text("owner-papers.action-how-high-the"),
                PaperText.text("owner-papers.relief-the-slight-bow"),
                PaperText.text("owner-papers.saddle-and-bridge-the"),
                PaperText.text("owner-papers.nut-the-grooved-piece"),
                PaperText.text("owner-papers.projection-the-line-along"),
                PaperText.text("owner-papers.neck-reset-the-neck"),
                PaperText.text("owner-papers.truss-rod-the-steel")));
    }

    static void drawing(
            OwnerPage page,
            Optional<SideView> view,
            Optional<SideProfile> before,
            Optional<SideProfile> after,
            String says)
            throws IOException {
        InstrumentPicture.of(view, before, after).ifPresent(source -> page.drawing(source, says));
    }
}
