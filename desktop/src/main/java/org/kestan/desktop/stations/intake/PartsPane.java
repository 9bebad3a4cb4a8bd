package org.kestan.desktop.stations.intake;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.ValueType;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.parts.PartsSection;
import org.kestan.text.Numbers;

/**
 * The parts a job needs: how many, the price, whether they are ordered, and when they arrive. Enter in an empty line
 * adds a part.
 */
final class PartsPane extends VBox {

    /** The fields of a part. */
    private enum Column {
        WHAT("what", Messages.message("parts-pane.what")),
        NEED("need", Messages.message("parts-pane.need")),
        PRICE("price", Messages.message("parts-pane.price")),
        ARRIVES("arrives", Messages.message("parts-pane.arrives")),
        ORDERED("ordered", Messages.message("parts-pane.ordered")),
        THERE("there", Messages.message("parts-pane.there"));

        private final String id;
        private final String title;

        Column(String id, String title) {
            this.id = id;
            this.title = title;
        }
    }

    private final JobSession session;
    private final GridPane grid = new GridPane();
    private final Label trouble = new Label();
    private final TextField added = new TextField();
    private List<Part> shown = List.of();

    PartsPane(JobSession session, WorkingOrder order) {
        this.session = session;
        grid.getStyleClass().add("parts-grid");
        trouble.getStyleClass().addAll("entry-note", "entry-note-error");
        trouble.setId("parts-note");
        trouble.setWrapText(true);
        added.setId("part-new");
        added.setPromptText(Messages.message("parts-pane.add"));
        added.setAccessibleText(Messages.message("parts-pane.add"));
        added.setOnAction(event -> {
            if (added.getText().isBlank()) {
                order.next(added);
            } else {
                add();
            }
        });
        getChildren().addAll(grid, added, trouble);
        order.add(added);
        session.analysisProperty()
                .addListener((property, old, next) -> show(next.job().section(Sections.PARTS)));
        show(session.job().section(Sections.PARTS));
    }

    private void add() {
        String what = added.getText().strip();
        added.clear();
        change(parts -> parts.add(Part.of(what)));
        node(Column.PRICE, shown.size()).requestFocus();
    }

    private void change(Consumer<List<Part>> by) {
        session.edit(job -> {
            List<Part> parts = new ArrayList<>(job.section(Sections.PARTS));
            by.accept(parts);
            return job.with(Sections.PARTS, List.copyOf(parts));
        });
    }

    private void change(int at, UnaryOperator<Part> by) {
        if (at < shown.size()) {
            change(parts -> parts.set(at, by.apply(parts.get(at))));
        }
    }

    private void show(List<Part> parts) {
        if (parts.equals(shown)) {
            return;
        }
        boolean asMany = parts.size() == shown.size();
        shown = parts;
        if (!asMany) {
            build();
        }
        for (int i = 0; i < parts.size(); i++) {
            fill(i + 1, parts.get(i));
        }
    }

    private void build() {
        grid.getChildren().clear();
        if (shown.isEmpty()) {
            return;
        }
        grid.addRow(0, Stream.of(Column.values()).map(PartsPane::head).toArray(Node[]::new));
        for (int i = 0; i < shown.size(); i++) {
            int at = i;
            grid.addRow(
                    i + 1,
                    field(Column.WHAT, at, 18, this::takeWhat),
                    field(Column.NEED, at, 3, this::takeNeed),
                    field(Column.PRICE, at, 5, this::takePrice),
                    field(Column.ARRIVES, at, 10, this::takeArrives),
                    box(
                            Column.ORDERED,
                            at,
                            on -> part -> part.withOrdered(on, on ? Optional.of(LocalDate.now()) : Optional.empty())),
                    box(Column.THERE, at, on -> part -> part.withThere(on)),
                    remove(at));
        }
    }

    private static Label head(Column column) {
        Label head = new Label(column.title);
        head.getStyleClass().add("string-head");
        return head;
    }

