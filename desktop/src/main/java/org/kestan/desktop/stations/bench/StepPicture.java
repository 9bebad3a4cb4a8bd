package org.kestan.desktop.stations.bench;

import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.PicturePane;
import org.kestan.repair.picture.Operation;
import org.kestan.repair.picture.OperationPictures;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.sideview.SideView;
import org.kestan.repair.steps.Step;
import org.kestan.text.Wording;

/** What to do at a step: drawn from the numbers of this instrument, or the shop's photograph. */
final class StepPicture extends StackPane {

    private static final double PIXELS = 900;

    private final JobSession session;
    private final PicturePane drawing = new PicturePane("step-drawing", false);
    private final ImageView photograph = new ImageView();
    private Optional<Path> file = Optional.empty();

    StepPicture(JobSession session) {
        this.session = session;
        getStyleClass().add("step-picture");
        setId("step-picture");
        setMinSize(0, 0);
        photograph.setPreserveRatio(true);
        photograph.fitWidthProperty().bind(widthProperty().subtract(2));
        photograph.fitHeightProperty().bind(heightProperty().subtract(2));
        photograph.setManaged(false);
        getChildren().addAll(drawing, photograph);
    }

    /** Shows the picture of a step; hidden if it has none. */
    void show(Step step) {
        Optional<SideView> view = session.analysis().sideView();
        Optional<Operation> operation = step.operation().filter(each -> view.isPresent());
        Optional<Picture> picture = operation.map(each -> OperationPictures.of(each, view.get()));
        drawing.print(session.words()::print);
        drawing.passTo(picture);
        drawing.setVisible(picture.isPresent());
        drawing.setAccessibleText(operation.map(Wording::label).orElse(""));
        Optional<Path> next =
                session.stepsProperty().get().photograph(step.text().drawing());
        if (!next.equals(file)) {
            file = next;
            photograph.setImage(file.map(each -> new Image(each.toUri().toString(), PIXELS, PIXELS, true, true, true))
                    .orElse(null));
        }
        boolean any = picture.isPresent() || file.isPresent();
        setVisible(any);
        setManaged(any);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        photograph.relocate(1, 1);
    }
}
