package org.kestan.desktop.rooms.sound;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.base.strings.Note;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.devices.sound.GuidedListening;
import org.kestan.devices.sound.HeardNote;
import org.kestan.devices.sound.Listener;
import org.kestan.devices.sound.Microphone;
import org.kestan.devices.sound.PlayedAt;
import org.kestan.devices.sound.Recording;
import org.kestan.devices.sound.Tuner;
import org.kestan.job.Job;
import org.kestan.job.source.SourcedReading;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.BenchState;

/**
 * Listening to the strings one after the other, with both hands on the instrument: open, the octave over fret 12,
 * pressed at fret 12. The results are offered to the sheet. No device is opened unless asked for, and open ones are
 * shown.
 */
public final class SoundRoom extends VBox implements Room {

    private static final List<String> USUAL = List.of("E2", "A2", "D3", "G3", "B3", "E4");

    /** If more than this share of a recording is at its limit, it was too loud. */
    private static final double CLIPPED = 0.002;

    private static final double RATTLES = 0.5;
    private static final int PRESSED_FRET = 12;

    private final RoomContext context;
    private final JobSession session;
    private final Label asks = new Label();
    private final Label heard = new Label();
    private final Label source = new Label();
    private final ProgressBar progress = new ProgressBar(0);
    private final GridPane table = new GridPane();
    private final Button listen = new TextButton(Messages.message("sound-room.listen"), "sound-listen", this::toggle);
    private final Button take = new TextButton(Messages.message("sound-room.take"), "sound-take", this::offer);
    private final TunerDial dial = new TunerDial();
    private GuidedListening guide;
    private Tuner tuner;
    private List<String> strings = List.of();
    private Optional<AutoCloseable> open = Optional.empty();
    private boolean madeUp;

    /**
     * Whether the practice instrument is played: how far it is tuned down is a reading, the rest is made up by the
     * player.
     */
    private boolean practiced;

    private boolean dialMoves;

