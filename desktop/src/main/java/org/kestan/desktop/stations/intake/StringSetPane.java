package org.kestan.desktop.stations.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedLength;
import org.kestan.base.strings.Material;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.ChoiceWidth;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;
import org.kestan.text.Wording;

/** The string set, from the bass side: 4 to 12 strings with gauge, wound or plain, and pitch. */
final class StringSetPane extends VBox {

    private static final int FEWEST = 4;
    private static final int MOST = 12;

    /** How many strings a set gets when the first one is added. */
    private static final int USUAL = 6;

    private final JobSession session;
    private final WorkingOrder order;
    private final String id;
    private final Function<Job, List<StringSpec>> set;
    private final BiFunction<Job, List<StringSpec>, Job> with;
    private final List<Row> rows = new ArrayList<>();
    private final GridPane grid = new GridPane();
    private final Label courseHead = head(Messages.message("string-set-pane.column-course"));
    private final Label trouble = new Label();
    private final Button fewer = new Button(Messages.message("string-set-pane.fewer"));
    private final Button more = new Button(Messages.message("string-set-pane.more"));
    private List<StringSpec> shown = List.of();

    /** The set on the instrument. */
    static StringSetPane present(JobSession session, WorkingOrder order) {
        return new StringSetPane(session, order, "string", Job::strings, Job::withStrings);
    }

    /** The set wanted instead; it starts as a copy of the present one. */
    static StringSetPane wanted(JobSession session, WorkingOrder order) {
        return new StringSetPane(session, order, "wanted-string", Job::wantedStrings, Job::withWantedStrings);
    }

    private StringSetPane(
            JobSession session,
            WorkingOrder order,
            String id,
            Function<Job, List<StringSpec>> set,
            BiFunction<Job, List<StringSpec>, Job> with) {
        this.session = session;
        this.order = order;
        this.id = id;
        this.set = set;
        this.with = with;
        grid.getStyleClass().add("string-grid");
        trouble.getStyleClass().addAll("entry-note", "entry-note-error");
        trouble.setId(id + "s-note");
        trouble.setWrapText(true);
        more.setId(id + "s-more");
        fewer.setId(id + "s-fewer");
        more.getStyleClass().add("plain-button");
        fewer.getStyleClass().add("plain-button");
        more.setMinWidth(USE_PREF_SIZE);
        fewer.setMinWidth(USE_PREF_SIZE);
        more.setOnAction(event -> change(this::longer));
        fewer.setOnAction(event -> change(StringSetPane::shorter));
        HBox buttons = new HBox(more, fewer);
        buttons.getStyleClass().add("ledger-bar");
        getChildren().addAll(grid, trouble, buttons);
        order.add(more);
        session.settledProperty().addListener((property, old, next) -> {
            if (!set.apply(next.job()).equals(shown)) {
                show(set.apply(next.job()));
            }
        });
        show(set.apply(session.job()));
    }

    private List<StringSpec> longer(List<StringSpec> strings) {
        List<StringSpec> present = session.job().strings();
        if (strings.isEmpty() && !present.isEmpty() && !present.equals(shown)) {
            return present;
        }
        List<StringSpec> next = new ArrayList<>(strings);
        int count = strings.isEmpty() ? USUAL : Math.min(MOST, strings.size() + 1);
        while (next.size() < count) {
            next.add(StringSpec.BLANK);
        }
        return next;
    }

    private static List<StringSpec> shorter(List<StringSpec> strings) {
        return strings.size() <= FEWEST ? List.of() : strings.subList(0, strings.size() - 1);
    }

    private void change(UnaryOperator<List<StringSpec>> by) {
        session.edit(job -> with.apply(job, by.apply(set.apply(job))));
    }

