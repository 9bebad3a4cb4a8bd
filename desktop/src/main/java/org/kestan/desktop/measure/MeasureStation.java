package org.kestan.desktop.measure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
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
import org.kestan.job.Form;
import org.kestan.job.Joint;
import org.kestan.job.ProjectionOver;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Place;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;

/** The instrument's own data in a row, then a column of readings for each place. Built anew when the form changes. */
public final class MeasureStation extends VBox {

    private final JobSession session;
    private final ElevationView elevation;
    private final WorkingOrder order = new WorkingOrder();
    private final Map<Place, PlaceColumn> columns = new EnumMap<>(Place.class);
    private final HBox readings = new HBox();
    private final FlowPane instrument = new FlowPane();
    private final int instrumentStops;
    private Fitting fitting;

    /**
     * @param elevation the drawing whose leaders end at this station's columns
     */
    public MeasureStation(JobSession session, ElevationView elevation) {
        this.session = session;
        this.elevation = elevation;
        getStyleClass().add("measure");
        readings.getStyleClass().add("readings");
        instrument.getStyleClass().add("instrument-row");
        ScrollPane scroll = new ScrollPane(new VBox(instrument, readings));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        buildInstrument(order);
        instrumentStops = order.size();
        build(session.job().fitting());
        session.reckoningProperty().addListener((property, old, next) -> {
            if (next.job().fitting() != fitting) {
                build(next.job().fitting());
            }
        });
        visibleProperty().addListener((property, old, next) -> Platform.runLater(this::tellAnchors));
    }

    /** Says what happens when Enter is pressed on the last reading. */
    public void setAfterLast(Runnable action) {
        order.setAfterLast(action);
    }

    /** Puts the focus on the first field. */
    public void focusFirst() {
        order.first();
    }

    private void buildInstrument(WorkingOrder into) {
        EntryField name = new EntryField(session, Entries.name(), "", into);
        name.input().setPrefColumnCount(24);
        ChoiceField<Form> form = new ChoiceField<>(
                session,
                into,
                "instrument-form",
                "Form",
                "F for flat-top with a glued bridge, A for archtop with a floating one.",
                "not said",
                List.of(Form.values()),
                Form::label,
                job -> job.instrument().form(),
                (job, choice) -> job.withInstrument(job.instrument().withForm(choice)));
        ChoiceField<Joint> joint = new ChoiceField<>(
                session,
                into,
                "instrument-joint",
                "Neck joint",
                "How the neck is joined to the body: D, M, B, T or N for not known.",
                "not said",
                List.of(Joint.values()),
                Joint::label,
                job -> job.instrument().joint(),
                (job, choice) -> job.withInstrument(job.instrument().withJoint(choice)));
        EntryField scale = new EntryField(session, Entries.length(Dimension.SCALE), "", into);
        scale.input().setPrefColumnCount(9);
        EntryField jointFret = new EntryField(session, Entries.jointFret(), "", into);
        jointFret.input().setPrefColumnCount(3);
        EntryField humidity = new EntryField(session, Entries.humidity(), "1", into);
        humidity.input().setPrefColumnCount(3);
        instrument.getChildren().setAll(name, form, joint, scale, jointFret, humidity);
    }

    private void build(Fitting next) {
        fitting = next;
        order.keepFirst(instrumentStops);
        columns.clear();
        for (Place place : Place.values()) {
            PlaceColumn column = new PlaceColumn(place);
            column.boundsInParentProperty().addListener((property, old, now) -> Platform.runLater(this::tellAnchors));
            columns.put(place, column);
        }
        for (Reading reading : Reading.forFitting(next)) {
            PlaceColumn column = columns.get(reading.place());
            column.add(field(Entries.length(reading), Integer.toString(reading.row())));
            extras(reading, column);
        }
        columns.values().removeIf(PlaceColumn::isEmpty);
        readings.getChildren().setAll(columns.values());
        columns.values().forEach(column -> HBox.setHgrow(column, Priority.ALWAYS));
        Platform.runLater(this::tellAnchors);
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
