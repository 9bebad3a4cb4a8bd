package org.kestan.desktop.rooms.picture;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PictureWarning;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.geometry.Frets;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.devices.picture.GrayPicture;
import org.kestan.devices.picture.PictureMeasurement;
import org.kestan.devices.picture.PictureReadings;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.StandInCamera;
import org.kestan.job.Job;
import org.kestan.job.source.SourcedReading;
import org.kestan.job.terms.Lines;
import org.kestan.practice.run.PracticeRun;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * Measuring a photograph: you mark a few places roughly, one after the other; edges are found near them and shown
 * enlarged; the resulting reading is offered to the sheet with its uncertainty.
 */
public final class PictureRoom extends VBox implements Room {

    /** Lines that the counter check asks for. */
    private static final List<Reading> AT_COUNTER = List.of(
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.RELIEF,
            Reading.SADDLE_BASS,
            Reading.SADDLE_TREBLE,
            Reading.BRIDGE_THICKNESS,
            Reading.BRIDGE_HEIGHT);

    private static final List<Reading> ON_THE_SHEET = List.of(
            Reading.PIN_DISTANCE,
            Reading.STRING_RAMP,
            Reading.PROJECTION_STRUNG,
            Reading.PROJECTION_SLACK,
            Reading.EXTENSION_FALL_AWAY,
            Reading.FRETS_OVER_TOP,
            Reading.HEEL_HEIGHT,
            Reading.HEEL_WIDTH_TOP,
            Reading.HEEL_WIDTH_CAP,
            Reading.SIDE_DRIFT);

    private static final int FIRST_FRET = 1;
    private static final int RELIEF_FRET = 7;

    /** How far one nudge moves an edge, in pixels of the picture. */
    private static final double PUSH = 0.5;

    private final RoomContext context;
    private final JobSession session;
    private final PictureOffers offers;
    private final ComboBox<Reading> what = new ComboBox<>();
    private final PictureLengths lengths;
    private final Label step = new Label();
    private final Label said = new Label();
    private final Label collected = new Label();
    private final Label edges = new Label(Messages.message("picture-room.edges"));
    private final PictureView view = new PictureView(this::mark);
    private final Magnifier near = new Magnifier("picture-near");
    private final Magnifier found = new Magnifier("picture-found");
    private final Button open = new TextButton(Messages.message("picture-room.open"), "picture-open", this::choose);
    private final Button take = new TextButton(Messages.message("picture-room.take"), "picture-take", this::offer);
    private final EdgePushes pushes = new EdgePushes(this::push);
    private final Button counter =
            new TextButton(Messages.message("picture-room.counter"), "picture-counter", this::offerAtCounter);
    private final ScrollPane side = new ScrollPane();
    private final PictureReadings all = new PictureReadings();

    private Optional<GrayPicture> picture = Optional.empty();
    private OptionalDouble focal = OptionalDouble.empty();
    private Optional<Path> file = Optional.empty();

    /** Whether the picture is of the practice instrument: its readings go on the sheet, but the picture is not kept. */
    private boolean practiced;

    private PictureGuide guide;
    private Optional<PictureReading> reading = Optional.empty();
    private double pixel;

    /** Whether the marks were evaluated and nothing could be read. */
    private boolean nothing;

