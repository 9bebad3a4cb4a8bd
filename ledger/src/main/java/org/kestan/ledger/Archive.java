package org.kestan.ledger;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.pictures.Photo;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Jobs of a ledger as job files in one zip, their pictures and papers beside them; and back. */
public final class Archive {

    /** Of a job, and of a picture. */
    private static final int LARGEST_JOB = 16 << 20;

    private static final int LARGEST_PICTURE = 40 << 20;

    /** Of all that is unpacked from one zip. */
    private static final long LARGEST_ALL = 2L << 30;

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    private Archive() {}

    /** Jobs at hand, and jobs that were put away. */
    private static final String AT_HAND = "jobs/";

    private static final String PUT_AWAY = "put-away/";

    /** Papers, in a folder of their job's id. */
    private static final String PAPERS = "papers/";

    /** The id at the end of a file's name, by which a job is known again. */
    private static final Pattern ID = Pattern.compile(
            "([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})" + Pattern.quote(JobFile.EXTENSION) + "$");

    /**
     * What came of a long work.
     *
     * @param done how many jobs were taken
     * @param met what became of those that were there already
     * @param stopped whether it was stopped before the end
     * @param refused what could not be taken, each in a line
     */
    public record Outcome(int done, Met met, boolean stopped, List<String> refused) {}

    /**
     * Jobs that were in the ledger already.
     *
     * @param same there as they are
     * @param newer put in place of what was there, which lies in the bin
     * @param older left out: what is there was changed later
     */
    public record Met(int same, int newer, int older) {

        /** None. */
        public static final Met NONE = new Met(0, 0, 0);

        /** Returns these and others. */
        public Met and(Met other) {
            return new Met(same + other.same, newer + other.newer, older + other.older);
        }
    }

    /** How a job of a zip stands to what is in the ledger. */
    private enum Meeting {
        NEW,
        SAME,
        NEWER,
        OLDER
    }

    /**
     * Writes all jobs into a zip. Until it is whole it lies beside its name; stopped, nothing is left of it.
     *
     * @throws IOException if it can't be written
     */
    public static Outcome write(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<JobCard> cards = new ArrayList<>(ledger.list(Query.ALL));
        cards.addAll(ledger.list(new Query("", Optional.empty(), JobLocation.AWAY, Query.Order.CHANGED)));
        return write(ledger, cards, zip, progress);
    }

    /**
     * Writes some jobs into a zip, each with its pictures and the papers that were made for it, in the same way.
     *
     * @throws IOException if it can't be written
     */
    public static Outcome write(Ledger ledger, List<JobCard> cards, Path zip, Progress progress) throws IOException {
        Path beside = Files.createTempFile(zip.toAbsolutePath().getParent(), ".kestan-", ".tmp");
        int done = 0;
        try {
            try (ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(beside)))) {
                Set<String> pictures = new HashSet<>();
                for (JobCard card : cards) {
                    if (!progress.step(done, cards.size())) {
                        return new Outcome(done, Met.NONE, true, List.of());
                    }
                    writeJob(ledger, card, out, pictures);
                    done++;
                }
            }
            Files.move(beside, zip, StandardCopyOption.REPLACE_EXISTING);
            progress.step(done, cards.size());
            return new Outcome(done, Met.NONE, false, List.of());
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static void writeJob(Ledger ledger, JobCard card, ZipOutputStream out, Set<String> pictures)
            throws IOException {
        Optional<String> text = ledger.text(card.id());
        if (text.isEmpty()) {
            return;
        }
        ZipEntry entry = new ZipEntry((card.shelf() == JobLocation.AWAY ? PUT_AWAY : AT_HAND) + fileName(card));
        entry.setLastModifiedTime(FileTime.from(card.changedAt()));
        put(out, entry, text.get().getBytes(StandardCharsets.UTF_8));
        for (String picture : pictures(text.get())) {
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
     * Takes all jobs, pictures and papers of a zip into the ledger. A job that is there already is known again by its id: the same is
     * left, a newer one takes the place of what was there, which goes to the bin, an older one is left out. What was put away
     * stays so. What can't be read is named and left out.
     *
     * @throws IOException if the zip itself can't be read
     */
    public static Outcome read(Ledger ledger, Path zip, Progress progress) throws IOException {
        List<String> refused = new ArrayList<>();
        Map<Meeting, Integer> met = new EnumMap<>(Meeting.class);
        Taking taking = new Taking(ledger);
        try (ZipFile in = new ZipFile(zip.toFile(), StandardCharsets.UTF_8)) {
            int total = in.size();
            int seen = 0;
            long unpacked = 0;
            Enumeration<? extends ZipEntry> entries = in.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                if (!progress.step(seen++, total)) {
                    return outcome(met, true, refused);
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
                        met.merge(taking.take(outcome.job().get(), entry), 1, Integer::sum);
                    } else {
                        refused.add(name + ": " + WORDS.line(outcome.faults().get(0)));
                    }
                } else if (name.startsWith(PAPERS)) {
                    if (!keep(ledger, name, bytes)) {
                        refused.add(name + ": no paper of a job");
                    }
                } else if (ledger.pictures().add(bytes).optional().isEmpty()) {
                    refused.add(name + ": neither a job file nor a picture");
                }
            }
            progress.step(total, total);
        }
        return outcome(met, false, refused);
    }

