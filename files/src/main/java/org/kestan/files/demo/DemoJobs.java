package org.kestan.files.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.kestan.base.expect.Expect;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;

/** The sample jobs that ship with the application: an invented shop with invented instruments. */
public final class DemoJobs {

    /** File names of the sample jobs, in the order they are shown. */
    public static final List<String> NAMES = List.of(
            "large-flat-top-reset" + JobFile.EXTENSION,
            "small-flat-top-relief" + JobFile.EXTENSION,
            "archtop-floating-bridge" + JobFile.EXTENSION,
            "collectible-parlour" + JobFile.EXTENSION,
            "plywood-student" + JobFile.EXTENSION,
            "bolt-on-shim" + JobFile.EXTENSION,
            "archtop-riser-strips" + JobFile.EXTENSION,
            "lifted-bridge" + JobFile.EXTENSION,
            "reset-with-proof" + JobFile.EXTENSION,
            "five-visits" + JobFile.EXTENSION,
            "twelve-string-shave" + JobFile.EXTENSION,
            "mandola-wheels" + JobFile.EXTENSION,
            "reset-that-missed" + JobFile.EXTENSION);

    private DemoJobs() {}

    /** Returns the name of the instrument in the first sample job. */
    public static String firstName() {
        return JobReader.read(bytes(NAMES.get(0)))
                .job()
                .orElseThrow(Expect.present("readable job"))
                .name();
    }

    /**
     * Returns the bytes of a sample job's file.
     *
     * @throws IllegalArgumentException if there is no sample job of that name
     */
    public static byte[] bytes(String name) {
        try (InputStream in = DemoJobs.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalArgumentException("no sample job " + name);
            }
            return in.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /**
     * Copies the sample jobs into a folder, so that working on them touches nothing else.
     *
     * @return the files, in the order they are shown
     * @throws IOException if the folder can't be written
     */
    public static List<Path> copyInto(Path folder) throws IOException {
        Files.createDirectories(folder);
        List<Path> copies = new ArrayList<>();
        for (String name : NAMES) {
            copies.add(Files.write(folder.resolve(name), bytes(name)));
        }
        return copies;
    }
}
