package org.kestan.ledger.postgres;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerContract;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.LedgerMove;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.WaitingSaves;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testng.annotations.Test;

/** The same contract on a real server, and what only a server does. */
public class PostgresLedgerTest extends LedgerContract {

    private final TestServer server = TestServer.SHARED;
    private final Map<Path, String> databases = new ConcurrentHashMap<>();

    @Override
    protected Ledger open(Path folder) {
        return TestServer.opened(server.address(databases.computeIfAbsent(folder, each -> server.database())), folder);
    }

    /** Two benches on one server: each sees what the other wrote, and neither overwrites it. */
    @Test
    public void twoBenches() throws IOException {
        PostgresAddress shop = server.address(server.database());
        try (Ledger one = TestServer.opened(shop, Files.createTempDirectory("kestan-test-"));
                Ledger other = TestServer.opened(shop, Files.createTempDirectory("kestan-test-"))) {
            LedgerJob entry = one.insert(demo(0));
            String before = other.writtenElsewhere();
            String own = one.writtenElsewhere();
            Job read = other.read(entry.id()).orElseThrow().job();
            assertThat(one.save(entry.id(), 1, read.with(Lines.OWNER, "the ferry")))
                    .isInstanceOf(SaveResult.Done.class);
            assertThat(other.writtenElsewhere()).isNotEqualTo(before);
            assertThat(one.writtenElsewhere()).isEqualTo(own);
            assertThat(other.save(entry.id(), 1, read.with(Lines.OWNER, "the mill")))
                    .isInstanceOf(SaveResult.Conflict.class);
            assertThat(other.papers().keep(entry.id(), "estimate.pdf", new byte[] {1, 2}))
                    .isTrue();
            assertThat(one.papers().keep(entry.id(), "estimate.pdf", new byte[] {3}))
                    .isTrue();
            assertThat(one.papers().of(entry.id())).containsOnlyKeys("estimate.pdf", "estimate (2).pdf");
            assertThat(Files.readAllBytes(one.papers().of(entry.id()).get("estimate.pdf")))
                    .containsExactly(1, 2);
        }
    }

