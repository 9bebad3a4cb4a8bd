package org.kestan.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.job.Sections;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.terms.Lines;
import org.kestan.overview.Station;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.steps.BenchActions;
import org.testng.annotations.Test;

/** What holds for every ledger, whatever stores it. */
public abstract class LedgerContract extends ArchiveContract {

    /** The number of matches is counted only up to the limit asked for, and so is the list. */
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

    /** Waits are listed while another job is open, and after the ledger was closed; those that are over are not. */
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

    /** Jobs due for another look come first, the earliest in front; once measured that day a job is no longer due. */
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

    /** What jobs teach is known without reading them; those in the bin teach nothing. */
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

    /** A ledger with anything in it, even something that was archived, gets no sample jobs. */
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

    /** A sample ledger made a week ago moves its promises a week later; one made today stays as it is. */
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

    /** What appears only on papers changes nothing in the list; what affects the judgment does. */
    @Test
    public void anotherLetterheadDerivesNothingAnew() {
        ledger.insert(demo(0));
        ledger.goBy(ShopStandards.DEFAULT
                .withLetterhead(new Letterhead("Another", "", "", 10, SalesTax.NONE, ""))
                .withCurrency("CHF"));
        assertThat(ledger.deriveAnew(Progress.UNTOLD)).isZero();
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
        // Width in the header: 0x7fffffff pixels that don't exist.
        Arrays.fill(lying, 16, 20, (byte) 0x7f);
        assertThat(ledger.pictures().add(lying)).isInstanceOf(Parsed.Bad.class);
        assertThat(ledger.pictures().file("../../outside.png"))
                .isEqualTo(ledger.pictures().file("outside.png"));
    }

    /** A shop that wants a different action sees other jobs waiting: the list follows its own standards. */
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

    /** The bin survives a restart; its jobs can be restored, and what is erased is gone with its pictures. */
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

    /** Neither by a new job, nor over an existing one, nor from another ledger. */
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
        // The mark survives in a file.
        assertThat(PracticeMark.of(
                        JobReader.read(JobWriter.write(practice)).job().orElseThrow()))
                .contains(new PracticeMark(4, "easy", "flat-top"));
    }
}
