package org.kestan.desktop.rooms.counter;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.finding.Fault;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.ChoiceField;
import org.kestan.desktop.widgets.field.Entry;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.gates.GatesPane;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.judgment.counter.CounterCheck;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/**
 * Five readings and a quick look at an instrument on the counter: the likely answer with how certain it is, the one
 * further thing that would settle it, and the gates. Its job is separate until it is made into a full one.
 */
public final class CounterRoom extends VBox implements Room {

    private final JobSession outer;
    private final JobSession session;
    private final RoomContext context;
    private final WorkingOrder order = new WorkingOrder();
    private final Label answer = new Label();
    private final Label because = new Label();
    private final Label sure = new Label();
    private final Label settle = new Label();
    private final Label assumed = new Label();
    private final GatesPane gates;

    /** Makes the room; it uses the unit, the shop standards and the status line of the open job. */
    public CounterRoom(RoomContext context) {
        this.context = context;
        outer = context.session();
        session = JobSession.beside(outer);
        getStyleClass().add("counter");
        setId("counter");
        gates = new GatesPane(session, "counter-", true, line -> {});
        HBox middle = new HBox(fields(), answers());
        middle.getStyleClass().add("counter-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(head(), middle);
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ENTER && key.isShortcutDown()) {
                makeJob();
                key.consume();
            }
        });
        session.undoWithin(this);
        order.setAfterLast(order::first);
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        order.first();
    }

    private FlowPane head() {
        Label what = new Label(Messages.message("counter-room.five-readings-and-a"));
        what.getStyleClass().add("figure-reason");
        Button make = new TextButton(Messages.message("counter-room.make-it-a-job"), "counter-make", this::makeJob);
        Button clear = new TextButton(Messages.message("counter-room.clear"), "counter-clear", () -> {
            session.edit(job -> Job.BLANK);
            focusFirst();
        });
        FlowPane head = new FlowPane(what, make, clear);
        head.getStyleClass().add("ledger-bar");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private ScrollPane fields() {
        GridPane readings = grid();
        readings.add(ChoiceField.of(session, order, Lines.FORM, "counter-form"), 0, 0);
        readings.addRow(
                1,
                reading(Reading.ACTION_BASS, Messages.message("counter-room.action-bass")),
                reading(Reading.ACTION_TREBLE, Messages.message("counter-room.action-treble")));
        Node saddleBass = reading(Reading.SADDLE_BASS, Messages.message("counter-room.saddle-bass"));
        Node saddleTreble = reading(Reading.SADDLE_TREBLE, Messages.message("counter-room.saddle-treble"));
        Node thickness = reading(Reading.BRIDGE_THICKNESS, Messages.message("counter-room.bridge-thickness"));
        Node height = reading(Reading.BRIDGE_HEIGHT, Messages.message("counter-room.bridge-height"));
        Node lowest = reading(Reading.BRIDGE_LOWEST, Messages.message("counter-room.bridge-lowest"));
        readings.addRow(2, saddleBass, saddleTreble);
        readings.addRow(3, thickness);
        readings.addRow(4, height, lowest);
        session.analysisProperty().addListener((property, old, next) -> {
            boolean floating = next.job().floating();
            List.of(saddleBass, saddleTreble, thickness).forEach(each -> shown(each, !floating));
            List.of(height, lowest).forEach(each -> shown(each, floating));
        });
        List.of(height, lowest).forEach(each -> shown(each, false));
        GridPane look = grid();
        look.addRow(0, look(Defect.BRIDGE_LIFT), look(Defect.BRACE_LOOSE));
        look.addRow(1, look(Defect.TOP_CRACK_THROUGH), look(Defect.NECK_JOINT));
        GridPane more = grid();
        more.addRow(0, field(Lines.HUMIDITY), reading(Reading.RELIEF, Messages.message("counter-room.relief")));
        more.addRow(
                1,
                reading(Reading.NUT_BASS, Messages.message("counter-room.over-fret-1-bass")),
                reading(Reading.NUT_TREBLE, Messages.message("counter-room.over-fret-1-treble")));
        more.addRow(2, choice(Lines.TRUSS_ROD), field(Lines.VALUE));
        more.addRow(3, choice(Lines.COLLECTIBLE), choice(Lines.HANDMADE));
        more.add(choice(Lines.FAMILY), 0, 4);
        VBox all = new VBox(
                block(Messages.message("counter-room.five-readings"), readings),
                block(Messages.message("counter-room.a-look"), look),
                block(Messages.message("counter-room.if-there-is-a"), more));
        all.getStyleClass().add("counter-fields");
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("station-scroll", "counter-fields-scroll");
        return scroll;
    }

    private VBox answers() {
        answer.setId("counter-answer");
        answer.getStyleClass().add("counter-answer");
        sure.setId("counter-sure");
        sure.getStyleClass().add("counter-sure");
        settle.setId("counter-settle");
        settle.getStyleClass().add("way-reason");
        because.getStyleClass().add("way-reason");
        assumed.setId("counter-assumed");
        assumed.getStyleClass().add("card-remark");
        VBox box = new VBox(answer, sure, because, settle, assumed, gates);
        box.getChildren().stream()
                .filter(Label.class::isInstance)
                .map(Label.class::cast)
                .forEach(label -> label.setWrapText(true));
        VBox.setVgrow(gates, Priority.ALWAYS);
        box.getStyleClass().add("counter-answers");
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }

    private ChoiceField<Severity> look(Defect what) {
        return new ChoiceField<>(
                session,
                order,
                new ChoiceField.Choice<>(
                        "counter-" + what.key(),
                        new ChoiceField.Texts(
                                Wording.label(what),
                                Messages.message("counter-room.n-for-none-a"),
                                Messages.message("counter-room.not-looked")),
                        List.of(Severity.values()),
                        CounterRoom::seen,
                        job -> job.visit().observation(what).map(Observation::severity),
                        (job, next) -> job.withVisit(
                                next.map(severity -> job.visit().with(new Observation(what, severity, "")))
                                        .orElseGet(() -> job.visit().without(what)))));
    }

    private static String seen(Severity severity) {
        return switch (severity) {
            case SOUND -> "none";
            case SLIGHT -> Messages.message("counter-room.a-little");
            case SERIOUS -> "bad";
        };
    }

    private EntryField reading(Reading reading, String label) {
        return field(JobEntries.plain(reading, label));
    }

    private EntryField field(Line<?> line) {
        return field(JobEntries.of(line, session::standards));
    }

    private EntryField field(Entry entry) {
        EntryField field = new EntryField(session, entry, "", order);
        field.input().setId("counter-" + field.input().getId());
        return field;
    }

    private ChoiceField<?> choice(Line<?> line) {
        return ChoiceField.of(session, order, line, "counter-" + EntryField.id(line));
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("intake-grid");
        return grid;
    }

    private static VBox block(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("place-title");
        return new VBox(head, content);
    }

    private void makeJob() {
        Job job = session.job();
        if (job.equals(Job.BLANK)) {
            outer.complain(Messages.message("counter-room.read-something-first"));
            return;
        }
        if (context.store().startFrom(job)) {
            session.open(Job.BLANK);
            toWhatIsNeeded();
        }
    }

    /** Moves on to the field that the new job still needs, wherever it is; if nothing is needed, to the sheet. */
    private void toWhatIsNeeded() {
        List<Fault> faults = outer.analysis().faults();
        Stream.of(Lines.OF_INSTRUMENT, Lines.OF_VISIT, Lines.OF_TARGET)
                .flatMap(List::stream)
                .filter(line ->
                        faults.stream().anyMatch(fault -> fault.pointer().equals(line.pointer())))
                .findFirst()
                .ifPresentOrElse(context::go, () -> context.enter(Station.MEASURE));
    }

    private void show() {
        CounterCheck check = CounterCheck.of(session.job(), session.standards());
        Wording words = session.words();
        boolean known = !check.likely().ways().isEmpty();
        answer.setText((known ? Messages.message("counter-room.likely") : "")
                + Wording.ways(check.likely().ways()));
        sure.setText(words.say(check.confidence()));
        because.setText(words.say(check.likely().reasons()));
        settle.setText(check.settle()
                .map(each -> Messages.message(
                        "counter-room.to-settle-it-find", words.say(each.what()), Math.round(each.cases()), check.of()))
                .orElse(
                        known && check.cases() < check.of()
                                ? Messages.message("counter-room.no-one-reading-would")
                                : ""));
        assumed.setText(
                check.assumed().isEmpty()
                        ? ""
                        : Messages.message(
                                "counter-room.assumed",
                                check.assumed().stream().map(words::say).collect(Collectors.joining(", "))));
        gates.show(check.gates(), words);
    }
}
