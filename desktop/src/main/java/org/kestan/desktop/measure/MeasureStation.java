package org.kestan.desktop.measure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.elevation.ElevationView;
import org.kestan.desktop.field.ChoiceField;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.Entry;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.ProjectionOver;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Place;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;

/**
 * The survey's conditions in a row, a column of readings for each place, the inspection under them. Only lines that apply
 * to the instrument are there; the columns are built anew when that changes.
 */
public final class MeasureStation extends VBox {

    private final JobSession session;
    private final ElevationView elevation;
    private final WorkingOrder order = new WorkingOrder();
    private final Map<Place, PlaceColumn> columns = new EnumMap<>(Place.class);
    private final HBox readings = new HBox();
    private final ScrollPane sheet;
    private final ScrollPane comparison;
    private final int stopsOfTheBar;
    private Set<Reading> taken = Set.of();

    /**
     * @param elevation the drawing whose leaders end at this station's columns
     */
    public MeasureStation(JobSession session, ElevationView elevation) {
        this.session = session;
        this.elevation = elevation;
        getStyleClass().add("measure");
        readings.getStyleClass().add("readings");
        SurveyBar bar = new SurveyBar(session, order, this::compare);
        stopsOfTheBar = order.size();
        InspectionPane inspection = new InspectionPane(session, new WorkingOrder());
        sheet = scroll(new VBox(bar, readings, inspection));
        comparison = scroll(new ComparePane(session, () -> compare(false)));
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox.setVgrow(comparison, Priority.ALWAYS);
        getChildren().addAll(sheet, comparison);
        compare(false);
        build(taken(session.job()));
        session.reckoningProperty().addListener((property, old, next) -> {
            if (!taken(next.job()).equals(taken)) {
                build(taken(next.job()));
            }
        });
        visibleProperty().addListener((property, old, next) -> Platform.runLater(this::tellAnchors));
    }

    private static ScrollPane scroll(javafx.scene.Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }

    private void compare(boolean shown) {
        comparison.setVisible(shown);
        comparison.setManaged(shown);
        comparison.getContent().setVisible(shown);
        sheet.setVisible(!shown);
        sheet.setManaged(!shown);
    }

    /** Says what happens when Enter is pressed on the last reading. */
    public void setAfterLast(Runnable action) {
        order.setAfterLast(action);
    }

    /** Puts the focus on the first field. */
    public void focusFirst() {
        order.first();
    }

    private static Set<Reading> taken(Job job) {
        return Stream.of(Reading.values()).filter(job::takes).collect(Collectors.toUnmodifiableSet());
    }

    private void build(Set<Reading> next) {
        taken = next;
        order.keepFirst(stopsOfTheBar);
        columns.clear();
        for (Place place : Place.values()) {
            PlaceColumn column = new PlaceColumn(place);
            column.boundsInParentProperty().addListener((property, old, now) -> Platform.runLater(this::tellAnchors));
            columns.put(place, column);
        }
        for (Reading reading : Reading.values()) {
            if (taken.contains(reading)) {
                PlaceColumn column = columns.get(reading.place());
                column.add(field(Entries.length(reading, session::standards), Integer.toString(reading.row())));
                extras(reading, column);
            }
        }
        detail(Place.HEEL, Details.NECK_ANGLE, "16");
        detail(Place.ACTION, Details.CENTS_BASS, "18");
        detail(Place.ACTION, Details.CENTS_TREBLE, "18");
        detail(Place.TAIL, Details.SADDLE_MATERIAL, "19");
        if (taken.contains(Reading.BRIDGE_HEIGHT)) {
            detail(Place.BRIDGE, Details.FOOT_FIT, "15");
        }
        columns.values().removeIf(PlaceColumn::isEmpty);
        readings.getChildren().setAll(columns.values());
        columns.values().forEach(column -> HBox.setHgrow(column, Priority.ALWAYS));
        Platform.runLater(this::tellAnchors);
    }

    private void detail(Place place, Detail<?> detail, String number) {
        columns.get(place).add(field(Entries.ofSurvey(detail), number));
    }

    /** What belongs to a reading beside its length: at which frets, against what, toward which side. */
    private void extras(Reading reading, PlaceColumn column) {
        switch (reading) {
            case RELIEF -> {
                column.add(field(Entries.held(), ""));
                column.add(field(Entries.reliefReadAt(), ""));
            }
            case ACTION_TREBLE -> column.add(field(Entries.actionFret(), ""));
            case PROJECTION_SLACK ->
                column.add(new ChoiceField<>(
                        session,
                        order,
                        "survey-projection-over",
                        "Read over",
                        "Against what the projection was read: the soundboard, or the bridge\u2019s top.",
                        "the soundboard",
                        List.of(ProjectionOver.values()),
                        ProjectionOver::label,
                        job -> job.survey().projectionOver(),
                        (job, choice) -> job.withSurvey(job.survey().withProjectionOver(choice))));
            case SIDE_DRIFT ->
                column.add(new ChoiceField<>(
                        session,
                        order,
                        "survey-sideDrift-toward",
                        "Toward",
                        "The side of the bridge toward which the fretboard\u2019s centre line lands.",
                        "neither",
                        List.of(Side.values()),
                        Side::word,
                        job -> job.survey().driftToward(),
                        (job, choice) -> job.withSurvey(job.survey().withDriftToward(choice))));
            default -> {}
        }
    }

    private EntryField field(Entry entry, String number) {
        return new EntryField(session, entry, number, order);
    }

    private void tellAnchors() {
        elevation.anchors().keySet().retainAll(isVisible() ? columns.keySet() : List.of());
        if (!isVisible() || getScene() == null) {
            return;
        }
        columns.forEach((place, column) -> {
            double middle = column.localToScene(column.getWidth() / 2, 0).getX();
            elevation.anchors().put(place, elevation.sceneToLocal(middle, 0).getX());
        });
    }
}
