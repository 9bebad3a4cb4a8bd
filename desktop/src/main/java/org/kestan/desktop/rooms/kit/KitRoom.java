package org.kestan.desktop.rooms.kit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.finding.Finding;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.ChoiceField;
import org.kestan.desktop.widgets.field.Entry;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.kit.NeckFromNothing;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** From scale, bridge and fretboard to the neck angle, with a drawing of the instrument they would make. */
public final class KitRoom extends VBox implements Room {

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();
    private final InstrumentView instrument = new InstrumentView();
    private final Label advice = new Label();
    private final GridPane figures = new GridPane();
    private final VBox problems = new VBox();

    /** Makes the room; it uses the unit, the shop standards and the status line of the open job. */
    public KitRoom(RoomContext context) {
        JobSession outer = context.session();
        session = JobSession.beside(outer);
        setId("kit");
        getStyleClass().add("counter");
        instrument.setId("kit-instrument");
        instrument.unitProperty().bind(outer.unitProperty());
        instrument.focusedLineProperty().bind(session.focusedLineProperty());
        instrument.movableProperty().set(false);
        instrument.setMinHeight(250);
        VBox.setVgrow(instrument, Priority.ALWAYS);
        HBox below = new HBox(fields(), answers());
        below.getStyleClass().add("counter-middle");
        below.setMinHeight(260);
        getChildren().addAll(instrument, below);
        session.undoWithin(this);
        order.setAfterLast(order::first);
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        session.open(NeckFromNothing.start(outer.standards()));
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        order.first();
    }

    private ScrollPane fields() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("intake-grid");
        grid.addRow(
                0,
                ChoiceField.of(session, order, Lines.FORM, "kit-form"),
                length(Dimension.SCALE, Messages.message("kit-room.scale-length")),
                field(JobEntries.nutToTwelfth(), "kit-nut-to-twelfth"));
        grid.addRow(
                1,
                field(JobEntries.of(Lines.JOINT_FRET, session::standards), "kit-joint-fret"),
                length(Reading.ACTION_BASS, Messages.message("kit-room.action-wanted")),
                length(Reading.NUT_BASS, Messages.message("kit-room.over-fret-1")));
        List<Node> floating = List.of(
                length(Reading.BRIDGE_LOWEST, Messages.message("kit-room.bridge-lowest")),
                length(Reading.BRIDGE_HIGHEST, Messages.message("kit-room.bridge-highest")),
                length(Reading.TAILPIECE_HEIGHT, Messages.message("kit-room.tailpiece-height")),
                length(Reading.TAILPIECE_DISTANCE, Messages.message("kit-room.bridge-to-tailpiece")));
        List<Node> pinned = List.of(
                length(Reading.BRIDGE_THICKNESS, Messages.message("kit-room.bridge-thickness")),
                length(Reading.PIN_DISTANCE, Messages.message("kit-room.saddle-to-pins")));
        grid.add(length(Reading.FRETS_OVER_TOP, Messages.message("kit-room.frets-over-top-flat")), 0, 2);
        grid.add(floating.get(0), 1, 2);
        grid.add(floating.get(1), 2, 2);
        grid.add(floating.get(2), 0, 3);
        grid.add(floating.get(3), 1, 3);
        grid.add(pinned.get(0), 1, 2);
        grid.add(pinned.get(1), 2, 2);
        Runnable fitting = () -> {
            boolean pins = session.job().form().filter(Form.FLAT_TOP::equals).isPresent();
            floating.forEach(each -> shown(each, !pins));
            pinned.forEach(each -> shown(each, pins));
        };
        session.analysisProperty().addListener((property, old, next) -> fitting.run());
        fitting.run();
        Label title = new Label(Messages.message("kit-room.what-is-to-be"));
        title.getStyleClass().add("place-title");
        ScrollPane scroll = new ScrollPane(new VBox(title, grid));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("station-scroll", "kit-fields");
        return scroll;
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private EntryField length(LengthLine line, String label) {
        return field(JobEntries.plain(line, label), "kit-" + EntryField.id(line));
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

    private void show() {
        Optional<NeckFromNothing> neck = NeckFromNothing.build(session.job(), session.standards())
                .flatMap(each -> NeckFromNothing.of(each, session.standards()));
        figures.getChildren().clear();
        problems.getChildren().clear();
        advice.setText(neck.map(each -> Wording.label(each.advice()))
                .orElse(Messages.message("kit-room.scale-joint-fret-and")));
        neck.ifPresent(this::show);
        Job drawn = neck.map(each -> each.finished(session.job())).orElse(session.job());
        // An instrument that has not been built has nothing to repair.
        JobAnalysis analysis = JobAnalysis.of(drawn, session.standards());
        instrument.figuresProperty().set(analysis.figures());
        instrument
                .saidProperty()
                .set(new InstrumentView.Said(false, Messages.message("kit-room.as-it-would-be"), "", session.words()));
        instrument.sideViewProperty().set(analysis.sideView().map(SideView::withoutPlan));
        instrument.plainProperty().set(Optional.of(PlaceholderInstrument.like(session.job())));
    }

    private void show(NeckFromNothing neck) {
        for (Finding problem : neck.problems()) {
            Label label = new Label(session.words().say(problem));
            label.setWrapText(true);
            label.getStyleClass().add("notice-error");
            problems.getChildren().add(label);
        }
        BenchUnit unit = session.unit();
        row(
                0,
                "number-head",
                "",
                Messages.message("kit-room.bridge-height"),
                Messages.message("kit-room.neck-angle"),
                Messages.message("kit-room.break-angle"));
        int row = 1;
        boolean touching = session.standards().holds(School.KIT_TOUCHING);
        String chosen = Messages.message("kit-room.this-shop");
        Map<String, NeckFromNothing.Setting> settings = new LinkedHashMap<>();
        settings.put(Messages.message("kit-room.touching") + (touching ? chosen : ""), neck.touching());
        settings.put(Messages.message("kit-room.at-its-lowest") + (touching ? "" : chosen), neck.atLowest());
        settings.put(Messages.message("kit-room.in-the-middle"), neck.inMiddle());
        settings.put(Messages.message("kit-room.at-its-highest"), neck.atHighest());
        for (Map.Entry<String, NeckFromNothing.Setting> each : settings.entrySet()) {
            NeckFromNothing.Setting setting = each.getValue();
            row(
                    row,
                    "number-cell",
                    each.getKey(),
                    unit.format(setting.height()),
                    Numbers.angle(setting.angle()),
                    setting.breakAngle().map(Numbers::angle).orElse(Numbers.NONE));
            row++;
        }
        row(
                row++,
                "number-cell",
                Messages.message("kit-room.with-the-neck-flat"),
                unit.format(neck.flatHeight()),
                "0.00\u00b0",
                "");
        row(
                row,
                "number-cell",
                neck.raise() >= 0
                        ? Messages.message("kit-room.flat-raised-over-the")
                        : Messages.message("kit-room.flat-let-in-deeper"),
                unit.format(Math.abs(neck.raise())),
                "",
                Messages.message("kit-room.bridge-in-the-middle"));
    }

    private void row(int row, String style, String... texts) {
        for (int i = 0; i < texts.length; i++) {
            Label label = new Label(texts[i]);
            label.getStyleClass().add(i == 0 && row > 0 ? "card-label" : style);
            figures.add(label, i, row);
        }
    }
}
