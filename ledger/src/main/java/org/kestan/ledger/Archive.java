package org.kestan.ledger;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.kestan.files.JobFile;
import org.kestan.files.JobReader;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.pictures.Photo;
import org.kestan.words.BenchUnit;
import org.kestan.words.Words;

/** All jobs of a ledger as job files in one zip, pictures beside them; and back. */
public final class Archive {

    /** Of a job, and of a picture. */
    private static final int LARGEST_JOB = 16 << 20;

    private static final int LARGEST_PICTURE = 40 << 20;

    /** Of all that is unpacked from one zip. */
    private static final long LARGEST_ALL = 2L << 30;

    private static final Words WORDS = Words.in(BenchUnit.MILLIMETRES);

    private Archive() {}

    /**
     * What came of a long work.
     *
     * @param done how many jobs were taken
     * @param stopped whether it was stopped before the end
     * @param refused what could not be taken, each in a line
     */
    public record Outcome(int done, boolean stopped, List<String> refused) {}

    /**
     * Writes all jobs into a zip. Until it is whole it lies beside its name; stopped, nothing is left of it.
     *
     * @throws IOException if it can't be written
     */
    public static Outcome write(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<JobCard> cards = new ArrayList<>(ledger.list(Query.ALL));
        cards.addAll(ledger.list(new Query("", java.util.Optional.empty(), Shelf.AWAY, Query.Order.CHANGED)));
        Path beside = Files.createTempFile(zip.toAbsolutePath().getParent(), ".kestan-", ".tmp");
        int done = 0;
        try {
            try (ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(beside)))) {
                Set<String> pictures = new HashSet<>();
                for (JobCard card : cards) {
                    if (!progress.step(done, cards.size())) {
                        return new Outcome(done, true, List.of());
                    }
                    var text = ledger.text(card.id());
                    if (text.isPresent()) {
                        put(out, "jobs/" + fileName(card), text.get().getBytes(StandardCharsets.UTF_8));
                        for (String picture : pictures(text.get())) {
                            Path file = ledger.pictures().file(picture);
                            if (pictures.add(picture) && Files.isRegularFile(file)) {
                                put(out, "pictures/" + file.getFileName(), Files.readAllBytes(file));
                            }
                        }
                    }
                    done++;
                }
            }
            Files.move(beside, zip, StandardCopyOption.REPLACE_EXISTING);
            progress.step(done, cards.size());
            return new Outcome(done, false, List.of());
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /**
     * Takes all jobs and pictures of a zip into the ledger. What can't be read is named and left out.
     *
     * @throws IOException if the zip itself can't be read
     */
    public static Outcome read(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<String> refused = new ArrayList<>();
        int done = 0;
        try (ZipFile in = new ZipFile(zip.toFile(), StandardCharsets.UTF_8)) {
            int total = in.size();
            int seen = 0;
            long unpacked = 0;
            Enumeration<? extends ZipEntry> entries = in.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                if (!progress.step(seen++, total)) {
                    return new Outcome(done, true, refused);
                }
                String name = entry.getName();
                if (entry.isDirectory()) {
                    continue;
                }
                boolean job = name.endsWith(JobFile.EXTENSION);
                int largest = job ? LARGEST_JOB : LARGEST_PICTURE;
                byte[] bytes;
                try {
                    bytes = bytes(in, entry, largest);
                } catch (IOException unreadable) {
                    refused.add(name + ": can\u2019t be unpacked");
                    continue;
                }
                unpacked += bytes.length;
                if (unpacked > LARGEST_ALL) {
                    refused.add(name + " and what follows: there is more in the zip than is taken at once");
                    break;
                }
                if (bytes.length > largest) {
                    refused.add(name + ": larger than anything that belongs here");
                } else if (job) {
                    JobTree.Read outcome = JobReader.read(bytes);
                    if (outcome.job().isPresent()) {
                        ledger.insert(outcome.job().get());
                        done++;
                    } else {
                        refused.add(name + ": " + WORDS.line(outcome.faults().get(0)));
                    }
                } else if (ledger.pictures().add(bytes).optional().isEmpty()) {
                    refused.add(name + ": neither a job file nor a picture");
                }
            }
            progress.step(total, total);
        }
        return new Outcome(done, false, refused);
    }

    /** One byte more than there may be tells that it is too large. */
    private static byte[] bytes(ZipFile zip, ZipEntry entry, int largest) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            return in.readNBytes(largest + 1);
        }
    }

    private static void put(ZipOutputStream out, String name, byte[] bytes) throws IOException {
        out.putNextEntry(new ZipEntry(name));
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
        return (shortened.isEmpty() ? "job" : shortened) + "-"
                + card.id().substring(0, Math.min(8, card.id().length())) + JobFile.EXTENSION;
    }
}
