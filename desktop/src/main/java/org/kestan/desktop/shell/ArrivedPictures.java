package org.kestan.desktop.shell;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.kestan.base.notation.Parsed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.devices.folder.PictureFolder;
import org.kestan.job.Sections;
import org.kestan.job.pictures.Photo;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;

/**
 * Watches a folder for pictures and asks where each new one belongs, suggesting the current step first. Nothing is
 * kept unasked.
 */
final class ArrivedPictures extends FlowPane {

    private final JobSession session;
    private final JobStore store;
    private final Consumer<Path> measuring;
    private final Label asks = new Label();
    private final Deque<Path> waiting = new ArrayDeque<>();
    private Optional<PictureFolder> watched = Optional.empty();

    /** @param measuring shows a picture where it can be measured */
    ArrivedPictures(JobSession session, JobStore store, Consumer<Path> measuring) {
        super(8, 4);
        this.session = session;
        this.store = store;
        this.measuring = measuring;
        setId("arrived");
        getStyleClass().add("ledger-bar");
        setAlignment(Pos.CENTER_LEFT);
        asks.setId("arrived-asks");
        // Offers always refer to the job that is open now.
        session.analysisProperty().addListener((property, old, next) -> {
            if (!waiting.isEmpty()) {
                show();
            }
        });
        show();
    }

    /** The watched folder; empty for none. */
    Optional<Path> folder() {
        return watched.map(PictureFolder::folder);
    }

    /** Watches a folder, instead of the previous one. */
    void watch(Path folder) {
        stop();
        try {
            watched = Optional.of(PictureFolder.watch(folder, heard -> Platform.runLater(() -> take(folder, heard))));
            session.say(Messages.message("arrived.watching", folder.getFileName()));
        } catch (IOException unreadable) {
            session.complain(Messages.message("arrived.not-watched", folder.getFileName()));
        }
    }

    /** Stops watching; pictures already waiting keep waiting. */
    void stop() {
        watched.ifPresent(PictureFolder::close);
        watched = Optional.empty();
    }

    private void take(Path folder, PictureFolder.Heard heard) {
        if (!folder().equals(Optional.of(folder))) {
            return;
        }
        if (heard instanceof PictureFolder.Heard.Arrived arrived) {
            waiting.add(arrived.picture());
            show();
        } else {
            watched = Optional.empty();
            session.complain(Messages.message("arrived.gone", folder.getFileName()));
        }
    }

    private void show() {
        Optional<Path> next = Optional.ofNullable(waiting.peek());
        setVisible(next.isPresent());
        setManaged(next.isPresent());
        getChildren().clear();
        next.ifPresent(this::ask);
    }

    private void ask(Path picture) {
        asks.setText(
                waiting.size() == 1
                        ? Messages.message("arrived.asks", picture.getFileName())
                        : Messages.message("arrived.asks-more", picture.getFileName(), waiting.size() - 1));
        List<Node> all = new ArrayList<>(List.of(asks));
        stepAtHand()
                .map(step -> step.text().title())
                .ifPresent(title -> all.add(plain(new TextButton(
                        Messages.message("arrived.step", title), "arrived-step", () -> keep(picture, title)))));
        all.add(plain(new TextButton(Messages.message("arrived.job", name()), "arrived-job", () -> keep(picture, ""))));
        all.add(new TextButton(Messages.message("arrived.measure"), "arrived-measure", () -> {
            done();
            measuring.accept(picture);
        }));
        all.add(new TextButton(Messages.message("arrived.leave"), "arrived-leave", this::done));
        getChildren().setAll(all);
    }

    /** A name may have underscores. */
    private static Button plain(Button button) {
        button.setMnemonicParsing(false);
        return button;
    }

    private String name() {
        return session.job().name().isBlank()
                ? Messages.message("arrived.open-job")
                : session.job().name();
    }

    /** The first step that is neither done nor skipped; empty if there is none. */
    private Optional<Step> stepAtHand() {
        return StepBook.firstOpen(
                session.stepsProperty().get().book().compose(session.analysis().plan()),
                session.job().section(Sections.STEPS));
    }

    private void keep(Path picture, String caption) {
        Optional<String> of = store.openId();
        done();
        store.ask(() -> store.ledger().pictures().add(picture), added -> {
            if (!of.equals(store.openId())) {
                // Another job was opened in the meantime, so it asks again; the picture must not go to the wrong job.
                waiting.addFirst(picture);
                show();
                return;
            }
            if (added instanceof Parsed.Bad<String> bad) {
                session.complain(
                        picture.getFileName() + ": " + session.words().problem(bad.problem(), bad.accepted()) + ".");
                return;
            }
            added.optional().ifPresent(file -> session.edit(job -> job.withPhoto(new Photo(file, caption))));
            session.say(Messages.message("arrived.kept", picture.getFileName(), name()));
        });
    }

    private void done() {
        waiting.poll();
        show();
    }
}
