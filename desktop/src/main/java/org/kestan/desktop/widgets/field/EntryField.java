package org.kestan.desktop.widgets.field;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.collections.MapChangeListener;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.analysis.questions.Question;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedLength;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Tool;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.job.Job;
import org.kestan.job.source.Provenance;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * A field for one entry of the job: number and label, the text, and a line below it for the converted value, the
 * assumed value, a question or an error. Esc restores the text from before typing.
 */
public final class EntryField extends VBox implements Explainable {

    private final JobSession session;
    private final Entry entry;
    private final WorkingOrder order;
    private final String number;
    private final TextField input = new TextField();
    private final Label note = new Label();
    private String shown = "";
    private String error = "";
    private String hint = "";
    private String noteKind = "";

    /** The odd value that was last asked about. */
    private String asked = "";

    /**
     * @param number the line's number on the sheet, empty for none
     */
    public EntryField(JobSession session, Entry entry, String number, WorkingOrder order) {
        this.session = session;
        this.entry = entry;
        this.order = order;
        this.number = number;
        getStyleClass().add("entry");
        Label label = new Label(entry.label());
        label.getStyleClass().add("entry-label");
        label.setLabelFor(input);
        label.setMinWidth(0);
        label.setWrapText(true);
        HBox head = new HBox(label);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("entry-head");
        if (!number.isEmpty()) {
            Label badge = new Label(number);
            badge.getStyleClass().add("entry-number");
            head.getChildren().add(0, badge);
        }
        input.setId(id(entry.line()));
        input.setAccessibleText((number.isEmpty() ? "" : number + " ") + entry.label());
        input.setAccessibleHelp(entry.hint());
        input.setPrefColumnCount(7);
        note.getStyleClass().add("entry-note");
        // Always there with a fixed height, and never wider than its field, so that the note of one field moves no
        // other.
        note.setMinWidth(0);
        note.setPrefWidth(0);
        note.setMaxWidth(Double.MAX_VALUE);
        LazyTooltip.on(note, note::getText);
        note.setId(input.getId() + "-note");
        if (entry.length().isPresent()) {
            // A field in a table has its name at the start of its row.
            boolean named = !entry.label().isEmpty() || !number.isEmpty();
            head.setVisible(named);
            head.setManaged(named);
            getChildren().addAll(head, input, note);
        } else {
            // A value that is not a length has short notes, which go beside the label.
            HBox.setHgrow(note, Priority.ALWAYS);
            head.getChildren().add(note);
            getChildren().addAll(head, input);
        }
        order.add(input);
        listen();
        showUnit();
        show(session.analysis());
    }

    /** Returns the id of the field of a line: that of {@code survey.action.bass} is {@code survey-action-bass}. */
    public static String id(Line<?> line) {
        return line.path().replaceAll("[.\\[]", "-").replace("]", "");
    }

    @Override
    public String word() {
        return (number.isEmpty() ? "" : number + "  ") + Wording.full(entry.line());
    }

    @Override
    public String meaning() {
        StringBuilder said = new StringBuilder(entry.hint());
        entry.length().ifPresent(length -> {
            said.append(Messages.message(
                    "entry-field.plausible-from-to",
                    unit().format(length.entry().least()),
                    unit().format(length.entry().greatest())));
        });
        reading()
                .ifPresent(reading -> said.append(Messages.message("entry-field.tool"))
                        .append(Wording.label(session.job().visit().tool(reading)))
                        .append(Messages.message("entry-field.f4-for-another-shift")));
        standIn(session.analysis())
                .ifPresent(value -> said.append(
                        stays()
                                ? Messages.message("entry-field.left-out-it-stays", value)
                                : Messages.message("entry-field.left-out-it-is-assumed", value)));
        if (!suggestions().isEmpty()) {
            said.append(Messages.message("entry-field.down-shows-usual-words"));
        }
        return said.toString();
    }

    /** Common words for a text; any other can be typed. */
    private List<String> suggestions() {
        return entry.length().isPresent() ? List.of() : Wording.usual(entry.line());
    }

    private void suggest() {
        ContextMenu menu = new ContextMenu();
        menu.setId("suggestions");
        for (String word : suggestions()) {
            MenuItem item = new MenuItem(word);
            item.setOnAction(event -> {
                input.setText(word);
                input.end();
            });
            menu.getItems().add(item);
        }
        menu.show(input, Side.BOTTOM, 0, 2);
    }

    /** Returns its control. */
    public TextField input() {
        return input;
    }

    /** Puts the focus into its control. */
    @Override
    public void requestFocus() {
        input.requestFocus();
    }

