package org.kestan.cli;

import java.util.Optional;
import org.kestan.base.finding.Keyed;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** The level and kind of a practice case. */
final class PracticeOption {

    @Option(names = "--level", paramLabel = "LEVEL", description = "${bundle:practice-command.how-hard}")
    private String level;

    @Option(names = "--family", paramLabel = "ID", description = "${bundle:practice-command.what-kind}")
    private String family;

    /** Makes the case for a seed, or reports the choices. */
    PracticeCase given(CommandSpec spec, long seed) {
        return CaseGenerator.of(
                seed,
                chosen(spec, Level.class, level, Level.EASY, "practice.level"),
                chosen(spec, PracticeFamily.class, family, PracticeFamily.FLAT_TOP, "practice.family"));
    }

    private static <E extends Enum<E> & Keyed> E chosen(
            CommandSpec spec, Class<E> type, String said, E usual, String wrong) {
        if (said == null) {
            return usual;
        }
        Optional<E> found = Keyed.find(type, said);
        return found.orElseThrow(() -> new ParameterException(spec.commandLine(), CliText.text(wrong, said)));
    }
}
