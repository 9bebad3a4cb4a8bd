package org.kestan.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.files.JobFile;
import org.kestan.reckoning.WorkFigures;

/** What the menus, the keys and the mouse do with whole jobs: open, drop, paste, save as, copy. */
final class JobActions {

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
        String name = session.job().instrument().name().replaceAll("[^\\p{L}\\p{N}]+", "-");
        chooser.setInitialFileName((name.isEmpty() ? "job" : name) + JobFile.EXTENSION);
        Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath).ifPresent(store::exportTo);
    }

    /** Puts the figures of the plan on the clipboard as text. */
    void copyFigures() {
        if (session.reckoning().correction().isEmpty()) {
            session.complain("There are no figures to copy yet: the sheet and the action wanted come first.");
            return;
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(WorkFigures.text(session.reckoning(), session.unit()));
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