    private void listen() {
        input.setOnAction(action -> {
            if (take() && isSure()) {
                order.next(input);
            }
        });
        input.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            boolean untouched = input.getText().equals(shown);
            if (event.getCode() == KeyCode.Z && event.isShortcutDown() && untouched) {
                // With nothing half-typed here, undo applies to the job, not to this field's letters.
                if (event.isShiftDown()) {
                    session.redo();
                } else {
                    session.undo();
                }
                event.consume();
            } else if (event.getCode() == KeyCode.ENTER
                    && event.isShiftDown()
                    && reading().isPresent()) {
                takeAgain(reading().get());
                event.consume();
            } else if (event.getCode() == KeyCode.DOWN && !suggestions().isEmpty()) {
                suggest();
                event.consume();
            } else if (event.getCode() == KeyCode.F4 && reading().isPresent()) {
                nextTool(reading().get());
                event.consume();
            }
            if (event.getCode() == KeyCode.ESCAPE && !input.getText().equals(shown)) {
                error = "";
                session.typing().end(entry.line(), true);
                input.setText(shown);
                input.selectAll();
                showNote(session.analysis());
                event.consume();
            }
        });
        input.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                input.selectAll();
                session.focusedLineProperty().set(entry.line());
                session.typing().begin(entry.line(), number, input.textProperty(), note.textProperty());
                hint = entry.hint()
                        + reading().map(this::toolHint).orElse("")
                        + (suggestions().isEmpty() ? "" : Messages.message("entry-field.down-shows-entries"));
                session.say(hint);
                session.takerProperty()
                        .set(
                                entry.length()
                                                .filter(Measurable.class::isInstance)
                                                .isPresent()
                                        ? this::takeFromGauge
                                        : null);
            } else {
                if (session.noticeProperty().get().equals(hint)) {
                    // A hint belongs to the focused field.
                    session.say("");
                }
                session.typing().end(entry.line(), take());
                if (session.focusedLineProperty().get() == entry.line()) {
                    session.focusedLineProperty().set(null);
                }
            }
        });
        session.settledProperty().addListener((property, old, next) -> show(next));
        session.unitProperty().addListener((property, old, next) -> showNote(session.analysis()));
        session.bareUnitProperty().addListener((property, old, next) -> showUnit());
        session.bareUnits().addListener((MapChangeListener<Tool, String>) change -> showUnit());
    }

    /** Takes and tools are kept for the visit on the sheet only. */
    private Optional<Measurable> reading() {
        return entry.length()
                .filter(line -> entry.onSheet())
                .filter(Measurable.class::isInstance)
                .map(Measurable.class::cast);
    }

    private String toolHint(Measurable reading) {
        Tool tool = session.job().visit().tool(reading);
        return Messages.message("entry-field.tool-f4", Wording.label(tool));
    }

    /** The empty field shows the unit of a bare number. */
    private void showUnit() {
        input.setPromptText(entry.length().map(session::bareUnit).orElse(""));
    }

    private void nextTool(Measurable reading) {
        Tool next = session.job().visit().tool(reading).next();
        session.edit(job -> job.withVisit(job.visit().withTool(reading, next)));
        showUnit();
        session.say(entry.hint() + toolHint(reading));
    }

    /** Returns a typed length in the notation of the sheet, with the shop's usual unit if none is typed. */
    private String withUnit(String typed) {
        return entry.length().isPresent()
                ? TypedLength.tidy(typed, session.bareUnit(entry.length().get()))
                : typed;
    }

    /** Accepts the text as one more take of the reading: all are kept, the median counts. */
    private void takeAgain(Measurable reading) {
        Parsed<Job> written = JobEntries.again(session.job(), reading, withUnit(input.getText()), session.standards());
        if (written instanceof Parsed.Bad<Job> bad) {
            refuse(bad);
            return;
        }
        error = "";
        session.edit(job -> JobEntries.again(job, reading, withUnit(input.getText()), session.standards())
                .optional()
                .orElse(job));
        show(session.analysis());
        input.setText(shown);
        input.selectAll();
    }

    /** Accepts a reading from a gauge, as if it had been typed with Enter. */
    private void takeFromGauge(String text) {
        input.setText(text);
        if (take()) {
            order.next(input);
        }
    }

    /** Puts the text into the job; false if it can't be used, and then the text stays. */
    private boolean take() {
        String typed = withUnit(input.getText());
        if (typed.equals(shown) && error.isEmpty()) {
            return true;
        }
        Parsed<Job> written = entry.write(session.job(), typed);
        if (written instanceof Parsed.Bad<Job> bad) {
            refuse(bad);
            // The next typing replaces it.
            input.selectAll();
            return false;
        }
        error = "";
        shown = typed;
        session.edit(job -> entry.write(job, typed)
                .optional()
                .map(next -> entry.onSheet() ? session.sourced(entry.line(), next) : next)
                .orElse(job));
        show(session.analysis());
        return true;
    }

    /** Shows an error at the field, and in the status line, which has room for all of it. */
    private void refuse(Parsed.Bad<Job> bad) {
        error = session.words().correction(bad);
        showNote(session.analysis());
        if (input.isFocused()) {
            session.complain(error);
        }
    }

    /** An implausible value is asked about before Enter moves on; a second Enter confirms it. */
    private boolean isSure() {
        Optional<LengthLine> length = entry.length();
        Optional<Length> said = length.flatMap(entry.sheet(session.job())::get);
        boolean odd = said.isPresent() && isOdd(length.get(), said.get().millimeters());
        if (!odd || shown.equals(asked)) {
            return true;
        }
        asked = shown;
        input.selectAll();
        session.complain(Messages.message(
                "entry-field.is-that-right",
                shown,
                unit().format(length.get().entry().least()),
                unit().format(length.get().entry().greatest())));
        return false;
    }

    /** Negative where it can't be, or far past what is plausible: a wrong unit or decimal point. */
    private static boolean isOdd(LengthLine line, double millimeters) {
        return millimeters < Math.min(0, line.entry().least())
                || millimeters > 2 * line.entry().greatest();
    }

    private void show(JobAnalysis analysis) {
        String text = entry.text(analysis.job());
        boolean changedElsewhere = !text.equals(shown);
        if (changedElsewhere || error.isEmpty()) {
            error = "";
            shown = text;
            if (!input.getText().equals(text) && (changedElsewhere || !input.isFocused())) {
                input.setText(text);
            }
        }
        showNote(analysis);
    }

    private void showNote(JobAnalysis analysis) {
        String kind = "plain";
        String text = "";
        Optional<Question> question = analysis.questions().stream()
                .filter(each -> entry.onSheet())
                .filter(each -> each.line().equals(entry.line()))
                .findFirst();
        String fault = faultHere(analysis);
        if (!error.isEmpty()) {
            kind = "error";
            text = error;
        } else if (!fault.isEmpty()) {
            kind = shown.isEmpty() ? "needed" : "error";
            text = shown.isEmpty() ? "needed" : fault;
        } else if (question.isPresent()) {
            kind = "question";
            text = Wording.capital(session.words().say(question.get().asked()));
        } else {
            text = converted(analysis);
        }
        showNote(kind, text);
    }

    /**
     * Touches the nodes only if something changed: during a drag there are many analyses in which most fields stay the
     * same.
     */
    private void showNote(String kind, String text) {
        if (text.equals(note.getText()) && kind.equals(noteKind)) {
            return;
        }
        noteKind = kind;
        note.setText(text);
        note.getStyleClass().setAll("label", "entry-note", "entry-note-" + kind);
        input.getStyleClass().removeAll("input-error", "input-question");
        if (kind.equals("error") || kind.equals("question")) {
            input.getStyleClass().add("input-" + kind);
        }
        input.setAccessibleRoleDescription(text);
    }

    private String faultHere(JobAnalysis analysis) {
        return analysis.faults().stream()
                .filter(fault -> entry.onSheet())
                .filter(fault -> fault.pointer().equals(entry.line().pointer()))
                .map(fault -> session.words().correction(fault.problem(), fault.accepted()))
                .findFirst()
                .orElse("");
    }

    private String converted(JobAnalysis analysis) {
        BenchUnit unit = unit();
        if (shown.isEmpty()) {
            return standIn(analysis)
                    .map(value -> stays()
                            ? Messages.message("entry-field.stays", value)
                            : Messages.message("entry-field.assumed", value))
                    .orElse("");
        }
        Optional<Measurable> reading = reading();
        if (reading.isPresent()) {
            OptionalDouble spread = ReadingTakes.spread(analysis.job().visit(), reading.get());
            if (spread.isPresent()) {
                return Messages.message(
                        "entry-field.median-of-spread",
                        analysis.job().visit().takesOf(reading.get()).size(),
                        unit().format(spread.getAsDouble()));
            }
        }
        Optional<Provenance> source = entry.onSheet() ? analysis.job().visit().source(entry.line()) : Optional.empty();
        if (source.isPresent()) {
            String made = Wording.label(source.get().made());
            OptionalDouble half = source.get().halfWidth();
            return half.isPresent() && entry.length().isPresent()
                    ? Messages.message("entry-field.made", made, unit().fine().format(half.getAsDouble()))
                    : made;
        }
        return entry.length()
                .flatMap(entry.sheet(analysis.job())::get)
                .map(length -> unit.format(length.millimeters()))
                .filter(text -> !text.replace(" ", "").equals(shown.replace(" ", "")))
                .map(text -> "= " + text)
                .orElse("");
    }

    private BenchUnit unit() {
        return entry.length().filter(LengthLine::withFeelers).isPresent()
                ? session.unit().fine()
                : session.unit();
    }

    /** The default used for an empty value. */
    private Optional<String> standIn(JobAnalysis analysis) {
        OptionalDouble standIn = entry.length()
                .filter(line -> entry.onSheet())
                .map(analysis::standIn)
                .orElse(OptionalDouble.empty());
        return standIn.isPresent() ? Optional.of(unit().format(standIn.getAsDouble())) : Optional.empty();
    }

    /** Returns whether an empty target leaves things as they are. */
    private boolean stays() {
        return entry.line() instanceof Aim && entry.line() != Aim.FALL_AWAY && entry.line() != Aim.CLEARANCE;
    }
}
