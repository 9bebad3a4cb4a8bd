package org.kestan.files.papers;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.standards.Letterhead;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateState;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.overview.Bill;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.holding.HoldingTime;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Audience;
import org.kestan.text.HoldingText;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** The estimate before the work: what was found, what to do, what it costs and how long it takes. */
final class EstimatePage {

    private static final double MINUTES = 60;
    private static final double DAY = 24 * MINUTES;

    private EstimatePage() {}

    static OwnerPage of(JobAnalysis analysis, Wording bench, StepBook book, LocalDate today) throws IOException {
        Wording words = bench.to(Audience.OWNER);
        Letterhead letterhead = analysis.shop().letterhead();
        OwnerPage page = new OwnerPage(
                PaperText.text("owner-papers.estimate", OwnerSections.named(analysis.job())), letterhead, today);
        OwnerSections.about(page, analysis.job());
        page.heading(PaperText.text("owner-papers.what-was-found"));
        List<String> found = analysis.gates().stream()
                .filter(gate -> gate.state() == GateState.STOP || gate.state() == GateState.WARN)
                .filter(gate -> !gate.provisional())
                .map(gate -> words.say(gate.reasons()))
                .toList();
        page.list(found.isEmpty() ? List.of(PaperText.text("owner-papers.nothing-that-has-to")) : found);
        OwnerSections.drawing(
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
        Bill bill = Bill.of(analysis.job(), analysis.shop(), ways);
        page.heading(PaperText.text("owner-papers.what-it-costs"));
        BillTable.add(page, bill, analysis);
        promise(page, analysis);
        holds(page, analysis, ways, bill, today);
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
                                    Numbers.plain(each.price().hours()),
                                    BillTable.price(each.price().cost(), analysis)))
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
        OwnerSections.terms(page);
        if (!letterhead.terms().isBlank()) {
            page.heading(PaperText.text("owner-papers.terms"));
            letterhead.terms().lines().forEach(page::text);
        }
        return page;
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

    private static void promise(OwnerPage page, JobAnalysis analysis) {
        analysis.job()
                .get(Lines.PROMISED_ON)
                .ifPresent(day -> page.text(PaperText.text(
                        analysis.job().get(Lines.PROMISED_FIRM).orElse(false)
                                ? "owner-papers.promised"
                                : "owner-papers.promised-softly",
                        day)));
    }

    private static void holds(OwnerPage page, JobAnalysis analysis, List<Way> ways, Bill bill, LocalDate today) {
        analysis.plan().planned().ifPresent(after -> {
            HoldingTime holds = analysis.holds(after, ways, bill.net(), today);
            page.text(PaperText.text(
                    "owner-papers.holds-until",
                    HoldingText.years(holds),
                    BillTable.price(holds.pricePerYear(), analysis)));
        });
        int days = analysis.shop().letterhead().validDays();
        page.text(days > 0 ? PaperText.text("owner-papers.valid-until", today.plusDays(days)) : "");
    }

    private static void time(OwnerPage page, JobAnalysis analysis, StepBook book) {
        List<Step> steps = book.compose(analysis.plan());
        double hands = steps.stream().mapToInt(step -> step.work().hands()).sum();
        double waits = steps.stream()
                .flatMap(step -> step.work().pause().stream())
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
}
