package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.ledger.OpenResult;

/** A ledger's folder in tests: opened, copied, compared byte by byte, searched. */
record LedgerFolder(Path path) {

    static LedgerFolder make() throws IOException {
        return new LedgerFolder(Files.createTempDirectory("kestan-folder-"));
    }

    Path file() {
        return path.resolve("ledger.sqlite");
    }

    SqliteLedger open() {
        OpenResult result = SqliteLedger.open(file());
        if (result instanceof OpenResult.Refused refused) {
            throw new AssertionError(refused.why().toString());
        }
        return (SqliteLedger) ((OpenResult.Opened) result).ledger();
    }

    static Job demo(int which) {
        return JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(which))).job().orElseThrow();
    }

    /** Everything in it, by name. */
    Map<String, String> contents() throws IOException {
        Map<String, String> all = new TreeMap<>();
        for (Path each : files()) {
            all.put(path.relativize(each).toString(), HexFormat.of().formatHex(Files.readAllBytes(each)));
        }
        return all;
    }

    List<Path> files() throws IOException {
        try (var files = Files.walk(path)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }

    /** The files that contain a word. */
    List<String> holding(String word) throws IOException {
        List<String> found = new ArrayList<>();
        for (Path each : files()) {
            if (new String(Files.readAllBytes(each), StandardCharsets.ISO_8859_1).contains(word)) {
                found.add(path.relativize(each).toString());
            }
        }
        return found;
    }

    LedgerFolder copy() throws IOException {
        LedgerFolder copy = make();
        for (Path each : files()) {
            Path to = copy.path.resolve(path.relativize(each).toString());
            Files.createDirectories(to.getParent());
            Files.copy(each, to);
        }
        return copy;
    }

    void remove() throws IOException {
        Disk.watch((step, file) -> {});
        Disk.deleteAll(path);
    }
}
