package org.kestan.desktop.session;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import org.kestan.desktop.messages.Messages;

/**
 * Choosing files in the platform's own dialogs. Each kind of file starts in the folder used last. Problems with a name
 * or a disk are shown in the status line.
 */
public final class FileChoice {

    /** Kinds of files; each remembers its own folder. */
    public enum Kind {
        JOB(Messages.message("file-choice.jobs"), "*.kestan.json"),
        JOBS(Messages.message("file-choice.jobs-and-zips"), "*.kestan.json", "*.zip"),
        ARCHIVE(Messages.message("file-choice.zips"), "*.zip"),
        TABLE(Messages.message("file-choice.tables"), "*.csv"),
        PAPER(Messages.message("file-choice.papers"), "*.pdf"),
        PICTURE(Messages.message("file-choice.pictures"), "*.png", "*.jpg", "*.jpeg", "*.PNG", "*.JPG", "*.JPEG"),
        STANDARDS(Messages.message("file-choice.shop-standards"), "*.json"),
        CALENDAR(Messages.message("file-choice.calendars"), "*.ics"),
        SOUND(Messages.message("file-choice.recordings"), "*.wav", "*.WAV", "*.aiff", "*.au");

        private final FileChooser.ExtensionFilter filter;

        Kind(String name, String... patterns) {
            filter = new FileChooser.ExtensionFilter(name, patterns);
        }
    }

    /** Produces the content of a file, or writes it. */
    @FunctionalInterface
    public interface Writer {

        /**
         * @throws IOException if it can't be written
         */
        void writeTo(Path file) throws IOException;
    }

    private final JobSession session;
    private final Settings settings;

    FileChoice(JobSession session, Settings settings) {
        this.session = session;
        this.settings = settings;
    }

    /** Asks for a file to read; empty if none was picked. */
    public Optional<Path> open(Window window, String title, Kind kind) {
        return picked(chooser(title, kind).showOpenDialog(window)).map(file -> used(kind, file));
    }

    /** Asks for files to read. */
    public List<Path> openSeveral(Window window, String title, Kind kind) {
        List<File> files = chooser(title, kind).showOpenMultipleDialog(window);
        return (files == null ? List.<File>of() : files)
                .stream()
                        .flatMap(file -> picked(file).stream())
                        .map(file -> used(kind, file))
                        .toList();
    }

    /**
     * Asks where to write; empty if nothing was picked.
     *
     * @param name the name offered
     */
    public Optional<Path> save(Window window, String title, Kind kind, String name) {
        FileChooser chooser = chooser(title, kind);
        chooser.setInitialFileName(name);
        return picked(chooser.showSaveDialog(window)).map(file -> used(kind, file));
    }

    /** Asks for a folder to write into, starting where files of this kind went last. */
    public Optional<Path> folder(Window window, String title, Kind kind) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        settings.lastFolder(kind.name()).map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        Optional<Path> folder = picked(chooser.showDialog(window));
        folder.ifPresent(each -> settings.setLastFolder(kind.name(), each));
        return folder;
    }

    /** Writes a file, and reports success or the reason for failure. */
    public void write(Path file, Writer writer) {
        try {
            writer.writeTo(file);
            session.say(Messages.message("file-choice.written-to", file.getFileName()));
        } catch (IOException failed) {
            session.complain(Messages.message("file-choice.could-not-write", file.getFileName(), failed.getMessage()));
        }
    }

    /** The path of a picked or dropped file; empty if there is none, or if the machine cannot represent its name. */
    public Optional<Path> picked(File file) {
        try {
            return Optional.ofNullable(file).map(File::toPath);
        } catch (InvalidPathException unnameable) {
            session.complain(Messages.message("file-choice.the-name-has-a", file.getName()));
            return Optional.empty();
        }
    }

    private Path used(Kind kind, Path file) {
        Path folder = file.toAbsolutePath().getParent();
        if (folder != null && Files.isDirectory(folder)) {
            settings.setLastFolder(kind.name(), folder);
        }
        return file;
    }

    private FileChooser chooser(String title, Kind kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .addAll(kind.filter, new FileChooser.ExtensionFilter(Messages.message("file-choice.all-files"), "*"));
        settings.lastFolder(kind.name()).map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }
}