    private Button remove(int at) {
        Button button = new TextButton(
                Messages.message("parts-pane.remove"),
                "part-remove-" + (at + 1),
                () -> change(parts -> {
                    if (at < parts.size()) {
                        parts.remove(at);
                    }
                }));
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    private TextField field(Column column, int at, int columns, BiFunction<Integer, String, Boolean> take) {
        TextField field = new TextField();
        field.setId("part-" + column.id + "-" + (at + 1));
        field.setPrefColumnCount(columns);
        field.setMinWidth(USE_PREF_SIZE);
        field.setAccessibleText(Messages.message("parts-pane.of", column.title, at + 1));
        field.setOnAction(event -> {
            if (take.apply(at, field.getText().strip())) {
                added.requestFocus();
            } else {
                field.selectAll();
            }
        });
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is && field.getScene() != null) {
                take.apply(at, field.getText().strip());
            }
        });
        return field;
    }

    private CheckBox box(Column column, int at, Function<Boolean, UnaryOperator<Part>> take) {
        CheckBox box = new CheckBox();
        box.setId("part-" + column.id + "-" + (at + 1));
        box.setAccessibleText(Messages.message("parts-pane.of", column.title, at + 1));
        box.setOnAction(event -> change(at, take.apply(box.isSelected())));
        return box;
    }

    private boolean takeWhat(int at, String text) {
        return take(at, ValueType.TEXT.parse(text), text.isEmpty(), part -> part, Part::withWhat);
    }

    private boolean takeNeed(int at, String text) {
        return take(at, PartsSection.NEED.parse(text), text.isEmpty(), part -> part.withNeed(1), Part::withNeed);
    }

    private boolean takePrice(int at, String text) {
        return take(
                at,
                PartsSection.PRICE.parse(text),
                text.isEmpty(),
                part -> part.withPrice(Optional.empty()),
                (part, price) -> part.withPrice(Optional.of(price)));
    }

    private boolean takeArrives(int at, String text) {
        return take(
                at,
                ValueType.DAY.parse(text),
                text.isEmpty(),
                part -> part.withArrives(Optional.empty()),
                (part, day) -> part.withArrives(Optional.of(day)));
    }

    /** Text that can't be used stays in its field, with an explanation. */
    private <T> boolean take(
            int at, Parsed<T> typed, boolean empty, UnaryOperator<Part> blank, BiFunction<Part, T, Part> by) {
        trouble.setText("");
        if (empty) {
            change(at, blank);
        } else if (typed instanceof Parsed.Bad<T> bad) {
            trouble.setText(Messages.message(
                    "parts-pane.trouble", at + 1, session.words().correction(bad)));
            return false;
        } else {
            change(at, part -> by.apply(part, typed.optional().orElseThrow()));
        }
        return true;
    }

    private void fill(int row, Part part) {
        put(Column.WHAT, row, part.what());
        put(Column.NEED, row, Integer.toString(part.need()));
        put(Column.PRICE, row, part.price().map(Numbers::plain).orElse(""));
        put(Column.ARRIVES, row, part.arrives().map(LocalDate::toString).orElse(""));
        box(Column.ORDERED, row).setSelected(part.ordered());
        box(Column.THERE, row).setSelected(part.there());
    }

    private void put(Column column, int row, String text) {
        TextField field = (TextField) node(column, row);
        if (!field.isFocused() || trouble.getText().isEmpty()) {
            if (!field.getText().equals(text)) {
                field.setText(text);
            }
        }
    }

    private CheckBox box(Column column, int row) {
        return (CheckBox) node(column, row);
    }

    private Node node(Column column, int row) {
        String id = "part-" + column.id + "-" + row;
        return grid.getChildren().stream()
                .filter(each -> id.equals(each.getId()))
                .findFirst()
                .orElseThrow();
    }
}
