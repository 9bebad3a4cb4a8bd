package org.kestan.ledger.postgres;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Jdbi;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobPage;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.MemoryLedger;
import org.kestan.ledger.Query;
import org.kestan.overview.Station;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whichever plan the server uses, the same jobs are found as by looking at each. */
public class PostgresSearchTest {

    private static final int JOBS = 150;

    private final TestServer server = TestServer.SHARED;
    private String database;
    private Ledger ledger;
    private Ledger model;

    @BeforeClass
    public void fill() throws IOException {
        database = server.database();
        Path folder = Files.createTempDirectory("kestan-test-");
        ledger = TestServer.opened(server.address(database), folder);
        model = new MemoryLedger(Path.of("searched"));
        for (int i = 0; i < JOBS; i++) {
            Job job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(i % DemoJobs.NAMES.size())))
                    .job()
                    .orElseThrow()
                    .with(Lines.OWNER, i % 50 == 7 ? "50%_off\\ Q\uD83C\uDFB8 " + i : "ferry " + i % 3);
            for (Ledger each : List.of(ledger, model)) {
                String id = String.format("00000000-0000-4000-8000-%012d", i);
                each.insert(id, job);
                if (i % 5 == 0) {
                    each.archive(id, true);
                }
                if (i % 11 == 0) {
                    each.delete(id);
                }
            }
        }
        server.execute(database, "ANALYZE");
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        ledger.close();
        model.close();
    }

    @DataProvider
    public Object[][] words() {
        return new Object[][] {
            {""},
            {"e"},
            {"er"},
            {"ferry"},
            {"ferry 1"},
            {"f e r"},
            {"q"},
            {"50%"},
            {"%"},
            {"_"},
            {"\\"},
            {"%_"},
            {"\uD83C\uDFB8"},
            {"q\uD83C\uDFB8"},
            {"zz"},
            {"zebra"},
            {"FERRY flat"},
            {"'"},
            {"y 1"},
            {"ferry zz"},
            {"q ferry"},
            {"q flat"},
            {"q e"},
            {"e q 7"},
            {"no. 7"},
        };
    }

    @Test(dataProvider = "words")
    public void findsWhatIsThere(String words) {
        for (JobLocation shelf : JobLocation.values()) {
            for (Query.Order order : Query.Order.values()) {
                finds(new Query(words, Optional.empty(), shelf, order));
            }
            finds(new Query(words, Optional.of(Station.MEASURE), shelf, Query.Order.CHANGED));
        }
    }

    private void finds(Query query) {
        for (int most : List.of(1, 1000)) {
            JobPage found = ledger.find(query, most, most);
            JobPage all = model.find(query, JOBS, most);
            assertThat(found.found()).as("%s, %d", query, most).isEqualTo(all.found());
            assertThat(found.cards()).hasSize(Math.min(most, found.found()));
            assertThat(all.cards())
                    .extracting(JobCard::id)
                    .containsAll(found.cards().stream().map(JobCard::id).toList());
        }
    }

    /** Matches come in the order asked for, however few there are. */
    @Test(dataProvider = "words")
    public void fewAreTheFirstOfMany(String words) {
        Query query = new Query(words, Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED);
        List<JobCard> all = ledger.list(query);
        assertThat(all).isSortedAccordingTo((one, other) -> other.changedAt().compareTo(one.changedAt()));
        assertThat(ledger.list(query, 5)).isEqualTo(all.subList(0, Math.min(5, all.size())));
    }

    /** Frequent words are looked for job by job until there are enough; rare words by the indexes. */
    @Test
    public void fewIndexesForWhatManyHave() {
        assertThat(sql("ferry", 1)).contains("job_order");
        assertThat(sql("e", 1)).contains("job_order").doesNotContain("letters");
        assertThat(sql("ferry", JOBS)).doesNotContain("job_order").contains("search LIKE");
        assertThat(sql("q", JOBS)).doesNotContain("job_order").contains("letters(search)");
        // In another order all of them have to be sorted.
        assertThat(finding(new Query("ferry", Optional.empty(), JobLocation.BENCH, Query.Order.NAME), 1))
                .doesNotContain("job_order");
    }

    private String sql(String words, int most) {
        return finding(new Query(words, Optional.empty(), JobLocation.BENCH, Query.Order.CHANGED), most);
    }

    private String finding(Query query, int most) {
        return Jdbi.create(server.source(database)).withHandle(handle -> {
            handle.execute("SET search_path TO kestan, public");
            return new PostgresSearch().finding(handle, query, most).sql();
        });
    }

    /**
     * A job that is saved, archived, deleted, restored or erased is found in the right place, and by its present
     * content.
     */
    @Test
    public void followsEachChange() throws IOException {
        try (Ledger own =
                TestServer.opened(server.address(server.database()), Files.createTempDirectory("kestan-test-"))) {
            String id = own.insert(JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0)))
                            .job()
                            .orElseThrow())
                    .id();
            own.save(id, 1, own.read(id).orElseThrow().job().with(Lines.OWNER, "the xylophonist"));
            for (String words : List.of("", "x", "xy", "xylo")) {
                assertThat(lies(own, words)).as(words).containsExactly(JobLocation.BENCH);
                own.archive(id, true);
                assertThat(lies(own, words)).containsExactly(JobLocation.AWAY);
                own.delete(id);
                assertThat(lies(own, words)).containsExactly(JobLocation.BIN);
                own.restore(id);
                own.archive(id, false);
                assertThat(lies(own, words)).containsExactly(JobLocation.BENCH);
            }
            own.save(id, 2, own.read(id).orElseThrow().job().with(Lines.OWNER, "the ferry"));
            assertThat(lies(own, "xylo")).isEmpty();
            own.delete(id);
            own.erase(id);
            assertThat(lies(own, "")).isEmpty();
        }
    }

    private static List<JobLocation> lies(Ledger ledger, String words) {
        return List.of(JobLocation.values()).stream()
                .filter(shelf -> !ledger.list(new Query(words, Optional.empty(), shelf, Query.Order.CHANGED))
                        .isEmpty())
                .toList();
    }
}
