package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import org.kestan.desktop.reports.CrashReport;
import org.testng.annotations.Test;

/** What is left behind: a report if something went wrong, and nothing of the demo. */
public class CrashReportTest {

    @Test
    public void aReportSaysWhereAndNothingOfTheOwner() throws IOException {
        Path place = Files.createTempDirectory("kestan-test-");
        IllegalStateException failure =
                new IllegalStateException("owner Quastenflosser", new IOException("/home/quastenflosser"));
        Path report = CrashReport.write(place, Thread.currentThread(), failure).orElseThrow();
        assertThat(Files.readString(report))
                .contains("java.lang.IllegalStateException", "caused by java.io.IOException", "CrashReportTest")
                .doesNotContain("Quastenflosser", "quastenflosser");
        for (int i = 0; i < 25; i++) {
            CrashReport.write(place, Thread.currentThread(), failure);
        }
        assertThat(CrashReport.all(place)).hasSize(20);
        for (Path each : CrashReport.all(place)) {
            Files.delete(each);
        }
        Files.delete(place);
    }

    @Test
    public void onlyOldScratchFoldersAreSwept() throws IOException {
        Path place = Files.createTempDirectory("kestan-test-");
        Path old = Files.createDirectories(place.resolve("kestan-demo-1/jobs")).getParent();
        Path young = Files.createDirectory(place.resolve("kestan-demo-2"));
        Path other = Files.createDirectory(place.resolve("somebody-elses"));
        Instant now = Instant.now();
        for (Path each : new Path[] {old, other}) {
            Files.setLastModifiedTime(each, FileTime.from(now.minus(Duration.ofDays(2))));
        }
        TemporaryFolders.sweep(place, now);
        assertThat(old).doesNotExist();
        assertThat(young).exists();
        assertThat(other).exists();
        TemporaryFolders.remove(other);
        assertThat(other).as("nothing else is removed").exists();
        TemporaryFolders.remove(young);
        Files.delete(other);
        Files.delete(place);
    }
}
