package org.kestan.ledger.sqlite;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collection;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.kestan.files.disk.Disk;

/**
 * The pictures and papers that belong to backups of a ledger. Each content is stored once, under its SHA-256, however
 * many backups use it. A list beside each backup names its own, one line each: content, size, time, name.
 *
 * @param folder of the copies
 * @param home the ledger's folder, with those of pictures and papers
 */
record BackupFiles(Path folder, Path home) {

    private static final String ENDING = ".files";
    private static final String PICTURES = "pictures/";
    private static final String PAPERS = "papers/";
    private static final ReentrantLock WITHIN = new ReentrantLock();

    /**
     * The files of a backup.
     *
     * @param files by their names in the ledger's folder
     */
    record Listing(SortedMap<String, Entry> files) {

        static final Listing NONE = new Listing(new TreeMap<>());
    }

    /**
     * A file.
     *
     * @param content SHA-256 of what is in it
     * @param size bytes
     * @param time when it was written, milliseconds since 1970
     */
    record Entry(String content, long size, long time) {}

    /** Exclusive access to the folder of backups. */
    record Held(FileChannel channel, FileLock lock) implements AutoCloseable {

        @Override
        public void close() throws IOException {
            try {
                lock.release();
                channel.close();
            } finally {
                WITHIN.unlock();
            }
        }
    }

    /** Waits until no other program works on the backups. */
    Held hold() throws IOException {
        WITHIN.lock();
        try {
            Path place = folder.resolve(".lock");
            FileChannel channel = FileChannel.open(place, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            Disk.keepPrivate(place);
            return new Held(channel, channel.lock());
        } catch (IOException failed) {
            WITHIN.unlock();
            throw failed;
        }
    }

    private Path content(String sum) {
        return folder.resolve("content").resolve(sum);
    }

    private static Path list(Path copy) {
        return copy.resolveSibling(copy.getFileName() + ENDING);
    }

    /** Reads the list of a backup; empty for one made by an older program. */
    Listing read(Path copy) throws IOException {
        SortedMap<String, Entry> files = new TreeMap<>();
        if (Files.exists(list(copy))) {
            for (String line : Files.readAllLines(list(copy), StandardCharsets.UTF_8)) {
                String[] parts = line.split(" ", 4);
                if (parts.length == 4 && parts[0].matches("[0-9a-f]{64}") && isPlace(parts[3])) {
                    files.put(parts[3], new Entry(parts[0], Long.parseLong(parts[1]), Long.parseLong(parts[2])));
                }
            }
        }
        return new Listing(files);
    }

    private static boolean isPlace(String name) {
        return (name.startsWith(PICTURES) || name.startsWith(PAPERS)) && !name.contains("..");
    }

    /** Lists the ledger's current files; those that have not changed are not read again. */
    Listing look(Listing before, Set<String> jobs) throws IOException {
        SortedMap<String, Entry> files = new TreeMap<>();
        for (String place : List.of(PICTURES, PAPERS)) {
            Path from = home.resolve(place);
            if (Files.isDirectory(from)) {
                List<Path> all;
                try (Stream<Path> walked = Files.walk(from, 2)) {
                    all = walked.filter(Files::isRegularFile).toList();
                }
                for (Path file : all) {
                    String name = home.relativize(file).toString().replace('\\', '/');
                    boolean hidden = file.getFileName().toString().startsWith(".");
                    if (!hidden && (place.equals(PICTURES) || jobs.contains(name.split("/")[1]))) {
                        files.put(name, entry(file, before.files().get(name)));
                    }
                }
            }
        }
        return new Listing(files);
    }

    private static Entry entry(Path file, Entry before) throws IOException {
        long size = Files.size(file);
        long time = Files.getLastModifiedTime(file).toMillis();
        return before != null && before.size() == size && before.time() == time
                ? before
                : new Entry(sum(Files.readAllBytes(file)), size, time);
    }

    private static String sum(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    /** Stores the files of a backup. A file that has disappeared is left out. */
    void write(Path copy, Listing listing) throws IOException {
        SortedMap<String, Entry> kept = new TreeMap<>();
        Disk.ownFolder(folder.resolve("content"));
        for (var each : listing.files().entrySet()) {
            Path content = content(each.getValue().content());
            Path file = home.resolve(each.getKey());
            if (!Files.exists(content) && Files.exists(file)) {
                Disk.write(content, Files.readAllBytes(file));
            }
            if (Files.exists(content)) {
                kept.put(each.getKey(), each.getValue());
            }
        }
        put(copy, new Listing(kept));
    }

    private static void put(Path copy, Listing listing) throws IOException {
        StringBuilder text = new StringBuilder();
        listing.files()
                .forEach((name, entry) -> text.append(entry.content())
                        .append(' ')
                        .append(entry.size())
                        .append(' ')
                        .append(entry.time())
                        .append(' ')
                        .append(name)
                        .append('\n'));
        Disk.write(list(copy), text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Removes pictures, and the papers of jobs, from a backup's list. */
    void erase(Path copy, Collection<String> ids, Collection<String> pictures) throws IOException {
        Listing all = read(copy);
        SortedMap<String, Entry> kept = new TreeMap<>(all.files());
        kept.keySet()
                .removeIf(name -> name.startsWith(PICTURES)
                        ? pictures.contains(name.substring(PICTURES.length()))
                        : ids.contains(name.split("/")[1]));
        if (kept.size() < all.files().size()) {
            put(copy, new Listing(kept));
        }
    }

    /** Removes contents that no backup uses any more. */
    void collect() throws IOException {
        Set<String> used = new HashSet<>();
        List<Path> lists;
        try (Stream<Path> files = Files.list(folder)) {
            lists = files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .toList();
        }
        for (Path list : lists) {
            String name = list.getFileName().toString();
            Path copy = list.resolveSibling(name.substring(0, name.length() - ENDING.length()));
            if (!Files.exists(copy)) {
                Disk.delete(list);
                continue;
            }
            read(copy).files().values().forEach(entry -> used.add(entry.content()));
        }
        Path contents = folder.resolve("content");
        if (Files.isDirectory(contents)) {
            List<Path> all;
            try (Stream<Path> files = Files.list(contents)) {
                all = files.toList();
            }
            for (Path each : all) {
                if (!used.contains(each.getFileName().toString())) {
                    Disk.delete(each);
                }
            }
        }
    }

    /** Restores the files of a backup that are missing or have changed. */
    void putBack(Path copy) throws IOException {
        for (var each : read(copy).files().entrySet()) {
            Path file = home.resolve(each.getKey());
            Path content = content(each.getValue().content());
            boolean there = Files.exists(file)
                    && sum(Files.readAllBytes(file)).equals(each.getValue().content());
            if (!there && Files.exists(content)) {
                Disk.ownFolder(home.resolve(each.getKey().split("/")[0]));
                Disk.ownFolder(file.getParent());
                Disk.write(file, Files.readAllBytes(content));
            }
        }
    }
}
