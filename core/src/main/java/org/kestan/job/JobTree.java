package org.kestan.job;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Line;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.UnknownKeys;

/** A job as structured data, independent of a file format. */
public final class JobTree {

    /** The version of the job file that is read and written. */
    public static final int VERSION = 1;

    private static final String KEY = "kestan";

    private JobTree() {}

    /**
     * The result of reading.
     *
     * @param job empty exactly when there are faults
     * @param faults each with the pointer of its place
     */
    public record Read(Optional<Job> job, List<Fault> faults) {

        /** Nothing could be read. */
        public static Read faulty(List<Fault> faults) {
            return new Read(Optional.empty(), List.copyOf(faults));
        }
    }

    /** Reads a job. An incomplete job is read as well; what is wrong is an error. */
    public static Read read(Tree data) {
        TreeCursor root = TreeCursor.root(data);
        root.expectObject();
        if (!root.faults().isEmpty()) {
            return Read.faulty(root.faults());
        }
        checkVersion(root);
        for (String key : List.of("instrument", "survey", "target")) {
            root.at(key).expectObject();
        }
        if (!root.faults().isEmpty()) {
            return Read.faulty(root.faults());
        }
        Job job = Job.BLANK;
        for (Section<?> section : Sections.ALL) {
            job = read(section, root, job);
        }
        return root.faults().isEmpty()
                ? new Read(Optional.of(job.withForeign(UnknownKeys.in(root.entries(), write(job)))), List.of())
                : Read.faulty(root.faults());
    }

    private static <T> Job read(Section<T> section, TreeCursor root, Job job) {
        return job.with(section, section.read(root));
    }

    private static void checkVersion(TreeCursor root) {
        TreeCursor version = root.at(KEY);
        if (!version.isPresent()) {
            version.fault(JobFinding.NO_JOB_FILE.of(), JobFinding.THE_NUMBER.of(Quantity.count(VERSION)));
            return;
        }
        version.number(JobFinding.THE_NUMBER.of(Quantity.count(VERSION))).ifPresent(said -> {
            if (said.compareTo(BigDecimal.valueOf(VERSION)) != 0) {
                boolean newer = said.compareTo(BigDecimal.valueOf(VERSION)) > 0;
                version.fault(
                        (newer ? JobFinding.NEWER : JobFinding.OTHER_VERSION).of(Quantity.text(said.toString())),
                        JobFinding.THE_NUMBER.of(Quantity.count(VERSION)));
            }
        });
    }

    /** Writes a job: known keys in the places where they were read, unknown ones beside them. */
    public static Tree.Entries write(Job job) {
        Tree.Draft draft = new Tree.Draft().put(KEY, Tree.number(VERSION));
        for (Section<?> section : Sections.ALL) {
            write(section, job, draft);
        }
        return job.foreign().under(draft.entries());
    }

    private static <T> void write(Section<T> section, Job job, Tree.Draft draft) {
        section.write(job.section(section), draft);
    }

    /**
     * The schema of a job (JSON Schema, draft 2020-12).
     *
     * @param describe gives the note on a line, if there is one
     */
    public static Tree.Entries schema(Function<Line<?>, Optional<String>> describe) {
        SchemaDraft root = SchemaDraft.root(List.of(KEY), describe)
                .put(KEY, new Tree.Draft().put("const", Tree.number(VERSION)).entries());
        Sections.ALL.forEach(section -> section.schema(root));
        Tree.Draft whole = new Tree.Draft()
                .put("$schema", Tree.text("https://json-schema.org/draft/2020-12/schema"))
                .put("$id", Tree.text("urn:kestan:job:" + VERSION))
                .put("title", Tree.text("Kestan job"));
        root.entries().all().forEach(whole::put);
        return whole.put("$defs", definitions()).entries();
    }

    private static Tree.Entries definitions() {
        String length = "^\\s*[+\u2212-]?\\s*((\\d{1,6}[\\s-]+)?\\d{1,6}[/\u2044]0*[1-9]\\d{0,5}"
                + "|\\d{1,9}(\\.\\d{0,12})?|\\.\\d{1,12}"
                + "|\\d{0,6}\\s?[\u00bd\u00bc\u00be\u215b\u215c\u215d\u215e])\\s*"
                + "([mM][mM]|[cC][mM]|[iI][nN]|[\"\u2033]|[tT][hH][oO][uU]|[mM][iI][lL])\\s*$";
        return new Tree.Draft()
                .put(
                        "length",
                        new Tree.Draft()
                                .put("type", Tree.text("string"))
                                .put("maxLength", Tree.number(40))
                                .put("pattern", Tree.text(length))
                                .entries())
                .put(
                        "positiveLength",
                        new Tree.Draft()
                                .put("allOf", new Tree.Items(List.of(SchemaDraft.reference(SchemaDraft.LENGTH))))
                                .put(
                                        "not",
                                        new Tree.Draft()
                                                .put("pattern", Tree.text("^\\s*[\u2212-]"))
                                                .entries())
                                .entries())
                .entries();
    }
}
