package org.kestan.desktop.stations.measure;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Detail;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Place;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.FrameTasks;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.overview.AskedLines;
import org.kestan.overview.Station;

/**
 * The visit's conditions in a row, a column of readings for each place, and the inspection below. Only lines that
 * apply to the instrument are shown; the columns are rebuilt when that changes.
 */
public final class MeasureStation extends VBox implements Room {

    /** The first number of the rare lines, which are folded until they are needed. */
    static final int FIRST_RARE = 16;

    private static final int FIELDS_A_FRAME = 3;

    /** The number of the lines about the instrument's state. */
    private static final int CONDITION = 2;

    private final JobSession session;
    private final InstrumentView instrument;
    private final WorkingOrder order = new WorkingOrder();
    private final Map<Place, PlaceColumn> columns = new EnumMap<>(Place.class);
    private final PlaceRows readings = new PlaceRows();
    private final VBox written = new VBox();
    private final InspectionPane inspection;
    private final FrameTasks rest = new FrameTasks();
    private boolean whole;
    private final ScrollPane sheet;
    private final ScrollPane comparison = scroll();
    private final ScrollPane neckSheet = scroll();
    private Optional<NeckPane> neck = Optional.empty();
    private final ToggleButton rare = new ToggleButton();
    private final Map<Line<?>, Node> fields = new LinkedHashMap<>();
    private Set<Line<?>> taken = Set.of();
    private Set<Line<?>> asked = Set.of();

