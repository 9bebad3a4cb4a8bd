package org.kestan.benchmarks.soak;

import static org.kestan.benchmarks.soak.Target.Outcome.REFUSED;
import static org.kestan.benchmarks.soak.Target.Outcome.TAKEN;
import static org.kestan.benchmarks.soak.Target.demand;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.kestan.base.expect.Expect;
import org.kestan.base.standards.ShopStandards;
import org.kestan.benchmarks.soak.Target.Outcome;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.files.papers.BenchCardPdf;
import org.kestan.files.papers.OwnerPaper;
import org.kestan.files.papers.OwnerPapers;
import org.kestan.files.papers.SheetPdf;
import org.kestan.files.papers.TemplatePdf;
import org.kestan.files.results.PlanJson;
import org.kestan.files.results.PrintedResult;
import org.kestan.files.results.SolveJson;
import org.kestan.files.results.SwingJson;
import org.kestan.files.results.VerdictJson;
import org.kestan.files.standards.StandardsFile;
import org.kestan.files.steps.StepLibrary;
import org.kestan.files.tables.SheetCsv;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.gauge.GaugeLine;
import org.kestan.job.terms.PlayingTouch;
import org.kestan.job.visits.Visit;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.ledger.Archive;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Pictures;
import org.kestan.ledger.Progress;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.template.Templates;
import org.kestan.text.BenchUnit;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;

/** Attacks on input from outside: job files, tables, standards, gauge lines, pictures, zips. */
final class Inputs {

    private static final Wording WORDS = Wording.in(BenchUnit.THOUSANDTHS);
    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static final Pattern NO_NUMBER = Pattern.compile("NaN|Infinity|\"leftOut\"");
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private final Path folder;
    private final List<String> jobs;
    private final byte[] picture;
    private final byte[] zip;

