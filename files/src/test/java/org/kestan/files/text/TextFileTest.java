package org.kestan.files.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import org.kestan.files.disk.Disk;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class TextFileTest {

    private Path folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
    }

    @AfterMethod(alwaysRun = true)
    public void clear() throws IOException {
        Disk.deleteAll(folder);
    }

    /** Overwriting a file keeps its mode; writing through a link writes its target, and the link stays. */
    @Test
    public void aFileKeepsItsModeAndALinkItsWay() throws IOException {
        if (Files.getFileAttributeView(folder, PosixFileAttributeView.class) == null) {
            return;
        }
        Path file = Files.writeString(folder.resolve("job.json"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), file);
        TextFile.write("new", link);
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(Files.readString(file)).isEqualTo("new");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw-r--");
        Path other = folder.resolve("other.json");
        TextFile.write("text", other);
        assertThat(Files.readString(other)).isEqualTo("text");
        try (var left = Files.list(folder)) {
            assertThat(left).as("nothing is left beside").hasSize(3);
        }
    }
}
