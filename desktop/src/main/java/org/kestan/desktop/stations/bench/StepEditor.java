package org.kestan.desktop.stations.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.tree.Tree;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepFile;
import org.kestan.text.Wording;

/** The shop's version of a step: changed, moved, switched off, added, or reset to the default. */
final class StepEditor extends VBox {

    private static final int MOST_MINUTES = 24 * 60;

    private final BenchContext desk;
    private final JobSession session;
    private final Runnable changed;
    private final Label head = new Label();
    private final Label differs = new Label();
    private final Label trouble = new Label();
    private final Map<String, TextInputControl> texts = new LinkedHashMap<>();
    private final ComboBox<Optional<WaitKind>> waitKind = new ComboBox<>();
    private final StepDrawing drawing;
    private final VBox fields = new VBox();
    private Optional<Step> shown = Optional.empty();

    /**
     * @param changed called when the steps have changed
     */
    StepEditor(BenchContext desk, Runnable changed) {
        this.desk = desk;
        this.changed = changed;
        session = desk.session();
        drawing = new StepDrawing(session, desk.store().files());
        getStyleClass().add("step-editor");
        head.getStyleClass().add("place-title");
        differs.setId("step-differs");
        differs.getStyleClass().add("card-remark");
        differs.setWrapText(true);
        differs.setMinWidth(0);
        trouble.setId("step-trouble");
        trouble.getStyleClass().add("entry-note-error");
        trouble.setWrapText(true);
        trouble.setMinWidth(0);
        line("title", Messages.message("step-editor.title"));
        line("why", Messages.message("step-editor.why"));
        lines("do", "Do");
        lines("check", Messages.message("step-editor.before-going-on"));
        lines("otherwise", Messages.message("step-editor.if-not"));
        lines("cautions", Messages.message("step-editor.cautions-one-a-line"));
        lines("bags", Messages.message("step-editor.bag-one-a-line"));
        line("picture", Messages.message("step-editor.picture-of"));
        fields.getChildren().add(drawing);
        line("hands", Messages.message("step-editor.minutes-of-work"));
        List<Optional<WaitKind>> kinds = new ArrayList<>(List.of(Optional.empty()));
        Stream.of(WaitKind.values()).map(Optional::of).forEach(kinds::add);
        waitKind.setItems(FXCollections.observableArrayList(kinds));
        waitKind.setId("edit-wait-kind");
        waitKind.setAccessibleText(Messages.message("step-editor.wait"));
        waitKind.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<WaitKind> kind) {
                return kind == null ? "" : kind.map(Wording::label).orElse(Messages.message("step-editor.no-wait"));
            }

