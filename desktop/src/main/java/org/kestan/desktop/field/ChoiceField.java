package org.kestan.desktop.field;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Form;
import org.kestan.job.Job;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Keyed;

/**
 * A choice of the job. The first letter of a choice chooses it, Enter goes on to the next field.
 *
 * @param <T> what is chosen
 */
public final class ChoiceField<T> extends VBox {

    private final ComboBox<Optional<T>> box = new ComboBox<>();
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
        getStyleClass().add("entry");
        Label head = new Label(label);
        head.getStyleClass().addAll("entry-label", "entry-head");
        head.setLabelFor(box);
        box.setId(id);
        box.setAccessibleText(label);
        box.setMaxWidth(Double.MAX_VALUE);
        box.getItems().add(Optional.empty());
        choices.forEach(choice -> box.getItems().add(Optional.of(choice)));
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
        session.reckoningProperty().addListener((property, old, next) -> show(read.apply(next.job())));
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
                box.getItems().stream()
                        .filter(choice -> choice.map(word)
                                .orElse("")
                                .toLowerCase(Locale.ROOT)
                                .startsWith(letter))
                        .findFirst()
                        .ifPresent(box::setValue);
                event.consume();
            }
        });
    }

    /** A choice among the constants of a detail's enum. */
    public static <E extends Enum<E> & Keyed> ChoiceField<E> of(
            JobSession session,
            WorkingOrder order,
            Detail<E> detail,
            Class<E> type,
            Function<Job, Optional<E>> read,
            BiFunction<Job, Optional<E>, Job> write) {
        return new ChoiceField<>(
                session,
                order,
                EntryField.id(detail.pointer()),
                detail.label(),
                detail.hint(),
                "not said",
                List.of(type.getEnumConstants()),
                Keyed::label,
                read,
                write);
    }

    /** Yes or no. */
    public static ChoiceField<Boolean> yesNo(
            JobSession session,
            WorkingOrder order,
            String id,
            String label,
            String hint,
            Function<Job, Optional<Boolean>> read,
            BiFunction<Job, Optional<Boolean>, Job> write) {
        return new ChoiceField<>(
                session,
                order,
                id,
                label,
                hint,
                "not said",
                List.of(true, false),
                yes -> yes ? "Yes" : "No",
                read,
                write);
    }

    /** Whether the instrument is collectible. */
    public static ChoiceField<Boolean> collectible(JobSession session, WorkingOrder order, String id) {
        return yesNo(
                session,
                order,
                id,
                "Collectible",
                "Y when nothing original may be cut, N when it may.",
                job -> job.instrument().collectible(),
                (job, choice) -> job.withInstrument(job.instrument().withCollectible(choice)));
    }

    /** A flag of the job. */
    public static ChoiceField<Boolean> flag(JobSession session, WorkingOrder order, String id, Detail<Boolean> detail) {
        return yesNo(
                session,
                order,
                id,
                detail.label(),
                detail.hint(),
                job -> job.details().get(detail),
                (job, next) -> job.with(detail, next));
    }

    /** Flat-top or archtop. */
    public static ChoiceField<Form> form(JobSession session, WorkingOrder order, String id) {
        return new ChoiceField<>(
                session,
                order,
                id,
                "Form",
                "F for flat-top with a glued bridge, A for archtop with a floating one.",
                "not said",
                List.of(Form.values()),
                Form::label,
                job -> job.instrument().form(),
                (job, choice) -> job.withInstrument(job.instrument().withForm(choice)));
    }

    private void show(Optional<T> choice) {
        showing = true;
        box.setValue(choice);
        showing = false;
    }
}
