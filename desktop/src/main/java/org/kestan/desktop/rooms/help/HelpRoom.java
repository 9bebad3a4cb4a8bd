package org.kestan.desktop.rooms.help;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.reports.CrashReport;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.room.Shortcut;
import org.kestan.desktop.widgets.terms.Term;

/** Keys, terms and error reports; typing at the top narrows down keys and terms. */
public final class HelpRoom extends VBox implements Room {

    private final List<Shortcut> shortcuts;
    private final Path reportFolder;
    private final TextField search = new TextField();
    private final GridPane keys = new GridPane();
    private final VBox terms = new VBox();
    private final ListView<Path> reports = new ListView<>();
    private final TextArea report = new TextArea();

    /** Makes the room. */
    public HelpRoom(RoomContext context) {
        shortcuts = context.shortcuts().get();
        reportFolder = context.store().folder();
        setId("help");
        getStyleClass().add("ledger");
        search.setId("help-search");
        search.setPromptText(Messages.message("help-room.a-key-or-a"));
        search.setAccessibleText(Messages.message("help-room.find-a-key-or"));
        search.textProperty().addListener((property, old, next) -> find(next));
        keys.getStyleClass().add("help-keys");
        terms.getStyleClass().add("help-terms");
        reports.setId("help-reports");
        reports.setAccessibleText(Messages.message("help-room.reports-of-what-went"));
        reports.setPlaceholder(new Label(Messages.message("help-room.nothing-has-gone-wrong")));
        reports.setCellFactory(list -> new ReportCell());
        reports.getSelectionModel().selectedItemProperty().addListener((property, old, next) -> read(next));
        report.setId("help-report");
        report.setEditable(false);
        report.setAccessibleText(Messages.message("help-room.the-report"));
        VBox.setVgrow(report, Priority.ALWAYS);
        VBox wrong = new VBox(head(Messages.message("help-room.what-went-wrong")), reports, report);
        wrong.getStyleClass().add("help-column");
        HBox columns = new HBox(
                column(Messages.message("help-room.keys"), keys),
                column(Messages.message("help-room.terms"), terms),
                wrong);
        columns.getStyleClass().add("help-columns");
        columns.getChildren().forEach(each -> HBox.setHgrow(each, Priority.ALWAYS));
        VBox.setVgrow(columns, Priority.ALWAYS);
        getChildren().addAll(search, columns);
        visibleProperty().addListener((property, was, is) -> {
            if (is) {
                look();
            }
        });
        find("");
        look();
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        search.requestFocus();
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("place-title");
        return label;
    }

    private static VBox column(String title, Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        scroll.setFocusTraversable(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox box = new VBox(head(title), scroll);
        box.getStyleClass().add("help-column");
        return box;
    }

    private void find(String text) {
        String wanted = text.strip().toLowerCase(java.util.Locale.ROOT);
        keys.getChildren().clear();
        int row = 0;
        for (Shortcut each : shortcuts) {
            if ((each.text() + " " + each.keys())
                    .toLowerCase(java.util.Locale.ROOT)
                    .contains(wanted)) {
                Label key = new Label(each.keys());
                key.getStyleClass().add("help-key");
                key.setMinWidth(USE_PREF_SIZE);
                Label what = new Label(each.text());
                what.setWrapText(true);
                keys.addRow(row++, key, what);
            }
        }
        terms.getChildren().clear();
        for (Term term : Term.values()) {
            if ((term.word() + " " + term.meaning())
                    .toLowerCase(java.util.Locale.ROOT)
                    .contains(wanted)) {
                Label word = new Label(term.word());
                word.getStyleClass().add("ask-word");
                Label meaning = new Label(term.meaning());
                meaning.setWrapText(true);
                terms.getChildren().add(new VBox(word, meaning));
            }
        }
    }

    private void look() {
        try {
            reports.getItems().setAll(CrashReport.all(reportFolder));
        } catch (IOException unreadable) {
            reports.getItems().clear();
        }
        if (!reports.getItems().isEmpty()) {
            reports.getSelectionModel().selectFirst();
        }
    }

    private void read(Path file) {
        try {
            report.setText(file == null ? "" : Files.readString(file));
        } catch (IOException unreadable) {
            report.setText(Messages.message("help-room.this-report-cant-be", unreadable.getMessage()));
        }
    }
}
