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

    /** What is unfinished, by the process that writes it. */
    private static final Pattern UNFINISHED = Pattern.compile("\\.kestan-(\\d{1,10})-.+");

    /** How far below a folder what is unfinished may lie. */
    private static final int DEEPEST = 3;

    private static volatile Watch watch = (what, path) -> {};

    private Disk() {}

    /** Told of each step before it is taken; what it throws is what the disk would have said. */
    @FunctionalInterface
    public interface Watch {

        /**
         * A step is about to be taken.
         *
         * @throws IOException instead of it
         */
        void before(Step step, Path path) throws IOException;
    }

    /** What is done to a disk. */
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

    /** Makes a folder, and those above it, where there is none; what is made is its owner's only. */
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

    /** Makes a folder that is this program's own: its owner's only, whoever made it. */
    public static Path ownFolder(Path folder) throws IOException {
        folder(folder);
        mode(folder, FOLDER);
        return folder;
    }

    /** Keeps a file that is there from other eyes. */
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

    /** Makes an empty file beside a place, to be filled and moved there. */
    public static Path unfinished(Path folder) throws IOException {
        step(Step.CREATE, folder);
        return Files.createTempFile(folder, ".kestan-" + ProcessHandle.current().pid() + "-", ".tmp");
    }

    /** Makes a scratch folder within a folder, to be taken away again. */
    public static Path scratch(Path folder) throws IOException {
        step(Step.MAKE_FOLDER, folder);
        return Files.createTempDirectory(
                folder, ".kestan-" + ProcessHandle.current().pid() + "-");
    }

    /**
     * Writes bytes to a file. A file that was there keeps its mode, a link leads where it did.
     *
     * @throws IOException if the file can't be written; the old one is then untouched
     */
    public static void write(Path file, byte[] bytes) throws IOException {
        // A link stays one: what it leads to is written.
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

    /** Has what was written beside a place on the disk, then puts it there in one step. */
    public static void finish(Path beside, Path target) throws IOException {
        sync(beside);
        move(beside, target);
        syncFolder(target.toAbsolutePath().getParent());
    }

    /** Has a file on the disk. */
    public static void sync(Path file) throws IOException {
        step(Step.SYNC, file);
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Some platforms know no such thing. */
    private static void syncFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException unknown) {
            return;
        }
    }

    /** Moves a file in one step where the disk can; one that was there is replaced. */
    public static void move(Path from, Path to) throws IOException {
        step(Step.MOVE, from);
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plainDisk) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Takes a file away where there is one. */
    public static void delete(Path file) throws IOException {
        if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
            step(Step.DELETE, file);
            Files.deleteIfExists(file);
        }
    }

    /** Takes a folder away with all that is in it, also while another program takes it away. */
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
     * Takes away what processes that are gone left unfinished in a folder, or in those within it. What can't be read there is
     * another's and is left alone.
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
