package org.kestan.desktop.kit;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.elevation.ElevationView;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.Entry;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Form;
import org.kestan.job.Job;
import org.kestan.kit.NeckFromNothing;
import org.kestan.notation.BenchUnit;
import org.kestan.notation.Length;
import org.kestan.plan.WorkPlan;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;
import org.kestan.sideview.SideView;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/** Scale, bridge and fretboard in; the neck angle out, with the drawing of the instrument they would make. */
public final class KitRoom extends VBox {

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();
    private final ElevationView elevation = new ElevationView();
    private final Label advice = new Label();
    private final GridPane figures = new GridPane();
    private final VBox problems = new VBox();

    /**
     * @param outer the session of the open job: its unit, its shop standards and its status line are used
     */
    public KitRoom(JobSession outer) {
        session = JobSession.beside(outer);
        setId("kit");
        getStyleClass().add("counter");
        elevation.setId("kit-elevation");
        elevation.unitProperty().bind(outer.unitProperty());
        elevation.focusedItemProperty().bind(session.focusedItemProperty());
        elevation.setMinHeight(170);
        VBox.setVgrow(elevation, Priority.ALWAYS);
        HBox below = new HBox(fields(), answers());
        below.getStyleClass().add("counter-middle");
        below.setMinHeight(260);
        getChildren().addAll(elevation, below);
        session.undoWithin(this);
        order.setAfterLast(order::first);
        session.reckoningProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        session.open(start(outer.standards()));
    }

    /** A build is of the floating kind: its bridge's height is its own, and has a range. */
    private static Job start(ShopStandards shop) {
        Job job = Job.BLANK.withInstrument(
                Job.BLANK.instrument().withForm(Optional.of(Form.ARCHTOP)).withJointFret(OptionalInt.of(16)));
        // What the shop usually takes stands in its field, to be seen and changed.
        job = job.with(Reading.ACTION_BASS, Optional.of(Length.ofText(shop.text(Standard.ACTION_WANTED_BASS))));
        job = job.with(Reading.NUT_BASS, Optional.of(Length.ofText(shop.text(Standard.NUT_HEIGHT))));
        return job.with(Reading.FRETS_OVER_TOP, Optional.of(Length.ofText(shop.text(Standard.FRETS_OVER_TOP))));
    }

    /** Puts the focus on the first field. */
    public void focusFirst() {
        // A room built just now has no fields in the scene yet: what scrolls brings its content with its skin.
        applyCss();
        layout();
        order.first();
    }

