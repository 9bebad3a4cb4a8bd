package org.kestan.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.kestan.base.release.Release;
import picocli.CommandLine;
import picocli.CommandLine.Help;

/** Writes the man page of the command line from the descriptions of the commands (man-pages(7), groff_man(7)). */
public final class ManPage {

    private static final int WIDTH = 78;

    private ManPage() {}

    /** Writes it to standard output. */
    public static void main(String[] arguments) {
        new PrintStream(System.out, true, StandardCharsets.UTF_8).print(text());
    }

    /** The page, as troff. */
    static String text() {
        CommandLine kestan = new CommandLine(new KestanCommand()).setUsageHelpWidth(WIDTH);
        StringBuilder page = new StringBuilder(".TH KESTAN 1 \"\" \"Kestan " + Release.VERSION + "\"\n");
        page.append(".SH NAME\nkestan \\- ")
                .append(line(kestan))
                .append("\n.SH SYNOPSIS\n")
                .append(
                        ".B kestan\n[\\fBopen\\fR] [\\fIFILE\\fR.kestan.json]\n.br\n.B kestan demo\n.br\n.B kestan\n\\fICOMMAND\\fR\n")
                .append(".SH DESCRIPTION\n")
                .append(CliText.text("man-window"))
                .append("\n.SH COMMANDS\n");
        kestan.getSubcommands().forEach((name, command) -> {
            command.setUsageHelpWidth(WIDTH);
            page.append(".SS ").append(name).append("\n.nf\n");
            page.append(quoted(command.getUsageMessage(Help.Ansi.OFF))).append(".fi\n");
        });
        return page.append(".SH \"EXIT STATUS\"\n")
                .append(CliText.text("man-status"))
                .append("\n")
                .toString();
    }

    private static String line(CommandLine command) {
        return quoted(String.join(" ", command.getCommandSpec().usageMessage().description()))
                .strip();
    }

    /** Backslashes, hyphens, leading periods and quotation marks have a meaning in troff. */
    private static String quoted(String text) {
        return text.replace("\\", "\\e").replace("-", "\\-").replaceAll("(?m)^([.'])", "\\\\&$1");
    }
}
