package org.kestan.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.files.JobFile;
import org.kestan.files.SheetCsv;
import org.kestan.files.SheetPdf;
import org.kestan.words.PlanCards;

/** What the menus, the keys and the mouse do with whole jobs: open, drop, paste, save as, copy. */
final class JobActions {

    private static final long LARGEST_TABLE = 5L << 20;

    private final JobSession session;
    private final JobStore store;

    JobActions(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
    }

    void choose(Window window) {
        Optional.ofNullable(chooser("Open a job").showOpenDialog(window))
                .map(File::toPath)
                .ifPresent(store::openFile);
    }

    void chooseSaveAs(Window window) {
        FileChooser chooser = chooser("Save the job as");
        String name = session.job().name().replaceAll("[^\\p{L}\\p{N}]+", "-");
        chooser.setInitialFileName((name.isEmpty() ? "job" : name) + JobFile.EXTENSION);
        Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath).ifPresent(store::exportTo);
    }

    void chooseCsvIn(Window window) {
        Optional.ofNullable(named("Read a survey from a table", "*.csv").showOpenDialog(window))
                .map(File::toPath)
                .ifPresent(this::csvIn);
    }

    /** Lays the values of a table over the survey on the sheet, as one step of undo. */
    void csvIn(Path file) {
        try {
            if (Files.size(file) > LARGEST_TABLE) {
                session.complain(file.getFileName() + " is larger than a sheet can be.");
                return;
            }
            SheetCsv.Outcome outcome =
                    SheetCsv.read(Files.readString(file), session.job().visit());
            outcome.visit().ifPresent(visit -> {
                session.edit(job -> job.withVisit(visit));
                session.say("Read from " + file.getFileName() + ". Undo takes it back.");
            });
            if (outcome.visit().isEmpty()) {
                session.complain("Nothing was read from " + file.getFileName() + ": "
                        + outcome.faults().stream()
                                .limit(3)
                                .map(session.words()::say)
                                .collect(Collectors.joining("   ")));
            }
        } catch (IOException unreadable) {
            session.complain(file.getFileName() + " can\u2019t be read as text in UTF-8.");
        }
    }

    void chooseCsvOut(Window window) {
        write(
                window,
                "Write the survey as a table",
                "survey.csv",
                "*.csv",
                () -> SheetCsv.write(session.job()).getBytes(StandardCharsets.UTF_8));
    }

    void chooseBlankSheet(Window window, SheetPdf.Paper paper) {
        write(
                window,
                "Write a blank measuring sheet",
                "measuring-sheet.pdf",
                "*.pdf",
                () -> SheetPdf.blank(session.job(), paper));
    }

    /** What makes the bytes of a file. */
    @FunctionalInterface
    private interface Maker {
        byte[] make() throws IOException;
    }

    private void write(Window window, String title, String name, String pattern, Maker maker) {
        FileChooser chooser = named(title, pattern);
        chooser.setInitialFileName(name);
        Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath).ifPresent(file -> {
            try {
                Files.write(file, maker.make());
                session.say("Written to " + file.getFileName());
            } catch (IOException failed) {
                session.complain("Could not write " + file.getFileName() + ": " + failed.getMessage());
            }
        });
    }

    private static FileChooser named(String title, String pattern) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(pattern, pattern));
        return chooser;
    }

    /** Puts the figures of the plan on the clipboard as text. */
    void copyFigures() {
        if (session.dossier().correction().isEmpty()) {
            session.complain("There are no figures to copy yet: the sheet and the action wanted come first.");
            return;
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(PlanCards.text(session.dossier(), PlanCards.of(session.dossier(), session.words())));
        Clipboard.getSystemClipboard().setContent(content);
        session.say("Copied the figures as text.");
    }

    /** Opens a job file, or the text of one, from the clipboard. */
    void paste() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        List<File> files = clipboard.getFiles();
        if (files != null && !files.isEmpty()) {
            store.openFile(files.get(0).toPath());
        } else if (clipboard.hasString()) {
            store.openText(clipboard.getString());
        } else {
            session.complain("There is no job file on the clipboard.");
        }
    }

    void dragOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    void dropped(DragEvent event) {
        List<File> files = event.getDragboard().getFiles();
        event.setDropCompleted(!files.isEmpty() && store.openFile(files.get(0).toPath()));
        event.consume();
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Jobs", "*" + JobFile.EXTENSION),
                        new FileChooser.ExtensionFilter("All files", "*"));
        return chooser;
    }
}
