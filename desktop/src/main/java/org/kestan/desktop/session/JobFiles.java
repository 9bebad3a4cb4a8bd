package org.kestan.desktop.session;

import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.kestan.desktop.messages.Messages;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.job.JobTree;

/** Job files: imported into the ledger and opened, and written from the open job. To be used on the application thread. */
public final class JobFiles {

    /** How many of a file's errors are named at once. */
    private static final int FAULTS_SAID = 2;

    private final JobSession session;
    private final Settings settings;
    private final JobStore store;

    JobFiles(JobSession session, Settings settings, JobStore store) {
        this.session = session;
        this.settings = settings;
        this.store = store;
    }

    /**
     * Imports a job file and opens it. If it can't be read, the open job stays and the status line says why.
     *
     * @return whether it was opened
     */
    public boolean open(Path path) {
        boolean opened = take(JobFile.read(path), path.getFileName().toString());
        if (opened) {
            settings.remember(path);
        }
        return opened;
    }

    /** Imports the text of a job file and opens it, in the same way. */
    public boolean openText(String text) {
        return take(JobReader.read(text), Messages.message("job-files.the-text-on-the"));
    }

    private boolean take(JobTree.Read read, String what) {
        if (read.job().isPresent()) {
            return store.insert(read.job().get(), Messages.message("job-files.taken-into-the-ledger", what));
        }
        String first = read.faults().stream()
                .limit(FAULTS_SAID)
                .map(session.words()::line)
                .collect(Collectors.joining("   "));
        int more = read.faults().size() - FAULTS_SAID;
        session.complain(
                more > 0
                        ? Messages.message("job-files.not-opened-and-more", what, first, more)
                        : Messages.message("job-files.not-opened", what, first));
        return false;
    }

    /** Writes the open job to a file of its own; work continues in the ledger. */
    public void write(Path path) {
        try {
            JobFile.write(session.job(), path);
            store.keptElsewhere();
            settings.remember(path);
            session.say(Messages.message("job-files.written-to", path.getFileName()));
        } catch (IOException failed) {
            session.complain(Messages.message("job-files.could-not-write", path.getFileName(), failed.getMessage()));
        }
    }
}
