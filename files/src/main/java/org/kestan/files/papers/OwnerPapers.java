package org.kestan.files.papers;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.Standard;
import org.kestan.files.FileFinding;
import org.kestan.files.results.PrintedResult;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.history.History;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Audience;
import org.kestan.text.HistoryText;
import org.kestan.text.Numbers;
import org.kestan.text.ProofText;
import org.kestan.text.Wording;

/** The papers for an owner: the estimate before, the report after; each as one HTML page and as a PDF. */
public final class OwnerPapers {

    private static final double MINUTES = 60;
    private static final double DAY = 24 * MINUTES;

    private OwnerPapers() {}

    /** Makes the estimate before the work. */
    public static OwnerPaper.Made estimate(JobAnalysis analysis, Wording words, StepBook book, LocalDate today)
            throws IOException {
        return analysis.measured().isEmpty()
                ? OwnerPaper.Made.lacking(analysis.faults())
                : made("estimate", analysis, estimatePage(analysis, words, book, today));
    }

    /**
     * Makes the report after the work.
     *
     * @param photographs what goes with it
     */
    public static OwnerPaper.Made report(
            JobAnalysis analysis, Wording words, List<OwnerPaper.Photograph> photographs, LocalDate today)
            throws IOException {
        return analysis.proof().after().isEmpty()
                ? OwnerPaper.Made.lacking(List.of(new Fault(
                        Reading.ACTION_BASS.pointer(), FileFinding.NOTHING_AFTER.of(), FileFinding.A_VISIT_AFTER.of())))
                : made("report", analysis, reportPage(analysis, words, photographs, today));
    }

    /** Makes the history of an instrument: what its visits say, with a picture of each quantity. */
    public static OwnerPaper.Made history(JobAnalysis analysis, Wording words, LocalDate today) throws IOException {
        History history = History.of(analysis.job(), analysis.shop());
        OwnerPage page = new OwnerPage(
                PaperText.text("owner-papers.over-the-years", named(analysis.job())),
                analysis.shop().letterhead(),
                today);
        about(page, analysis.job());
        over(page, history, words.to(Audience.OWNER));
        terms(page);
        return made("history", analysis, page);
    }

    /** Writes a paper into a folder; prints the names of its files. */
    public static PrintedResult write(OwnerPaper.Made made, SheetPdf.Paper paper, Path folder) {
        if (made.paper().isEmpty()) {
            return PrintedResult.faulty(made.faults());
        }
        try {
            List<Path> files = made.paper().get().writeInto(folder, paper);
            return PrintedResult.of(files.stream()
                    .map(file -> "\"" + file.getFileName() + "\"")
                    .collect(Collectors.joining(", ", "[", "]\n")));
        } catch (IOException failed) {
            return PrintedResult.faulty(List.of(notWritten(failed)));
        }
    }

    /** The fault of a paper that could not be made or written. */
    public static Fault notWritten(IOException failed) {
        return new Fault(
                "",
                FileFinding.PAPERS_NOT_WRITTEN.of(Quantity.text(String.valueOf(failed.getMessage()))),
                FileFinding.A_FOLDER.of());
    }

    private static OwnerPaper.Made made(String what, JobAnalysis analysis, OwnerPage page) {
        return OwnerPaper.Made.of(new OwnerPaper(what, analysis.job(), page));
    }

    private static void over(OwnerPage page, History history, Wording words) throws IOException {
        HistoryText.say(history, words).forEach(page::text);
        for (History.Quantity quantity : History.Quantity.values()) {
            Optional<String> picture = HistoryPicture.of(history, quantity, words);
            if (picture.isPresent()) {
                page.drawing(
                        picture.get(), PaperText.text("owner-papers.over-the-years-dots", Wording.label(quantity)));
            }
        }
    }

