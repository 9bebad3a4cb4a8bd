package org.kestan.desktop.stations.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.desktop.parts.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.ground.notation.Length;
import org.kestan.ground.notation.Parsed;
import org.kestan.ground.strings.Material;
import org.kestan.job.strings.StringSpec;
import org.kestan.words.Words;

/** The string set, from the bass side: 4 to 12 strings with gauge, wound or plain, and pitch. */
final class StringSetPane extends VBox {

    private static final int FEWEST = 4;
    private static final int MOST = 12;

    /** How many strings a set starts with when the first one is added. */
    private static final int USUAL = 6;

    private final JobSession session;
    private final GridPane grid = new GridPane();
    private final Label trouble = new Label();
    private final Button fewer = new Button("\u2212 string");
    private final Button more = new Button("+ string");
    private List<StringSpec> shown = List.of();

    StringSetPane(JobSession session, WorkingOrder order) {
        this.session = session;
        grid.getStyleClass().add("string-grid");
        trouble.getStyleClass().addAll("entry-note", "entry-note-error");
        trouble.setId("strings-note");
        trouble.setWrapText(true);
        more.setId("strings-more");
        fewer.setId("strings-fewer");
        more.getStyleClass().add("plain-button");
        fewer.getStyleClass().add("plain-button");
        more.setMinWidth(USE_PREF_SIZE);
        fewer.setMinWidth(USE_PREF_SIZE);
        more.setOnAction(event -> change(StringSetPane::longer));
        fewer.setOnAction(event -> change(StringSetPane::shorter));
        HBox buttons = new HBox(more, fewer);
        buttons.getStyleClass().add("ledger-bar");
        getChildren().addAll(grid, trouble, buttons);
        order.add(more);
        session.dossierProperty()
                .addListener((property, old, next) -> show(next.job().strings()));
        build(session.job().strings());
    }

    private static List<StringSpec> longer(List<StringSpec> strings) {
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
        session.edit(job -> job.withStrings(by.apply(job.strings())));
    }

    private void show(List<StringSpec> strings) {
        if (!strings.equals(shown)) {
            build(strings);
        }
    }

    private void build(List<StringSpec> strings) {
        boolean sameCount =
                strings.size() == shown.size() && !grid.getChildren().isEmpty();
        shown = strings;
        more.setDisable(strings.size() >= MOST);
        fewer.setDisable(strings.isEmpty());
        if (sameCount) {
            for (int i = 0; i < strings.size(); i++) {
                fill(i, strings.get(i));
            }
            return;
        }
        grid.getChildren().clear();
        if (!strings.isEmpty()) {
            grid.addRow(0, head(""), head("gauge"), head("wound"), head("pitch"), head("material"), head("course"));
        }
        for (int i = 0; i < strings.size(); i++) {
            row(i);
            fill(i, strings.get(i));
        }
    }

    private static Label head(String text) {
        Label head = new Label(text);
        head.getStyleClass().add("string-head");
        return head;
    }

    private void row(int at) {
        // Counted from the treble, as players do.
        int called = shown.size() - at;
        Label number = new Label(Integer.toString(called));
        number.getStyleClass().add("number-key");
        TextField gauge = new TextField();
        gauge.setId("string-gauge-" + (at + 1));
        gauge.getStyleClass().add("string-gauge");
        gauge.setPrefColumnCount(7);
        gauge.setAccessibleText("Gauge of string " + called);
        CheckBox wound = new CheckBox();
        wound.setAccessibleText("String " + called + " is wound");
        wound.setId("string-wound-" + (at + 1));
        TextField pitch = new TextField();
        pitch.setId("string-pitch-" + (at + 1));
        pitch.setPrefColumnCount(3);
        pitch.setAccessibleText("Pitch of string " + called);
        ComboBox<Optional<Material>> material = material(at, called);
        TextField course = new TextField();
        course.setId("string-course-" + (at + 1));
        course.getStyleClass().add("string-course");
        course.setAccessibleText("Course of string " + called);
        course.setOnAction(event -> takeCourse(at, course.getText()));
        course.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                takeCourse(at, course.getText());
            }
        });
        grid.addRow(at + 1, number, gauge, wound, pitch, material, course);
        gauge.setOnAction(event -> {
            takeGauge(at, gauge.getText());
            pitch.requestFocus();
        });
        gauge.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                takeGauge(at, gauge.getText());
            }
        });
        wound.setOnAction(event -> replace(at, old -> old.withWound(wound.isSelected())));
        pitch.setOnAction(event -> {
            takePitch(at, pitch.getText());
            if (at + 1 < shown.size()) {
                grid.lookup("#string-gauge-" + (at + 2)).requestFocus();
            }
        });
        pitch.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                takePitch(at, pitch.getText());
            }
        });
    }

    private ComboBox<Optional<Material>> material(int at, int called) {
        ComboBox<Optional<Material>> box = new ComboBox<>();
        box.setId("string-material-" + (at + 1));
        box.setAccessibleText("Material of string " + called);
        box.getItems().add(Optional.empty());
        Stream.of(Material.values()).map(Optional::of).forEach(box.getItems()::add);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Material> choice) {
                return choice == null ? "" : choice.map(Words::label).orElse("not said");
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
        if (text.isBlank()) {
            replace(at, old -> old.withCourse(Optional.empty()));
            return;
        }
        Parsed<Integer> parsed = StringSpec.COURSE.parse(text);
        if (parsed instanceof Parsed.Bad<Integer> bad) {
            trouble.setText(
                    "String " + (shown.size() - at) + ": " + session.words().correction(bad));
            return;
        }
        trouble.setText("");
        replace(at, old -> old.withCourse(parsed.optional()));
    }

    private void fill(int at, StringSpec string) {
        set("#string-course-" + (at + 1), string.course().map(String::valueOf).orElse(""));
        materialBox(at).setValue(string.material());
        set("#string-gauge-" + (at + 1), string.gauge().map(Length::text).orElse(""));
        set("#string-pitch-" + (at + 1), string.pitch());
        ((CheckBox) grid.lookup("#string-wound-" + (at + 1))).setSelected(string.wound());
    }

    @SuppressWarnings("unchecked")
    private ComboBox<Optional<Material>> materialBox(int at) {
        return (ComboBox<Optional<Material>>) grid.lookup("#string-material-" + (at + 1));
    }

    private void set(String id, String text) {
        TextField field = (TextField) grid.lookup(id);
        if (!field.getText().equals(text)) {
            field.setText(text);
        }
    }

    private void takePitch(int at, String text) {
        replace(at, old -> old.withPitch(text.strip()));
    }

    private void takeGauge(int at, String text) {
        if (text.isBlank()) {
            replace(at, old -> old.withGauge(Optional.empty()));
            return;
        }
        Parsed<Length> parsed = Length.parse(text);
        if (parsed instanceof Parsed.Bad<Length> bad) {
            trouble.setText(
                    "String " + (shown.size() - at) + ": " + session.words().correction(bad));
            return;
        }
        trouble.setText("");
        replace(at, old -> old.withGauge(parsed.optional()));
    }

    private void replace(int at, UnaryOperator<StringSpec> by) {
        if (at < session.job().strings().size()) {
            change(strings -> {
                List<StringSpec> next = new ArrayList<>(strings);
                next.set(at, by.apply(next.get(at)));
                return next;
            });
        }
    }
}
