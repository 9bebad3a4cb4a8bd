package org.kestan.files.disk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Folders are removed completely, even while another program is removing them too. */
public class DiskTest {

    /** Above the highest process number, so that no process has it. */
    private static final String GONE = ".kestan-2147483647-";

    private Path folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        Disk.watch((step, file) -> {});
        Disk.deleteAll(folder);
        assertThat(folder).doesNotExist();
    }

    private Path file(String name) throws IOException {
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        return Files.writeString(file, "text");
    }

    @Test
    public void aFolderGoesWithAllThatIsInItAndALinkGoesAlone() throws IOException {
        Path kept = file("kept/file");
        file("gone/a/b/file");
        Files.createSymbolicLink(folder.resolve("gone/link"), kept.getParent());
        Disk.deleteAll(folder.resolve("gone"));
        Disk.deleteAll(folder.resolve("never there"));
        assertThat(folder.resolve("gone")).doesNotExist();
        assertThat(kept).exists();
        Disk.deleteAll(kept);
        assertThat(kept).doesNotExist();
    }

    /** The other program is faster: as soon as the first file is removed here, it removes all others. */
    @Test
    public void whatAnotherProgramTakesAwayMeanwhileIsNoError() throws IOException {
        List<Path> files = List.of(file("gone/1"), file("gone/2"), file("gone/3"), file("gone/below/4"));
        Disk.watch((step, file) -> {
            for (Path each : files) {
                if (!each.equals(file)) {
                    Files.deleteIfExists(each);
                }
            }
        });
        Disk.deleteAll(folder.resolve("gone"));
        assertThat(folder.resolve("gone")).doesNotExist();
    }

    /** Only what a process that has ended left is swept, no deeper than three folders down. */
    @Test
    public void onlyWhatIsLeftOverIsSwept() throws IOException {
        Path left = file("a/" + GONE + "1/file").getParent();
        Path deepest = file("a/b/" + GONE + "2.tmp");
        Path tooDeep = file("a/b/c/" + GONE + "3.tmp");
        Path running = Disk.unfinished(folder);
        Path other = file("a/kestan-1-1");
        Disk.sweep(folder);
        Disk.sweep(folder.resolve("never there"));
        assertThat(left).doesNotExist();
        assertThat(deepest).doesNotExist();
        assertThat(tooDeep).exists();
        assertThat(running).exists();
        assertThat(other).exists();
    }
}
