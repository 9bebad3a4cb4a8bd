package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.files.job.JobFile;
import org.kestan.files.papers.PaperName;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.LedgerJson;
import org.kestan.ledger.LedgerMove;
import org.kestan.ledger.Query;
import org.kestan.ledger.postgres.PostgresLedger;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * {@code kestan ledger list|import|export|move|restore --ledger LEDGER}, {@code kestan ledger roles}: imports and
 * exports jobs of a ledger without a window.
 */
@Command(name = "ledger", description = "${bundle:ledger-command.list-the-jobs}", mixinStandardHelpOptions = true)
final class LedgerCommand implements Runnable {

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), CliText.text("ledger.say-what-to-do"));
    }

    /** All current and archived jobs, without those in the bin. */
    private static List<JobCard> cards(Ledger ledger) {
        List<JobCard> cards = new ArrayList<>();
        for (JobLocation shelf : List.of(JobLocation.BENCH, JobLocation.AWAY)) {
            cards.addAll(ledger.list(new Query("", Optional.empty(), shelf, Query.Order.CHANGED)));
        }
        return cards;
    }

    @Command(name = "list", description = "${bundle:ledger-command.print-the-jobs}", mixinStandardHelpOptions = true)
    int list(@Mixin LedgerOption option) {
        return option.with(false, ledger -> {
            option.print(LedgerJson.list(cards(ledger)));
            return 0;
        });
    }

    @Command(name = "roles", description = "${bundle:ledger-command.print-the-roles}", mixinStandardHelpOptions = true)
    int roles() {
        spec.commandLine().getOut().print(PostgresLedger.roles());
        spec.commandLine().getOut().flush();
        return 0;
    }

    @Command(
            name = "import",
            description = "${bundle:ledger-command.import-job-files}",
            mixinStandardHelpOptions = true)
    int take(
            @Mixin LedgerOption option,
            @Parameters(paramLabel = "FILE", arity = "1..*", description = "${bundle:ledger-command.job-files-kestan}")
                    List<Path> files) {
        List<Job> jobs = new ArrayList<>();
        boolean faulty = false;
        for (Path file : files) {
            JobTree.Read read = JobFile.read(file);
            read.job().ifPresent(jobs::add);
            read.faults()
                    .forEach(fault ->
                            spec.commandLine().getErr().println(file.getFileName() + JobArgument.WORDS.line(fault)));
            faulty |= read.job().isEmpty();
        }
        if (faulty) {
            return KestanCommand.FAULTY;
        }
        return option.with(true, ledger -> {
            List<String> ids = new ArrayList<>();
            ledger.together(() -> jobs.forEach(job -> ids.add(ledger.insert(job).id())));
            option.print(LedgerJson.names(ids));
            return 0;
        });
    }

    @Command(name = "export", description = "${bundle:ledger-command.export-the-jobs}", mixinStandardHelpOptions = true)
    int export(
            @Mixin LedgerOption option,
            @Option(
                            names = "--out",
                            paramLabel = "DIR",
                            required = true,
                            description = "${bundle:ledger-command.the-folder-for}")
                    Path out,
            @Parameters(paramLabel = "ID", arity = "0..*", description = "${bundle:ledger-command.which-jobs-all}")
                    List<String> ids) {
        return option.with(false, ledger -> {
            Set<String> wanted = new LinkedHashSet<>(ids == null ? List.of() : ids);
            if (wanted.isEmpty()) {
                cards(ledger).forEach(card -> wanted.add(card.id()));
            }
            List<LedgerJob> jobs = new ArrayList<>();
            for (String id : wanted) {
                var found = ledger.read(id);
                if (found.isEmpty()) {
                    spec.commandLine().getErr().println(CliText.text("ledger.no-such-job", id));
                    return KestanCommand.FAULTY;
                }
                jobs.add(found.get());
            }
            try {
                Files.createDirectories(out);
                List<String> written = new ArrayList<>();
                for (LedgerJob job : jobs) {
                    Path file = free(out, PaperName.of(job.job()));
                    JobFile.write(job.job(), file);
                    written.add(file.getFileName().toString());
                }
                option.print(LedgerJson.names(written));
                return 0;
            } catch (IOException failed) {
                spec.commandLine().getErr().println(CliText.text("ledger.out-not-written", failed.getMessage()));
                return KestanCommand.FAULTY;
            }
        });
    }

    @Command(name = "move", description = "${bundle:ledger-command.move}", mixinStandardHelpOptions = true)
    int move(
            @Mixin LedgerOption option,
            @Option(
                            names = "--to",
                            paramLabel = "LEDGER",
                            required = true,
                            description = "${bundle:ledger-command.move-to}")
                    String to) {
        return option.with(
                false,
                from -> option.at(to, other -> {
                    Optional<LedgerMove> moved = LedgerMove.of(from, other, (done, of) -> true);
                    if (moved.isEmpty()) {
                        return option.faulty(CliText.text("ledger.not-empty"));
                    }
                    option.print(LedgerJson.moved(moved.get()));
                    return moved.get().differs().isEmpty() ? 0 : KestanCommand.FAULTY;
                }));
    }

    @Command(
            name = "restore",
            description = "${bundle:ledger-command.restore-a-backup}",
            mixinStandardHelpOptions = true)
    int restore(
            @Mixin LedgerOption option,
            @Option(names = "--from", paramLabel = "COPY", description = "${bundle:ledger-command.which-copy}")
                    Path from,
            @Option(names = "--to", paramLabel = "DIR", description = "${bundle:ledger-command.restore-to}") Path to) {
        return option.restore(Optional.ofNullable(from), Optional.ofNullable(to));
    }

    /** A name that does not exist yet. */
    private static Path free(Path folder, String name) {
        String stem =
                name.endsWith(JobFile.EXTENSION) ? name.substring(0, name.length() - JobFile.EXTENSION.length()) : name;
        Path file = folder.resolve(stem + JobFile.EXTENSION);
        for (int i = 2; Files.exists(file); i++) {
            file = folder.resolve(stem + "-" + i + JobFile.EXTENSION);
        }
        return file;
    }
}
