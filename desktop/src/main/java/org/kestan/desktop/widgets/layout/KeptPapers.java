package org.kestan.desktop.widgets.layout;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;

/** The copies of the open job's papers that were handed out; the selected one is shown beside the list. */
public final class KeptPapers extends MenuButton {

    private final JobStore store;
    private final PaperView view;

    /**
     * @param view where a copy is shown
     */
    public KeptPapers(JobSession session, JobStore store, PaperView view) {
        this.store = store;
        this.view = view;
        setId("papers-kept");
        getStyleClass().add("plain-button");
        session.noticeProperty().addListener((property, old, next) -> refresh());
        refresh();
    }

    /** Updates the list of copies. */
    public void refresh() {
        String id = store.openId().orElse("");
        store.ask(() -> store.ledger().papers().of(id), this::show);
    }

    private void show(Map<String, Path> papers) {
        List<MenuItem> items = papers.entrySet().stream()
                .filter(each -> each.getKey().endsWith(".pdf"))
                .map(each -> item(each.getKey(), each.getValue()))
                .toList();
        getItems().setAll(items);
        setText(Messages.message("kept-papers.copies", items.size()));
        setVisible(!items.isEmpty());
        setManaged(!items.isEmpty());
    }

    private MenuItem item(String name, Path file) {
        MenuItem item = new MenuItem(name);
        item.setMnemonicParsing(false);
        item.setOnAction(
                event -> view.show(file, Messages.message("kept-papers.copy", name), () -> Files.readAllBytes(file)));
        return item;
    }
}