    /** Makes the room in a window. */
    public PictureRoom(RoomContext context) {
        this.context = context;
        session = context.session();
        offers = new PictureOffers(context);
        lengths = new PictureLengths(session, this::begin);
        setId("picture-room");
        setSpacing(8);
        setPadding(new Insets(8, 16, 8, 16));
        setMinHeight(0);
        what.setId("picture-what");
        what.setAccessibleText(Messages.message("picture-room.what"));
        what.getItems().setAll(AT_COUNTER);
        what.getItems().addAll(ON_THE_SHEET);
        what.setConverter(new LineName());
        what.getSelectionModel().select(Reading.ACTION_BASS);
        what.valueProperty().addListener((property, old, next) -> begin());
        FlowPane head = new FlowPane(
                8,
                6,
                open,
                new TextButton(Messages.message("picture-room.sample"), "picture-sample", this::sample),
                what);
        head.getChildren().addAll(lengths.fields());
        head.setAlignment(Pos.CENTER_LEFT);
        step.setId("picture-step");
        step.getStyleClass().add("place-title");
        step.setWrapText(true);
        said.setId("picture-said");
        said.setWrapText(true);
        collected.setId("picture-collected");
        collected.getStyleClass().add("card-label");
        collected.setWrapText(true);
        edges.getStyleClass().add("card-label");
        said.setMinHeight(USE_PREF_SIZE);
        VBox column = new VBox(6, said, new FlowPane(6, 6, take, counter), pushes, collected, near, edges, found);
        side.setContent(column);
        side.setFitToWidth(true);
        side.getStyleClass().add("station-scroll");
        side.setId("picture-side");
        side.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        HBox.setHgrow(view, Priority.ALWAYS);
        HBox body = new HBox(12, view, side);
        body.setMinHeight(0);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(head, step, body);
        view.crossProperty().addListener((property, old, next) -> near.look(next, List.of(), true));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.BACK_SPACE && view.isFocused()) {
                back();
                event.consume();
            } else if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                offer();
                event.consume();
            }
        });
        context.store().openedProperty().addListener((property, old, next) -> forget());
        session.analysisProperty().addListener((property, old, next) -> begin());
        begin();
    }

    /** A line of the sheet with its name. */
    private static final class LineName extends StringConverter<Reading> {
        @Override
        public String toString(Reading line) {
            return line == null ? "" : Wording.full(line);
        }

        @Override
        public Reading fromString(String name) {
            throw new UnsupportedOperationException();
        }
    }

    private PictureGuide guide() {
        Reading line = what.getValue() == null ? Reading.ACTION_BASS : what.getValue();
        return new PictureGuide(
                line, fret(line), lengths.scale(), lengths.known(), lengths.distance(), lengths.inset());
    }

    /** The fret a line is read at, according to the sheet. */
    private int fret(Reading line) {
        int over =
                switch (line) {
                    case NUT_BASS, NUT_TREBLE -> FIRST_FRET;
                    case RELIEF -> session.job().get(Lines.RELIEF_READ_AT).orElse(RELIEF_FRET);
                    default -> session.job().visit().actionFret();
                };
        return Math.max(FIRST_FRET, Math.min(Frets.HIGHEST - 1, over));
    }

    /** Starts marking anew if something else is to be read, or with other measures; otherwise all marks stay. */
    private void begin() {
        lengths.show(session.job());
        PictureGuide next = guide();
        if (guide == null || !guide.asks(next)) {
            restart(next);
        }
    }

    private void restart(PictureGuide next) {
        guide = next;
        reading = Optional.empty();
        nothing = false;
        said.setText("");
        show();
    }

    /** Another instrument was opened: nothing read on the previous one goes on its sheet. */
    private void forget() {
        all.clear();
        file = Optional.empty();
        practiced = false;
        picture = Optional.empty();
        view.clear();
        near.clear();
        found.clear();
        lengths.clear();
        restart(guide());
    }

    private void choose() {
        context.store()
                .files()
                .open(getScene().getWindow(), Messages.message("picture-room.open"), FileChoice.Kind.PICTURE)
                .ifPresent(this::open);
    }

    /** Reads a picture in the background; reports it if it can't be read. */
    public void open(Path from) {
        step.setText(Messages.message("picture-room.reading"));
        Optional<String> of = context.store().openId();
        context.store().askAtLength(() -> OpenedPicture.of(from), read -> {
            if (!of.equals(context.store().openId())) {
                // By now another instrument is open, and the picture is not of it.
                show();
            } else if (read.picture().isPresent()) {
                file = Optional.of(from);
                practiced = false;
                lengths.takeBack();
                set(read.picture().get(), read.focal());
            } else {
                session.complain(read.trouble());
                show();
            }
        });
    }

    /** The stand-in camera photographs the neck as it is on the sheet. */
    private void sample() {
        // In practice the instrument itself is photographed, not what was read on it.
        Optional<PracticeRun> run =
                context.practice().flatMap(desk -> desk.runProperty().get());
        if (run.filter(each -> !each.state().atPitch()).isPresent()) {
            session.complain(Messages.message("picture-room.not-at-pitch"));
            return;
        }
        Optional<Job> truth = run.map(PracticeRun::truth);
        step.setText(Messages.message("picture-room.reading"));
        PhotographedNeck neck = PhotographedNeck.of(truth.orElse(session.job()));
        StandInCamera camera = new StandInCamera(neck, 1);
        Optional<String> of = context.store().openId();
        context.store().askAtLength(() -> GrayPicture.of(camera.keptPicture()), gray -> {
            if (of.equals(context.store().openId())) {
                practiced = truth.isPresent();
                file = truth.map(each -> Path.of(Messages.message("picture-room.practice-picture")));
                lengths.lend(neck.scale(), neck.camera().distance(), neck.inset());
                set(gray, OptionalDouble.empty());
                List<Integer> frets = camera.fretsSeen();
                said.setText(Messages.message("picture-room.sample-frets", frets.get(0), frets.get(frets.size() - 1)));
            }
        });
    }

    private void set(GrayPicture next, OptionalDouble nextFocal) {
        picture = Optional.of(next);
        focal = nextFocal;
        view.show(next);
        near.show(next);
        found.show(next);
        near.look(view.crossProperty().get(), List.of(), true);
        restart(guide());
        view.requestFocus();
    }

    private void mark(PixelPoint at) {
        if (!guide.lacks().isEmpty()) {
            session.complain(guide.lacks());
            return;
        }
        guide.mark(at);
        show();
        if (guide.isDone()) {
            measure();
        }
    }

    private void back() {
        guide.back();
        reading = Optional.empty();
        nothing = false;
        said.setText("");
        show();
    }

    private void measure() {
        GrayPicture of = picture.orElseThrow(IllegalStateException::new);
        PictureGuide asked = guide;
        context.store().askAtLength(() -> PictureMeasurement.of(of, focal, asked.result()), measured -> {
            if (asked == guide && guide.isDone()) {
                pixel = measured.millimetersPerPixel().orElse(0);
                reading = measured.readings().stream().findFirst();
                nothing = reading.isEmpty();
                tell(measured.warnings());
                show();
            }
        });
    }

    private void tell(List<PictureWarning> warnings) {
        StringBuilder text = new StringBuilder(reading.map(this::words).orElse(""));
        if (reading.isPresent() && file.isEmpty()) {
            text.append('\n').append(Messages.message("picture-room.made-up"));
        }
        for (PictureWarning each : warnings) {
            String warning = Wording.label(each.what());
            text.append(text.isEmpty() ? "" : "\n")
                    .append(
                            each.what() == PictureWarning.What.NO_FRET
                                    ? Messages.message("picture-room.warning", each.about(), warning)
                                    : Wording.capital(warning) + ".");
        }
        said.setText(text.toString());
    }

    private String words(PictureReading each) {
        Numbers numbers = session.words().numbers();
        return Messages.message(
                "picture-room.found",
                Wording.full(each.line().reading()),
                numbers.fine(each.value()),
                numbers.fine(each.halfWidth()));
    }

    /**
     * Nudges an edge that was not found well, away from the other one or toward it.
     *
     * @param upper the one the gap ends at, else the one it begins at
     * @param away 1 for away, -1 for toward
     */
    private void push(boolean upper, int away) {
        reading.ifPresent(now -> {
            reading = Optional.of(now.pushed(upper, away * PUSH, pixel));
            tell(List.of());
            show();
        });
    }

    private String next() {
        return guide.isDone() && nothing ? Messages.message("picture-room.mark-again") : guide.next();
    }

    private void show() {
        step.setText(
                picture.isEmpty()
                        ? Messages.message("picture-room.open-one")
                        : guide.lacks().isEmpty() ? next() : guide.lacks());
        view.show(guide.marks(), reading.stream().toList());
        side.setVisible(picture.isPresent());
        // What a sample shows was never read on an instrument.
        take.setDisable(reading.isEmpty() || file.isEmpty());
        counter.setDisable(take.isDisable() || !AT_COUNTER.contains(guide.line()));
        edges.setVisible(reading.isPresent());
        pushes.setDisable(reading.isEmpty());
        reading.ifPresent(each -> found.look(
                new PixelPoint(
                        (each.from().x() + each.to().x()) / 2,
                        (each.from().y() + each.to().y()) / 2),
                List.of(each.from(), each.to()),
                false));
        List<PictureReading> together = all.together();
        collected.setText(
                together.isEmpty()
                        ? ""
                        : Messages.message(
                                "picture-room.collected",
                                together.stream().map(this::words).collect(Collectors.joining("; "))));
    }

    /**
     * Combines the reading with earlier ones of the same line; empty if there is none, or none of a real instrument.
     */
    private Optional<SourcedReading<Length>> collected() {
        if (reading.isEmpty() || file.isEmpty()) {
            return Optional.empty();
        }
        all.put(file.get(), reading.get());
        show();
        return all.of(reading.get().line());
    }

    private void offer() {
        collected().ifPresent(mean -> offers.onSheet(mean, getScene(), practiced ? Optional.empty() : file));
    }

    private void offerAtCounter() {
        collected().ifPresent(mean -> offers.atCounter(mean, getScene()));
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public boolean takeIt() {
        offer();
        return true;
    }

    @Override
    public void focusFirst() {
        if (picture.isPresent()) {
            view.requestFocus();
        } else {
            open.requestFocus();
        }
    }
}
