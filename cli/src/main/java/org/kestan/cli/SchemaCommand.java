package org.kestan.cli;

import org.kestan.files.JobWriter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** {@code kestan schema}: prints the JSON Schema of the job file. */
@Command(name = "schema", description = "Print the JSON Schema of the job file.", mixinStandardHelpOptions = true)
final class SchemaCommand implements Runnable {

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        spec.commandLine().getOut().print(JobWriter.schema());
        spec.commandLine().getOut().flush();
    }
}