    private ScrollPane fields() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("intake-grid");
        grid.addRow(
                0,
                length(Dimension.SCALE, "Scale length"),
                field(Entries.nutToTwelfth(), "kit-nut-to-twelfth"),
                field(Entries.jointFret(), "kit-joint-fret"));
        grid.addRow(
                1,
                length(Reading.FRETS_OVER_TOP, "Frets over top, flat"),
                length(Reading.BRIDGE_LOWEST, "Bridge, lowest"),
                length(Reading.BRIDGE_HIGHEST, "Bridge, highest"));
        grid.addRow(
                2,
                length(Reading.ACTION_BASS, "Action wanted"),
                length(Reading.NUT_BASS, "Over fret 1"),
                length(Reading.TAILPIECE_HEIGHT, "Tailpiece height"));
        grid.addRow(3, length(Reading.TAILPIECE_DISTANCE, "Bridge to tailpiece"));
        Label title = new Label("What is to be built");
        title.getStyleClass().add("place-title");
        ScrollPane scroll = new ScrollPane(new VBox(title, grid));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("station-scroll", "kit-fields");
        return scroll;
    }

    private EntryField length(Item item, String label) {
        return field(Entries.plainLength(item, label), "kit-" + EntryField.id(item.pointer()));
    }

    private EntryField field(Entry entry, String id) {
        EntryField field = new EntryField(session, entry, "", order);
        field.input().setId(id);
        return field;
    }

    private VBox answers() {
        advice.setId("kit-advice");
        advice.getStyleClass().add("counter-answer");
        advice.setWrapText(true);
        figures.getStyleClass().add("compare-grid");
        figures.setId("kit-figures");
        problems.setId("kit-problems");
        problems.getStyleClass().add("way-lines");
        VBox box = new VBox(advice, problems, figures);
        box.getStyleClass().add("counter-answers");
        box.setAlignment(Pos.TOP_LEFT);
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }

    private Optional<NeckFromNothing.Build> build() {
        Job job = session.job();
        OptionalDouble scale = length(job, Dimension.SCALE);
        OptionalDouble lowest = length(job, Reading.BRIDGE_LOWEST);
        OptionalDouble highest = length(job, Reading.BRIDGE_HIGHEST);
        if (scale.isEmpty() || lowest.isEmpty() || job.jointFret().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new NeckFromNothing.Build(
                scale.getAsDouble(),
                job.jointFret().getAsInt(),
                length(job, Reading.FRETS_OVER_TOP).orElse(session.standards().get(Standard.FRETS_OVER_TOP)),
                length(job, Reading.ACTION_BASS).orElse(session.standards().get(Standard.ACTION_WANTED_BASS)),
                length(job, Reading.NUT_BASS).orElse(session.standards().get(Standard.NUT_HEIGHT)),
                lowest.getAsDouble(),
                highest.orElse(lowest.getAsDouble()),
                length(job, Reading.TAILPIECE_HEIGHT),
                length(job, Reading.TAILPIECE_DISTANCE)));
    }

    private static OptionalDouble length(Job job, Item item) {
        return job.length(item)
                .map(length -> OptionalDouble.of(length.millimetres()))
                .orElse(OptionalDouble.empty());
    }

    private void show() {
        Optional<NeckFromNothing> neck = build().flatMap(each -> NeckFromNothing.of(each, session.standards()));
        figures.getChildren().clear();
        problems.getChildren().clear();
        advice.setText(neck.map(each -> each.advice().words())
                .orElse("Scale, joint fret and the bridge at its lowest come first."));
        neck.ifPresent(this::show);
        Job drawn = neck.map(each -> finished(session.job(), each)).orElse(session.job());
        Reckoning reckoning = Reckoning.of(drawn, session.standards());
        elevation.sideViewProperty().set(SideView.of(reckoning, WorkPlan.of(reckoning)));
    }

    private void show(NeckFromNothing neck) {
        for (String problem : neck.problems()) {
            Label label = new Label(problem);
            label.setWrapText(true);
            label.getStyleClass().add("notice-error");
            problems.getChildren().add(label);
        }
        BenchUnit unit = session.unit();
        row(0, "number-head", "", "Bridge height", "Neck angle", "Break angle");
        int row = 1;
        for (var setting : List.of(neck.atLowest(), neck.inMiddle(), neck.atHighest())) {
            row(
                    row,
                    "number-cell",
                    row == 1 ? "At its lowest" : row == 2 ? "In the middle" : "At its highest",
                    unit.format(setting.height()),
                    degrees(setting.angle()),
                    setting.breakAngle().isPresent()
                            ? degrees(setting.breakAngle().getAsDouble())
                            : "\u2014");
            row++;
        }
        row(row++, "number-cell", "With the neck flat", unit.format(neck.flatHeight()), "0.00\u00b0", "");
        row(
                row,
                "number-cell",
                neck.raise() >= 0 ? "Flat, raised over the top by" : "Flat, let in deeper by",
                unit.format(Math.abs(neck.raise())),
                "",
                "bridge in the middle");
    }

    private void row(int row, String style, String... texts) {
        for (int i = 0; i < texts.length; i++) {
            Label label = new Label(texts[i]);
            label.getStyleClass().add(i == 0 && row > 0 ? "card-label" : style);
            figures.add(label, i, row);
        }
    }

    private static String degrees(double radians) {
        return String.format(Locale.ROOT, "%.2f\u00b0", Math.toDegrees(radians)).replace('-', '\u2212');
    }

    /** The instrument as it would be with its bridge in the middle: what is drawn. */
    private static Job finished(Job job, NeckFromNothing neck) {
        Job drawn = job;
        double action = neck.build().action();
        double nut = neck.build().nut();
        for (Reading reading : List.of(Reading.ACTION_BASS, Reading.ACTION_TREBLE)) {
            drawn = put(drawn, reading, action);
        }
        for (Reading reading : List.of(Reading.NUT_BASS, Reading.NUT_TREBLE)) {
            drawn = put(drawn, reading, nut);
        }
        drawn = put(drawn, Reading.FRETS_OVER_TOP, neck.build().fretsOverTop());
        return put(drawn, Reading.BRIDGE_HEIGHT, neck.inMiddle().height());
    }

    private static Job put(Job job, Reading reading, double millimetres) {
        return job.with(reading, Optional.of(Length.exact(Math.round(millimetres * 1e4) / 1e4)));
    }
}
