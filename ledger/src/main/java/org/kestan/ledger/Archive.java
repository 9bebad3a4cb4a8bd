package org.kestan.ledger;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.kestan.base.finding.Finding;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.pictures.Photo;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Exports the jobs of a ledger to one zip, with their pictures and papers, and imports them again. */
public final class Archive {

    /** Folders in a zip, by the location of jobs in the ledger. */
    static final Map<JobLocation, String> FOLDERS =
            Map.of(JobLocation.BENCH, "jobs/", JobLocation.AWAY, "put-away/", JobLocation.BIN, "bin/");

    /** The most bytes of a job, and of a picture. */
    private static final int LARGEST_JOB = 16 << 20;

    private static final int LARGEST_PICTURE = 40 << 20;

    /** The most bytes unpacked from one zip. */
    private static final long LARGEST_ALL = 2L << 30;

    /** The most refused files that are named; the rest is counted. */
    private static final int MOST_SAID = 20;

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    /** Papers, in a folder named for their job's id. */
    private static final String PAPERS = "papers/";

    private Archive() {}

    /**
     * The outcome of a long task.
     *
     * @param done how many jobs were taken
     * @param met what was done with those that were already there
     * @param stopped whether it was stopped before the end
     * @param refused what could not be imported, one line each
     */
    public record Outcome(int done, Met met, boolean stopped, List<String> refused) {}

    /**
     * Jobs that were in the ledger already.
     *
     * @param same already there, identical
     * @param newer newer than what was there, and put in its place
     * @param older older than what is there, and left out
     * @param parted changed independently on both sides: both are kept
     */
    public record Met(int same, int newer, int older, int parted) {

        /** None. */
        public static final Met NONE = new Met(0, 0, 0, 0);

        /** Returns these and others together. */
        public Met and(Met other) {
            return new Met(same + other.same, newer + other.newer, older + other.older, parted + other.parted);
        }
    }

    /**
     * Exports all jobs to a zip, including archived ones and those in the bin. Until it is complete it has a temporary
     * name; if stopped, nothing is left of it.
     *
     * @throws IOException if it can't be written
     */
    public static Outcome write(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<JobCard> cards = new ArrayList<>();
        for (JobLocation shelf : JobLocation.values()) {
            cards.addAll(ledger.list(new Query("", Optional.empty(), shelf, Query.Order.CHANGED)));
        }
        return write(ledger, cards, zip, progress);
    }

