package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.kestan.files.disk.Disk;

/**
 * The papers made for jobs, as they were handed out: beside the ledger, in a folder for each job.
 *
 * @param folder where they lie
 * @param behind where they are kept, where that is not the folder itself
 */
public record Papers(Path folder, KeptFiles behind) {

    /** Allowed names of a paper; none of them leads out of its folder. */
    private static final Pattern NAME = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N} ._()-]{0,160}\\.(pdf|html|svg)");

    private static final Pattern ID = Pattern.compile("[0-9a-f-]{36}");

    private static final int MOST = 1000;

    /** Papers stored in a folder. */
    public Papers(Path folder) {
        this(folder, KeptFiles.NOWHERE);
    }

    /** Returns whether a text may be the name of a paper. */
    public static boolean isName(String name) {
        return NAME.matcher(name).matches();
    }

    /** Returns whether a text may be the id of a job. */
    public static boolean isId(String id) {
        return ID.matcher(id).matches();
    }

    /**
     * Stores a paper of a job. The same paper is stored once; a different one with the same name gets a number.
     *
     * @param id the job's id
     * @return whether it is there now: false for an odd name or id, or for more papers than a job has
     * @throws IOException if it can't be written
     */
    public boolean keep(String id, String name, byte[] bytes) throws IOException {
        if (!isName(name) || !isId(id)) {
            return false;
        }
        Path place = Disk.ownFolder(Disk.ownFolder(folder).resolve(id));
        fetch(id);
        int dot = name.lastIndexOf('.');
        for (int i = 1; i < MOST; i++) {
            Path to = place.resolve(i == 1 ? name : name.substring(0, dot) + " (" + i + ")" + name.substring(dot));
            if (!Files.exists(to)) {
                if (!behind.write(id, to.getFileName().toString(), bytes)) {
                    // In the meantime another bench has stored one with that name.
                    fetch(id);
                    continue;
                }
                Disk.write(to, bytes);
                return true;
            }
            if (Arrays.equals(Files.readAllBytes(to), bytes)) {
                return true;
            }
        }
        return false;
    }

    /** Returns the papers of a job by name. */
    public Map<String, Path> of(String id) {
        Map<String, Path> all = new TreeMap<>();
        if (isId(id)) {
            try {
                fetch(id);
            } catch (IOException failed) {
                System.getLogger(Papers.class.getName())
                        .log(System.Logger.Level.WARNING, "papers could not be copied here", failed);
            }
            try (Stream<Path> files = Files.list(folder.resolve(id))) {
                files.filter(each -> isName(each.getFileName().toString()))
                        .forEach(each -> all.put(each.getFileName().toString(), each));
            } catch (IOException none) {
                return Map.of();
            }
        }
        return all;
    }

    /** Removes the papers of a job, including unfinished ones; what can't be removed stays and is logged. */
    public void remove(String id) {
        if (!isId(id)) {
            return;
        }
        behind.names(id).forEach(name -> behind.remove(id, name));
        try {
            Disk.deleteAll(folder.resolve(id));
        } catch (IOException stays) {
            System.getLogger(Papers.class.getName()).log(System.Logger.Level.WARNING, "papers stay: " + id, stays);
        }
    }

    /** Fetches papers that are stored elsewhere and not here yet. */
    private void fetch(String id) throws IOException {
        for (String name : behind.names(id)) {
            Path to = folder.resolve(id).resolve(name);
            if (isName(name) && !Files.exists(to)) {
                Optional<byte[]> bytes = behind.read(id, name);
                if (bytes.isPresent()) {
                    Disk.ownFolder(Disk.ownFolder(folder).resolve(id));
                    Disk.write(to, bytes.get());
                }
            }
        }
    }
}
