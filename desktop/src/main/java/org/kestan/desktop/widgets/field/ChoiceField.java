package org.kestan.desktop.widgets.field;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Job;
import org.kestan.text.Wording;

/**
 * A choice of the job. The first letter of a choice chooses it, Enter goes on to the next field.
 *
 * @param <T> what is chosen
 */
public final class ChoiceField<T> extends VBox implements Explainable {

    private final ComboBox<Optional<T>> box = new ComboBox<>();
    private final String label;
    private final String hint;
    private boolean showing;

    /**
     * @param id id of the box
     * @param label the label over it
     * @param hint one line on what to choose
     * @param unsaid the word shown while nothing is chosen
     * @param choices what there is to choose
     * @param word the word for a choice
     * @param read reads the choice out of the job
     * @param write puts a choice into the job
     */
    public ChoiceField(
            JobSession session,
            WorkingOrder order,
            String id,
            String label,
            String hint,
            String unsaid,
            List<T> choices,
            Function<T, String> word,
            Function<Job, Optional<T>> read,
            BiFunction<Job, Optional<T>, Job> write) {
        this.label = label;
        this.hint = hint;
        getStyleClass().add("entry");
        Label head = new Label(label);
        head.getStyleClass().addAll("entry-label", "entry-head");
        head.setLabelFor(box);
        box.setId(id);
        box.setAccessibleText(label);
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().add(Optional.empty());
        choices.forEach(choice -> box.getItems().add(Optional.of(choice)));
        ChoiceWidth.of(box, Stream.concat(Stream.of(unsaid), choices.stream().map(word)));
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<T> choice) {
                return choice == null ? "" : choice.map(word).orElse(unsaid);
            }

            @Override
            public Optional<T> fromString(String text) {
                throw new UnsupportedOperationException("choices are not typed");
            }
        });
        getChildren().addAll(head, box);
        order.add(box);
        show(read.apply(session.job()));
        session.analysisProperty().addListener((property, old, next) -> show(read.apply(next.job())));
        box.valueProperty().addListener((property, old, next) -> {
            if (!showing && next != null) {
                session.edit(job -> write.apply(job, next));
            }
        });
        box.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                session.say(hint);
            }
        });
        box.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER && !box.isShowing()) {
                order.next(box);
                event.consume();
            }
        });
        box.addEventFilter(KeyEvent.KEY_TYPED, event -> {
            String letter = event.getCharacter().toLowerCase(Locale.ROOT);
            if (!letter.isBlank() && Character.isLetter(letter.charAt(0))) {
                choose(letter, word);
                event.consume();
            }
        });
    }

    /** The next choice that begins with a letter: pressed again it goes on to the one after. */
    private void choose(String letter, Function<T, String> word) {
        List<Optional<T>> fitting = box.getItems().stream()
                .filter(choice ->
                        choice.map(word).orElse("").toLowerCase(Locale.ROOT).startsWith(letter))
                .toList();
        if (!fitting.isEmpty()) {
            box.setValue(fitting.get((fitting.indexOf(box.getValue()) + 1) % fitting.size()));
        }
    }

    @Override
    public String word() {
        return label;
    }

    @Override
    public String meaning() {
        return Messages.message("choice-field.the-first-letter-of", hint);
    }

    /** The choice of a line. */
    public static <T> ChoiceField<T> of(JobSession session, WorkingOrder order, Line<T> line) {
        return of(session, order, line, EntryField.id(line));
    }

    /** The choice of a line, in a box of its own id. */
    public static <T> ChoiceField<T> of(JobSession session, WorkingOrder order, Line<T> line, String id) {
        return new ChoiceField<>(
                session,
                order,
                id,
                Wording.label(line),
                Wording.hint(line),
                Wording.unsaid(line),
                line.type().choices(),
                value -> Wording.value(line.type(), value),
                job -> job.get(line),
                (job, choice) -> choice.map(value -> job.with(line, value)).orElseGet(() -> job.without(line)));
    }

    private void show(Optional<T> choice) {
        showing = true;
        box.setValue(choice);
        showing = false;
    }
}
