package org.kestan.benchmarks.soak;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.kestan.files.disk.Disk;
import org.testng.annotations.Test;

/** Some of every attack, seeded, in every build; {@code ./kestan soak} goes on for as long as one likes. */
public class SoakTest {

    private static final int SMALL = 24;
    private static final int LARGE = 4;

    /** The machine that builds may be busy with other things; the soak itself allows two seconds. */
    private static final double PATIENT_MILLIS = 20_000;

    @Test
    public void nothingIsThrownAndNothingLost() throws Exception {
        Path folder = Files.createTempDirectory("kestan-soak-");
        try {
            Soak soak = new Soak(20261125);
            for (Target target : new Inputs(folder).targets()) {
                soak.attack(target, Soak.SLOW.contains(target.name()) ? LARGE : SMALL, 0);
            }
            Ledgers ledgers = new Ledgers(folder);
            for (Target target : ledgers.targets()) {
                soak.attack(target, LARGE, 0);
            }
            try (OddWindow window = new OddWindow(folder, PATIENT_MILLIS)) {
                soak.attack(window.target(), SMALL / 8, 0);
                // Those that once brought something down, or nearly: a line each, with its seed.
                for (String line : corpus()) {
                    String[] parts = line.split(", seed ");
                    assertThat(Soak.again(folder, window, parts[0], Long.parseLong(parts[1])))
                            .as(line)
                            .isNotNull();
                }
            }
            soak.print(System.out);
            assertThat(soak.failures()).isEmpty();
        } finally {
            Disk.deleteAll(folder);
        }
    }

    /** Four benches for a few seconds, in a hurry: nothing is lost, though they write in the same jobs. */
    @Test
    public void severalBenchesLoseNothing() throws Exception {
        Path folder = Files.createTempDirectory("kestan-soak-");
        Benches benches = new Benches(4, 0.15, 2);
        benches.run(Optional.empty(), folder);
        benches.print();
        assertThat(benches.failures()).isEmpty();
        assertThat(benches.saves()).isGreaterThan(30);
        assertThat(benches.merged()).as("in the same job at once").isPositive();
    }

    private static List<String> corpus() throws IOException {
        try (InputStream in = SoakTest.class.getResourceAsStream("/soak-corpus.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .toList();
        }
    }
}
