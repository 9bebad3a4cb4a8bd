package org.kestan.files.papers;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.Bill;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.history.History;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.text.Audience;
import org.kestan.text.Numbers;
import org.kestan.text.ProofText;
import org.kestan.text.Wording;

/** The report after the work: what was done, before and after, and how to look after it. */
final class ReportPage {

    private ReportPage() {}

    static OwnerPage of(JobAnalysis analysis, Wording bench, List<OwnerPaper.Photograph> photographs, LocalDate today)
            throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Job job = analysis.job();
        Proof proof = analysis.proof();
        OwnerPage page = new OwnerPage(
                PaperText.text("owner-papers.report", OwnerSections.named(job)),
                analysis.shop().letterhead(),
                today);
        OwnerSections.about(page, job);
        List<Way> ways = (proof.prediction().map(Prediction::ways).orElse(List.of()))
                .stream().flatMap(key -> WayCatalog.find(key).stream()).toList();
        JobAnalysis before = JobAnalysis.of(job.withVisit(proof.before()), analysis.shop());
        List<String> wrong = before.gates().stream()
                .filter(gate -> gate.state() == GateState.STOP)
                .map(gate -> words.say(gate.reasons()))
                .toList();
        if (!wrong.isEmpty()) {
            page.heading(PaperText.text("owner-papers.what-was-wrong"));
            page.list(wrong);
        }
        page.heading(PaperText.text("owner-papers.what-was-done"));
        page.large(ways.isEmpty() ? PaperText.text("owner-papers.the-work-agreed-on") : Wording.ways(ways));
        ways.forEach(way -> page.text(Wording.label(way) + ": " + Wording.suits(way)));
        page.heading(PaperText.text("owner-papers.plays-like-now"));
        OwnerSections.drawing(
                page,
                before.sideView(),
                before.measured().map(each -> SideProfile.of(each, 0)),
                proof.strung(job, analysis.shop()).map(each -> SideProfile.of(each, 0)),
                PaperText.text("owner-papers.the-strings-over-the-2"));
        List<List<String>> rows = new ArrayList<>();
        for (Proof.Row row : proof.lines()) {
            if (row.before().isPresent() && row.after().isPresent()) {
                rows.add(List.of(
                        Wording.full(row.reading()),
                        words.numbers().lengthBoth(row.before().getAsDouble()),
                        words.numbers().lengthBoth(row.after().getAsDouble()),
                        ProofText.percent(row),
                        Wording.more(row.reading(), "owner")));
            }
        }
        page.table(
                List.of(
                        "",
                        PaperText.text("owner-papers.before"),
                        PaperText.text("owner-papers.after"),
                        PaperText.text("owner-papers.change"),
                        PaperText.text("owner-papers.what-it-means")),
                rows);
        page.text(PaperText.text(proof.misses() ? "owner-papers.came-otherwise" : "owner-papers.came-as-planned"));
        if (proof.misses()) {
            page.heading(PaperText.text("owner-papers.what-came-otherwise-than"));
            page.list(ProofText.causes(analysis, words));
        }
        List<String> notes = job.section(Sections.DIARY).stream()
                .filter(entry -> entry.what() == DiaryEntry.What.NOTE)
                .map(DiaryEntry::text)
                .toList();
        if (!notes.isEmpty()) {
            page.heading(PaperText.text("owner-papers.what-was-found-inside"));
            page.list(notes);
        }
        pictures(page, photographs);
        History history = History.of(job, analysis.shop());
        if (!history.trends().isEmpty()) {
            page.heading(PaperText.text("owner-papers.over-the-years-2"));
            OwnerSections.history(page, history, words);
        }
        if (!ways.isEmpty()) {
            page.heading(PaperText.text("owner-papers.what-it-comes-to"));
            BillTable.add(page, Bill.of(job, analysis.shop(), ways), analysis);
        }
        if (!job.text(Lines.STILL_TO_DO).isEmpty()) {
            page.heading(PaperText.text("owner-papers.still-to-do"));
            page.list(job.text(Lines.STILL_TO_DO)
                    .lines()
                    .filter(line -> !line.isBlank())
                    .toList());
        }
        page.heading(PaperText.text("owner-papers.care"));
        page.list(List.of(
                PaperText.text(
                        "owner-papers.keep-it-between-and",
                        Numbers.plain(analysis.shop().get(Standard.HUMIDITY_LEAST)),
                        Numbers.plain(analysis.shop().get(Standard.HUMIDITY_MOST))),
                PaperText.text("owner-papers.put-the-same-strings"),
                PaperText.text("owner-papers.a-new-buzz-or")));
        job.get(Lines.COME_BACK).ifPresent(day -> page.large(PaperText.text("owner-papers.bring-it-back-for", day)));
        OwnerSections.terms(page);
        if (!job.text(Lines.SIGNED_ON).isEmpty()) {
            String by = job.text(Lines.SIGNED_BY);
            page.text(PaperText.text(
                    by.isEmpty() ? "owner-papers.signed-off-on" : "owner-papers.signed-off-on-by",
                    job.text(Lines.SIGNED_ON),
                    by));
        }
        return page;
    }

    /** Photographs that can't be read are left out. */
    private static void pictures(OwnerPage page, List<OwnerPaper.Photograph> photographs) throws IOException {
        boolean headed = false;
        for (OwnerPaper.Photograph each : photographs) {
            Optional<String> source = DataUriImage.photograph(each.source());
            if (source.isPresent()) {
                if (!headed) {
                    page.heading(PaperText.text("owner-papers.pictures"));
                    headed = true;
                }
                page.photograph(
                        source.get(),
                        each.caption().isEmpty()
                                ? PaperText.text("owner-papers.picture-from-the-bench")
                                : each.caption());
            }
        }
    }
}
