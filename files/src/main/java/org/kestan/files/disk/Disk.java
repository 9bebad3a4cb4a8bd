package org.kestan.files.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes files so that, whatever happens, each is either as it was or as it should be, and readable by its owner only.
 * An unfinished file is beside its final place, with the number of the writing process in its name, so that what a
 * killed process left behind can be found and removed.
 */
public final class Disk {

    private static final String FOLDER = "rwx------";
    private static final String FILE = "rw-------";

    /** Names of unfinished files, with the process that writes them. */
    private static final Pattern UNFINISHED = Pattern.compile("\\.kestan-(\\d{1,10})-.+");

    /** How far below a folder unfinished files may be. */
    private static final int DEEPEST = 3;

    private static volatile Watch watch = (what, path) -> {};

    private Disk() {}

    /** Called before each step; an exception it throws stands for the disk's own. */
    @FunctionalInterface
    public interface Watch {

        /**
         * Called before a step.
         *
         * @throws IOException as a checked exception
         */
        void before(Step step, Path path) throws IOException;
    }

    /** The steps of writing to a disk. */
    public enum Step {
        MAKE_FOLDER,
        CREATE,
        WRITE,
        SYNC,
        MOVE,
        DELETE
    }

    /** Has each step watched from now on: for tests in which the disk fails. */
    public static void watch(Watch next) {
        watch = next;
    }

    private static void step(Step step, Path path) throws IOException {
        watch.before(step, path);
    }

    /** Creates a folder, and those above it, if there is none; only its owner can read what was created. */
    public static Path folder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            Path above = folder.toAbsolutePath().getParent();
            if (above != null) {
                folder(above);
            }
            step(Step.MAKE_FOLDER, folder);
            Files.createDirectories(folder);
            mode(folder, FOLDER);
        }
        return folder;
    }

    /** Creates a folder of this program's own, which only its owner can read, whoever created it. */
    public static Path ownFolder(Path folder) throws IOException {
        folder(folder);
        mode(folder, FOLDER);
        return folder;
    }

    /** Makes an existing file readable by its owner only. */
    public static void keepPrivate(Path file) throws IOException {
        if (Files.exists(file)) {
            mode(file, FILE);
        }
    }

    private static void mode(Path path, String mode) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view != null
                && !PosixFilePermissions.toString(view.readAttributes().permissions())
                        .equals(mode)) {
            view.setPermissions(PosixFilePermissions.fromString(mode));
        }
    }

    /** Creates an empty file beside a place, to be filled and moved there. */
    public static Path unfinished(Path folder) throws IOException {
        step(Step.CREATE, folder);
        return Files.createTempFile(folder, ".kestan-" + ProcessHandle.current().pid() + "-", ".tmp");
    }

    /** Creates a scratch folder within a folder, to be removed again. */
    public static Path scratch(Path folder) throws IOException {
        step(Step.MAKE_FOLDER, folder);
        return Files.createTempDirectory(
                folder, ".kestan-" + ProcessHandle.current().pid() + "-");
    }

    /**
     * Writes bytes to a file. An existing file keeps its mode, a link its target.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(Path file, byte[] bytes) throws IOException {
        // A link stays a link: its target is written.
        Path target = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        Path beside = unfinished(target.getParent());
        try {
            step(Step.WRITE, beside);
            Files.write(beside, bytes);
            PosixFileAttributeView view = Files.getFileAttributeView(beside, PosixFileAttributeView.class);
            if (view != null && Files.exists(target)) {
                view.setPermissions(Files.getPosixFilePermissions(target));
            }
            finish(beside, target);
        } finally {
            delete(beside);
        }
    }

    /** Syncs what was written beside a place to the disk, then moves it there in one step. */
    public static void finish(Path beside, Path target) throws IOException {
        sync(beside);
        move(beside, target);
        syncFolder(target.toAbsolutePath().getParent());
    }

    /** Syncs a file to the disk. */
    public static void sync(Path file) throws IOException {
        step(Step.SYNC, file);
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Some platforms do not support this. */
    private static void syncFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException unknown) {
            return;
        }
    }

    /** Moves a file in one step if the disk can; an existing one is replaced. */
    public static void move(Path from, Path to) throws IOException {
        step(Step.MOVE, from);
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plainDisk) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Removes a file if there is one. */
    public static void delete(Path file) throws IOException {
        if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
            step(Step.DELETE, file);
            Files.deleteIfExists(file);
        }
    }

    /** Removes a folder with all its contents, even while another program does so, too. */
    public static void deleteAll(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException failed) throws IOException {
                if (failed instanceof NoSuchFileException) {
                    return FileVisitResult.CONTINUE;
                }
                throw failed;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path emptied, IOException failed) throws IOException {
                if (failed != null) {
                    throw failed;
                }
                delete(emptied);
                return FileVisitResult.CONTINUE;
            }
        });
    }

    /**
     * Removes what processes that have ended left unfinished in a folder, or in those within it. What can't be read
     * there belongs to somebody else and is left alone.
     *
     * @throws IOException if what was left can't be taken away
     */
    public static void sweep(Path folder) throws IOException {
        List<Path> left = new ArrayList<>();
        Files.walkFileTree(folder, Set.of(), DEEPEST, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path inside, BasicFileAttributes attributes) {
                return gathered(inside);
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                return gathered(file);
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException failed) {
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path seen, IOException failed) {
                return FileVisitResult.CONTINUE;
            }

            private FileVisitResult gathered(Path each) {
                if (isLeftOver(each)) {
                    left.add(each);
                    return FileVisitResult.SKIP_SUBTREE;
                }
                return FileVisitResult.CONTINUE;
            }
        });
        for (Path each : left) {
            deleteAll(each);
        }
    }

    private static boolean isLeftOver(Path file) {
        Path last = file.getFileName();
        Matcher name = UNFINISHED.matcher(last == null ? "" : last.toString());
        return name.matches()
                && ProcessHandle.of(Long.parseLong(name.group(1)))
                        .filter(ProcessHandle::isAlive)
                        .isEmpty();
    }
}