    /**
     * Exports some jobs to a zip, each with its pictures and papers, in the same way.
     *
     * @throws IOException if it can't be written
     */
    public static Outcome write(Ledger ledger, List<JobCard> cards, Path zip, Progress progress) throws IOException {
        Path beside = Disk.unfinished(zip.toAbsolutePath().getParent());
        int done = 0;
        try {
            try (ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(beside)))) {
                Set<String> pictures = new HashSet<>();
                ArchiveIndex index = new ArchiveIndex();
                for (JobCard card : cards) {
                    if (!progress.step(done, cards.size())) {
                        return new Outcome(done, Met.NONE, true, List.of());
                    }
                    writeJob(ledger, card, out, pictures, index);
                    done++;
                }
                put(out, new ZipEntry(ArchiveIndex.NAME), index.bytes());
            }
            Disk.finish(beside, zip);
            progress.step(done, cards.size());
            return new Outcome(done, Met.NONE, false, List.of());
        } finally {
            Disk.delete(beside);
        }
    }

    private static void writeJob(
            Ledger ledger, JobCard card, ZipOutputStream out, Set<String> pictures, ArchiveIndex index)
            throws IOException {
        Optional<JobRecord> record = ledger.record(card.id());
        if (record.isEmpty()) {
            return;
        }
        ZipEntry entry = new ZipEntry(FOLDERS.get(record.get().shelf()) + fileName(card));
        entry.setLastModifiedTime(FileTime.from(record.get().changed()));
        put(out, entry, record.get().text().getBytes(StandardCharsets.UTF_8));
        index.add(entry.getName(), record.get());
        for (String picture : pictures(record.get().text())) {
            Path file = ledger.pictures().file(picture);
            if (pictures.add(picture) && Files.isRegularFile(file)) {
                put(out, new ZipEntry("pictures/" + file.getFileName()), Files.readAllBytes(file));
            }
        }
        for (Map.Entry<String, Path> paper : ledger.papers().of(card.id()).entrySet()) {
            put(out, new ZipEntry(PAPERS + card.id() + "/" + paper.getKey()), Files.readAllBytes(paper.getValue()));
        }
    }

    /**
     * Imports all jobs, pictures and papers of a zip. A job that exists already is recognized by its id, and by which
     * ledgers changed it: one based on the version here replaces it, one on which the version here is based is left
     * out, and if both were changed independently, both are kept. What can't be read is named and left out.
     *
     * @throws IOException if the zip itself can't be read
     */
    public static Outcome read(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<String> refused = new ArrayList<>();
        ArchiveTaking taking = new ArchiveTaking(ledger);
        try (ZipFile in = new ZipFile(zip.toFile(), StandardCharsets.UTF_8)) {
            ArchiveIndex index = ArchiveIndex.of(in);
            // Jobs first, because a paper belongs to an existing job.
            List<ZipEntry> entries = in.stream()
                    .filter(entry -> !entry.isDirectory() && !entry.getName().equals(ArchiveIndex.NAME))
                    .sorted(Comparator.comparing(entry -> !isJob(entry)))
                    .map(entry -> (ZipEntry) entry)
                    .toList();
            int seen = 0;
            long unpacked = 0;
            for (ZipEntry entry : entries) {
                if (!progress.step(seen++, entries.size())) {
                    return taking.outcome(true, said(refused));
                }
                int largest = isJob(entry) ? LARGEST_JOB : LARGEST_PICTURE;
                byte[] bytes;
                try {
                    bytes = bytes(in, entry, largest);
                } catch (IOException unreadable) {
                    refused.add(entry.getName() + ": can\u2019t be unpacked");
                    continue;
                }
                unpacked += bytes.length;
                if (unpacked > LARGEST_ALL) {
                    refused.add(entry.getName() + " and what follows: there is more in the zip than is taken at once");
                    break;
                }
                if (bytes.length > largest) {
                    refused.add(entry.getName() + ": larger than anything that belongs here");
                } else {
                    take(ledger, taking, index, entry, bytes).ifPresent(refused::add);
                }
            }
            progress.step(entries.size(), entries.size());
        }
        return taking.outcome(false, said(refused));
    }

    private static boolean isJob(ZipEntry entry) {
        return entry.getName().endsWith(JobFile.EXTENSION);
    }

    /** Imports the contents of an entry; reports the reason if that fails. */
    private static Optional<String> take(
            Ledger ledger, ArchiveTaking taking, ArchiveIndex index, ZipEntry entry, byte[] bytes) throws IOException {
        String name = entry.getName();
        if (isJob(entry)) {
            JobTree.Read read = JobReader.read(bytes);
            if (read.job().isEmpty()) {
                return Optional.of(name + ": " + WORDS.line(read.faults().get(0)));
            }
            Job job = read.job().get();
            Optional<Finding> refusal = ledger.refusal(job);
            if (refusal.isPresent()) {
                return Optional.of(name + ": " + WORDS.say(refusal.get()));
            }
            taking.take(job, index.record(entry, job));
            return Optional.empty();
        }
        if (name.startsWith(PAPERS)) {
            String[] parts = name.substring(PAPERS.length()).split("/");
            boolean kept = parts.length == 2
                    && Papers.isId(parts[0])
                    && ledger.record(parts[0]).isPresent()
                    && ledger.papers().keep(parts[0], parts[1], bytes);
            return kept ? Optional.empty() : Optional.of(name + ": no paper of a job");
        }
        return ledger.pictures().add(bytes).optional().isPresent()
                ? Optional.empty()
                : Optional.of(name + ": neither a job file nor a picture");
    }

    private static List<String> said(List<String> refused) {
        if (refused.size() <= MOST_SAID) {
            return refused;
        }
        List<String> said = new ArrayList<>(refused.subList(0, MOST_SAID));
        said.add("and " + (refused.size() - MOST_SAID) + " more, " + refused.size() + " in all");
        return said;
    }

    /** Reading one byte more than allowed shows that it is too large. */
    private static byte[] bytes(ZipFile zip, ZipEntry entry, int largest) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            return in.readNBytes(largest + 1);
        }
    }

    private static void put(ZipOutputStream out, ZipEntry entry, byte[] bytes) throws IOException {
        out.putNextEntry(entry);
        out.write(bytes);
        out.closeEntry();
    }

    private static List<String> pictures(String text) {
        return JobReader.read(text).job().map(Job::photos).orElse(List.of()).stream()
                .map(Photo::file)
                .toList();
    }

    /** A readable file name that no other job has. */
    private static String fileName(JobCard card) {
        String plain = card.name().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        String shortened = plain.length() > 60 ? plain.substring(0, 60) : plain;
        return (shortened.isEmpty() ? "job" : shortened) + "-" + card.id() + JobFile.EXTENSION;
    }
}
