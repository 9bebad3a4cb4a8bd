package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;

/**
 * Copies a whole ledger into an empty one: jobs with their ids, revisions and times, archived jobs and those in the
 * bin, pictures and papers. At the end everything is read back and compared.
 *
 * @param jobs how many jobs are there now
 * @param pictures how many pictures
 * @param papers how many papers
 * @param differs ids of the jobs that did not arrive as they were: their text, a picture or a paper; they stay where they are
 */
public record LedgerMove(int jobs, int pictures, int papers, List<String> differs) {

    /** Takes an unmodifiable copy. */
    public LedgerMove {
        differs = List.copyOf(differs);
    }

    /**
     * Moves a ledger; the original stays unchanged.
     *
     * @return empty if the other is not empty, and nothing was written
     * @throws LedgerException if either can't be read or written; what has arrived by then stays
     */
    public static Optional<LedgerMove> of(Ledger from, Ledger to, Progress progress) {
        if (!ids(to).isEmpty()) {
            return Optional.empty();
        }
        List<String> ids = ids(from);
        List<String> differs = new ArrayList<>();
        Set<String> pictures = new HashSet<>();
        int jobs = 0;
        int papers = 0;
        for (String id : ids) {
            if (!progress.step(jobs, ids.size())) {
                break;
            }
            Optional<JobRecord> record = from.record(id);
            Optional<Job> job =
                    record.flatMap(each -> JobReader.read(each.text()).job());
            if (record.isEmpty() || job.isEmpty()) {
                differs.add(id);
                continue;
            }
            to.put(record.get());
            boolean same = to.record(id).equals(record);
            for (Photo photo : job.get().photos()) {
                Optional<byte[]> bytes = bytes(from.pictures().file(photo.file()));
                // A missing picture can't be moved; it was missing before.
                if (bytes.isPresent()) {
                    same &= to.pictures()
                            .add(bytes.get())
                            .optional()
                            .filter(photo.file()::equals)
                            .isPresent();
                    pictures.add(photo.file());
                }
            }
            Map<String, Path> kept = from.papers().of(id);
            for (Map.Entry<String, Path> paper : kept.entrySet()) {
                same &= moved(to, id, paper.getKey(), paper.getValue());
                papers++;
            }
            same &= to.papers().of(id).keySet().equals(kept.keySet());
            jobs++;
            if (!same) {
                differs.add(id);
            }
        }
        return Optional.of(new LedgerMove(jobs, pictures.size(), papers, differs));
    }

    private static boolean moved(Ledger to, String id, String name, Path paper) {
        try {
            return to.papers().keep(id, name, Files.readAllBytes(paper));
        } catch (IOException failed) {
            return false;
        }
    }

    private static Optional<byte[]> bytes(Path file) {
        try {
            return Optional.of(Files.readAllBytes(file));
        } catch (IOException missing) {
            return Optional.empty();
        }
    }

    private static List<String> ids(Ledger ledger) {
        List<String> ids = new ArrayList<>();
        for (JobLocation shelf : JobLocation.values()) {
            ledger.list(new Query("", Optional.empty(), shelf, Query.Order.CREATED))
                    .forEach(card -> ids.add(card.id()));
        }
        return ids;
    }
}
