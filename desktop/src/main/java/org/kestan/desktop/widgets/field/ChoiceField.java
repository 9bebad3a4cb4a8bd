package org.kestan.desktop.widgets.field;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.value.ObservableValue;
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
 * A choice in the job. Typing a choice's first letter chooses it; Enter moves on to the next field.
 *
 * @param <T> what is chosen
 */
public final class ChoiceField<T> extends VBox implements Explainable {

    /**
     * What can be chosen, and where it is in the job.
     *
     * @param id id of the box
     * @param texts what is read beside it
     * @param options the choices
     * @param word the word for a choice
     * @param read reads the choice out of the job
     * @param write puts a choice into the job
     */
    public record Choice<T>(
            String id,
            Texts texts,
            List<T> options,
            Function<T, String> word,
            Function<Job, Optional<T>> read,
            BiFunction<Job, Optional<T>, Job> write) {}

    /**
     * The texts of a choice.
     *
     * @param label the label over it
     * @param hint one line on what to choose
     * @param unsaid the word shown until something is chosen
     */
    public record Texts(String label, String hint, String unsaid) {

        /** The texts of a line of the job. */
        public static Texts of(Line<?> line) {
            return new Texts(Wording.label(line), Wording.hint(line), Wording.unsaid(line));
        }
    }

    private static final ObservableValue<String> NO_NOTE = new ReadOnlyStringWrapper("");

    private final ComboBox<Optional<T>> box = new ComboBox<>();
    private final Texts texts;
    private boolean showing;

    /** Makes the field and adds it to the working order. */
    public ChoiceField(JobSession session, WorkingOrder order, Choice<T> choice) {
        texts = choice.texts();
        String label = texts.label();
        String hint = texts.hint();
        String unsaid = texts.unsaid();
        List<T> choices = choice.options();
        Function<T, String> word = choice.word();
        getStyleClass().add("entry");
        Label head = new Label(label);
        head.getStyleClass().addAll("entry-label", "entry-head");
        head.setLabelFor(box);
        box.setId(choice.id());
        box.setAccessibleText(label);
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().add(Optional.empty());
        choices.forEach(each -> box.getItems().add(Optional.of(each)));
        ChoiceWidth.of(box, Stream.concat(Stream.of(unsaid), choices.stream().map(word)));
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<T> chosen) {
                return chosen == null ? "" : chosen.map(word).orElse(unsaid);
            }

            @Override
            public Optional<T> fromString(String text) {
                throw new UnsupportedOperationException("choices are not typed");
            }
        });
        getChildren().addAll(head, box);
        order.add(box);
        show(choice.read().apply(session.job()));
        session.analysisProperty()
                .addListener((property, old, next) -> show(choice.read().apply(next.job())));
        box.valueProperty().addListener((property, old, next) -> {
            if (!showing && next != null) {
                session.edit(job -> choice.write().apply(job, next));
            }
        });
        box.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                session.hint(box, hint);
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
            boolean command = event.isAltDown() || event.isShortcutDown();
            if (!command && !letter.isBlank() && Character.isLetter(letter.charAt(0))) {
                choose(letter, word);
                event.consume();
            }
        });
    }

    /** The next choice starting with a letter; pressing it again moves on to the one after. */
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
        return texts.label();
    }

    @Override
    public String meaning() {
        return Messages.message("choice-field.the-first-letter-of", texts.hint());
    }

    /** The choice for a line. */
    public static <T> ChoiceField<T> of(JobSession session, WorkingOrder order, Line<T> line) {
        return of(session, order, line, EntryField.id(line));
    }

    /** The choice for a line, in a box with its own id. */
    public static <T> ChoiceField<T> of(JobSession session, WorkingOrder order, Line<T> line, String id) {
        ChoiceField<T> field = new ChoiceField<>(
                session,
                order,
                new Choice<>(
                        id,
                        Texts.of(line),
                        line.type().choices(),
                        value -> Wording.value(line.type(), value),
                        job -> job.get(line),
                        (job, choice) ->
                                choice.map(value -> job.with(line, value)).orElseGet(() -> job.without(line))));
        field.followed(session, line);
        return field;
    }

    /** While the choice has the focus, it is what is being entered. */
    private void followed(JobSession session, Line<T> line) {
        ObservableValue<String> chosen = box.valueProperty().map(box.getConverter()::toString);
        box.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                session.typing().begin(line, number(line), chosen, NO_NOTE);
            }
        });
    }

    private static String number(Line<?> line) {
        return line.number() > 0 ? Integer.toString(line.number()) : "";
    }

    /** Puts the focus into its box. */
    @Override
    public void requestFocus() {
        box.requestFocus();
    }

    private void show(Optional<T> choice) {
        showing = true;
        box.setValue(choice);
        showing = false;
    }
}
