package org.kestan.desktop.stations.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Across;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.HeldFrets;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.ChoiceField;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.desktop.widgets.neck.NeckPicture;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.NeckText;
import org.kestan.text.Wording;

/**
 * The neck, fret by fret: gaps under the straightedge, string heights over any fret, single frets that stand proud.
 * Enter moves along the neck, starting with the three frets that tell the most; the cursor on the drawing shows the
 * fret, too.
 */
final class NeckPane extends VBox {

    /** The frets that tell the most about a neck, offered first. Common practice, no source. */
    private static final List<Integer> OFFERED = List.of(4, 7, 11);

    private static final int COLUMNS = 4;
    private static final double PICTURE = 130;
    private static final int USUAL_JOINT = 14;

    /** What is read fret by fret. */
    private enum What {
        GAPS(Messages.message("neck-pane.gaps"), Reading.PROFILE_GAP),
        BOTH_SIDES(Messages.message("neck-pane.gaps-both-sides"), Reading.PROFILE_GAP, Reading.PROFILE_GAP_TREBLE),
        STRINGS(
                Messages.message("neck-pane.strings-over-frets"),
                Reading.STRING_HEIGHT_BASS,
                Reading.STRING_HEIGHT_TREBLE),
        SINGLE(Messages.message("neck-pane.single-frets"), Reading.FRET_ROCKS, Reading.FRET_PROUD);

        private final String title;
        private final List<Reading> readings;

        What(String title, Reading... readings) {
            this.title = title;
            this.readings = List.of(readings);
        }
    }

    private final JobSession session;
    private final PageTabs<What> tabs = new PageTabs<>(What.GAPS, "neck-", what -> what.title);
    private final NeckPicture picture = new NeckPicture();
    private final FlowPane sweep = new FlowPane();
    private final Label shape = new Label();
    private final Label worth = new Label();
    private final Map<AtFret, EntryField> fields = new LinkedHashMap<>();
    private final Sweep order = new Sweep();
    private final WorkingOrder head = new WorkingOrder();
    private final Map<Integer, ChoiceField<Across>> across = new LinkedHashMap<>();
    private List<AtFret> asked = List.of();

    /** Enter goes to the next suggested fret that is not read, then along the neck to the remaining ones. */
    private final class Sweep extends WorkingOrder {

        @Override
        public void next(Node from) {
            AtFret at = asked.stream()
                    .filter(each -> fields.get(each).input() == from)
                    .findFirst()
                    .orElseThrow(Expect.present("at least one"));
            after(at).ifPresent(next -> fields.get(next).requestFocus());
        }
    }

