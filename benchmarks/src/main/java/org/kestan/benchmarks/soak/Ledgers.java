package org.kestan.benchmarks.soak;

import static org.kestan.benchmarks.soak.Target.Outcome.REFUSED;
import static org.kestan.benchmarks.soak.Target.Outcome.TAKEN;
import static org.kestan.benchmarks.soak.Target.demand;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.kestan.base.expect.Expect;
import org.kestan.benchmarks.soak.Target.Outcome;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.sqlite.SqliteBackups;
import org.kestan.ledger.sqlite.SqliteLedger;

/** Attacks on the ledger: damaged files, a program killed while it saves, two programs at once. */
final class Ledgers {

    private static final int JOBS = 12;

    /**
     * Enough blocks of 512 bytes for the database's library, which is unpacked, but not for a log of a thousand pages.
     */
    private static final int BLOCKS = 4096;

    private final Path folder;
    private final Job job;
    private byte[] good = new byte[0];

    Ledgers(Path folder) {
        this.folder = folder;
        job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow(Expect.present("readable job"));
    }

    /** Attacks within this program. */
    List<Target> targets() {
        return List.of(new Target("corrupted ledgers", this::corrupted), new Target("lost ledgers", this::lost));
    }

    /** Attacks that start other programs, which takes seconds each. */
    List<Target> processes() {
        return List.of(
                new Target("kills while saving", this::killed),
                new Target("two programs", this::two),
                new Target("no more room", this::noRoom));
    }

    private Path scratch(Random random) throws IOException {
        return Files.createDirectory(folder.resolve("ledger-" + Long.toHexString(random.nextLong())));
    }

    private static Ledger opened(Path file) {
        return ((OpenResult.Opened) SqliteLedger.openAnew(file)).ledger();
    }

    private byte[] good(Random random) throws IOException {
        if (good.length == 0) {
            Path place = scratch(random);
            try (Ledger ledger = opened(place.resolve("ledger.sqlite"))) {
                for (int i = 0; i < JOBS; i++) {
                    ledger.insert(job.with(Lines.NAME, "number " + i));
                }
            }
            good = Files.readAllBytes(place.resolve("ledger.sqlite"));
            Disk.deleteAll(place);
        }
        return good;
    }

    /** A damaged file: opened, listed and read as far as possible, or refused and left unchanged. */
    private Outcome corrupted(Random random) throws IOException {
        Path place = scratch(random);
        try {
            Path file = place.resolve("ledger.sqlite");
            byte[] bytes = good(random).clone();
            for (int i = 1 + random.nextInt(6); i > 0; i--) {
                int at = random.nextInt(bytes.length);
                int to = Math.min(bytes.length, at + 1 + random.nextInt(2000));
                Arrays.fill(bytes, at, to, (byte) random.nextInt());
            }
            Files.write(file, bytes);
            if (random.nextBoolean()) {
                // A log as a killed program leaves it, of this ledger or of another.
                byte[] log = Arrays.copyOf(bytes, 32 + 4120 * (1 + random.nextInt(3)));
                Files.write(place.resolve("ledger.sqlite-wal"), log);
                Files.write(place.resolve("ledger.sqlite-shm"), new byte[32_768]);
            }
            Map<String, String> before = contents(place);
            OpenResult opening = SqliteLedger.open(file);
            if (opening instanceof OpenResult.Opened open) {
                try (Ledger ledger = open.ledger()) {
                    for (JobCard card : ledger.list(Query.ALL)) {
                        ledger.text(card.id());
                        ledger.read(card.id());
                    }
                    return TAKEN;
                } catch (LedgerException said) {
                    return REFUSED;
                }
            }
            demand(contents(place).equals(before), "the folder of a refused ledger was written to");
            return REFUSED;
        } finally {
            Disk.deleteAll(place);
        }
    }

    private static List<Path> files(Path place) throws IOException {
        try (var files = Files.walk(place)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }

    private static Map<String, String> contents(Path place) throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (var files = Files.walk(place)) {
            for (Path each : files.filter(Files::isRegularFile).toList()) {
                all.put(each.toString(), Arrays.toString(Files.readAllBytes(each)));
            }
        }
        return all;
    }

    /** A ledger that is missing or empty although there are backups: asked about, and restored completely. */
    private Outcome lost(Random random) throws IOException {
        Path place = scratch(random);
        try {
            Path file = place.resolve("ledger.sqlite");
            Files.write(file, good(random));
            try (Ledger ledger = opened(file)) {
                ledger.backups().make();
            }
            Files.delete(file);
            if (random.nextBoolean()) {
                Files.createFile(file);
            }
            demand(SqliteLedger.open(file) instanceof OpenResult.Refused, "an empty ledger was opened without a word");
            OpenResult.Refused refused = (OpenResult.Refused) SqliteLedger.open(file);
            SqliteBackups.of(file).putBack(refused.copies().get(0).file());
            try (Ledger ledger = opened(file)) {
                demand(ledger.count() == JOBS, "the backup has not all jobs");
            }
            return TAKEN;
        } finally {
            Disk.deleteAll(place);
        }
    }