    /** Makes the room in a window. */
    public SoundRoom(RoomContext context) {
        this.context = context;
        session = context.session();
        setId("sound-room");
        setSpacing(10);
        setPadding(new Insets(8, 16, 8, 16));
        setMinHeight(0);
        asks.setId("sound-asks");
        asks.getStyleClass().add("counter-answer");
        asks.setWrapText(true);
        heard.setId("sound-heard");
        heard.setWrapText(true);
        source.setId("sound-source");
        source.getStyleClass().add("card-label");
        progress.setId("sound-progress");
        progress.setMaxWidth(Double.MAX_VALUE);
        table.setId("sound-table");
        table.setHgap(24);
        table.setVgap(6);
        VBox.setVgrow(table, Priority.ALWAYS);
        FlowPane head = new FlowPane(
                8,
                6,
                listen,
                new TextButton(Messages.message("sound-room.stand-in"), "sound-stand-in", this::standIn),
                new TextButton(Messages.message("sound-room.recording"), "sound-recording", this::choose),
                new TextButton(Messages.message("sound-room.back"), "sound-back", () -> {
                    synchronized (this) {
                        guide.back();
                    }
                    show();
                }),
                new TextButton(Messages.message("sound-room.skip"), "sound-skip", () -> {
                    synchronized (this) {
                        guide.skip();
                    }
                    show();
                }),
                new TextButton(Messages.message("sound-room.anew"), "sound-anew", this::anew),
                take);
        HBox now = new HBox(16, asks);
        now.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, source, dial, now, progress, heard, table);
        // What was heard from one instrument never goes on another's sheet.
        context.store().openedProperty().addListener((property, old, next) -> anew());
        session.analysisProperty().addListener((property, old, next) -> {
            if (!notes(session.job()).equals(strings)) {
                anew();
            }
        });
        visibleProperty().addListener((property, was, is) -> {
            if (!is) {
                // Nothing listens while the room is not visible.
                close();
            }
        });
        anew();
    }

    private static List<String> notes(Job job) {
        List<String> notes = job.strings().stream()
                .map(StringSpec::pitch)
                .filter(note -> Note.frequency(note).isPresent())
                .toList();
        return notes.isEmpty() ? USUAL : notes;
    }

    private void anew() {
        close();
        madeUp = false;
        practiced = false;
        synchronized (this) {
            strings = notes(session.job());
            guide = new GuidedListening(strings, Microphone.RATE);
            tuner = new Tuner(strings, Microphone.RATE);
        }
        heard.setText("");
        show();
    }

    private void toggle() {
        if (open.isPresent()) {
            close();
            return;
        }
        if (madeUp) {
            anew();
        }
        Optional<Microphone> microphone = Microphone.open(this::hear);
        if (microphone.isEmpty()) {
            session.complain(Messages.message("sound-room.no-microphone"));
            return;
        }
        opened(microphone.get(), Messages.message("sound-room.microphone-open"));
    }

    private void standIn() {
        anew();
        madeUp = true;
        Optional<BenchState> bench =
                context.practice().flatMap(desk -> desk.runProperty().get()).map(PracticeRun::state);
        practiced = bench.isPresent();
        if (bench.filter(state -> !state.strung()).isPresent()) {
            session.complain(Messages.message("sound-room.not-strung"));
            return;
        }
        int down = (int) Math.round(bench.map(BenchState::lowered).orElse(0.0));
        opened(
                new StandInPlayer(this::waitsFor, this::hear, down),
                practiced
                        ? Messages.message("sound-room.practice-plays")
                        : Messages.message("sound-room.stand-in-plays"));
    }

    private synchronized Optional<GuidedListening.Asked> waitsFor() {
        return guide.waitsFor();
    }

    private void opened(AutoCloseable what, String said) {
        close();
        open = Optional.of(what);
        source.setText(said);
        listen.setText(Messages.message("sound-room.stop"));
        show();
    }

    private void close() {
        open.ifPresent(each -> {
            try {
                each.close();
            } catch (Exception alreadyGone) {
                System.getLogger(SoundRoom.class.getName()).log(System.Logger.Level.DEBUG, "sound", alreadyGone);
            }
        });
        open = Optional.empty();
        dial.show(Optional.empty());
        source.setText(Messages.message("sound-room.nothing-open"));
        listen.setText(Messages.message("sound-room.listen"));
    }

    /** Called on the thread of whatever device is open. */
    private void hear(double[] samples) {
        Optional<HeardNote> taken;
        final Optional<GuidedListening.Asked> asked;
        Optional<Tuner.Tuned> sounds;
        boolean done;
        synchronized (this) {
            asked = guide.waitsFor();
            sounds = tuner.hear(samples)
                    .filter(each -> asked.isEmpty() || asked.get().at() == PlayedAt.OPEN);
            taken = guide.hear(samples);
            done = guide.waitsFor().isEmpty();
        }
        if (sounds.isPresent() || dialMoves) {
            dialMoves = sounds.isPresent();
            Optional<Tuner.Tuned> shown = sounds;
            Platform.runLater(() -> dial.show(open.isPresent() ? shown : Optional.empty()));
        }
        if (taken.isPresent()) {
            Platform.runLater(() -> {
                heard.setText(words(taken.get())
                        + (taken.get().buzz() > RATTLES
                                ? " " + where(asked.orElseThrow(IllegalStateException::new))
                                : ""));
                show();
                if (done) {
                    close();
                }
            });
        }
    }

    private static String words(HeardNote note) {
        return Messages.message(
                        "sound-room.heard",
                        note.note(),
                        String.format(java.util.Locale.ROOT, "%.2f", note.frequency()),
                        cents(note.cents()),
                        String.format(java.util.Locale.ROOT, "%.1f", note.halfWidth()))
                + (note.buzz() > RATTLES ? " " + Messages.message("sound-room.rattles") : "");
    }

    /** Compares a rattle with where the strings touch according to the sheet. */
    private String where(GuidedListening.Asked played) {
        boolean pressed = played.at() == PlayedAt.PRESSED;
        String what = pressed
                ? Messages.message("sound-room.string-at-12", played.string())
                : Messages.message("sound-room.string-open", played.string());
        Optional<StringOverFrets.Meeting> tightest =
                session.analysis().room().tightest(played.string(), pressed ? PRESSED_FRET : 0);
        return tightest.map(meeting -> meeting.explainsRattle()
                        ? Messages.message("sound-room.map-says", what, meeting.meets())
                        : Messages.message("sound-room.map-clear", what))
                .orElseGet(() -> Messages.message("sound-room.map-unknown", what));
    }

    private static String cents(double cents) {
        return String.format(java.util.Locale.ROOT, "%+.1f", cents);
    }

    private void choose() {
        context.store()
                .files()
                .open(getScene().getWindow(), Messages.message("sound-room.recording"), FileChoice.Kind.SOUND)
                .ifPresent(this::open);
    }

    /** Analyzes a recording in the background and names all its notes. */
    public void open(Path from) {
        context.store().askAtLength(() -> read(from), heard::setText);
    }

    private static String read(Path from) {
        String name = String.valueOf(from.getFileName());
        try {
            Recording recording = Recording.of(from);
            List<HeardNote> notes = Listener.listen(recording, Optional.empty());
            List<String> lines = new ArrayList<>();
            if (recording.clipped() > CLIPPED) {
                lines.add(Messages.message("sound-room.too-loud", name));
            }
            if (notes.isEmpty()) {
                lines.add(Messages.message("sound-room.no-note", name));
            }
            notes.forEach(note -> lines.add(words(note)));
            return String.join("\n", lines);
        } catch (Recording.Failed failed) {
            return switch (failed.trouble()) {
                case NOT_READ -> Messages.message("sound-room.not-read", name);
                case NO_RECORDING -> Messages.message("sound-room.not-a-recording", name);
                case TOO_LONG -> Messages.message("sound-room.too-long", name, Recording.LONGEST / 60);
            };
        }
    }

    private synchronized void show() {
        Optional<GuidedListening.Asked> next = guide.waitsFor();
        asks.setText(next.map(each -> switch (each.at()) {
                    case OPEN -> Messages.message("sound-room.play-open", each.string(), each.note());
                    case HARMONIC -> Messages.message("sound-room.play-harmonic", each.string());
                    case PRESSED -> Messages.message("sound-room.play-pressed", each.string());
                })
                .orElse(Messages.message("sound-room.all-heard")));
        progress.setProgress(guide.taken().size() / (double) guide.asked().size());
        table.getChildren().clear();
        row(
                0,
                "number-head",
                Messages.message("sound-room.string"),
                Messages.message("sound-room.note"),
                Messages.message("sound-room.open"),
                Messages.message("sound-room.at-12"),
                Messages.message("sound-room.rattling"));
        for (int i = 0; i < strings.size(); i++) {
            int string = strings.size() - i;
            boolean rattles = guide.taken().entrySet().stream()
                    .anyMatch(each ->
                            each.getKey().string() == string && each.getValue().buzz() > RATTLES);
            row(
                    i + 1,
                    "number-cell",
                    Integer.toString(string),
                    strings.get(i),
                    text(guide.open(string)),
                    text(guide.atTwelve(string)),
                    rattles ? Messages.message("sound-room.yes") : "");
        }
        // What nobody played does not go on a sheet.
        take.setDisable(madeUp && !practiced || guide.taken().isEmpty());
    }

    private static String text(OptionalDouble cents) {
        return cents.isPresent() ? Messages.message("sound-room.cents", cents(cents.getAsDouble())) : "";
    }

    private void row(int row, String style, String... texts) {
        for (int i = 0; i < texts.length; i++) {
            Label label = new Label(texts[i]);
            label.getStyleClass().add(style);
            table.add(label, i, row);
        }
    }

    /**
     * How far the strings are tuned down, and the cents at fret 12 of the outer ones; can be undone like anything
     * typed.
     */
    private void offer() {
        OptionalDouble down;
        List<SourcedReading<?>> readings;
        OptionalDouble bass;
        OptionalDouble treble;
        synchronized (this) {
            down = guide.halfStepsDown();
            readings = practiced ? List.of() : guide.readings();
            bass = guide.atTwelve(strings.size());
            treble = guide.atTwelve(1);
        }
        if (down.isEmpty() && readings.isEmpty()) {
            session.complain(Messages.message("sound-room.too-little"));
            return;
        }
        session.edit(job -> {
            Job next = down.isPresent() ? job.with(Lines.STEPS_DOWN, (int) down.getAsDouble()) : job;
            Visit visit = next.visit();
            for (SourcedReading<?> each : readings) {
                visit = visit.with(each);
            }
            return next.withVisit(visit);
        });
        String steps = down.isPresent() ? Integer.toString((int) down.getAsDouble()) : "\u2013";
        session.say(
                practiced
                        ? Messages.message("sound-room.taken-down", steps)
                        : Messages.message("sound-room.taken", steps, text(bass), text(treble)));
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
        listen.requestFocus();
    }
}