    /**
     * @param close goes back to the sheet
     */
    NeckPane(JobSession session, Runnable close) {
        this.session = session;
        setId("neck");
        getStyleClass().add("neck");
        Node back = new TextButton(Messages.message("neck-pane.back-to-the-sheet"), "neck-close", close);
        Node held = Fields.of(session, head, Lines.PROFILE_HELD, "");
        head.setAfterLast(this::focusFirst);
        shape.setId("neck-shape");
        shape.getStyleClass().add("neck-shape");
        shape.setWrapText(true);
        worth.setId("neck-worth");
        worth.getStyleClass().add("card-remark");
        worth.setWrapText(true);
        VBox said = new VBox(shape, worth);
        said.setMinWidth(0);
        HBox.setHgrow(said, Priority.ALWAYS);
        FlowPane bar = new FlowPane(tabs, back);
        bar.getStyleClass().add("plan-head");
        HBox under = new HBox(held, said);
        under.getStyleClass().add("neck-under");
        sweep.getStyleClass().add("neck-sweep");
        sweep.setId("neck-sweep");
        VBox.setVgrow(picture, Priority.ALWAYS);
        getChildren().addAll(bar, under, sweep, picture);
        // The frets get the space they need; the picture takes the rest.
        picture.setMinHeight(PICTURE);
        picture.setOnFret(this::focus);
        tabs.pageProperty().addListener((property, old, next) -> show());
        session.analysisProperty().addListener((property, old, next) -> show());
        session.knownProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        session.focusedLineProperty().addListener((property, old, next) -> {
            if (isVisible()) {
                picture.show(session);
            }
        });
        visibleProperty().addListener((property, was, is) -> show());
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /** Page Up and Page Down move along the neck fret by fret; Esc leaves if nothing is half-typed. */
    private void pressed(KeyEvent key) {
        if (key.getCode() == KeyCode.PAGE_DOWN || key.getCode() == KeyCode.PAGE_UP) {
            int step = key.getCode() == KeyCode.PAGE_DOWN ? 1 : -1;
            focused()
                    .map(at -> asked.indexOf(at) + step)
                    .filter(next -> next >= 0 && next < asked.size())
                    .ifPresent(next -> fields.get(asked.get(next)).requestFocus());
            key.consume();
        }
    }

    private Optional<AtFret> focused() {
        return asked.stream()
                .filter(each -> fields.get(each).input().isFocused())
                .findFirst();
    }

    private Optional<AtFret> after(AtFret at) {
        Job job = session.job();
        List<AtFret> offered = asked.stream()
                .filter(each -> OFFERED.contains(each.fret()) && each.reading() == at.reading())
                .filter(each -> tabs.page() != What.SINGLE)
                .toList();
        int here = asked.indexOf(at);
        Optional<AtFret> first = offered.contains(at)
                ? offered.stream()
                        .filter(each ->
                                asked.indexOf(each) > here && job.get(each).isEmpty())
                        .findFirst()
                : Optional.empty();
        return first.or(() -> IntStream.range(1, asked.size())
                .mapToObj(step -> asked.get((here + step) % asked.size()))
                .filter(each -> job.get(each).isEmpty())
                .findFirst());
    }

    /** The first suggested fret that is not read; if all are read, the first fret of the neck. */
    void focusFirst() {
        show();
        Job job = session.job();
        asked.stream()
                .filter(each -> OFFERED.contains(each.fret()) && job.get(each).isEmpty())
                .findFirst()
                .or(() -> asked.stream().filter(each -> job.get(each).isEmpty()).findFirst())
                .or(() -> asked.stream().findFirst())
                .ifPresent(at -> fields.get(at).requestFocus());
    }

    /** Shows a line that is read here. */
    void unfold(AtFret at) {
        for (What what : What.values()) {
            if (what.readings.contains(at.reading()) && !tabs.page().readings.contains(at.reading())) {
                ((ToggleButton) tabs.lookup("#neck-" + what.name().toLowerCase(Locale.ROOT))).fire();
            }
        }
        show();
        if (fields.containsKey(at)) {
            fields.get(at).requestFocus();
        }
    }

    /** Asks for the fret that was pressed in the picture. */
    void focus(int fret) {
        asked.stream()
                .filter(each -> each.fret() == fret)
                .findFirst()
                .ifPresent(at -> fields.get(at).requestFocus());
    }

    private void show() {
        if (!isVisible()) {
            return;
        }
        List<AtFret> next = asked();
        if (!next.equals(asked)) {
            asked = next;
            arrange();
        }
        across.forEach((fret, where) ->
                where.setVisible(session.job().get(Reading.FRET_PROUD.at(fret)).isPresent()
                        || session.job().get(Reading.FRET_ROCKS.at(fret)).isPresent()));
        picture.show(session);
        JobAnalysis analysis = session.analysis();
        shape.setText(NeckText.shape(analysis, session.words()));
        worth.setText(NeckText.worth(analysis, session.words()));
    }

    /** The readings that have fields, along the neck. */
    private List<AtFret> asked() {
        Job job = session.job();
        int said = job.jointFret().orElse(USUAL_JOINT);
        int joint = said >= 2 && said <= Frets.HIGHEST ? said : USUAL_JOINT;
        HeldFrets held = job.get(Lines.PROFILE_HELD)
                .filter(each -> each.low() >= 0 && each.high() <= Frets.HIGHEST && each.high() > each.low())
                .orElse(new HeldFrets(1, joint));
        int from =
                switch (tabs.page()) {
                    case GAPS, BOTH_SIDES -> held.low() + 1;
                    case STRINGS, SINGLE -> 2;
                };
        int to =
                switch (tabs.page()) {
                    case GAPS, BOTH_SIDES -> held.high() - 1;
                    case STRINGS -> joint;
                    case SINGLE ->
                        session.analysis()
                                .sideView()
                                .map(view -> view.marks().last())
                                .orElse(Frets.USUAL_LAST);
                };
        List<AtFret> frets = new ArrayList<>();
        for (Reading reading : tabs.page().readings) {
            for (int fret = from; fret <= to; fret++) {
                if (tabs.page() != What.STRINGS || fret != job.visit().actionFret()) {
                    frets.add(reading.at(fret));
                }
            }
        }
        return frets;
    }

    /** One column per fret, its readings below each other. */
    private void arrange() {
        sweep.getChildren().clear();
        Map<Integer, VBox> columns = new LinkedHashMap<>();
        for (AtFret at : asked) {
            VBox column = columns.computeIfAbsent(at.fret(), fret -> {
                VBox box = new VBox();
                box.getStyleClass().add("neck-column");
                return box;
            });
            column.getChildren().add(field(at));
        }
        if (tabs.page() == What.SINGLE) {
            columns.forEach((fret, column) -> {
                ChoiceField<Across> where = across.computeIfAbsent(fret, this::across);
                boolean stands = session.job().get(Reading.FRET_PROUD.at(fret)).isPresent()
                        || session.job().get(Reading.FRET_ROCKS.at(fret)).isPresent();
                where.setVisible(stands);
                column.getChildren().add(where);
            });
        }
        sweep.getChildren().setAll(columns.values());
    }

    /** Where along a fret it stands proud or low. */
    private ChoiceField<Across> across(int fret) {
        Detail<Across> line = Across.at(fret);
        return new ChoiceField<>(
                session,
                new WorkingOrder(),
                new ChoiceField.Choice<>(
                        "across-" + fret,
                        new ChoiceField.Texts(
                                "",
                                Messages.message("neck-pane.where-along-it"),
                                Messages.message("neck-pane.all-along")),
                        List.of(Across.values()),
                        Wording::label,
                        job -> job.get(line),
                        (job, choice) ->
                                choice.map(value -> job.with(line, value)).orElseGet(() -> job.without(line))));
    }

    private EntryField field(AtFret at) {
        return fields.computeIfAbsent(at, each -> {
            String label = at.reading() == tabs.page().readings.get(0)
                    ? Integer.toString(at.fret()) + (OFFERED.contains(at.fret()) ? " \u2022" : "")
                    : second(at.reading());
            EntryField field = new EntryField(session, JobEntries.of(at, label, session::standards), "", order);
            field.input().setPrefColumnCount(COLUMNS);
            return field;
        });
    }

    private static String second(Reading reading) {
        return switch (reading) {
            case PROFILE_GAP_TREBLE, STRING_HEIGHT_TREBLE -> "treble";
            default -> "proud";
        };
    }

    /** Returns whether a line is read here. */
    static boolean takes(Line<?> line) {
        return line instanceof AtFret || line == Lines.PROFILE_HELD;
    }
}
