package org.kestan.desktop.stations.intake;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Parsed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.layout.LargePicture;
import org.kestan.job.pictures.Photo;
import org.kestan.ledger.Pictures;

/** Pictures of the job as thumbnails; added as copies, removed with undo. */
public final class PhotoPane extends VBox {

    private static final double THUMBNAIL = 96;
    private static final double LARGE = 2400;

    private final JobSession session;
    private final JobStore store;
    private final Pictures pictures;
    private final FlowPane thumbnails = new FlowPane();
    private List<Photo> shown = List.of();

    PhotoPane(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
        pictures = store.ledger().pictures();
        setId("photos");
        thumbnails.getStyleClass().add("thumbnails");
        Button add = new Button(Messages.message("photo-pane.add-a-picture"));
        add.setId("photo-add");
        add.getStyleClass().add("plain-button");
        add.setOnAction(event -> choose());
        getChildren().addAll(thumbnails, add);
        getStyleClass().add("photos");
        session.analysisProperty()
                .addListener((property, old, next) -> show(next.job().photos()));
        show(session.job().photos());
    }

    private void choose() {
        store.files()
                .openSeveral(
                        getScene().getWindow(), Messages.message("photo-pane.add-pictures"), FileChoice.Kind.PICTURE)
                .forEach(this::add);
    }

    /** Copies a picture in the background and adds it to the job; reports it if that fails. */
    public void add(Path picture) {
        store.ask(() -> pictures.add(picture), added -> added(picture, added));
    }

    private void added(Path picture, Parsed<String> added) {
        if (added instanceof Parsed.Bad<String> bad) {
            session.complain(
                    picture.getFileName() + ": " + session.words().problem(bad.problem(), bad.accepted()) + ".");
            return;
        }
        String name = added.optional().orElseThrow(Expect.present("valid value"));
        if (session.job().photos().stream().noneMatch(photo -> photo.file().equals(name))) {
            session.edit(job -> job.withPhoto(new Photo(name, "")));
        }
    }

    private void show(List<Photo> photos) {
        if (photos.equals(shown)) {
            return;
        }
        shown = photos;
        thumbnails.getChildren().setAll(photos.stream().map(this::thumbnail).toList());
    }

    /** Decoded in the background; a picture that can't be decoded is reported in its place. */
    private static Node picture(Path file) {
        Image image = new Image(file.toUri().toString(), THUMBNAIL, THUMBNAIL, true, true, true);
        Label trouble = new Label(Messages.message("photo-pane.picture-cant-be-shown"));
        trouble.setVisible(image.isError());
        image.errorProperty().addListener((property, was, is) -> trouble.setVisible(is));
        return new StackPane(new ImageView(image), trouble);
    }

    private Node opening(Path file, String name) {
        Button open = new Button(null, picture(file));
        open.getStyleClass().setAll("paper-page");
        open.setAccessibleText(Messages.message("photo-pane.picture-opens-large", name));
        open.setOnAction(event -> LargePicture.open(
                getScene().getWindow(), name, new Image(file.toUri().toString(), LARGE, LARGE, true, true, true)));
        return open;
    }

    private Node thumbnail(Photo photo) {
        Path file = pictures.file(photo.file());
        Node picture = Files.isRegularFile(file)
                ? opening(file, photo.file())
                : new Label(Messages.message("photo-pane.picture-not-here"));
        Button remove = new Button(Messages.message("photo-pane.take-off"));
        remove.getStyleClass().add("plain-button");
        remove.setAccessibleText(Messages.message("photo-pane.take-this-picture-off"));
        remove.setOnAction(event -> {
            session.edit(job -> job.withPhotos(
                    job.photos().stream().filter(each -> !each.equals(photo)).toList()));
            session.say(Messages.message("photo-pane.taken-off-undo-brings"));
        });
        VBox box = new VBox(picture, remove);
        box.getStyleClass().add("thumbnail");
        return box;
    }
}