    private static boolean keep(Ledger ledger, String name, byte[] bytes) throws IOException {
        String[] parts = name.substring(PAPERS.length()).split("/");
        return parts.length == 2 && ledger.papers().keep(parts[0], parts[1], bytes);
    }

    private static Outcome outcome(Map<Meeting, Integer> met, boolean stopped, List<String> refused) {
        return new Outcome(
                met.getOrDefault(Meeting.NEW, 0),
                new Met(
                        met.getOrDefault(Meeting.SAME, 0),
                        met.getOrDefault(Meeting.NEWER, 0),
                        met.getOrDefault(Meeting.OLDER, 0)),
                stopped,
                refused);
    }

    /** Takes jobs in, knowing those that were there before. */
    private static final class Taking {

        private final Ledger ledger;
        private final Map<String, JobCard> known = new HashMap<>();

        Taking(Ledger ledger) {
            this.ledger = ledger;
            for (JobLocation shelf : List.of(JobLocation.BENCH, JobLocation.AWAY)) {
                ledger.list(new Query("", Optional.empty(), shelf, Query.Order.CHANGED))
                        .forEach(card -> known.put(card.id(), card));
            }
        }

        Meeting take(Job job, ZipEntry entry) {
            Matcher named = ID.matcher(entry.getName());
            Optional<JobCard> here = named.find() ? Optional.ofNullable(known.get(named.group(1))) : Optional.empty();
            Optional<LedgerJob> there = here.flatMap(card -> ledger.read(card.id()));
            if (there.isEmpty()) {
                // A file without an id is known by being the very same.
                if (here.isEmpty() && isHere(job)) {
                    return Meeting.SAME;
                }
                LedgerJob taken = named.reset().find() ? ledger.insert(job, named.group(1)) : ledger.insert(job);
                if (entry.getName().startsWith(PUT_AWAY)) {
                    ledger.archive(taken.id(), true);
                }
                return Meeting.NEW;
            }
            if (there.get().job().equals(job)) {
                return Meeting.SAME;
            }
            FileTime written = entry.getLastModifiedTime();
            boolean later = written != null
                    && written.toInstant().getEpochSecond()
                            > here.get().changedAt().getEpochSecond();
            if (!later) {
                return Meeting.OLDER;
            }
            // What was there is kept, in the bin.
            LedgerJob kept = ledger.insert(there.get().job());
            ledger.delete(kept.id());
            ledger.save(there.get().id(), there.get().revision(), job);
            return Meeting.NEWER;
        }

        private boolean isHere(Job job) {
            return known.values().stream()
                    .filter(card -> card.name().equals(job.name()))
                    .anyMatch(card -> ledger.read(card.id())
                            .map(LedgerJob::job)
                            .filter(job::equals)
                            .isPresent());
        }
    }

    /** One byte more than there may be tells that it is too large. */
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
