package org.kestan.desktop.rooms.ledger;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.expect.Expect;
import org.kestan.desktop.messages.Counts;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.ChoiceWidth;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobPage;
import org.kestan.ledger.Query;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/**
 * The list of all jobs: search as you type, filters, sort order; open, duplicate, archive, delete and undo that.
 */
public final class LedgerRoom extends VBox implements Room {

    /** Jobs shown at once; more can be requested. */
    private static final int FIRST = 400;

    /** The same for a search: whoever sees that many types another letter, and each letter has to be fast. */
    private static final int FIRST_FOUND = 100;

    /** Jobs are counted this much further than they are shown. */
    private static final int COUNTED_BEYOND = 100;

    /** The factor by which more are shown on request. */
    private static final int MORE = 4;

    private final JobSession session;
    private final JobStore store;
    private final TextField search = new TextField();
    private final ComboBox<Optional<Station>> station = new ComboBox<>();
    private final ComboBox<Query.Order> order = new ComboBox<>();
    private final ComboBox<JobLocation> shelf = new ComboBox<>();
    private final ListView<JobCard> list = new ListView<>();
    private final Label emptyWords = new Label();
    private final VBox empty = new VBox(emptyWords);
    private final Label count = new Label();
    private final Button more =
            new TextButton(Messages.message("ledger-room.show-more"), "ledger-more", this::showMore);
    private int shownTimes = 1;
    private final Button first;
    private final Button sample;
    private final ToggleButton glance = new ToggleButton(Messages.message("ledger-room.at-a-glance"));
    private final LogbookPane logbook;
    private final FlowPane actions = new FlowPane();
    private final Button away =
            new TextButton(Messages.message("ledger-room.put-away-take-out"), "ledger-archive", this::moveAway);
    private final Button delete = new TextButton(Messages.message("ledger-room.delete"), "ledger-delete", this::delete);
    private final JobRemoval removal;
    private final LedgerTransfers transfers;
    private final RoomContext context;
    private int asked;

    /** Makes the room for the store's ledger. */
    public LedgerRoom(RoomContext context) {
        this.context = context;
        session = context.session();
        store = context.store();
        transfers = new LedgerTransfers(session, store, this::refresh);
        removal = new JobRemoval(session, store, this::refresh);
        logbook = new LogbookPane(session, store);
        boolean practicing = context.practice().isPresent();
        first = new TextButton(
                practicing
                        ? Messages.message("ledger-room.choose-a-case")
                        : Messages.message("ledger-room.start-the-first-job"),
                "ledger-first",
                context.starter()::run);
        sample = new TextButton(Messages.message("ledger-room.look-at-a-sample"), "ledger-sample", this::openSample);
        getStyleClass().add("ledger");
        prepareSearch();
        prepareChoices();
        prepareEmpty(practicing);
        prepareList();
        prepareActions();
        count.setId("ledger-count");
        count.getStyleClass().add("figure-reason");
        glance.setId("ledger-glance");
        glance.getStyleClass().add("page");
        glance.setOnAction(event -> showGlance());
        FlowPane bar = new FlowPane(search, station, order, shelf, glance, count, more);
        bar.getStyleClass().add("ledger-bar");
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox.setVgrow(logbook, Priority.ALWAYS);
        showGlance();
        getChildren().addAll(bar, list, logbook, actions);
        listen();
        refresh();
    }

