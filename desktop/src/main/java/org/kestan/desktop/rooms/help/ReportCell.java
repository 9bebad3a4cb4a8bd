package org.kestan.desktop.rooms.help;

import java.nio.file.Path;
import javafx.scene.control.ListCell;

/** A report, shown by its file name, which says when it was written. */
final class ReportCell extends ListCell<Path> {

    @Override
    protected void updateItem(Path file, boolean empty) {
        super.updateItem(file, empty);
        setText(empty || file == null ? "" : file.getFileName().toString());
    }
}
