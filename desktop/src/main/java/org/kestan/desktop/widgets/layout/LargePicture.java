package org.kestan.desktop.widgets.layout;

import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.stage.Modality;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;

/**
 * A picture in its own window, as large as fits on the screen. Plus and minus, or Ctrl with the wheel, zoom in and
 * out, 0 fits it again; Escape, Enter or Space closes it.
 */
public final class LargePicture {

    private static final double SHARE = 0.9;
    private static final double STEP = 1.25;
    private static final double LEAST = 0.25;
    private static final double MOST = 6;

    private final ImageView view = new ImageView();
    private final ScrollPane scroll = new ScrollPane(new StackPane(view));
    private final DoubleProperty zoom = new SimpleDoubleProperty(this, "zoom", 1);
    private final double width;
    private Optional<Supplier<Image>> finer;
    private Image picture;

    private LargePicture(Image picture, Optional<Supplier<Image>> finer, double width) {
        this.picture = picture;
        this.finer = finer;
        this.width = width;
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setId("large-picture");
        scroll.setPannable(true);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        picture.progressProperty().addListener((property, old, now) -> fit());
        zoom.addListener((property, old, now) -> fit());
        view.setImage(picture);
        fit();
    }

    /**
     * Opens a picture.
     *
     * @param owner the window it belongs to
     * @return the window with the picture
     */
    public static Stage open(Window owner, String title, Image picture) {
        return open(owner, title, picture, Optional.empty());
    }

    /**
     * Opens a picture that has a finer version.
     *
     * @param finer draws it at a higher resolution, in the background; called when it is enlarged
     * @return the window with the picture
     */
    public static Stage open(Window owner, String title, Image picture, Optional<Supplier<Image>> finer) {
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        double width = screen.getWidth() * SHARE;
        LargePicture large = new LargePicture(picture, finer, width - 30);
        large.view.setAccessibleText(title);
        BorderPane all = new BorderPane(large.scroll);
        all.setBottom(large.bar());
        Scene scene =
                new Scene(all, Math.min(width, Math.max(400, picture.getWidth() + 20)), screen.getHeight() * SHARE);
        if (owner.getScene() != null) {
            scene.getStylesheets().setAll(owner.getScene().getStylesheets());
            all.getStyleClass().add("kestan");
            owner.getScene()
                    .getRoot()
                    .getPseudoClassStates()
                    .forEach(state -> all.pseudoClassStateChanged(state, true));
        }
        Stage stage = new Stage();
        stage.initOwner(owner);
        stage.initModality(Modality.WINDOW_MODAL);
        stage.setTitle(title);
        stage.setScene(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, key -> large.pressed(key, stage));
        large.scroll.addEventFilter(ScrollEvent.SCROLL, wheel -> {
            if (wheel.isShortcutDown() && wheel.getDeltaY() != 0) {
                large.by(wheel.getDeltaY() > 0 ? STEP : 1 / STEP);
                wheel.consume();
            }
        });
        stage.show();
        return stage;
    }

    private HBox bar() {
        Label share = new Label();
        share.setId("large-zoom");
        share.textProperty().bind(zoom.multiply(100).asString(java.util.Locale.ROOT, "%.0f %%"));
        HBox bar = new HBox(
                8,
                button("large-smaller", Messages.message("large-picture.smaller"), () -> by(1 / STEP)),
                button("large-fit", Messages.message("large-picture.fit"), () -> zoom.set(1)),
                button("large-larger", Messages.message("large-picture.larger"), () -> by(STEP)),
                share);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("step-bar");
        return bar;
    }

    private static TextButton button(String id, String text, Runnable action) {
        TextButton button = new TextButton(text, id, action);
        // Space closes the picture, wherever the focus is.
        button.setFocusTraversable(false);
        return button;
    }

    private void pressed(KeyEvent key, Stage stage) {
        switch (key.getCode()) {
            case ESCAPE, ENTER, SPACE -> stage.close();
            case PLUS, EQUALS, ADD -> by(STEP);
            case MINUS, SUBTRACT -> by(1 / STEP);
            case DIGIT0, NUMPAD0 -> zoom.set(1);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void by(double factor) {
        zoom.set(Math.max(LEAST, Math.min(MOST, zoom.get() * factor)));
        if (zoom.get() > 1 && finer.isPresent()) {
            Supplier<Image> drawer = finer.get();
            finer = Optional.empty();
            CompletableFuture.supplyAsync(drawer).thenAccept(fine -> Platform.runLater(() -> view.setImage(fine)));
        }
    }

    /** Initially never larger than its true size; an upright page keeps its width and scrolls. */
    private void fit() {
        view.setFitWidth(Math.min(picture.getWidth(), width) * zoom.get());
    }
}
