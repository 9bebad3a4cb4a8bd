package org.kestan.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.standards.StandardsFile;
import org.kestan.files.steps.StepLibrary;
import org.kestan.files.tables.WeekCsv;
import org.kestan.files.text.TextFile;
import org.kestan.files.week.WeekCalendar;
import org.kestan.files.week.WeekJson;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.week.LedgerWeek;
import org.kestan.planning.LocalSearchPlanner;
import org.kestan.repair.steps.StepBook;
import org.kestan.week.Planner;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlans;
import org.kestan.week.WeekReport;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code kestan week --ledger FILE}: plans the remaining work of all open jobs, and prints the plan as JSON. */
@Command(name = "week", description = "${bundle:week-command.plan-what-is-left}", mixinStandardHelpOptions = true)
final class WeekCommand implements Callable<Integer> {

    private static final int LONGEST = 600;

    @Mixin
    private LedgerOption option;

    @Option(names = "--shop", paramLabel = "FILE", description = "${bundle:week-command.shop-standards}")
    private Path shop;

    @Option(names = "--from", paramLabel = "TIME", description = "${bundle:week-command.from}")
    private String from;

    @Option(names = "--seconds", paramLabel = "N", defaultValue = "5", description = "${bundle:week-command.seconds}")
    private double seconds;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "${bundle:week-command.seed}")
    private long seed;

    @Option(names = "--ics", paramLabel = "OUT", description = "${bundle:week-command.ics}")
    private Path ics;

    @Option(names = "--csv", paramLabel = "OUT", description = "${bundle:week-command.csv}")
    private Path csv;

    @Option(names = "--steps", paramLabel = "FOLDER", description = "${bundle:steps-command.a-folder-with}")
    private Path steps;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        ZonedDateTime begin = begin();
        if (!(seconds >= 0 && seconds <= LONGEST)) {
            throw new ParameterException(spec.commandLine(), CliText.text("week.seconds-are", LONGEST));
        }
        if (steps != null && !Files.isDirectory(steps)) {
            throw new ParameterException(spec.commandLine(), CliText.text("steps.no-such-folder"));
        }
        StandardsFile.Outcome standards =
                shop == null ? new StandardsFile.Outcome(ShopStandards.DEFAULT, List.of()) : StandardsFile.read(shop);
        if (!standards.faults().isEmpty()) {
            return option.faulty(standards.faults());
        }
        StepBook book = (steps == null ? StepLibrary.shipped() : StepLibrary.of(steps)).book();
        return option.with(false, ledger -> {
            WeekReport report = plan(ledger, standards.standards(), book, begin);
            try {
                if (ics != null) {
                    TextFile.write(WeekCalendar.print(report.plan(), Instant.now()), ics);
                }
                if (csv != null) {
                    TextFile.write(WeekCsv.print(report.plan()), csv);
                }
            } catch (IOException failed) {
                spec.commandLine()
                        .getErr()
                        .println(CliText.text("week.not-written", String.valueOf(failed.getMessage())));
                return KestanCommand.FAULTY;
            }
            option.print(WeekJson.print(report));
            return 0;
        });
    }

    private WeekReport plan(Ledger ledger, ShopStandards standards, StepBook book, ZonedDateTime begin) {
        WeekPlans plans = new WeekPlans(new LedgerWeek().problem(ledger, standards, book, begin, Map.of()));
        WeekOrder order = new LocalSearchPlanner()
                .improve(
                        plans,
                        plans.problem().earliestPromise(),
                        Planner.Effort.of(Duration.ofMillis(Math.round(seconds * 1000)), seed),
                        better -> {});
        return WeekReport.of(plans, order, seed);
    }

    private ZonedDateTime begin() {
        ZoneId zone = ZoneId.systemDefault();
        if (from == null) {
            return ZonedDateTime.now(zone);
        }
        try {
            LocalDateTime local = WeekJson.time(from);
            return local.atZone(zone);
        } catch (DateTimeParseException none) {
            throw new ParameterException(spec.commandLine(), CliText.text("week.no-time", from));
        }
    }
}
