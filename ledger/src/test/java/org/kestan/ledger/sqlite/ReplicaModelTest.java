package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Archive;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobRecord;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Two and three shops that exchange zips, with clocks that jump: random work, checked against a model that knows which
 * words each change was made over.
 */
public class ReplicaModelTest {

    private final List<LedgerFolder> folders = new ArrayList<>();
    private final List<SqliteLedger> ledgers = new ArrayList<>();

    /** Words overwritten by somebody who had seen them. */
    private final Set<String> writtenOver = new HashSet<>();

    private final Set<String> written = new HashSet<>();

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        ledgers.forEach(SqliteLedger::close);
        ledgers.clear();
        for (LedgerFolder each : folders) {
            each.remove();
        }
        folders.clear();
        written.clear();
        writtenOver.clear();
    }

    @DataProvider
    public Object[][] seeds() {
        Object[][] all = new Object[Integer.getInteger("kestan.replicas", 12)][];
        for (int i = 0; i < all.length; i++) {
            all[i] = new Object[] {i};
        }
        return all;
    }

    @Test(dataProvider = "seeds")
    public void nothingIsLostAndAllComeToTheSame(int seed) throws IOException {
        Random random = new Random(seed);
        int count = 2 + seed % 2;
        for (int i = 0; i < count; i++) {
            LedgerFolder folder = LedgerFolder.make();
            folders.add(folder);
            Clock jumping = new Clock() {
                @Override
                public Instant instant() {
                    return Instant.parse("2026-01-01T00:00:00Z").plusSeconds(random.nextInt(100_000_000) - 50_000_000L);
                }

                @Override
                public ZoneOffset getZone() {
                    return ZoneOffset.UTC;
                }

                @Override
                public Clock withZone(java.time.ZoneId zone) {
                    return this;
                }
            };
            ledgers.add((SqliteLedger) ((OpenResult.Opened) SqliteLedger.open(folder.file(), jumping)).ledger());
        }
        for (int i = 0; i < 60; i++) {
            act(random, i);
        }
        for (int round = 0; round < 3; round++) {
            for (int from = 0; from < count; from++) {
                for (int to = 0; to < count; to++) {
                    if (from != to) {
                        carry(from, to);
                    }
                }
            }
        }
        Map<String, JobRecord> first = all(ledgers.get(0));
        for (SqliteLedger other : ledgers) {
            assertThat(all(other)).isEqualTo(first);
        }
        Set<String> kept = new HashSet<>();
        first.values().forEach(record -> kept.add(word(record.text())));
        Set<String> needed = new HashSet<>(written);
        needed.removeAll(writtenOver);
        assertThat(kept).containsAll(needed);
    }

    private void act(Random random, int turn) throws IOException {
        int at = random.nextInt(ledgers.size());
        SqliteLedger ledger = ledgers.get(at);
        List<JobRecord> here = new ArrayList<>(all(ledger).values());
        int what = random.nextInt(10);
        if (here.isEmpty() || what == 0) {
            ledger.insert(job("w" + turn));
            written.add("w" + turn);
            return;
        }
        JobRecord record = here.get(random.nextInt(here.size()));
        switch (what) {
            case 1, 2, 3, 4, 5 -> {
                if (record.shelf() != JobLocation.BIN) {
                    writtenOver.add(word(record.text()));
                    written.add("w" + turn);
                    ledger.save(record.id(), record.revision(), job("w" + turn));
                }
            }
            case 6 -> ledger.delete(record.id());
            case 7 -> ledger.restore(record.id());
            case 8 -> ledger.archive(record.id(), random.nextBoolean());
            default -> carry(at, (at + 1 + random.nextInt(ledgers.size() - 1)) % ledgers.size());
        }
    }

    private void carry(int from, int to) throws IOException {
        Path zip = folders.get(from).path().resolve("carried.zip");
        Archive.write(ledgers.get(from), zip, Progress.UNTOLD);
        assertThat(Archive.read(ledgers.get(to), zip, Progress.UNTOLD).refused())
                .isEmpty();
    }

    private static Job job(String word) {
        return Job.BLANK.with(Lines.NAME, "a job").with(Lines.OWNER, word);
    }

    private static String word(String text) {
        var owner = java.util.regex.Pattern.compile("\"owner\": \"(w\\d+)\"").matcher(text);
        return owner.find() ? owner.group(1) : "";
    }

    private static Map<String, JobRecord> all(SqliteLedger ledger) {
        Map<String, JobRecord> all = new TreeMap<>(new HashMap<>());
        for (JobLocation shelf : JobLocation.values()) {
            ledger.list(new Query("", Optional.empty(), shelf, Query.Order.NAME))
                    .forEach(card -> all.put(card.id(), ledger.record(card.id()).orElseThrow()));
        }
        return all;
    }
}