    /** Makes the station; the leaders of the drawing above end at its columns. */
    public MeasureStation(RoomContext context) {
        session = context.session();
        taken = taken(session.job());
        instrument = context.instrument();
        getStyleClass().add("measure");
        inspection = new InspectionPane(session, order);
        rare.setId("rare-readings");
        rare.getStyleClass().add("plain-button");
        rare.setText(Messages.message("measure-station.rare-readings-16-19"));
        rare.setOnAction(event -> fold());
        sheet = scroll();
        sheet.setContent(written);
        NextReading large = new NextReading(session, this::onSheet, this::focusTyping);
        neckSheet.setFitToHeight(true);
        VBox.setVgrow(neckSheet, Priority.ALWAYS);
        WorkingOrder.follow(neckSheet);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox.setVgrow(comparison, Priority.ALWAYS);
        getChildren().addAll(large, sheet, comparison, neckSheet);
        WorkingOrder.follow(sheet);
        show(Page.SHEET);
        layOut();
        session.settledProperty().addListener((property, old, now) -> show(now.job()));
        session.knownProperty().addListener((property, old, now) -> {
            if (whole) {
                asked = AskedLines.of(now);
                fold();
            }
        });
        order.setAfterLast(() -> context.enter(Station.VERDICT));
        neckSheet.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE || key.getCode() == KeyCode.F2) {
                show(Page.SHEET);
                focusFirst();
                key.consume();
            }
        });
        context.store().openedProperty().addListener((property, old, next) -> show(Page.SHEET));
    }

    private static ScrollPane scroll() {
        ScrollPane scroll = new ScrollPane();
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }

    /** What the station shows below the current reading. */
    private enum Page {
        SHEET,
        COMPARISON,
        NECK
    }

    private void show(Page page) {
        // The comparison and the neck are built only on request.
        if (page == Page.COMPARISON && comparison.getContent() == null) {
            comparison.setContent(new ComparePane(session, () -> show(Page.SHEET)));
        }
        if (comparison.getContent() != null) {
            comparison.getContent().setVisible(page == Page.COMPARISON);
        }
        show(comparison, page == Page.COMPARISON);
        show(sheet, page == Page.SHEET);
        if (page == Page.NECK) {
            instrument.setOnFret(neck()::focus);
        } else {
            instrument.setOnFret(null);
        }
        neck.ifPresent(pane -> pane.setVisible(page == Page.NECK));
        show(neckSheet, page == Page.NECK);
    }

    private NeckPane neck() {
        if (neck.isEmpty()) {
            NeckPane pane = new NeckPane(session, () -> {
                show(Page.SHEET);
                focusFirst();
            });
            neck = Optional.of(pane);
            neckSheet.setContent(pane);
        }
        return neck.get();
    }

    private void openNeck() {
        show(Page.NECK);
        neck().focusFirst();
    }

    @Override
    public Parent node() {
        return this;
    }

    /** The reading that the band above asks for; if all are taken, the first one of the sheet. */
    @Override
    public void focusFirst() {
        rest.finish();
        NextReading.next(onSheet(), session.job())
                .flatMap(line -> Optional.ofNullable(lookup("#" + EntryField.id(line))))
                .ifPresentOrElse(Node::requestFocus, order::first);
    }

    private static boolean isAtAPlace(Line<?> line) {
        return line.place().isPresent()
                && !(line instanceof Reading reading && reading.perFret())
                && !NeckPane.takes(line);
    }

    /** The lines read at a place of this instrument, in working order. */
    private static Set<Line<?>> taken(Job job) {
        return Lines.OF_VISIT.stream()
                .filter(line -> isAtAPlace(line) && job.takes(line))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** All lines of the sheet, in the order of Enter. */
    private List<Line<?>> onSheet() {
        return Stream.concat(
                        Lines.OF_VISIT.stream()
                                .filter(line -> line.place().isEmpty() && line.number() > 0 && line != Lines.NOTES),
                        taken.stream())
                .toList();
    }

    /**
     * Each line has one field for as long as the window is open; those that do not apply to this instrument are
     * hidden.
     */
    private void layOut() {
        // Columns that are not filled yet would shift with each field.
        written.setOpacity(0);
        rest.add(() -> {
            SurveyBar bar = new SurveyBar(session, order, inspection::summary, () -> show(Page.COMPARISON));
            bar.getChildren().add(new VBox(new Label(""), rare));
            written.getChildren().setAll(bar, inspection, readings);
        });
        List<Line<?>> lines = inColumns();
        for (int from = 0; from < lines.size(); from += FIELDS_A_FRAME) {
            List<Line<?>> some = lines.subList(from, Math.min(lines.size(), from + FIELDS_A_FRAME));
            rest.add(() -> some.forEach(this::add));
        }
        rest.add(() -> {
            columns.get(Place.RELIEF)
                    .add(new TextButton(Messages.message("measure-station.fret-by-fret"), "neck-open", this::openNeck));
            written.setOpacity(1);
            whole = true;
            fold();
        });
    }

    /** Down one column after the other: the columns in the order in which their heights are read. */
    private static List<Line<?>> inColumns() {
        List<Line<?>> lines =
                Lines.OF_VISIT.stream().filter(MeasureStation::isAtAPlace).toList();
        List<Place> places = lines.stream()
                .filter(line -> line.number() > CONDITION)
                .flatMap(line -> line.place().stream())
                .distinct()
                .toList();
        return lines.stream()
                .sorted(Comparator.comparing(line -> places.indexOf(line.place().orElseThrow(Expect.present("place")))))
                .toList();
    }

    private void add(Line<?> line) {
        Place place = line.place().orElseThrow(Expect.present("place"));
        Node field = field(line);
        fields.put(line, field);
        show(field, needed(line, field));
        PlaceColumn column = columns.get(place);
        if (column == null) {
            column = column(place);
            columns.put(place, column);
            readings.getChildren().add(List.copyOf(columns.keySet()).indexOf(place), column);
        }
        column.add(field);
    }

    @Override
    public FrameTasks rest() {
        return rest;
    }

    private void show(Job job) {
        taken = taken(job);
        fold();
    }

    @Override
    public void unfold(Line<?> line) {
        rest.finish();
        if (line instanceof AtFret at) {
            show(Page.NECK);
            neck().unfold(at);
            return;
        }
        show(Page.SHEET);
        if (line == Lines.NOTES) {
            inspection.open(true);
        }
        if (isRare(line)) {
            rare.setSelected(true);
            fold();
        }
    }

    /** Rare lines are shown if they are requested, filled in, or asked about. */
    private void fold() {
        fields.forEach((line, field) -> show(field, needed(line, field)));
        columns.forEach((place, column) -> show(column, isUsed(place)));
    }

    private boolean needed(Line<?> line, Node field) {
        return taken.contains(line)
                && (rare.isSelected()
                        || !isRare(line)
                        || session.job().get(line).isPresent()
                        || field.isFocusWithin()
                        || asked.contains(line)
                        || session.analysis().questions().stream()
                                .anyMatch(question -> question.line().equals(line)));
    }

    private static boolean isRare(Line<?> line) {
        return line.number() >= FIRST_RARE || Lines.RARE.contains(line);
    }

    private boolean isUsed(Place place) {
        return taken.stream()
                .anyMatch(line -> line.place().filter(place::equals).isPresent());
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void focusTyping() {
        Optional.ofNullable(fields.get(session.typing().lineProperty().get())).ifPresent(Node::requestFocus);
    }

    private PlaceColumn column(Place place) {
        PlaceColumn column = new PlaceColumn(place);
        show(column, isUsed(place));
        return column;
    }

    /** Details of a reading, such as its fret, are below it without a number of their own. */
    private Node field(Line<?> line) {
        boolean belongs = line instanceof Detail<?>
                && Lines.OF_VISIT.stream().anyMatch(each -> each instanceof Reading && each.number() == line.number());
        return Fields.of(session, order, line, belongs ? "" : Integer.toString(line.number()));
    }
}