    /** From a file to a server and back into another file: everything is as it was, the bin and archived jobs too. */
    @Test
    public void movedThereAndBack() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        Path again = Files.createTempDirectory("kestan-test-");
        try (Ledger file = ((OpenResult.Opened) SqliteLedger.open(folder.resolve("ledger.sqlite"))).ledger();
                Ledger kept = TestServer.opened(
                        server.address(server.database()), Files.createTempDirectory("kestan-test-"));
                Ledger back = ((OpenResult.Opened) SqliteLedger.open(again.resolve("ledger.sqlite"))).ledger()) {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(3, 2, BufferedImage.TYPE_INT_RGB), "png", png);
            String picture = file.pictures().add(png.toByteArray()).optional().orElseThrow();
            String shown = file.insert(demo(0).withPhotos(List.of(new Photo(picture, "the heel"))))
                    .id();
            String away = file.insert(demo(1)).id();
            String gone = file.insert(demo(2)).id();
            file.archive(away, true);
            file.delete(gone);
            file.papers().keep(shown, "report.pdf", new byte[] {7});
            LedgerMove there = LedgerMove.of(file, kept, (done, of) -> true).orElseThrow();
            assertThat(there).isEqualTo(new LedgerMove(3, 1, 1, List.of()));
            assertThat(LedgerMove.of(file, kept, (done, of) -> true))
                    .as("it is not empty now")
                    .isEmpty();
            LedgerMove here = LedgerMove.of(kept, back, (done, of) -> true).orElseThrow();
            assertThat(here).isEqualTo(there);
            for (String id : List.of(shown, away, gone)) {
                assertThat(back.record(id)).isEqualTo(file.record(id)).isPresent();
            }
            assertThat(Files.readAllBytes(back.pictures().file(picture))).isEqualTo(png.toByteArray());
            assertThat(Files.readAllBytes(back.papers().of(shown).get("report.pdf")))
                    .containsExactly(7);
        }
    }

    /**
     * The connection is cut at every packet in either direction while a new job is saved, then while it is changed:
     * what was typed is kept here, and is saved once, completely, when the server is back; so is what another bench
     * saved meanwhile.
     */
    @Test
    public void theServerGoesAwayAtEveryPoint() throws IOException {
        String database = server.database();
        try (CutConnection cable = new CutConnection(server.port());
                Ledger bench = TestServer.opened(
                        new PostgresAddress("localhost", cable.port(), database, "postgres", Optional.of("postgres")),
                        Files.createTempDirectory("kestan-test-"));
                Ledger other = TestServer.opened(server.address(database), Files.createTempDirectory("kestan-test-"))) {
            WaitingSaves waiting = new WaitingSaves(Files.createTempDirectory("kestan-test-"));
            int cuts = 0;
            boolean cut = true;
            for (int at = 0; cut; at++) {
                String id = UUID.randomUUID().toString();
                Job fresh = demo(0).with(Lines.OWNER, "owner " + at);
                boolean first = away(cable, at, () -> bench.insert(id, fresh));
                if (first) {
                    waiting.keep(id, Optional.empty(), fresh);
                    cable.mend();
                    assertThat(brought(waiting, bench, id)).isTrue();
                }
                LedgerJob there = other.read(id).orElseThrow();
                assertThat(there.job()).isEqualTo(fresh);
                Job changed = fresh.with(Reading.ACTION_BASS, Length.ofText("3." + at + " mm"));
                boolean second = away(cable, at, () -> bench.save(id, there.revision(), changed));
                if (second) {
                    waiting.keep(id, Optional.of(fresh), changed);
                    // Another bench writes the owner's name meanwhile.
                    LedgerJob now = other.read(id).orElseThrow();
                    other.save(id, now.revision(), now.job().with(Lines.OWNER, "the mill " + at));
                    cable.mend();
                    assertThat(brought(waiting, bench, id)).isTrue();
                    Job both = other.read(id).orElseThrow().job();
                    assertThat(both.text(Lines.OWNER)).isEqualTo("the mill " + at);
                    assertThat(both.visit().get(Reading.ACTION_BASS))
                            .isEqualTo(changed.visit().get(Reading.ACTION_BASS));
                }
                assertThat(waiting.ids()).isEmpty();
                assertThat(other.count()).as("each job once").isEqualTo(at + 1);
                cuts += (first ? 1 : 0) + (second ? 1 : 0);
                cut = first || second;
            }
            assertThat(cuts).isGreaterThan(20);
        }
    }

    /** Retries until the server answers, as the window does every second. */
    private static boolean brought(WaitingSaves waiting, Ledger ledger, String id) throws IOException {
        for (int i = 0; ; i++) {
            try {
                return waiting.deliver(ledger, id);
            } catch (LedgerException away) {
                if (i == 50) {
                    throw away;
                }
            }
        }
    }

    private static boolean away(CutConnection cable, int pieces, Runnable work) {
        cable.cutAfter(pieces);
        try {
            work.run();
            cable.mend();
            return false;
        } catch (LedgerException failed) {
            assertThat(failed.why().kind()).isEqualTo(LedgerFinding.NO_SERVER);
            return true;
        }
    }

    /** Both changed the same while the server was away: both are kept, once, however often it is brought in. */
    @Test
    public void whereBothChangedTheSameBothAreKept() throws IOException {
        try (Ledger ledger =
                TestServer.opened(server.address(server.database()), Files.createTempDirectory("kestan-test-"))) {
            WaitingSaves waiting = new WaitingSaves(Files.createTempDirectory("kestan-test-"));
            LedgerJob entry = ledger.insert(demo(0));
            Job mine = entry.job().with(Lines.OWNER, "the ferry");
            ledger.save(entry.id(), 1, entry.job().with(Lines.OWNER, "the mill"));
            for (int i = 0; i < 2; i++) {
                waiting.keep(entry.id(), Optional.of(entry.job()), mine);
                assertThat(waiting.deliver(ledger, entry.id())).isTrue();
            }
            assertThat(ledger.count()).isEqualTo(2);
            assertThat(ledger.list(Query.ALL))
                    .extracting(card -> card.owner())
                    .containsExactlyInAnyOrder("the ferry", "the mill");
        }
    }

    /** What can't be read is put aside, once; what another window has already brought in does no harm. */
    @Test
    public void whatWaitsAndCanNotBeReadIsPutAside() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        try (Ledger ledger =
                TestServer.opened(server.address(server.database()), Files.createTempDirectory("kestan-test-"))) {
            WaitingSaves waiting = new WaitingSaves(folder);
            String id = UUID.randomUUID().toString();
            waiting.keep(id, Optional.empty(), demo(0));
            Files.writeString(folder.resolve(id + ".mine.kestan.json"), "{ torn");
            assertThat(waiting.deliver(ledger, id)).isFalse();
            assertThat(waiting.ids()).isEmpty();
            assertThat(waiting.deliver(ledger, id)).isFalse();
            assertThat(Files.readString(folder.resolve(id + ".unreadable.json")))
                    .isEqualTo("{ torn");
            assertThat(ledger.count()).isZero();
        }
    }

    /**
     * What one bench writes, and which job it opens, reaches another within a second; no bench hears of its own
     * changes; one that has left has nothing open.
     */
    @Test
    public void benchesTellEachOther() throws IOException {
        PostgresAddress shop = server.address(server.database());
        try (Ledger one = TestServer.opened(shop, Files.createTempDirectory("kestan-test-"))) {
            AtomicInteger own = new AtomicInteger();
            AtomicInteger heard = new AtomicInteger();
            String id;
            try (Ledger other = TestServer.opened(shop, Files.createTempDirectory("kestan-test-"))) {
                one.listen(own::incrementAndGet);
                other.listen(heard::incrementAndGet);
                // Each is notified once when it begins to listen.
                TestServer.until(() -> own.get() == 1 && heard.get() == 1);
                // A machine that is busy with something else may be late once, not three times.
                Duration soonest = Duration.ofDays(1);
                for (int job = 0; job < 3; job++) {
                    int told = heard.get() + 1;
                    long began = System.nanoTime();
                    one.insert(demo(job));
                    TestServer.until(() -> heard.get() == told);
                    Duration took = Duration.ofNanos(System.nanoTime() - began);
                    soonest = took.compareTo(soonest) < 0 ? took : soonest;
                }
                assertThat(soonest).isLessThan(Duration.ofSeconds(1));
                id = one.list(Query.ALL).get(0).id();
                other.showing(Optional.of(id));
                TestServer.until(() -> own.get() == 2);
                assertThat(one.openElsewhere()).containsOnlyKeys(id);
                assertThat(one.openElsewhere().get(id))
                        .singleElement()
                        .asString()
                        .contains(System.getProperty("user.name"));
                assertThat(other.openElsewhere()).isEmpty();
            }
            TestServer.until(() -> own.get() == 3);
            assertThat(one.openElsewhere()).isEmpty();
        }
    }

    /** A bench that was cut off is notified once it is connected again: it may have missed something. */
    @Test
    public void whoWasCutOffIsToldAgain() throws IOException {
        String database = server.database();
        try (CutConnection cable = new CutConnection(server.port());
                Ledger bench = TestServer.opened(
                        new PostgresAddress("localhost", cable.port(), database, "postgres", Optional.of("postgres")),
                        Files.createTempDirectory("kestan-test-"))) {
            AtomicInteger heard = new AtomicInteger();
            bench.listen(heard::incrementAndGet);
            TestServer.until(() -> heard.get() == 1);
            bench.showing(Optional.of("a job"));
            cable.cutAfter(0);
            TestServer.until(() -> cable.isCut());
            cable.mend();
            TestServer.until(() -> heard.get() == 2);
        }
    }

    /**
     * The server's disk is full: this is reported, what is there stays as it was, and what was typed is kept here
     * until there is room.
     */
    @Test
    public void aFullDiskOnTheServerIsSaid() throws IOException {
        String database = server.database();
        try (Ledger ledger = TestServer.opened(server.address(database), Files.createTempDirectory("kestan-test-"))) {
            LedgerJob entry = ledger.insert(demo(0));
            // The server's own error (Appendix A, 53100), raised where the job's text would be written.
            server.execute(
                    database,
                    "CREATE FUNCTION kestan.full() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION"
                            + " 'could not extend file: No space left on device' USING ERRCODE = 'disk_full'; END $$;"
                            + " CREATE TRIGGER full_disk BEFORE INSERT OR UPDATE ON kestan.job_files"
                            + " FOR EACH ROW EXECUTE FUNCTION kestan.full()");
            Job mine = entry.job().with(Lines.OWNER, "the ferry");
            for (Runnable each :
                    List.<Runnable>of(() -> ledger.save(entry.id(), 1, mine), () -> ledger.insert(demo(1)))) {
                assertThatThrownBy(each::run)
                        .isInstanceOfSatisfying(
                                LedgerException.class,
                                failed -> assertThat(failed.why().kind()).isEqualTo(LedgerFinding.DISK_FULL));
            }
            assertThat(ledger.count()).isEqualTo(1);
            assertThat(ledger.read(entry.id()).orElseThrow()).isEqualTo(entry);
            WaitingSaves waiting = new WaitingSaves(Files.createTempDirectory("kestan-test-"));
            waiting.keep(entry.id(), Optional.of(entry.job()), mine);
            server.execute(database, "DROP TRIGGER full_disk ON kestan.job_files");
            assertThat(waiting.deliver(ledger, entry.id())).isTrue();
            assertThat(ledger.read(entry.id()).orElseThrow().job()).isEqualTo(mine);
        }
    }
}
