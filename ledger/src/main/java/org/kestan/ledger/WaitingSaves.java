package org.kestan.ledger;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.JobMerge;

/**
 * Saves that failed because the server was away: kept on this machine, even when the program ends, until the server is
 * back. They are then merged with what others saved, section by section; if both changed the same section, both
 * versions are kept.
 *
 * @param folder where it lies
 */
public record WaitingSaves(Path folder) {

    private static final String MINE = ".mine.kestan.json";
    private static final String BASE = ".base.kestan.json";
    private static final String UNREADABLE = ".unreadable.json";
    private static final int TRIES = 5;

    /**
     * Stores a job until the server is back, replacing what was stored of it before.
     *
     * @param base the job as it was last read or saved; empty if it is in no ledger yet
     * @throws IOException if it can't be written
     */
    public void keep(String id, Optional<Job> base, Job mine) throws IOException {
        Disk.ownFolder(folder);
        // The first base stays, because it is the server's last version.
        if (base.isPresent() && !Files.exists(base(id))) {
            Disk.write(base(id), JobWriter.write(base.get()).getBytes(StandardCharsets.UTF_8));
        }
        Disk.write(mine(id), JobWriter.write(mine).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Forgets a job, because the ledger has it.
     *
     * @throws IOException if it can't be deleted
     */
    public void forget(String id) throws IOException {
        // The base goes last; without it, what is left would be taken for a new job.
        Files.deleteIfExists(mine(id));
        Files.deleteIfExists(base(id));
    }

    /** Returns the ids of the waiting jobs, the longest waiting first. */
    public List<String> ids() {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(each -> each.getFileName().toString().endsWith(MINE))
                    .sorted(Comparator.comparing(WaitingSaves::since).thenComparing(Path::compareTo))
                    .map(each -> each.getFileName().toString().replace(MINE, ""))
                    .toList();
        } catch (IOException none) {
            return List.of();
        }
    }

    private static long since(Path file) {
        return file.toFile().lastModified();
    }

    /**
     * Delivers a job to the ledger. Repeating it after an interruption does no harm. What can't be read is put aside
     * under another name.
     *
     * @return whether it is there now
     * @throws LedgerException if the ledger does not take it; the job waits on
     * @throws IOException if what waits can't be read, put aside or deleted
     */
    public boolean deliver(Ledger ledger, String id) throws IOException {
        if (!Files.exists(mine(id))) {
            // Another window has delivered it.
            return false;
        }
        Optional<Job> mine = read(mine(id));
        if (mine.isEmpty()) {
            Files.move(mine(id), folder.resolve(id + UNREADABLE), StandardCopyOption.REPLACE_EXISTING);
            return false;
        }
        Optional<Job> base = read(base(id));
        boolean arrived = false;
        // Another bench may save between reading and writing.
        for (int i = 0; i < TRIES && !arrived; i++) {
            Optional<LedgerJob> theirs = ledger.read(id);
            arrived = theirs.filter(each -> each.job().equals(mine.get())).isPresent()
                    || (theirs.isPresent()
                            ? merged(ledger, base, mine.get(), theirs.get())
                            : anew(ledger, id, base, mine.get()));
        }
        if (!arrived) {
            beside(ledger, id, mine.get());
        }
        forget(id);
        return true;
    }

    private static boolean anew(Ledger ledger, String id, Optional<Job> base, Job mine) {
        if (base.isPresent()) {
            return false;
        }
        ledger.insert(id, mine);
        return true;
    }

    private static boolean merged(Ledger ledger, Optional<Job> base, Job mine, LedgerJob theirs) {
        Optional<Job> both = base.flatMap(each -> JobMerge.merge(each, mine, theirs.job()));
        return both.isPresent()
                && (both.get().equals(theirs.job())
                        || ledger.save(theirs.id(), theirs.revision(), both.get()) instanceof SaveResult.Done);
    }

    /** As a separate job, with an id derived from it, so that it is added only once. */
    private static void beside(Ledger ledger, String id, Job mine) {
        byte[] own = (id + JobWriter.write(mine)).getBytes(StandardCharsets.UTF_8);
        ledger.insert(UUID.nameUUIDFromBytes(own).toString(), mine);
    }

    private static Optional<Job> read(Path file) throws IOException {
        return Files.exists(file) ? JobReader.read(Files.readAllBytes(file)).job() : Optional.empty();
    }

    private Path mine(String id) {
        return folder.resolve(id + MINE);
    }

    private Path base(String id) {
        return folder.resolve(id + BASE);
    }
}