    private static OwnerPage estimatePage(JobAnalysis analysis, Wording bench, StepBook book, LocalDate today)
            throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Letterhead letterhead = analysis.shop().letterhead();
        OwnerPage page =
                new OwnerPage(PaperText.text("owner-papers.estimate", named(analysis.job())), letterhead, today);
        about(page, analysis.job());
        page.heading(PaperText.text("owner-papers.what-was-found"));
        List<String> found = analysis.gates().stream()
                .filter(gate -> gate.state() == GateState.STOP || gate.state() == GateState.WARN)
                .filter(gate -> !gate.provisional())
                .map(gate -> words.say(gate.reasons()))
                .toList();
        page.list(found.isEmpty() ? List.of(PaperText.text("owner-papers.nothing-that-has-to")) : found);
        drawing(
                page,
                analysis.sideView(),
                analysis.measured().map(each -> SideProfile.of(each, 0)),
                analysis.plan().planned().map(each -> SideProfile.of(each, 0)),
                PaperText.text("owner-papers.the-strings-over-the"));
        page.heading(PaperText.text("owner-papers.what-we-would-do"));
        List<Way> ways = analysis.isPreview()
                ? analysis.recommendation().ways()
                : analysis.plan().ways();
        page.large(Wording.ways(ways));
        page.text(words.say(analysis.recommendation().reasons()));
        ways.forEach(way -> page.text(Wording.label(way) + ": " + Wording.suits(way)));
        analysis.plan().planned().ifPresent(planned -> page.text(change(analysis, planned, words)));
        money(page, analysis, ways, today);
        time(page, analysis, book);
        List<Assessment> others = analysis.ways().all().stream()
                .filter(each -> each.fit() == Suitability.POSSIBLE && !ways.contains(each.way()))
                .toList();
        if (!others.isEmpty()) {
            page.heading(PaperText.text("owner-papers.what-else-could-be"));
            page.table(
                    List.of(
                            PaperText.text("owner-papers.way-whom-it-suits"),
                            PaperText.text("owner-papers.hours"),
                            PaperText.text("owner-papers.price-before-tax")),
                    others.stream()
                            .map(each -> List.of(
                                    Wording.label(each.way()) + ". " + Wording.suits(each.way()) + " "
                                            + String.join(" ", Wording.risks(each.way())),
                                    Numbers.plain(each.hours()),
                                    price(each.cost(), analysis)))
                            .toList());
        }
        page.heading(PaperText.text("owner-papers.what-may-go-wrong"));
        page.list(ways.stream()
                .flatMap(way -> Wording.risks(way).stream())
                .distinct()
                .toList());
        page.heading(PaperText.text("owner-papers.what-cannot-be-known"));
        List<String> open = new ArrayList<>(analysis.gates().stream()
                .filter(gate -> gate.state() == GateState.UNKNOWN)
                .map(Gate::id)
                .map(id -> PaperText.text("owner-papers.was-not-looked-at", Wording.label(id)))
                .toList());
        open.add(PaperText.text("owner-papers.what-lies-inside-a"));
        page.list(open);
        terms(page);
        if (!letterhead.terms().isBlank()) {
            page.heading(PaperText.text("owner-papers.terms"));
            letterhead.terms().lines().forEach(page::text);
        }
        return page;
    }

    private static void about(OwnerPage page, Job job) {
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

    private static String named(Job job) {
        return job.name().isEmpty() ? PaperText.text("owner-papers.your-instrument") : job.name();
    }

    private static String change(JobAnalysis analysis, Setup planned, Wording words) {
        double now = analysis.measured()
                .orElseThrow(Expect.present("measured setup"))
                .action()
                .bass();
        double then = planned.action().bass();
        long percent = Math.round(Math.abs(then / now - 1) * 100);
        return PaperText.text(
                "owner-papers.the-lowest-string-stands",
                words.numbers().length(now),
                words.numbers().length(then),
                (percent == 0 ? ", as now." : ", " + percent + " % " + (then < now ? "lower" : "higher") + "."));
    }

    private static void money(OwnerPage page, JobAnalysis analysis, List<Way> ways, LocalDate today) {
        double hours = ways.stream()
                .mapToDouble(way -> analysis.shop().hours(way.prices()))
                .sum();
        double parts = ways.stream()
                .mapToDouble(way -> analysis.shop().parts(way.prices()))
                .sum();
        double work = ways.stream()
                        .mapToDouble(way -> analysis.shop().cost(way.prices()))
                        .sum()
                - parts;
        double tax = (work + parts) * analysis.shop().letterhead().tax() / 100;
        page.heading(PaperText.text("owner-papers.what-it-costs"));
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(PaperText.text("owner-papers.work-h", Numbers.plain(hours)), price(work, analysis)));
        rows.add(List.of(PaperText.text("owner-papers.parts"), price(parts, analysis)));
        if (tax > 0) {
            rows.add(List.of(
                    PaperText.text(
                            "owner-papers.tax",
                            Numbers.plain(analysis.shop().letterhead().tax())),
                    price(tax, analysis)));
        }
        rows.add(List.of(PaperText.text("owner-papers.together"), price(work + parts + tax, analysis)));
        page.table(List.of("", ""), rows);
        int days = analysis.shop().letterhead().validDays();
        page.text(days > 0 ? PaperText.text("owner-papers.valid-until", today.plusDays(days)) : "");
    }

    private static String price(double amount, JobAnalysis analysis) {
        String shop = analysis.shop().currency();
        String currency = shop.isEmpty() ? analysis.job().text(Lines.CURRENCY) : shop;
        return String.format(Locale.ROOT, "%.2f", amount) + (currency.isEmpty() ? "" : " " + currency);
    }

    private static void time(OwnerPage page, JobAnalysis analysis, StepBook book) {
        List<Step> steps = book.compose(analysis.plan());
        double hands = steps.stream().mapToInt(Step::hands).sum();
        double waits = steps.stream()
                .flatMap(step -> step.pause().stream())
                .mapToInt(Step.Pause::minutes)
                .sum();
        if (hands > 0) {
            page.heading(PaperText.text("owner-papers.how-long-it-takes"));
            page.text(PaperText.text(
                    "owner-papers.hours-and-days",
                    Math.round(hands / MINUTES),
                    Math.max(1, Math.round((waits + hands * 3) / DAY))));
        }
    }

    private static OwnerPage reportPage(
            JobAnalysis analysis, Wording bench, List<OwnerPaper.Photograph> photographs, LocalDate today)
            throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Job job = analysis.job();
        Proof proof = analysis.proof();
        OwnerPage page = new OwnerPage(
                PaperText.text("owner-papers.report", named(job)),
                analysis.shop().letterhead(),
                today);
        about(page, job);
        List<Way> ways = (proof.prediction().map(Prediction::ways).orElse(List.of()))
                .stream().flatMap(key -> WayCatalog.find(key).stream()).toList();
        page.heading(PaperText.text("owner-papers.what-was-done"));
        page.large(ways.isEmpty() ? PaperText.text("owner-papers.the-work-agreed-on") : Wording.ways(ways));
        page.heading(PaperText.text("owner-papers.before-and-after"));
        JobAnalysis before = JobAnalysis.of(job.withVisit(proof.before()), analysis.shop());
        drawing(
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
        page.text(ProofText.headline(proof, words) + ".");
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
            over(page, history, words);
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
        terms(page);
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
            Optional<String> source = DataUriImage.photograph(each.bytes());
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

    /** The words of the trade that stand on the paper, each with what it is. */
    private static void terms(OwnerPage page) {
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

    private static void drawing(
            OwnerPage page,
            Optional<SideView> view,
            Optional<SideProfile> before,
            Optional<SideProfile> after,
            String says)
            throws IOException {
        LinePicture.of(view, before, after).ifPresent(source -> page.drawing(source, says));
    }
}