    /** Rows are added and removed at the end; a field is rewritten only if its own value changed elsewhere. */
    private void show(List<StringSpec> strings) {
        List<StringSpec> before = shown;
        shown = strings;
        more.setDisable(strings.size() >= MOST);
        fewer.setDisable(strings.isEmpty());
        while (rows.size() > strings.size()) {
            grid.getChildren().removeAll(rows.remove(rows.size() - 1).nodes());
        }
        if (strings.isEmpty()) {
            grid.getChildren().clear();
        } else if (grid.getChildren().isEmpty()) {
            grid.addRow(
                    0,
                    head(""),
                    head(Messages.message("string-set-pane.column-gauge")),
                    head(Messages.message("string-set-pane.column-wound")),
                    head(Messages.message("string-set-pane.column-pitch")),
                    head(Messages.message("string-set-pane.column-material")),
                    courseHead);
        }
        // Few sets have courses, so they are asked for only with more than the usual six strings.
        boolean courses = strings.size() > USUAL
                || strings.stream().anyMatch(string -> string.course().isPresent());
        shown(courseHead, courses);
        for (int i = 0; i < strings.size(); i++) {
            boolean added = i >= rows.size();
            if (added) {
                Row row = new Row(i);
                rows.add(row);
                grid.addRow(i + 1, row.nodes().toArray(Node[]::new));
            }
            // Counted from the treble, as players do.
            rows.get(i).call(strings.size() - i);
            shown(rows.get(i).course, courses);
            rows.get(i).show(added || i >= before.size() ? StringSpec.BLANK : before.get(i), strings.get(i));
        }
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static Label head(String text) {
        Label head = new Label(text);
        head.getStyleClass().add("string-head");
        return head;
    }

    /** The fields of one string. */
    private final class Row {

        private final int at;
        private final Label number = new Label();
        private final TextField gauge = new TextField();
        private final CheckBox wound = new CheckBox();
        private final TextField pitch = new TextField();
        private final TextField course = new TextField();
        private final ComboBox<Optional<Material>> material;

        Row(int at) {
            this.at = at;
            number.getStyleClass().add("number-key");
            gauge.setId(id + "-gauge-" + (at + 1));
            gauge.getStyleClass().add("string-gauge");
            gauge.setPrefColumnCount(7);
            wound.setId(id + "-wound-" + (at + 1));
            wound.setOnAction(event -> replace(at, old -> old.withWound(wound.isSelected())));
            pitch.setId(id + "-pitch-" + (at + 1));
            pitch.setPrefColumnCount(3);
            course.setId(id + "-course-" + (at + 1));
            course.getStyleClass().add("string-course");
            material = material(at);
            taking(gauge, () -> takeGauge(at, gauge.getText()), pitch::requestFocus);
            taking(pitch, () -> takePitch(at, pitch.getText()), this::nextString);
            taking(course, () -> takeCourse(at, course.getText()), this::nextString);
        }

        /** Text is accepted with Enter, which moves on, and when the focus leaves. */
        private void taking(TextField field, Runnable take, Runnable next) {
            field.setOnAction(event -> {
                take.run();
                if (trouble.getText().isEmpty()) {
                    next.run();
                }
            });
            field.focusedProperty().addListener((property, was, is) -> {
                if (!is) {
                    take.run();
                }
            });
        }

        /** Moves on to the next string; after the last, to the next station. */
        private void nextString() {
            if (at + 1 < rows.size()) {
                rows.get(at + 1).gauge.requestFocus();
            } else {
                order.next(more);
            }
        }

        List<Node> nodes() {
            return List.of(number, gauge, wound, pitch, material, course);
        }

        void call(int called) {
            number.setText(Integer.toString(called));
            gauge.setAccessibleText(Messages.message("string-set-pane.gauge-of-string", called));
            wound.setAccessibleText(Messages.message("string-set-pane.string-is-wound", called));
            pitch.setAccessibleText(Messages.message("string-set-pane.pitch-of-string", called));
            course.setAccessibleText(Messages.message("string-set-pane.course-of-string", called));
            material.setAccessibleText(Messages.message("string-set-pane.material-of-string", called));
        }

        void show(StringSpec before, StringSpec now) {
            put(gauge, text(before), text(now));
            put(pitch, before.pitch(), now.pitch());
            put(course, course(before), course(now));
            wound.setSelected(now.wound());
            material.setValue(now.material());
        }

        private void put(TextField field, String before, String now) {
            if (!before.equals(now) && !field.getText().equals(now)) {
                field.setText(now);
            }
        }
    }

    private static String text(StringSpec string) {
        return string.gauge().map(Length::text).orElse("");
    }

    private static String course(StringSpec string) {
        return string.course().map(String::valueOf).orElse("");
    }

    private ComboBox<Optional<Material>> material(int at) {
        ComboBox<Optional<Material>> box = new ComboBox<>();
        box.setId(id + "-material-" + (at + 1));
        box.getItems().add(Optional.empty());
        Stream.of(Material.values()).map(Optional::of).forEach(box.getItems()::add);
        ChoiceWidth.of(
                box,
                Stream.concat(
                        Stream.of(Messages.message("string-set-pane.not-said")),
                        Stream.of(Material.values()).map(Wording::label)));
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Material> choice) {
                return choice == null
                        ? ""
                        : choice.map(Wording::label).orElse(Messages.message("string-set-pane.not-said"));
            }

            @Override
            public Optional<Material> fromString(String text) {
                throw new UnsupportedOperationException("choices are not typed");
            }
        });
        box.valueProperty().addListener((property, old, next) -> {
            if (next != null && at < shown.size() && !next.equals(shown.get(at).material())) {
                replace(at, string -> string.withMaterial(next));
            }
        });
        return box;
    }

    private void takeCourse(int at, String text) {
        trouble.setText("");
        if (text.isBlank()) {
            replace(at, old -> old.withCourse(Optional.empty()));
            return;
        }
        Parsed<Integer> parsed = StringSpec.COURSE.parse(text);
        if (parsed instanceof Parsed.Bad<Integer> bad) {
            trouble.setText(Messages.message(
                    "string-set-pane.string",
                    (shown.size() - at),
                    session.words().correction(bad)));
            return;
        }
        replace(at, old -> old.withCourse(parsed.optional()));
    }

    private void takePitch(int at, String text) {
        replace(at, old -> old.withPitch(text.strip()));
    }

    private void takeGauge(int at, String text) {
        trouble.setText("");
        if (text.isBlank()) {
            replace(at, old -> old.withGauge(Optional.empty()));
            return;
        }
        Parsed<Length> parsed =
                Length.parse(TypedLength.tidy(text, session.bareUnitProperty().get()));
        if (parsed instanceof Parsed.Bad<Length> bad) {
            trouble.setText(Messages.message(
                    "string-set-pane.string",
                    (shown.size() - at),
                    session.words().correction(bad)));
            return;
        }
        replace(at, old -> old.withGauge(parsed.optional()));
    }

    private void replace(int at, UnaryOperator<StringSpec> by) {
        if (at < set.apply(session.job()).size()) {
            change(strings -> {
                List<StringSpec> next = new ArrayList<>(strings);
                next.set(at, by.apply(next.get(at)));
                return next;
            });
        }
    }
}
