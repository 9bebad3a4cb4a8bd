package org.kestan.cli;

import org.kestan.files.job.JobWriter;
import org.kestan.files.steps.StepLibrary;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code kestan schema}: prints the JSON Schema of the job file, or of a step file. */
@Command(name = "schema", description = "${bundle:schema-command.print-the-json}", mixinStandardHelpOptions = true)
final class SchemaCommand implements Runnable {

    @Option(names = "--steps", description = "${bundle:schema-command.the-schema-of}")
    private boolean steps;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        spec.commandLine().getOut().print(steps ? StepLibrary.schema() : JobWriter.schema());
        spec.commandLine().getOut().flush();
    }
}
