package org.kestan.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.job.Sections;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.overview.Station;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.steps.BenchActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What holds for every ledger, whatever keeps it. */
public abstract class LedgerContract {

    private Path folder;
    private Ledger ledger;

    /** Opens the ledger of a folder, or makes it. */
    protected abstract Ledger open(Path folder);

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        ledger = open(folder);
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        ledger.close();
        Disk.deleteAll(folder);
    }

    protected static Job demo(int which) {
        return JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(which))).job().orElseThrow();
    }

    private static Job with(Job job, String action) {
        return job.with(Reading.ACTION_BASS, Length.ofText(action));
    }

    /** How many there are of those asked for is told up to as many as are wanted, and so is the list. */
    @Test
    public void countsNoFurtherThanItIsAsked() {
        for (int i = 0; i < 3; i++) {
            ledger.insert(demo(0).with(Lines.OWNER, "the ferry " + i));
        }
        ledger.insert(demo(1));
        Query ferry = new Query("ferry", Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED);
        assertThat(ledger.find(ferry, 1, 2).found()).isEqualTo(2);
        assertThat(ledger.find(ferry, 1, 4).found()).isEqualTo(3);
        assertThat(ledger.find(ferry, 2, 4).cards())
                .hasSize(2)
                .isEqualTo(ledger.list(ferry).subList(0, 2));
        assertThat(ledger.find(Query.ALL, 3, 3).found()).isEqualTo(3);
        assertThat(ledger.list(Query.ALL)).hasSize(4);
        Query nothing = new Query("submarine", Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED);
        assertThat(ledger.find(nothing, 1, 2)).isEqualTo(new JobPage(List.of(), 0));
    }

    /** Waits are told while another job is open, and after the ledger was closed; those that are over are not. */
    @Test
    public void tellsTheWaitsThatAreOn() {
        BenchActions work = new BenchActions(Instant.parse("2026-11-25T12:00:00Z"), "");
        Job waiting = work.begin(demo(0), WaitKind.GLUE, 720, "reset-glue");
        waiting = work.begin(waiting, WaitKind.HEAT, 8, "");
        LedgerJob entry = ledger.insert(waiting);
        LedgerJob gone = ledger.insert(waiting);
        ledger.insert(demo(1));
        ledger.delete(gone.id());
        ledger.close();
        ledger = open(folder);
        assertThat(ledger.waits()).extracting(JobWait::id).containsExactly(entry.id(), entry.id());
        assertThat(ledger.waits())
                .extracting(each -> each.running().until())
                .containsExactly(Instant.parse("2026-11-26T00:00:00Z"), Instant.parse("2026-11-25T12:08:00Z"));
        Job over = work.end(waiting, waiting.section(Sections.WAITS).get(0));
        ledger.save(entry.id(), entry.revision(), over);
        assertThat(ledger.waits()).hasSize(1).allMatch(each -> each.name().equals(over.name()));
        assertThat(ledger.list(Query.ALL).stream()
                        .filter(card -> card.id().equals(entry.id()))
                        .findFirst()
                        .orElseThrow()
                        .waitsFor())
                .isNotNull();
    }

    /** What is to be looked at again comes first, the earliest in front; once it was measured that day it is no longer due. */
    @Test
    public void tellsWhatIsDue() {
        LocalDate may = LocalDate.of(2027, 5, 1);
        LedgerJob later = ledger.insert(demo(0).with(Lines.COME_BACK, may.plusYears(1)));
        LedgerJob sooner = ledger.insert(demo(1).with(Lines.COME_BACK, may));
        ledger.insert(demo(2));
        List<JobCard> due = ledger.list(new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.DUE));
        assertThat(due).extracting(JobCard::id).startsWith(sooner.id(), later.id());
        assertThat(due)
                .extracting(JobCard::due)
                .containsExactly(Optional.of(may), Optional.of(may.plusYears(1)), Optional.empty());
        ledger.save(sooner.id(), sooner.revision(), sooner.job().with(Lines.TAKEN_ON, may));
        assertThat(ledger.list(new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.DUE))
                        .get(0)
                        .id())
                .isEqualTo(later.id());
    }

    /** What jobs teach is told without reading them; those in the bin teach nothing. */
    @Test
    public void tellsWhatJobsTeach() {
        LedgerJob entry = ledger.insert(demo(8));
        assertThat(ledger.lessons()).hasSize(1);
        Lesson lesson = ledger.lessons().get(0);
        assertThat(lesson.kind()).isEqualTo(demo(8).kind());
        assertThat(lesson.ways()).isEqualTo("neck-reset");
        assertThat(lesson.sink().orElseThrow()).isCloseTo(0.9, within(1e-6));
        assertThat(lesson.miss().orElseThrow()).isCloseTo(0, within(0.01));
        ledger.delete(entry.id());
        assertThat(ledger.lessons()).isEmpty();
    }

    @Test
    public void keepsJobsAcrossOpenings() {
        LedgerJob entry = ledger.insert(demo(0));
        assertThat(ledger.save(entry.id(), entry.revision(), with(demo(0), "3.3 mm")))
                .isEqualTo(new SaveResult.Done(2));
        ledger.close();
        ledger = open(folder);
        LedgerJob read = ledger.read(entry.id()).orElseThrow();
        assertThat(read.revision()).isEqualTo(2);
        assertThat(read.job()).isEqualTo(with(demo(0), "3.3 mm"));
        assertThat(ledger.read("none")).isEmpty();
    }

    @Test
    public void twoWindowsDoNotWriteOverEachOther() {
        LedgerJob entry = ledger.insert(demo(0));
        try (Ledger other = open(folder)) {
            LedgerJob theirs = other.read(entry.id()).orElseThrow();
            assertThat(other.save(theirs.id(), theirs.revision(), with(theirs.job(), "3 mm")))
                    .isInstanceOf(SaveResult.Done.class);
            assertThat(ledger.save(entry.id(), entry.revision(), with(demo(0), "4 mm")))
                    .isEqualTo(new SaveResult.Conflict());
            assertThat(ledger.read(entry.id())
                            .orElseThrow()
                            .job()
                            .get(Reading.ACTION_BASS)
                            .orElseThrow()
                            .text())
                    .isEqualTo("3 mm");
        }
        ledger.delete(entry.id());
        assertThat(ledger.save(entry.id(), 2, demo(0))).isEqualTo(new SaveResult.Conflict());
    }

    @Test
    public void searchesFiltersAndSorts() {
        for (int i = 0; i < DemoJobs.NAMES.size(); i++) {
            ledger.insert(demo(i));
        }
        assertThat(ledger.list(Query.ALL)).hasSize(DemoJobs.NAMES.size());
        assertThat(names("LIGHTHOUSE")).containsExactly("Large flat-top, 1968, second owner");
        assertThat(names("flat-top fifth fret")).hasSize(1);
        assertThat(names("finger brace")).as("findings are searched too").hasSize(1);
        assertThat(names("100%")).isEmpty();
        assertThat(names("no-such-word")).isEmpty();
        Query byName = new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.NAME);
        assertThat(ledger.list(byName))
                .extracting(card -> card.name().toLowerCase())
                .isSorted();
        assertThat(ledger.list(new Query("", Optional.of(Station.MEASURE), JobLocation.BENCH, Query.Order.CHANGED)))
                .isNotEmpty()
                .allSatisfy(card -> assertThat(card.station()).isEqualTo(Station.MEASURE));
        JobCard reset = ledger.list(new Query("lighthouse", Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED))
                .get(0);
        assertThat(reset.line().orElseThrow().after()).isPresent();
        String line = reset.line().orElseThrow().text();
        assertThat(LineSketch.read(line).orElseThrow().text()).isEqualTo(line);
        assertThat(LineSketch.read("1 2 x 4 5 6")).isEmpty();
    }

    private List<String> names(String words) {
        return ledger.list(new Query(words, Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED)).stream()
                .map(JobCard::name)
                .toList();
    }

    @Test
    public void archivesDuplicatesDeletesAndRestores() {
        LedgerJob entry = ledger.insert(demo(1));
        ledger.archive(entry.id(), true);
        assertThat(ledger.list(Query.ALL)).isEmpty();
        assertThat(ledger.list(new Query("", Optional.empty(), JobLocation.AWAY, Query.Order.CHANGED)))
                .hasSize(1);
        ledger.archive(entry.id(), false);
        LedgerJob copy = ledger.duplicate(entry.id()).orElseThrow();
        assertThat(copy.job().name()).endsWith("(copy)");
        ledger.delete(entry.id());
        assertThat(ledger.count()).isEqualTo(1);
        assertThat(ledger.read(entry.id())).isEmpty();
        ledger.restore(entry.id());
        assertThat(ledger.count()).isEqualTo(2);
    }

    @Test
    public void archiveCarriesJobsAndPicturesThereAndBack() throws IOException {
        String picture = ((Parsed.Ok<String>) ledger.pictures().add(png(40, 30))).value();
        ledger.insert(demo(0).withPhotos(List.of(new Photo(picture, "heel"))));
        LedgerJob away = ledger.insert(demo(3));
        ledger.archive(away.id(), true);
        Path zip = folder.resolve("all.zip");
        Archive.Outcome out = Archive.write(ledger, zip, (done, total) -> true);
        assertThat(out).isEqualTo(new Archive.Outcome(2, Archive.Met.NONE, false, List.of()));
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            assertThat(Archive.read(other, zip, (done, total) -> true).done()).isEqualTo(2);
            assertThat(Files.exists(other.pictures().file(picture))).isTrue();
            assertThat(other.list(Query.ALL)).extracting(JobCard::name).containsExactly(demo(0).name());
            assertThat(other.list(new Query("", Optional.empty(), JobLocation.AWAY, Query.Order.NAME)))
                    .as("what was put away stays so")
                    .extracting(JobCard::id)
                    .containsExactly(away.id());
        }
    }

    /** A ledger with anything in it, were it only put away, gets no sample jobs. */
    @Test
    public void samplesGoIntoAnEmptyLedgerOnly() {
        LedgerJob own = ledger.insert(demo(0));
        ledger.archive(own.id(), true);
        assertThat(DemoLedger.fill(ledger, LocalDate.now())).isFalse();
        assertThat(ledger.count()).isEqualTo(1);
        ledger.delete(own.id());
        assertThat(DemoLedger.fill(ledger, LocalDate.now())).isTrue();
        assertThat(ledger.count()).isEqualTo(DemoJobs.NAMES.size() + 1);
    }

    /** A sample ledger that was made a week ago promises its jobs for a week later; one of today stays as it is. */
    @Test
    public void samplesArePromisedFromToday() {
        LocalDate today = LocalDate.of(2026, 11, 30);
        DemoLedger.fill(ledger, today.minusDays(7));
        List<LocalDate> before = promises();
        DemoLedger.redate(ledger, today);
        assertThat(promises())
                .hasSize(11)
                .isEqualTo(before.stream().map(day -> day.plusDays(7)).toList());
        String revision = ledger.list(Query.ALL).toString();
        DemoLedger.redate(ledger, today);
        assertThat(ledger.list(Query.ALL).toString()).isEqualTo(revision);
    }

    private List<LocalDate> promises() {
        return ledger.list(Query.ALL).stream()
                .flatMap(card -> ledger.read(card.id()).stream())
                .flatMap(entry -> entry.job().get(Lines.PROMISED_ON).stream())
                .sorted()
                .toList();
    }

    /** One job with its pictures and papers, there and back: every byte of it. */
    @Test
    public void aJobGoesIntoAZipWholeAndComesBackWhole() throws IOException {
        String picture = ((Parsed.Ok<String>) ledger.pictures().add(png(40, 30))).value();
        LedgerJob entry = ledger.insert(demo(8).withPhotos(List.of(new Photo(picture, "heel"))));
        ledger.insert(demo(1));
        byte[] report = "the report \u00e6 \u4e2d".getBytes(StandardCharsets.UTF_8);
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", report)).isTrue();
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", report))
                .as("again")
                .isTrue();
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", new byte[] {1}))
                .isTrue();
        assertThat(ledger.papers().of(entry.id()).keySet()).containsExactly("report-1 (2).html", "report-1.html");
        assertThat(ledger.papers().keep(entry.id(), "../out.html", report)).isFalse();
        assertThat(ledger.papers().keep("../elsewhere", "out.html", report)).isFalse();
        JobCard card = ledger.list(Query.ALL).stream()
                .filter(each -> each.id().equals(entry.id()))
                .findFirst()
                .orElseThrow();
        Path zip = folder.resolve("one.zip");
        assertThat(Archive.write(ledger, List.of(card), zip, Progress.UNTOLD).done())
                .isEqualTo(1);
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.Outcome taken = Archive.read(other, zip, Progress.UNTOLD);
            assertThat(taken).isEqualTo(new Archive.Outcome(1, Archive.Met.NONE, false, List.of()));
            assertThat(other.text(entry.id())).isEqualTo(ledger.text(entry.id()));
            assertThat(Files.readAllBytes(other.pictures().file(picture)))
                    .isEqualTo(Files.readAllBytes(ledger.pictures().file(picture)));
            assertThat(Files.readAllBytes(other.papers().of(entry.id()).get("report-1.html")))
                    .isEqualTo(report);
            assertThat(other.papers().of(entry.id())).hasSize(2);
            Path again = folder.resolve("again.zip");
            Archive.write(other, other.list(Query.ALL), again, Progress.UNTOLD);
            assertThat(unpacked(again)).isEqualTo(unpacked(zip));
        }
        ledger.delete(entry.id());
        assertThat(ledger.papers().of(entry.id())).as("in the bin").hasSize(2);
        ledger.erase(entry.id());
        assertThat(ledger.papers().of(entry.id())).as("erased").isEmpty();
    }

    /** The names and bytes of a zip's files. */
    private static Map<String, String> unpacked(Path zip) throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (ZipFile in = new ZipFile(zip.toFile())) {
            for (ZipEntry entry : in.stream().map(ZipEntry.class::cast).toList()) {
                all.put(
                        entry.getName(),
                        new String(in.getInputStream(entry).readAllBytes(), StandardCharsets.ISO_8859_1));
            }
        }
        return all;
    }

    @Test
    public void jobsThatAreThereAreKnownAgain() throws IOException {
        LedgerJob same = ledger.insert(demo(0));
        LedgerJob ours = ledger.insert(demo(1));
        LedgerJob theirs = ledger.insert(demo(2));
        Path zip = folder.resolve("all.zip");
        Archive.write(ledger, zip, Progress.UNTOLD);
        Path later = folder.resolve("later.zip");
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, zip, Progress.UNTOLD);
            Archive.Outcome again = Archive.read(other, zip, Progress.UNTOLD);
            assertThat(again.done()).isZero();
            assertThat(again.met()).isEqualTo(new Archive.Met(3, 0, 0, 0));
            other.save(theirs.id(), 1, demo(2).with(Lines.OWNER, "changed there"));
            Archive.write(other, later, Progress.UNTOLD);
        }
        ledger.save(ours.id(), 1, demo(1).with(Lines.OWNER, "changed here"));
        Archive.Outcome outcome = Archive.read(ledger, later, Progress.UNTOLD);
        assertThat(outcome).isEqualTo(new Archive.Outcome(0, new Archive.Met(1, 1, 1, 0), false, List.of()));
        assertThat(ledger.read(same.id()).orElseThrow().job()).isEqualTo(demo(0));
        assertThat(ledger.read(ours.id()).orElseThrow().job().text(Lines.OWNER)).isEqualTo("changed here");
        assertThat(ledger.read(theirs.id()).orElseThrow().job().text(Lines.OWNER))
                .isEqualTo("changed there");
        assertThat(ledger.count()).isEqualTo(3);
    }

    /** What only stands on papers changes nothing that the list shows; what decides does. */
    @Test
    public void anotherLetterheadDerivesNothingAnew() {
        ledger.insert(demo(0));
        ledger.goBy(ShopStandards.DEFAULT
                .withLetterhead(new Letterhead("Another", "", "", 10, SalesTax.NONE, ""))
                .withCurrency("CHF"));
        assertThat(ledger.deriveAnew(Progress.UNTOLD)).isZero();
    }

    /** Changed here and there, each without the other: both are kept, and both ledgers come to the same. */
    @Test
    public void whatPartedIsKeptTwice() throws IOException {
        LedgerJob entry = ledger.insert(demo(1));
        Path zip = folder.resolve("all.zip");
        Archive.write(ledger, zip, Progress.UNTOLD);
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, zip, Progress.UNTOLD);
            ledger.save(entry.id(), 1, demo(1).with(Lines.OWNER, "changed here"));
            other.save(entry.id(), 1, demo(1).with(Lines.OWNER, "changed there"));
            Path there = folder.resolve("there.zip");
            Archive.write(ledger, zip, Progress.UNTOLD);
            Archive.write(other, there, Progress.UNTOLD);
            assertThat(Archive.read(ledger, there, Progress.UNTOLD).met().parted())
                    .isEqualTo(1);
            assertThat(Archive.read(other, zip, Progress.UNTOLD).met().parted()).isEqualTo(1);
            assertThat(owners(ledger)).containsExactlyInAnyOrder("changed here", "changed there");
            assertThat(owners(other)).isEqualTo(owners(ledger));
            Archive.write(ledger, zip, Progress.UNTOLD);
            assertThat(Archive.read(other, zip, Progress.UNTOLD).met()).isEqualTo(new Archive.Met(2, 0, 0, 0));
        }
    }

    private static List<String> owners(Ledger ledger) {
        return ledger.list(new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.OWNER)).stream()
                .map(JobCard::owner)
                .toList();
    }

    /** The bin goes along, with its papers; what was deleted since stays deleted. */
    @Test
    public void theBinGoesAlong() throws IOException {
        LedgerJob gone = ledger.insert(demo(1));
        ledger.papers().keep(gone.id(), "report.pdf", new byte[] {1, 2});
        Path before = folder.resolve("before.zip");
        Archive.write(ledger, before, Progress.UNTOLD);
        ledger.delete(gone.id());
        Path after = folder.resolve("after.zip");
        Archive.write(ledger, after, Progress.UNTOLD);
        assertThat(Archive.read(ledger, before, Progress.UNTOLD).met().older()).isEqualTo(1);
        assertThat(ledger.count()).isZero();
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, before, Progress.UNTOLD);
            assertThat(other.count()).isEqualTo(1);
            assertThat(Archive.read(other, after, Progress.UNTOLD).met().newer())
                    .isEqualTo(1);
            assertThat(other.count()).isZero();
            assertThat(other.record(gone.id())).isEqualTo(ledger.record(gone.id()));
            other.restore(gone.id());
            assertThat(other.papers().of(gone.id())).containsKey("report.pdf");
        }
    }

    @Test
    public void papersOfNoJobAreRefusedWithATotal() throws IOException {
        Path zip = folder.resolve("papers.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (int i = 0; i < 30; i++) {
                out.putNextEntry(new ZipEntry("papers/00000000-0000-0000-0000-0000000000" + (10 + i) + "/a.pdf"));
                out.write(i);
                out.closeEntry();
            }
        }
        List<String> refused = Archive.read(ledger, zip, Progress.UNTOLD).refused();
        assertThat(refused).hasSize(21);
        assertThat(refused.get(20)).isEqualTo("and 10 more, 30 in all");
        assertThat(folder.resolve("papers")).doesNotExist();
    }

    @Test
    public void longWorkCanBeStoppedAndLeavesNothingHalfDone() throws IOException {
        for (int i = 0; i < 5; i++) {
            ledger.insert(demo(i));
        }
        Path zip = folder.resolve("all.zip");
        Archive.Outcome outcome = Archive.write(ledger, zip, (done, total) -> done < 2);
        assertThat(outcome.stopped()).isTrue();
        assertThat(zip).doesNotExist();
        try (var files = Files.list(folder)) {
            assertThat(files.map(each -> each.getFileName().toString())).noneMatch(name -> name.endsWith(".tmp"));
        }
    }

    @Test
    public void hostileArchivesAreTakenApartCarefully() throws IOException {
        Path zip = folder.resolve("bad.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (String[] entry : new String[][] {
                {"../../outside.kestan.json", "{\"kestan\": 1}"},
                {"broken.kestan.json", "{\"kestan\": 1"},
                {"script.sh", "rm -rf"}
            }) {
                out.putNextEntry(new ZipEntry(entry[0]));
                out.write(entry[1].getBytes(StandardCharsets.UTF_8));
                out.closeEntry();
            }
        }
        Archive.Outcome outcome = Archive.read(ledger, zip, (done, total) -> true);
        assertThat(outcome.done()).isEqualTo(1);
        assertThat(outcome.refused()).hasSize(2);
        assertThat(folder.resolveSibling("outside.kestan.json")).doesNotExist();
        Path noZip = Files.writeString(folder.resolve("text.zip"), "not a zip");
        assertThatThrownBy(() -> Archive.read(ledger, noZip, (done, total) -> true))
                .isInstanceOf(IOException.class);
    }

    @Test
    public void picturesAreCheckedBeforeTheyAreKept() throws IOException {
        byte[] good = png(60, 40);
        String name = ((Parsed.Ok<String>) ledger.pictures().add(good)).value();
        assertThat(ledger.pictures().add(good)).isEqualTo(new Parsed.Ok<>(name));
        assertThat(Files.readAllBytes(ledger.pictures().file(name))).isEqualTo(good);
        assertThat(ledger.pictures().add(Arrays.copyOf(png(400, 400), 500))).isInstanceOf(Parsed.Bad.class);
        assertThat(ledger.pictures().add("GIF89a not a picture".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Parsed.Bad.class);
        assertThat(ledger.pictures().add(new byte[0])).isInstanceOf(Parsed.Bad.class);
        byte[] lying = good.clone();
        // Width in the header: 0x7fffffff pixels that are not there.
        Arrays.fill(lying, 16, 20, (byte) 0x7f);
        assertThat(ledger.pictures().add(lying)).isInstanceOf(Parsed.Bad.class);
        assertThat(ledger.pictures().file("../../outside.png"))
                .isEqualTo(ledger.pictures().file("outside.png"));
    }

    /** A shop that wants another action sees other jobs waiting: what the list shows goes by its own standards. */
    @Test
    public void whatTheListShowsGoesByTheShopsStandards() {
        Job aimless = demo(0).without(Aim.ACTION_BASS).without(Aim.ACTION_TREBLE);
        ledger.insert(aimless);
        ledger.insert(demo(1));
        ShopStandards other = ShopStandards.DEFAULT
                .with(Standard.BRIDGE_FULL, "13/32 in")
                .optional()
                .orElseThrow();
        JobCard before = ledger.list(Query.ALL).get(0);
        assertThat(ledger.deriveAnew(Progress.UNTOLD)).isZero();
        ledger.goBy(other);
        assertThat(ledger.deriveAnew(Progress.UNTOLD)).isEqualTo(2);
        assertThat(ledger.deriveAnew(Progress.UNTOLD)).isZero();
        JobCard after = ledger.list(Query.ALL).get(0);
        assertThat(after.changedAt()).as("no one changed the job").isEqualTo(before.changedAt());
        assertThat(ledger.read(after.id()).orElseThrow().revision()).isEqualTo(1);
        ledger.goBy(ShopStandards.DEFAULT);
        assertThat(ledger.deriveAnew((done, total) -> false))
                .as("stopped at once")
                .isLessThan(2);
    }

    @Test
    public void togetherIsAllOrNothing() {
        assertThatThrownBy(() -> ledger.together(() -> {
                    ledger.insert(demo(0));
                    throw new IllegalStateException("in the middle");
                }))
                .isInstanceOf(IllegalStateException.class);
        assertThat(ledger.count()).isZero();
        ledger.together(() -> {
            ledger.insert(demo(0));
            ledger.insert(demo(1));
        });
        assertThat(ledger.count()).isEqualTo(2);
    }

    private static byte[] png(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < width * height; i++) {
            image.setRGB(i % width, i / width, i * 2654435);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    /** The bin outlives a restart; what is in it can be had back, and what is erased is gone with its pictures. */
    @Test
    public void theBinIsKeptUntilItIsEmptied() throws IOException {
        LedgerJob kept = ledger.insert(demo(0));
        LedgerJob gone = ledger.insert(demo(1));
        ledger.delete(kept.id());
        ledger.delete(gone.id());
        ledger.close();
        ledger = open(folder);
        Query bin = new Query("", Optional.empty(), JobLocation.BIN, Query.Order.CHANGED);
        assertThat(ledger.list(bin))
                .hasSize(2)
                .allSatisfy(card -> assertThat(card.shelf()).isEqualTo(JobLocation.BIN));
        assertThat(ledger.count()).isZero();
        ledger.restore(kept.id());
        assertThat(ledger.erase(kept.id()))
                .as("what is not in the bin is not erased")
                .isFalse();
        assertThat(ledger.erase(gone.id())).isTrue();
        assertThat(ledger.list(bin)).isEmpty();
        ledger.restore(gone.id());
        assertThat(ledger.count()).isEqualTo(1);
        ledger.delete(kept.id());
        assertThat(ledger.emptyBin(java.time.Instant.now().minusSeconds(3600))).isZero();
        assertThat(ledger.emptyBin(java.time.Instant.now().plusSeconds(3600))).isEqualTo(1);
        assertThat(ledger.list(bin)).isEmpty();
    }

    /** Neither by a new job, nor over one that is there, nor from another ledger. */
    @Test
    public void aPracticeJobIsNeverTakenAmongTheShopsJobs() {
        Job practice = new PracticeMark(4, "easy", "flat-top").on(Job.BLANK.with(Lines.NAME, "Practice 4"));
        LedgerJob there = ledger.insert(Job.BLANK.with(Lines.NAME, "A customer's"));
        assertThat(ledger.isForPractice()).isFalse();
        assertThatThrownBy(() -> ledger.insert(practice)).isInstanceOf(LedgerException.class);
        assertThatThrownBy(() -> ledger.save(there.id(), there.revision(), practice))
                .isInstanceOf(LedgerException.class);
        JobRecord record = ledger.record(there.id()).orElseThrow();
        assertThatThrownBy(() -> ledger.put(new JobRecord(
                        record.id(),
                        record.revision() + 1,
                        record.versions(),
                        record.created(),
                        record.changed(),
                        record.shelf(),
                        record.deleted(),
                        JobWriter.write(practice))))
                .isInstanceOf(LedgerException.class);
        assertThat(ledger.list(Query.ALL)).extracting(JobCard::name).containsExactly("A customer's");
        // The mark holds through a file.
        assertThat(PracticeMark.of(
                        JobReader.read(JobWriter.write(practice)).job().orElseThrow()))
                .contains(new PracticeMark(4, "easy", "flat-top"));
    }
}