    private static Process writer(Path file, String... before) throws IOException {
        List<String> command = new ArrayList<>(List.of(before));
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:-UsePerfData",
                "-cp",
                System.getProperty("java.class.path"),
                Writer.class.getName(),
                file.toString()));
        return new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    /** A program that saves without pause is killed: what it acknowledged is there. */
    private Outcome killed(Random random) throws Exception {
        Path place = scratch(random);
        try {
            Path file = place.resolve("ledger.sqlite");
            Process child = writer(file);
            int wanted = 5 + random.nextInt(60);
            int later = random.nextInt(60);
            int acknowledged = 0;
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
                String line;
                while (acknowledged < wanted && (line = out.readLine()) != null) {
                    acknowledged = Integer.parseInt(line);
                }
                // In the middle of whatever it is doing by then.
                Thread.sleep(later);
                // Its handle leaves what it has written open, which was acknowledged.
                child.toHandle().destroyForcibly();
                while ((line = out.readLine()) != null) {
                    acknowledged = line.isEmpty() ? acknowledged : Integer.parseInt(line);
                }
                demand(child.waitFor(30, TimeUnit.SECONDS), "the child does not end");
            }
            demand(acknowledged >= wanted, "the child does not save");
            try (Ledger ledger = opened(file)) {
                LedgerJob kept = ledger.read(ledger.list(Query.ALL).stream()
                                .filter(card -> card.name().startsWith(Writer.NAME))
                                .findFirst()
                                .orElseThrow(Expect.present("entry"))
                                .id())
                        .orElseThrow(Expect.present("readable entry"));
                demand(kept.revision() >= acknowledged, "a save that was acknowledged is lost");
                demand(kept.job().name().equals(Writer.name(kept.revision())), "half a save is there");
                int papers = 0;
                for (Path paper : ledger.papers().of(kept.id()).values()) {
                    demand(Files.size(paper) == Writer.PAPER, "half a paper is there");
                    papers++;
                }
                demand(papers >= acknowledged / Writer.EVERY, "a paper that was acknowledged is lost");
                demand(ledger.backups().all().size() == ledger.backups().whole().size(), "a backup is not whole");
                // Time for a killed process to end.
                child.waitFor();
                for (JobCard card : ledger.list(Query.ALL)) {
                    if (card.owner().equals(Writer.SECRET)) {
                        ledger.delete(card.id());
                    }
                }
                ledger.emptyBin(Instant.now().plusSeconds(60));
                demand(ledger.cleanse().isEmpty(), "what is left could not be taken away");
                Target.nothingLeft(place);
                for (Path each : files(place)) {
                    demand(
                            !new String(Files.readAllBytes(each), StandardCharsets.ISO_8859_1).contains(Writer.SECRET),
                            "something of what was erased is left in " + each.getFileName());
                }
            }
            return TAKEN;
        } finally {
            Disk.deleteAll(place);
        }
    }

    /**
     * Files can't grow any more while a program saves: it says so, nothing acknowledged is lost, and with room again
     * the ledger is as before. Only where the shell can limit files.
     */
    private Outcome noRoom(Random random) throws Exception {
        if (!Files.isExecutable(Path.of("/bin/sh"))) {
            return REFUSED;
        }
        Path place = scratch(random);
        try {
            Path file = place.resolve("ledger.sqlite");
            Files.write(file, good(random));
            int blocks = BLOCKS + random.nextInt(BLOCKS / 2);
            Process child =
                    writer(file, "/bin/sh", "-c", "ulimit -f " + blocks + "; KESTAN_ONLY_SAVES=1 exec \"$@\"", "sh");
            int acknowledged = 0;
            boolean said = false;
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
                String line;
                while ((line = out.readLine()) != null && !said && acknowledged < 2000) {
                    said = line.startsWith(Writer.REFUSED);
                    acknowledged = said ? acknowledged : Integer.parseInt(line);
                }
                child.destroyForcibly();
                demand(child.waitFor(30, TimeUnit.SECONDS), "the child does not end");
            }
            try (Ledger ledger = opened(file)) {
                demand(ledger.count() >= JOBS, "jobs are lost");
                int kept = ledger.list(Query.ALL).stream()
                        .map(JobCard::name)
                        .filter(name -> name.startsWith(Writer.NAME))
                        .mapToInt(name -> Integer.parseInt(name.substring(Writer.NAME.length())))
                        .max()
                        .orElse(0);
                demand(kept >= acknowledged, "a save that was acknowledged is lost");
            }
            return said ? TAKEN : REFUSED;
        } finally {
            Disk.deleteAll(place);
        }
    }

    /** Two programs on one ledger: every save of this one is there or was refused as a conflict. */
    private Outcome two(Random random) throws Exception {
        Path place = scratch(random);
        Process child = null;
        try {
            Path file = place.resolve("ledger.sqlite");
            try (Ledger ledger = opened(file)) {
                child = writer(file);
                LedgerJob mine = ledger.insert(job);
                int revision = mine.revision();
                for (int i = 0; i < 40; i++) {
                    SaveResult saved =
                            ledger.save(mine.id(), revision, job.with(Lines.NAME, Writer.name(revision + 1)));
                    demand(saved instanceof SaveResult.Done, "a job no one else has is in conflict");
                    revision = ((SaveResult.Done) saved).revision();
                }
                demand(
                        ledger.read(mine.id())
                                .orElseThrow(Expect.present("readable entry"))
                                .job()
                                .name()
                                .equals(Writer.name(revision)),
                        "the last save is not there");
            }
            return TAKEN;
        } finally {
            if (child != null) {
                child.destroyForcibly().waitFor();
            }
            Disk.deleteAll(place);
        }
    }
}