    Inputs(Path folder) throws IOException {
        this.folder = folder;
        jobs = DemoJobs.NAMES.stream()
                .map(name -> new String(DemoJobs.bytes(name), StandardCharsets.UTF_8))
                .toList();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        picture = png.toByteArray();
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(packed)) {
            for (int i = 0; i < 3; i++) {
                out.putNextEntry(new ZipEntry("jobs/" + i + ".kestan.json"));
                out.write(jobs.get(i).getBytes(StandardCharsets.UTF_8));
            }
            out.putNextEntry(new ZipEntry("pictures/a.png"));
            out.write(picture);
        }
        zip = packed.toByteArray();
    }

    List<Target> targets() {
        return List.of(
                new Target("job files", random -> job(Mutation.bytes(any(random), random), random)),
                new Target("odd jobs", this::odd),
                new Target("tables", this::table),
                new Target("standards", this::standards),
                new Target("gauge lines", this::gaugeLine),
                new Target("pictures", this::picture),
                new Target("papers", this::papers),
                new Target("zips", this::zip));
    }

    private String any(Random random) {
        return jobs.get(random.nextInt(jobs.size()));
    }

    private Outcome odd(Random random) {
        return job(Mutation.odd(any(random), random).getBytes(StandardCharsets.UTF_8), random);
    }

    /** Reads a job, works out everything about it and puts it in words. */
    private static Outcome job(byte[] text, Random random) {
        JobTree.Read read = JobReader.read(text);
        if (read.job().isEmpty()) {
            demand(!read.faults().isEmpty(), "refused without a fault");
            read.faults().forEach(WORDS::line);
            return REFUSED;
        }
        Job job = read.job().get();
        String written = JobWriter.write(job);
        demand(
                JobReader.read(written)
                        .job()
                        .filter(again -> JobWriter.write(again).equals(written))
                        .isPresent(),
                "what is written is not what is read");
        JobAnalysis analysis = JobAnalysis.of(job, SHOP);
        numbers(SolveJson.solve(analysis));
        numbers(VerdictJson.judge(analysis, WORDS));
        numbers(SwingJson.swing(analysis, PlayingTouch.values()[random.nextInt(PlayingTouch.values().length)]));
        analysis.questions().forEach(question -> WORDS.say(question.asked()));
        analysis.sideView();
        analysis.figures();
        PlanCards.of(analysis, WORDS);
        Way way = WayCatalog.ALL.get(random.nextInt(WayCatalog.ALL.size()));
        numbers(PlanJson.print(WorkPlan.taking(job, List.of(way)), List.of(way), SHOP, WORDS));
        return TAKEN;
    }

    /** No number is missing from the output because it was not a number. */
    private static void numbers(PrintedResult printed) {
        printed.text().ifPresent(text -> {
            Matcher none = NO_NUMBER.matcher(text);
            // What follows names such numbers.
            demand(
                    !none.find(),
                    () -> "what is printed is no number: "
                            + text.substring(none.start(), Math.min(text.length(), none.end() + 200))
                                    .replaceAll("\\s+", " "));
        });
    }

    /** Every paper of an odd job that has a plan, in words and in drawings. */
    private Outcome papers(Random random) throws IOException {
        Optional<Job> job = JobReader.read(Mutation.odd(any(random), random)).job();
        if (job.isEmpty()) {
            return REFUSED;
        }
        JobAnalysis analysis = JobAnalysis.of(job.get(), SHOP);
        SheetPdf.Paper paper = SheetPdf.Paper.values()[random.nextInt(2)];
        OwnerPaper.Made made =
                OwnerPapers.estimate(analysis, WORDS, StepLibrary.shipped().book(), TODAY);
        if (made.paper().isEmpty()) {
            demand(!made.faults().isEmpty(), "no paper and no reason");
            return REFUSED;
        }
        // Without its pictures and fonts, whose letters may spell anything.
        String html = made.paper().get().html(paper).replaceAll("base64,[A-Za-z0-9+/=]*", "");
        demand(!html.contains("NaN") && !html.contains("Infinity"), "a paper has no number");
        made.paper().get().pdf(paper);
        if (analysis.plan().planned().isPresent()) {
            BenchCardPdf.write(analysis, analysis.plan(), StepBook.EMPTY, WORDS, paper);
            TemplatePdf.write(Templates.of(analysis.plan()), job.get(), paper);
        }
        return TAKEN;
    }

    private Outcome table(Random random) {
        Job job = JobReader.read(any(random)).job().orElseThrow(Expect.present("readable job"));
        SheetCsv.Outcome read = SheetCsv.read(Mutation.of(SheetCsv.write(job), random), Visit.BLANK);
        read.faults().forEach(WORDS::say);
        return read.visit().isPresent() ? TAKEN : REFUSED;
    }

    private Outcome standards(Random random) {
        StandardsFile.Outcome read = StandardsFile.read(Mutation.of(StandardsFile.write(SHOP), random));
        read.faults().forEach(WORDS::line);
        JobAnalysis.of(JobReader.read(any(random)).job().orElseThrow(Expect.present("readable job")), read.standards())
                .recommendation();
        return read.faults().isEmpty() ? TAKEN : REFUSED;
    }

    private Outcome gaugeLine(Random random) {
        String line = Mutation.of("2.41 mm", random);
        return GaugeLine.isRemark(line) || GaugeLine.parse(line).optional().isEmpty() ? REFUSED : TAKEN;
    }

    private Outcome picture(Random random) {
        return new Pictures(folder.resolve("pictures"))
                        .add(Mutation.of(picture, random))
                        .optional()
                        .isPresent()
                ? TAKEN
                : REFUSED;
    }

    private Outcome zip(Random random) throws IOException {
        Path file = Files.write(folder.resolve("in.zip"), Mutation.of(zip, random));
        Path zips = Files.createTempDirectory(folder, "zips-");
        Path place = zips.resolve("zip.sqlite");
        try (Ledger ledger = ((OpenResult.Opened) SqliteLedger.openAnew(place)).ledger()) {
            int before = ledger.count();
            Archive.Outcome outcome = Archive.read(ledger, file, Progress.UNTOLD);
            demand(ledger.count() == before + outcome.done(), "other jobs came in than were said");
            return outcome.done() > 0 ? TAKEN : REFUSED;
        } catch (IOException | LedgerException refused) {
            return REFUSED;
        } finally {
            Target.nothingLeft(zips);
            Disk.deleteAll(zips);
        }
    }
}
