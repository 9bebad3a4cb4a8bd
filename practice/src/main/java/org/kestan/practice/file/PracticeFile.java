package org.kestan.practice.file;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Fault;
import org.kestan.files.disk.Disk;
import org.kestan.files.json.Json;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.practice.run.PracticeRun;

/**
 * The learner's record and open cases, as JSON in one folder: {@code record.json}, and one file per case, named by the
 * id of its job. A file that can't be read is moved aside under another name, so that nothing is lost.
 */
public final class PracticeFile {

    private static final String RECORD = "record.json";

    private final Path folder;

    /** Stores them in a folder, which is created when it is first written to. */
    public PracticeFile(Path folder) {
        this.folder = folder;
    }

    /**
     * The result of reading.
     *
     * @param value the record; empty if there is no file, or none that can be read
     * @param faults why it can't be read, each fault at its place; none if it can
     * @param aside where such a file was moved
     */
    public record Read<T>(T value, List<Fault> faults, Optional<Path> aside) {}

    /** Reads the record. */
    public Read<PracticeRecord> record() throws IOException {
        return read(folder.resolve(RECORD), PracticeRecord.NONE, PracticeTree::record);
    }

    /** Saves the record. */
    public void keep(PracticeRecord record) throws IOException {
        write(folder.resolve(RECORD), PracticeTree.write(record));
    }

    /** Reads a case by the id of its job; empty if there is none. */
    public Read<Optional<PracticeRun>> run(String job) throws IOException {
        return read(file(job), Optional.empty(), PracticeTree::run);
    }

    /** Saves a case by the id of its job. */
    public void keep(String job, PracticeRun run) throws IOException {
        write(file(job), PracticeTree.write(run));
    }

    private Path file(String job) {
        if (!job.matches("[A-Za-z0-9-]{1,64}")) {
            throw new IllegalArgumentException("no id of a job: " + job);
        }
        return folder.resolve("case-" + job + ".json");
    }

    private static void write(Path file, Tree.Entries root) throws IOException {
        Disk.ownFolder(file.getParent());
        Disk.write(file, Json.print(root).getBytes(StandardCharsets.UTF_8));
    }

    private static <T> Read<T> read(Path file, T none, Function<TreeCursor, T> reader) throws IOException {
        if (!Files.exists(file)) {
            return new Read<>(none, List.of(), Optional.empty());
        }
        Json.Read read = Json.read(new String(Files.readAllBytes(file), StandardCharsets.UTF_8), "docs/practice.md");
        if (read.tree().isEmpty()) {
            return aside(file, none, read.faults());
        }
        TreeCursor root = TreeCursor.root(read.tree().get());
        T value = reader.apply(root);
        return root.faults().isEmpty()
                ? new Read<>(value, List.of(), Optional.empty())
                : aside(file, none, root.faults());
    }

    private static <T> Read<T> aside(Path file, T none, List<Fault> faults) throws IOException {
        Path aside = file.resolveSibling(file.getFileName() + ".unreadable");
        for (int i = 2; Files.exists(aside); i++) {
            aside = file.resolveSibling(file.getFileName() + ".unreadable-" + i);
        }
        Files.move(file, aside);
        return new Read<>(none, faults, Optional.of(aside));
    }
}
