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
                "Over the years: " + named(analysis.job()), analysis.shop().letterhead(), today);
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
                        picture.get(),
                        Wording.label(quantity)
                                + " over the years: dots as read, the line where it goes; nineteen of twenty readings"
                                + " should lie in the wide band.");
            }
        }
    }

    private static OwnerPage estimatePage(JobAnalysis analysis, Wording bench, StepBook book, LocalDate today)
            throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Letterhead letterhead = analysis.shop().letterhead();
        OwnerPage page = new OwnerPage("Estimate: " + named(analysis.job()), letterhead, today);
        about(page, analysis.job());
        page.heading("What was found");
        List<String> found = analysis.gates().stream()
                .filter(gate -> gate.state() == GateState.STOP || gate.state() == GateState.WARN)
                .filter(gate -> !gate.provisional())
                .map(gate -> words.say(gate.reasons()))
                .toList();
        page.list(found.isEmpty() ? List.of("Nothing that has to be put right.") : found);
        drawing(
                page,
                analysis.sideView(),
                analysis.measured().map(each -> SideProfile.of(each, 0)),
                analysis.plan().planned().map(each -> SideProfile.of(each, 0)),
                "The strings over the neck: full line as it is, dashed as it would be. Heights are drawn much larger than they are.");
        page.heading("What we would do");
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
            page.heading("What else could be done");
            page.table(
                    List.of("Way, whom it suits, and what may go wrong", "Hours", "Price before tax"),
                    others.stream()
                            .map(each -> List.of(
                                    Wording.label(each.way()) + ". " + Wording.suits(each.way()) + " "
                                            + String.join(" ", Wording.risks(each.way())),
                                    Numbers.plain(each.hours()),
                                    price(each.cost(), analysis)))
                            .toList());
        }
        page.heading("What may go wrong");
        page.list(ways.stream()
                .flatMap(way -> Wording.risks(way).stream())
                .distinct()
                .toList());
        page.heading("What cannot be known yet");
        List<String> open = new ArrayList<>(analysis.gates().stream()
                .filter(gate -> gate.state() == GateState.UNKNOWN)
                .map(Gate::id)
                .map(id -> Wording.label(id) + " was not looked at, or not read yet.")
                .toList());
        open.add(
                "What lies inside a joint or under a bridge is seen once it is open. Nothing is added without asking you.");
        page.list(open);
        terms(page);
        if (!letterhead.terms().isBlank()) {
            page.heading("Terms");
            letterhead.terms().lines().forEach(page::text);
        }
        return page;
    }

    private static void about(OwnerPage page, Job job) {
        List<String> lines = new ArrayList<>();
        if (!job.text(Lines.OWNER).isEmpty()) {
            lines.add("For " + job.text(Lines.OWNER));
        }
        if (!job.text(Lines.COMPLAINT).isEmpty()) {
            lines.add("You told us: " + job.text(Lines.COMPLAINT));
        }
        if (!job.text(Lines.TAKEN_ON).isEmpty()) {
            lines.add("Measured on " + job.text(Lines.TAKEN_ON));
        }
        lines.forEach(page::text);
    }

    private static String named(Job job) {
        return job.name().isEmpty() ? "your instrument" : job.name();
    }

    private static String change(JobAnalysis analysis, Setup planned, Wording words) {
        double now = analysis.measured().orElseThrow().action().bass();
        double then = planned.action().bass();
        long percent = Math.round(Math.abs(then / now - 1) * 100);
        return "The lowest string stands " + words.numbers().length(now)
                + " over the fret where we measure it; afterward "
                + words.numbers().length(then)
                + (percent == 0 ? ", as now." : ", " + percent + " % " + (then < now ? "lower" : "higher") + ".");
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
        page.heading("What it costs");
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("Work, " + Numbers.plain(hours) + " h", price(work, analysis)));
        rows.add(List.of("Parts", price(parts, analysis)));
        if (tax > 0) {
            rows.add(
                    List.of("Tax, " + Numbers.plain(analysis.shop().letterhead().tax()) + " %", price(tax, analysis)));
        }
        rows.add(List.of("Together", price(work + parts + tax, analysis)));
        page.table(List.of("", ""), rows);
        int days = analysis.shop().letterhead().validDays();
        page.text(days > 0 ? "This estimate holds until " + today.plusDays(days) + "." : "");
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
            page.heading("How long it takes");
            page.text("About " + Math.round(hands / MINUTES)
                    + " hours at the bench, and glue, drying and settling in between: "
                    + Math.max(1, Math.round((waits + hands * 3) / DAY))
                    + " days at the least once it is begun.");
        }
    }

    private static OwnerPage reportPage(
            JobAnalysis analysis, Wording bench, List<OwnerPaper.Photograph> photographs, LocalDate today)
            throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Job job = analysis.job();
        Proof proof = analysis.proof();
        OwnerPage page = new OwnerPage("Report: " + named(job), analysis.shop().letterhead(), today);
        about(page, job);
        List<Way> ways = (proof.prediction().map(Prediction::ways).orElse(List.of()))
                .stream().flatMap(key -> WayCatalog.find(key).stream()).toList();
        page.heading("What was done");
        page.large(ways.isEmpty() ? "The work agreed on" : Wording.ways(ways));
        page.heading("Before and after");
        JobAnalysis before = JobAnalysis.of(job.withVisit(proof.before()), analysis.shop());
        drawing(
                page,
                before.sideView(),
                before.measured().map(each -> SideProfile.of(each, 0)),
                proof.strung(job, analysis.shop()).map(each -> SideProfile.of(each, 0)),
                "The strings over the neck: full line before, dashed after. Heights are drawn much larger than they are.");
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
        page.table(List.of("", "Before", "After", "Change", "What it means"), rows);
        page.text(ProofText.headline(proof, words) + ".");
        if (proof.misses()) {
            page.heading("What came otherwise than we said");
            page.list(ProofText.causes(analysis, words));
        }
        List<String> notes = job.section(Sections.DIARY).stream()
                .filter(entry -> entry.what() == DiaryEntry.What.NOTE)
                .map(DiaryEntry::text)
                .toList();
        if (!notes.isEmpty()) {
            page.heading("What was found inside");
            page.list(notes);
        }
        pictures(page, photographs);
        History history = History.of(job, analysis.shop());
        if (!history.trends().isEmpty()) {
            page.heading("Over the years");
            over(page, history, words);
        }
        if (!job.text(Lines.STILL_TO_DO).isEmpty()) {
            page.heading("Still to do");
            page.list(job.text(Lines.STILL_TO_DO)
                    .lines()
                    .filter(line -> !line.isBlank())
                    .toList());
        }
        page.heading("Care");
        page.list(List.of(
                "Keep it between " + Numbers.plain(analysis.shop().get(Standard.HUMIDITY_LEAST)) + " and "
                        + Numbers.plain(analysis.shop().get(Standard.HUMIDITY_MOST))
                        + " % humidity, away from heaters and sun; in winter a damp source in the case.",
                "Put the same strings on again: other gauges pull otherwise, and the neck stands otherwise.",
                "A new buzz, or strings that rise, is worth a look: bring it before a year is over."));
        job.get(Lines.COME_BACK).ifPresent(day -> page.large("Bring it back for a look on " + day + "."));
        terms(page);
        if (!job.text(Lines.SIGNED_ON).isEmpty()) {
            page.text("Signed off on " + job.text(Lines.SIGNED_ON)
                    + (job.text(Lines.SIGNED_BY).isEmpty() ? "" : " by " + job.text(Lines.SIGNED_BY)) + ".");
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
                    page.heading("Pictures");
                    headed = true;
                }
                page.photograph(source.get(), each.caption().isEmpty() ? "Picture from the bench" : each.caption());
            }
        }
    }

    /** The words of the trade that stand on the paper, each with what it is. */
    private static void terms(OwnerPage page) {
        page.heading("What the words mean");
        page.list(List.of(
                "Action: how high the strings stand over the frets. Low is easy to press, too low buzzes.",
                "Relief: the slight bow along the neck.",
                "Saddle and bridge: the white strip the strings run over, and the wooden piece it stands in.",
                "Nut: the grooved piece at the other end of the strings.",
                "Projection: the line along the frets, carried on to the bridge: it says where the neck points.",
                "Neck reset: the neck is taken out of the body and put back at another angle.",
                "Truss rod: the steel rod in many necks that sets the relief."));
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
