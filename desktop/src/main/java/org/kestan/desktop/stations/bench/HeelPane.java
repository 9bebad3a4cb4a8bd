package org.kestan.desktop.stations.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.instrument.PicturePane;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.repair.heel.FittingWatch;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.repair.picture.HeelFace;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * The heel, set by set: what to do next in large letters, fields to log a set and a reading with a few keys, how the
 * neck sits, and how the projection has developed.
 */
final class HeelPane extends VBox {

    /** From this chance on, a set gets a warning. */
    private static final double WARNED = 0.1;

    /** Below this width, in sizes of the large text, nothing is shown beside the log. */
    private static final double NARROW = 33;

    private static final ExecutorService ADVISERS = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "heel");
        thread.setDaemon(true);
        return thread;
    });

    private final BenchContext desk;
    private final JobSession session;
    private final Label word = new Label();
    private final Label set = new Label();
    private final Label because = new Label();
    private final Label left = new Label();
    private final Label more = new Label();
    private final Label chance = new Label();
    private final TextField grit = HeelReading.field("heel-grit", 4);
    private final TextField bass = HeelReading.field("heel-bass", 4);
    private final TextField treble = HeelReading.field("heel-treble", 4);
    private final HeelReading reading;
    private final Label trouble = new Label();
    private final FittingPicture picture = new FittingPicture();
    private final PicturePane face = new PicturePane("heel-left-face", false);
    private final HeelChart chart = new HeelChart();
    private final Label watch = new Label();
    private final ListView<String> log = new ListView<>();
    private final VBox body;
    private final FlowPane told = new FlowPane();
    private final Label waiting = new Label();
    private final WorkingOrder setOrder = new WorkingOrder();
    private Optional<HeelGoal> goal = Optional.empty();
    private Optional<HeelAdvice> advice = Optional.empty();
    private Job asked;

    HeelPane(BenchContext desk) {
        this.desk = desk;
        session = desk.session();
        getStyleClass().add("bench-page");
        word.setId("heel-word");
        word.getStyleClass().add("heel-word");
        set.setId("heel-next");
        set.getStyleClass().add("heel-next");
        because.getStyleClass().add("step-why");
        left.setId("heel-left");
        left.getStyleClass().add("heel-left");
        more.setId("heel-more");
        more.getStyleClass().add("step-why");
        chance.setId("heel-chance");
        chance.getStyleClass().add("heel-chance");
        watch.setId("heel-watch");
        watch.getStyleClass().add("heel-watch");
        trouble.setId("heel-trouble");
        trouble.getStyleClass().add("entry-note-error");
        word.setMinWidth(USE_PREF_SIZE);
        for (Label each : List.of(set, because, left, more, chance, watch, trouble)) {
            each.setWrapText(true);
            each.setMinWidth(0);
            each.setMinHeight(USE_PREF_SIZE);
        }
        for (TextField each : List.of(grit, bass, treble)) {
            setOrder.add(each);
            each.setOnAction(event -> {
                // Enter logs once something is typed; empty fields mean: as advised.
                if (Stream.of(grit, bass, treble)
                        .allMatch(field -> field.getText().isBlank())) {
                    setOrder.next(each);
                } else {
                    logSet();
                }
            });
            each.textProperty().addListener((property, old, next) -> foresee());
        }
        setOrder.setAfterLast(this::logSet);
        reading = new HeelReading(session, this::log, this::wrong);
        FlowPane sets = new FlowPane(
                HeelReading.named(Messages.message("heel-pane.grit"), grit),
                HeelReading.named(Messages.message("heel-pane.pulls-bass"), bass),
                HeelReading.named(Messages.message("heel-pane.pulls-treble"), treble),
                new TextButton(Messages.message("heel-pane.log-the-set"), "heel-log-set", this::logSet),
                new TextButton(Messages.message("heel-pane.fresh-paper"), "heel-fresh-paper", this::logPaper));
        sets.getStyleClass().add("heel-entry");
        log.setId("heel-log");
        log.getStyleClass().add("diary");
        Label empty = new Label(Messages.message("heel-pane.the-log-is-empty"));
        empty.setWrapText(true);
        log.setPlaceholder(empty);
        told.getChildren().addAll(word, set);
        told.getStyleClass().add("heel-told");
        VBox advised = new VBox(left, because, sets, chance, reading, trouble, more, log);
        advised.getStyleClass().add("heel-advised");
        VBox.setVgrow(log, Priority.ALWAYS);
        face.getStyleClass().add("small-picture");
        HBox left = new HBox(8, face, chart);
        HBox.setHgrow(chart, Priority.ALWAYS);
        VBox.setVgrow(left, Priority.ALWAYS);
        VBox.setVgrow(picture, Priority.ALWAYS);
        VBox pictures = new VBox(watch, picture, left);
        pictures.getStyleClass().add("heel-pictures");
        HBox.setHgrow(pictures, Priority.ALWAYS);
        HBox.setHgrow(advised, Priority.ALWAYS);
        HBox beside = new HBox();
        beside.getStyleClass().add("heel-body");
        HBox.setHgrow(beside, Priority.ALWAYS);
        body = new VBox();
        body.getStyleClass().add("heel-body");
        Runnable arrange = () -> {
            // In a narrow window the pictures are below the log.
            boolean narrow = getWidth() < NARROW * set.getFont().getSize();
            beside.getChildren().clear();
            body.getChildren().clear();
            if (narrow) {
                body.getChildren().setAll(advised, pictures);
            } else {
                beside.getChildren().setAll(advised, pictures);
                body.getChildren().setAll(beside);
            }
        };
        VBox.setVgrow(beside, Priority.ALWAYS);
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.F12) {
                logPaper();
                key.consume();
            }
        });
        widthProperty().addListener((property, old, next) -> arrange.run());
        arrange.run();
        waiting.getStyleClass().add("waiting");
        waiting.setWrapText(true);
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("station-scroll");
        WorkingOrder.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(waiting, told, scroll);
    }

    /** Puts the focus where the next number goes: after a set the reading, after a reading the set. */
    void focusFirst() {
        List<HeelEntry> entries = session.job().section(Sections.HEEL_LOG);
        boolean pulled = !entries.isEmpty() && entries.get(entries.size() - 1) instanceof HeelEntry.Pulls;
        if (pulled) {
            reading.focusFirst();
        } else {
            grit.requestFocus();
        }
    }

    void show() {
        goal = session.analysis().plan().correction().flatMap(plan -> HeelGoal.of(plan, session.job()));
        boolean can = goal.isPresent() && session.analysis().plan().heel().isPresent();
        body.setVisible(can);
        told.setVisible(can);
        told.setManaged(can);
        waiting.setVisible(!can);
        waiting.setManaged(!can);
        waiting.setText(can ? "" : Messages.message("heel-pane.no-wood-goes-from"));
        if (!can || session.job() == asked) {
            return;
        }
        asked = session.job();
        Job job = asked;
        HeelGoal to = goal.get();
        List<HeelEntry> entries = job.section(Sections.HEEL_LOG);
        var shop = session.standards();
        ADVISERS.execute(() -> {
            if (job != asked) {
                return;
            }
            HeelAdvice found = HeelAdvice.of(to, entries, shop);
            Platform.runLater(() -> {
                if (job == asked) {
                    advise(found, to, entries);
                }
            });
        });
    }

    private void advise(HeelAdvice found, HeelGoal to, List<HeelEntry> entries) {
        advice = Optional.of(found);
        Wording words = session.words();
        // After a set there is only one thing to do: read. What comes next depends on it.
        boolean toRead = HeelText.isToRead(entries);
        word.setText(toRead ? Messages.message("heel-pane.read") : Wording.label(found.word()));
        because.setText(
                toRead
                        ? Messages.message("heel-pane.read-before-wood-goes")
                        : Wording.more(found.word(), "say") + HeelText.givenBack(found, words.numbers()));
        boolean pulls = !toRead && found.pulls().bass() + found.pulls().treble() > 0;
        set.setText(
                pulls
                        ? HeelText.set(found.grit(), found.pulls())
                        : toRead
                                ? Messages.message("heel-pane.projection-as-before")
                                : Messages.message("heel-pane.no-wood-now"));
        left.setText((found.projectionLeft() >= 0
                        ? Messages.message("heel-pane.still-to-rise")
                        : Messages.message("heel-pane.past-the-target-by"))
                + words.numbers().fine(Math.abs(found.projectionLeft())));
        more.setText(Messages.message(
                "heel-pane.off-the-cap-bass",
                words.numbers().fineSides(found.capLeft()),
                HeelText.band(found, Side.BASS),
                HeelText.band(found, Side.TREBLE)));
        grit.setPromptText(Integer.toString(found.grit()));
        bass.setPromptText(Integer.toString(found.pulls().bass()));
        treble.setPromptText(Integer.toString(found.pulls().treble()));
        chance(found.overChance(), pulls);
        FittingWatch fitting = FittingWatch.of(to, entries);
        picture.show(fitting, words);
        face.print(words::print);
        face.passTo(Optional.of(HeelFace.remaining(to.height(), to.widths(), found.capLeft())));
        face.setAccessibleText(
                Messages.message("heel-pane.still-to-come-off", words.numbers().fineSides(found.capLeft())));
        watch.setText(HeelText.watched(entries, fitting));
        chart.show(to, entries, found, words);
        log.getItems().setAll(HeelText.log(entries, found));
    }

    private void chance(double over, boolean shown) {
        boolean warned = over >= WARNED;
        chance.setText(
                shown
                        ? Messages.message(
                                "heel-pane.chance-to-pass-the",
                                session.words().numbers().fine(HeelAdvice.OVER),
                                Numbers.decimals(over * 100, over < 0.1 ? 1 : 0),
                                (warned ? Messages.message("heel-pane.fewer-pulls") : ""))
                        : "");
        chance.getStyleClass().setAll("label", "heel-chance", warned ? "heel-chance-warned" : "heel-chance-small");
    }

    /** The effect of the set being typed, before it is done. */
    private void foresee() {
        if (advice.isEmpty() || goal.isEmpty()) {
            return;
        }
        Optional<Integer> paper = number(grit, advice.get().grit());
        Optional<Integer> low = number(bass, advice.get().pulls().bass());
        Optional<Integer> high = number(treble, advice.get().pulls().treble());
        if (paper.isEmpty() || low.isEmpty() || high.isEmpty()) {
            return;
        }
        Job job = session.job();
        HeelGoal to = goal.get();
        Sides<Integer> pulls = new Sides<>(low.get(), high.get());
        var shop = session.standards();
        ADVISERS.execute(() -> {
            double over = HeelAdvice.overChance(to, job.section(Sections.HEEL_LOG), shop, paper.get(), pulls);
            Platform.runLater(() -> {
                if (job == session.job()) {
                    chance(over, pulls.bass() + pulls.treble() > 0);
                }
            });
        });
    }

    private static Optional<Integer> number(TextField field, int otherwise) {
        String typed = field.getText().strip();
        return typed.isEmpty()
                ? Optional.of(otherwise)
                : typed.matches("\\d{1,4}") ? Optional.of(Integer.parseInt(typed)) : Optional.empty();
    }

    private void logSet() {
        if (advice.isEmpty()) {
            return;
        }
        Optional<Integer> paper = number(grit, advice.get().grit()).filter(each -> each >= 20 && each <= 2000);
        Optional<Integer> low = number(bass, advice.get().pulls().bass()).filter(each -> each <= 1000);
        Optional<Integer> high = number(treble, advice.get().pulls().treble()).filter(each -> each <= 1000);
        if (paper.isEmpty()) {
            wrong(grit, Messages.message("heel-pane.a-grit-is-a"));
        } else if (low.isEmpty()) {
            wrong(bass, Messages.message("heel-pane.pulls-are-a-whole"));
        } else if (high.isEmpty()) {
            wrong(treble, Messages.message("heel-pane.pulls-are-a-whole"));
        } else if (low.get() + high.get() == 0) {
            wrong(bass, Messages.message("heel-pane.no-pulls-nothing-to"));
        } else {
            right();
            Sides<Integer> pulls = new Sides<>(low.get(), high.get());
            desk.keep((bench, job) -> {
                Job next = job;
                for (Side side : Side.values()) {
                    if (pulls.get(side) > 0) {
                        next = bench.log(
                                next,
                                new HeelEntry.Pulls(side, paper.get(), pulls.get(side), UnknownKeys.NONE),
                                step(),
                                HeelText.pulls(pulls.get(side), side, paper.get()));
                    }
                }
                return next;
            });
            for (TextField each : List.of(grit, bass, treble)) {
                each.clear();
            }
            session.say(Messages.message("heel-pane.logged-now-read-the"));
            reading.focusFirst();
        }
    }

    /** Paper dulls, so fresh sheets were taken for both cheeks. */
    private void logPaper() {
        right();
        desk.keep((bench, job) -> {
            Job next = job;
            for (Side side : Side.values()) {
                next = bench.log(next, new HeelEntry.Paper(side, UnknownKeys.NONE), step(), HeelText.fresh(side));
            }
            return next;
        });
        session.say(Messages.message("heel-pane.logged"));
        grit.requestFocus();
    }

    private String step() {
        return desk.shown().map(each -> each.id()).orElse("");
    }

    private void log(HeelEntry.Read read) {
        right();
        desk.keep((bench, job) -> bench.log(job, read, step(), HeelReading.said(read)));
        session.say(Messages.message("heel-pane.logged"));
        grit.requestFocus();
    }

    private void wrong(Node at, String said) {
        trouble.setText(said);
        session.complain(said);
        at.requestFocus();
    }

    private void right() {
        trouble.setText("");
    }
}
