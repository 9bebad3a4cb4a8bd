package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.kestan.base.release.Release;
import org.testng.annotations.Test;
import picocli.CommandLine;

public class ManPageTest {

    /** Every command has its section; no line of text is taken for a troff request (groff_man(7)). */
    @Test
    public void everyCommandHasItsPart() {
        String page = ManPage.text();
        assertThat(page).startsWith(".TH KESTAN 1 ");
        new CommandLine(new KestanCommand())
                .getSubcommands()
                .keySet()
                .forEach(name -> assertThat(page).contains("\n.SS " + name + "\n"));
        assertThat(page.lines().filter(line -> line.startsWith(".") || line.startsWith("'")))
                .allMatch(line -> line.matches("\\.(TH|SH|SS|B|nf|fi|br)\\b.*"));
    }

    /** The version is set in one place: by the build, and nowhere else. */
    @Test
    public void theVersionIsTheBuilds() throws IOException {
        Matcher said = Pattern.compile("<artifactId>kestan</artifactId>\\s*<version>([^<]+)</version>")
                .matcher(Files.readString(Path.of("../pom.xml")));
        assertThat(said.find()).isTrue();
        assertThat(Release.VERSION).isEqualTo(said.group(1));
        StringWriter out = new StringWriter();
        KestanCommand.run(new PrintWriter(out, true), new PrintWriter(new StringWriter()), "--version");
        assertThat(out.toString().strip()).isEqualTo("Kestan " + Release.VERSION);
    }
}