    private void prepareSearch() {
        search.setId("ledger-search");
        search.setPromptText(Messages.message("ledger-room.search-in-everything"));
        search.setAccessibleText(Messages.message("ledger-room.search-in-all-jobs"));
        search.setPrefColumnCount(22);
        search.textProperty().addListener((property, old, next) -> {
            if (glance.isSelected()) {
                // A search is for jobs, not for statistics.
                glance.setSelected(false);
                showGlance();
            }
            shownTimes = 1;
            refresh();
        });
        search.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.DOWN || key.getCode() == KeyCode.ENTER) {
                list.getSelectionModel().selectFirst();
                list.requestFocus();
                key.consume();
            }
        });
    }

    private void prepareChoices() {
        station.setId("ledger-station");
        station.setAccessibleText(Messages.message("ledger-room.only-jobs-at"));
        station.getItems().add(Optional.empty());
        Stream.of(Station.values()).map(Optional::of).forEach(station.getItems()::add);
        station.setValue(Optional.empty());
        ChoiceWidth.of(
                station,
                Stream.concat(
                        Stream.of(Messages.message("ledger-room.any-station")),
                        Stream.of(Station.values()).map(Wording::label)));
        ChoiceWidth.of(order, Stream.of(Query.Order.values()).map(Wording::label));
        ChoiceWidth.of(shelf, Stream.of(JobLocation.values()).map(Wording::label));
        station.setConverter(
                shown(each -> each.map(Wording::label).orElse(Messages.message("ledger-room.any-station"))));
        station.valueProperty().addListener((property, old, next) -> refresh());
        order.setId("ledger-order");
        order.setAccessibleText(Messages.message("ledger-room.order-of-the-jobs"));
        order.getItems().setAll(Query.Order.values());
        order.setValue(Query.Order.CHANGED);
        order.setConverter(shown(Wording::label));
        order.valueProperty().addListener((property, old, next) -> refresh());
        shelf.setId("ledger-shelf");
        shelf.setAccessibleText(Messages.message("ledger-room.where-the-jobs-lie"));
        shelf.getItems().setAll(JobLocation.values());
        shelf.setValue(JobLocation.BENCH);
        shelf.setConverter(shown(Wording::label));
        shelf.valueProperty().addListener((property, old, next) -> {
            removal.reconsider();
            delete.setText(
                    next == JobLocation.BIN
                            ? Messages.message("ledger-room.erase")
                            : Messages.message("ledger-room.delete"));
            away.setText(
                    next == JobLocation.BIN
                            ? Messages.message("ledger-room.bring-back")
                            : Messages.message("ledger-room.put-away-take-out"));
            refresh();
        });
    }

    private void prepareEmpty(boolean practicing) {
        emptyWords.setId("ledger-empty");
        emptyWords.setWrapText(true);
        emptyWords.getStyleClass().add("waiting");
        sample.visibleProperty().bind(sample.managedProperty());
        if (practicing) {
            // A sample job is a customer's job.
            sample.setManaged(false);
        } else {
            sample.managedProperty().bind(first.managedProperty());
        }
        HBox ways = new HBox(12, first, sample);
        ways.setAlignment(Pos.CENTER);
        empty.getChildren().add(ways);
        empty.getStyleClass().add("ledger-empty");
        first.visibleProperty().bind(first.managedProperty());
        empty.setAlignment(Pos.CENTER);
    }

    private void prepareActions() {
        actions.getChildren()
                .setAll(
                        new TextButton(Messages.message("ledger-room.new-job"), "ledger-new", context.starter()::run),
                        new TextButton(Messages.message("ledger-room.open"), "ledger-open", this::open),
                        new TextButton(
                                Messages.message("ledger-room.duplicate"),
                                "ledger-duplicate",
                                () -> chosen(card -> change(() -> store.ledger().duplicate(card.id())))),
                        away,
                        delete,
                        removal.undelete(),
                        new TextButton(
                                Messages.message("ledger-room.take-in-job-files"),
                                "ledger-import",
                                () -> transfers.chooseImport(getScene().getWindow())),
                        new TextButton(
                                Messages.message("ledger-room.write-it-to-a"),
                                "ledger-export-one",
                                () -> chosen(card ->
                                        transfers.chooseExport(getScene().getWindow(), card))),
                        new TextButton(
                                Messages.message("ledger-room.write-all-to-a"),
                                "ledger-export",
                                () -> transfers.chooseExport(getScene().getWindow())),
                        transfers.progress());
        actions.getStyleClass().add("ledger-bar");
    }

    private void prepareList() {
        list.setId("ledger-list");
        Thumbnails thumbnails = new Thumbnails(store, session);
        list.setCellFactory(view -> new JobCell(session, thumbnails, store.others()::openBy));
        list.setPlaceholder(empty);
        list.setOnMouseClicked(click -> {
            if (click.getClickCount() == 2) {
                open();
            }
        });
        list.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) {
                open();
            } else if (key.getCode() == KeyCode.DELETE) {
                delete();
            }
        });
    }

    private void listen() {
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.Z && key.isShortcutDown() && !key.isShiftDown() && removal.isUndoable()) {
                removal.bringBack();
                key.consume();
            }
        });
        store.changesProperty().addListener((property, old, next) -> {
            if (isVisible()) {
                refresh();
            }
        });
        visibleProperty().addListener((property, was, is) -> {
            if (is) {
                refresh();
            }
        });
        session.unitProperty().addListener((property, old, next) -> list.refresh());
        store.others().openProperty().addListener((property, old, next) -> list.refresh());
    }

    /** Shows the list, or the shop's numbers in its place. */
    private void showGlance() {
        boolean numbers = glance.isSelected();
        list.setVisible(!numbers);
        list.setManaged(!numbers);
        logbook.setVisible(numbers);
        logbook.setManaged(numbers);
        actions.setVisible(!numbers);
        actions.setManaged(!numbers);
        if (numbers) {
            logbook.refresh();
        }
    }

    private static <T> StringConverter<T> shown(Function<T, String> word) {
        return new StringConverter<>() {
            @Override
            public String toString(T each) {
                return each == null ? "" : word.apply(each);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("not typed");
            }
        };
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        search.requestFocus();
    }

    /** Returns what imports and exports jobs. */
    public LedgerTransfers transfers() {
        return transfers;
    }

    /** Searches again; of several searches under way, the latest counts. */
    private void refresh() {
        if (glance.isSelected()) {
            logbook.refresh();
        }
        Query query = new Query(search.getText(), station.getValue(), shelf.getValue(), order.getValue());
        int most = (isSearched() ? FIRST_FOUND : FIRST) * shownTimes;
        int counted = most + COUNTED_BEYOND;
        int turn = ++asked;
        store.ask(() -> store.ledger().find(query, most, counted), page -> {
            if (turn == asked) {
                show(page, counted);
            }
        });
    }

    private boolean isSearched() {
        return !search.getText().isBlank() || station.getValue().isPresent();
    }

    private void show(JobPage page, int counted) {
        Optional<String> kept =
                Optional.ofNullable(list.getSelectionModel().getSelectedItem()).map(JobCard::id);
        List<JobCard> cards = page.cards();
        list.getItems().setAll(cards);
        int all = page.found();
        count.setText(counted(all, counted)
                + (all > cards.size() ? Messages.message("ledger-room.the-first-shown", cards.size()) : "")
                + (all == 0
                        ? Messages.message("ledger-room.next-ctrl-n-starts")
                        : Messages.message("ledger-room.next-enter-opens-one")));
        more.setVisible(all > cards.size());
        boolean untouched = !isSearched();
        emptyWords.setText(
                !untouched
                        ? Messages.message("ledger-room.no-job-is-like")
                        : switch (shelf.getValue()) {
                            case BENCH -> Messages.message("ledger-room.nothing-is-at-hand");
                            case AWAY -> Messages.message("ledger-room.nothing-is-put-away");
                            case BIN -> Messages.message("ledger-room.the-bin-is-empty");
                        });
        first.setManaged(untouched && shelf.getValue() == JobLocation.BENCH);
        if (cards.isEmpty() && first.isManaged() && search.isFocused()) {
            // With nothing to search, Enter starts a job.
            first.requestFocus();
        }
        kept.ifPresent(id -> cards.stream()
                .filter(card -> card.id().equals(id))
                .findFirst()
                .ifPresent(list.getSelectionModel()::select));
    }

    private static String counted(int all, int counted) {
        return all >= counted ? Messages.message("ledger-room.more-than", counted) : Counts.jobs(all);
    }

    private void showMore() {
        shownTimes *= MORE;
        refresh();
    }

    /** A made-up job to look around in; it is stored in the ledger like any other, and deleted like one. */
    private void openSample() {
        Job made = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0)))
                .job()
                .orElseThrow(Expect.present("readable sample"));
        if (store.startFrom(made.with(Lines.NAME, Messages.message("ledger-room.sample", made.name())))) {
            context.enter(Station.MEASURE);
        }
    }

    private void open() {
        chosen(card -> {
            if (card.shelf() == JobLocation.BIN) {
                session.complain(Messages.message("ledger-room.it-is-in-the"));
                return;
            }
            if (store.open(card.id())) {
                context.enter(session.analysis().station());
            }
        });
    }

    /** Changes the ledger in the background, then searches again. */
    private <T> void change(Callable<T> work) {
        store.ask(work, done -> refresh());
    }

    private void moveAway() {
        chosen(removal::moveAway);
    }

    private void delete() {
        chosen(removal::delete);
    }

    private void chosen(Consumer<JobCard> action) {
        JobCard card = list.getSelectionModel().getSelectedItem();
        if (card == null) {
            session.complain(Messages.message("ledger-room.choose-a-job-in"));
            return;
        }
        action.accept(card);
    }
}
