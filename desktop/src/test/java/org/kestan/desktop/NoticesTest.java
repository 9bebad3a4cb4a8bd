package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** The notices that ship are those the dependency tree calls for; `./kestan notices` writes them again. */
public class NoticesTest {

    @Test
    public void everyLibraryIsNamedWithItsLicense() throws IOException {
        String made = Files.readString(Path.of("target", "notices", "THIRD-PARTY-NOTICES.md"));
        assertThat(made).contains("org.openjfx:javafx-controls", "org.xerial:sqlite-jdbc");
        assertThat(Files.readString(Path.of("..", "THIRD-PARTY-NOTICES.md"))).isEqualTo(made);
    }
}