            @Override
            public Optional<WaitKind> fromString(String text) {
                return Optional.empty();
            }
        });
        fields.getChildren().addAll(new Label(Messages.message("step-editor.then-wait-for")), waitKind);
        line("minutes", Messages.message("step-editor.minutes-of-it"));
        fields.getStyleClass().add("step-editor-fields");
        FlowPane bar = new FlowPane(
                new TextButton(Messages.message("step-editor.keep"), "edit-keep", this::keep),
                new TextButton(Messages.message("step-editor.earlier"), "edit-up", () -> move(-1)),
                new TextButton(Messages.message("step-editor.later"), "edit-down", () -> move(1)),
                new TextButton(Messages.message("step-editor.new-after-it"), "edit-new", this::add),
                new TextButton(Messages.message("step-editor.leave-it-out"), "edit-off", this::off),
                new TextButton(Messages.message("step-editor.as-it-ships"), "edit-back", this::back),
                new TextButton(Messages.message("step-editor.all-as-they-ship"), "edit-all-back", this::allBack));
        bar.getStyleClass().add("step-bar");
        ScrollPane scroll = new ScrollPane(fields);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, differs, trouble, scroll, bar);
        setDisable(true);
    }

    private void line(String key, String label) {
        put(key, label, new TextField());
    }

    /** Tab moves to the next field; Enter starts a new line. */
    private void lines(String key, String label) {
        TextArea area = new TextArea();
        area.setWrapText(true);
        area.setPrefRowCount(key.equals("do") ? 4 : 2);
        area.addEventFilter(KeyEvent.KEY_PRESSED, key2 -> {
            if (key2.getCode() == KeyCode.TAB && !key2.isControlDown()) {
                Node next = key2.isShiftDown() ? before(area) : after(area);
                next.requestFocus();
                key2.consume();
            }
        });
        put(key, label, area);
    }

    private Node after(Node field) {
        List<Node> all = new ArrayList<>(fields.getChildren());
        int at = all.indexOf(field);
        return all.stream()
                .skip(at + 1)
                .filter(Node::isFocusTraversable)
                .findFirst()
                .orElse(field);
    }

    private Node before(Node field) {
        List<Node> all = new ArrayList<>(fields.getChildren());
        for (int i = all.indexOf(field) - 1; i >= 0; i--) {
            if (all.get(i).isFocusTraversable()) {
                return all.get(i);
            }
        }
        return field;
    }

    private void put(String key, String label, TextInputControl field) {
        field.setId("edit-" + key);
        field.setAccessibleText(label);
        Label name = new Label(label);
        name.getStyleClass().add("entry-label");
        name.setLabelFor(field);
        texts.put(key, field);
        fields.getChildren().addAll(name, field);
    }

    private StepLibrary library() {
        return session.stepsProperty().get();
    }

    /** Reports what is wrong with the shop's own files. */
    void trouble() {
        trouble.setText(library().faults().entrySet().stream()
                .flatMap(each -> each.getValue().stream()
                        .limit(1)
                        .map(fault -> Messages.message(
                                "step-editor.json-the-steps-that",
                                each.getKey(),
                                session.words().line(fault))))
                .collect(Collectors.joining("\n")));
    }

    void show(Step step) {
        shown = Optional.of(step);
        setDisable(false);
        head.setText(step.text().title());
        text("title", step.text().title());
        text("why", step.text().why());
        text("do", step.text().doing());
        text("check", step.text().check());
        text("otherwise", step.text().failing());
        text("cautions", String.join("\n", step.text().cautions()));
        text("bags", String.join("\n", step.work().bags()));
        text("picture", step.text().picture());
        drawing.show(step.text().drawing());
        text("hands", Integer.toString(step.work().hands()));
        waitKind.setValue(step.work().pause().map(Step.Pause::kind));
        text(
                "minutes",
                step.work()
                        .pause()
                        .map(each -> Integer.toString(each.minutes()))
                        .orElse(""));
        differs.setText(differs(step));
    }

    private void text(String key, String text) {
        texts.get(key).setText(text);
    }

    private String differs(Step step) {
        if (step.edits().added()) {
            return Messages.message("step-editor.the-shops-own-step");
        }
        Optional<Step> ships = library().asShipped(step.id());
        if (!step.edits().any() || ships.isEmpty()) {
            return Messages.message("step-editor.was-reset");
        }
        Map<String, String> said = said(ships.get());
        return step.edits().changed().stream()
                .sorted()
                .map(key -> key.equals("after")
                        ? Messages.message("step-editor.it-stands-at-another")
                        : Messages.message("step-editor.ships-as", key, said.getOrDefault(key, "\u2026")))
                .collect(Collectors.joining("\n"));
    }

    private static Map<String, String> said(Step step) {
        return Map.ofEntries(
                Map.entry("title", step.text().title()),
                Map.entry("why", step.text().why()),
                Map.entry("do", step.text().doing()),
                Map.entry("check", step.text().check()),
                Map.entry("otherwise", step.text().failing()),
                Map.entry("cautions", String.join(" / ", step.text().cautions())),
                Map.entry("bags", String.join(" / ", step.work().bags())),
                Map.entry("picture", step.text().picture()),
                Map.entry("drawing", step.text().drawing()),
                Map.entry("hands", step.work().hands() + " min"),
                Map.entry(
                        "wait",
                        step.work()
                                .pause()
                                .map(pause -> Wording.label(pause.kind()) + " " + DurationText.said(pause.minutes()))
                                .orElse("none")));
    }

    /** The file a step is in. */
    private Optional<StepFile> file(Step step) {
        return library().book().files().stream()
                .filter(file -> file.steps().stream().anyMatch(each -> each.id().equals(step.id())))
                .filter(file -> !library().faults().containsKey(file.name()))
                .findFirst();
    }

    private interface Edit {
        StepLibrary edit(StepLibrary library, StepFile file, Step step) throws IOException;
    }

    private void edit(String said, Edit edit) {
        if (shown.isEmpty()) {
            return;
        }
        Optional<StepFile> file = file(shown.get());
        if (file.isEmpty()) {
            session.complain(Messages.message("step-editor.this-steps-file-cant"));
            return;
        }
        try {
            String id = shown.get().id();
            session.stepsProperty().set(edit.edit(library(), file.get(), shown.get()));
            session.say(said);
            changed.run();
            library().book().step(id).ifPresent(this::show);
        } catch (IOException failed) {
            session.complain(Messages.message("step-editor.the-steps-could-not", failed.getMessage()));
        }
    }

    private void keep() {
        Optional<Integer> hands = number("hands", 0);
        Optional<Integer> minutes = number("minutes", 1);
        if (texts.get("title").getText().isBlank()) {
            wrong("title", Messages.message("step-editor.a-step-has-a"));
        } else if (hands.isEmpty()) {
            wrong("hands", Messages.message("step-editor.minutes-of-work-are", MOST_MINUTES));
        } else if (waitKind.getValue().isPresent() && minutes.isEmpty()) {
            wrong("minutes", Messages.message("step-editor.say-how-many-minutes"));
        } else {
            edit(Messages.message("step-editor.kept-this-is-how"), (library, file, step) -> {
                Map<String, Optional<Tree>> said = new LinkedHashMap<>();
                Optional<Step> ships = library.asShipped(step.id());
                for (String key : List.of("title", "why", "do", "check", "otherwise", "picture")) {
                    String text = texts.get(key).getText().strip();
                    boolean same = ships.filter(each -> said(each).get(key).equals(text))
                            .isPresent();
                    said.put(key, same ? Optional.empty() : Optional.of(Tree.text(text)));
                }
                String drawn = drawing.chosen();
                said.put(
                        "drawing",
                        ships.filter(each -> each.text().drawing().equals(drawn))
                                        .isPresent()
                                ? Optional.empty()
                                : Optional.of(Tree.text(drawn)));
                for (String key : List.of("cautions", "bags")) {
                    List<String> rows = texts.get(key)
                            .getText()
                            .lines()
                            .map(String::strip)
                            .filter(each -> !each.isEmpty())
                            .toList();
                    boolean same = ships.map(each -> key.equals("bags")
                                    ? each.work().bags()
                                    : each.text().cautions())
                            .filter(rows::equals)
                            .isPresent();
                    said.put(
                            key,
                            same
                                    ? Optional.empty()
                                    : Optional.of(new Tree.Items(
                                            rows.stream().map(Tree::text).toList())));
                }
                said.put(
                        "hands",
                        ships.filter(each -> each.work().hands() == hands.get()).isPresent()
                                ? Optional.empty()
                                : Optional.of(Tree.number(hands.get())));
                Optional<Step.Pause> pause = waitKind.getValue().map(kind -> new Step.Pause(kind, minutes.get()));
                said.put("wait", wait(pause, ships));
                return library.with(file.name(), step.id(), said);
            });
        }
    }

    /** No kind at all removes the default wait. */
    private static Optional<Tree> wait(Optional<Step.Pause> pause, Optional<Step> ships) {
        if (ships.map(step -> step.work().pause()).orElse(Optional.empty()).equals(pause)) {
            return Optional.empty();
        }
        return Optional.of(new Tree.Draft()
                .put(
                        "kind",
                        Tree.text(pause.map(Step.Pause::kind)
                                .orElse(WaitKind.OTHER)
                                .key()))
                .put("minutes", Tree.number(pause.map(Step.Pause::minutes).orElse(0)))
                .entries());
    }

    private Optional<Integer> number(String key, int least) {
        String typed = texts.get(key).getText().strip();
        if (!typed.matches("\\d{1,6}")) {
            return Optional.empty();
        }
        int number = Integer.parseInt(typed);
        int most = key.equals("hands") ? MOST_MINUTES : 366 * MOST_MINUTES;
        return number >= least && number <= most ? Optional.of(number) : Optional.empty();
    }

    private void wrong(String key, String said) {
        session.complain(said);
        texts.get(key).requestFocus();
    }

    /** Moves the step before the previous one in its file, or after the next one. */
    private void move(int by) {
        edit(
                by < 0
                        ? Messages.message("step-editor.it-stands-earlier-now")
                        : Messages.message("step-editor.it-stands-later-now"),
                (library, file, step) -> {
                    List<String> order =
                            new ArrayList<>(file.steps().stream().map(Step::id).toList());
                    int at = order.indexOf(step.id());
                    int to = at + by;
                    if (to < 0 || to >= order.size()) {
                        return library;
                    }
                    order.remove(at);
                    order.add(to, step.id());
                    return library.with(
                            file.name(),
                            step.id(),
                            Map.of("after", Optional.of(Tree.text(to == 0 ? "" : order.get(to - 1)))));
                });
    }

    private void add() {
        String id = "shop-" + UUID.randomUUID().toString().substring(0, 8);
        edit(
                Messages.message("step-editor.a-step-of-the"),
                (library, file, step) -> library.with(
                        file.name(),
                        id,
                        Map.of(
                                "title", Optional.of(Tree.text(Messages.message("step-editor.new-step"))),
                                "after", Optional.of(Tree.text(step.id())))));
        library().book().step(id).ifPresent(this::show);
        texts.get("title").requestFocus();
        texts.get("title").selectAll();
    }

    private void off() {
        edit(
                Messages.message("step-editor.left-out-all-as"),
                (library, file, step) -> step.edits().added()
                        ? library.without(file.name(), step.id())
                        : library.with(file.name(), step.id(), Map.of("off", Optional.of(new Tree.Flag(true)))));
    }

    private void back() {
        edit(
                Messages.message("step-editor.was-reset"),
                (library, file, step) -> library.without(file.name(), step.id()));
    }

    /** Resets everything the shop changed in this step's file. */
    private void allBack() {
        edit(Messages.message("step-editor.all-steps-of-this"), (library, file, step) -> {
            StepLibrary next = library;
            for (Step each : file.steps()) {
                if (each.edits().any()) {
                    next = next.without(file.name(), each.id());
                }
            }
            return next;
        });
    }
}
