package org.kestan.desktop.widgets.layout;

import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Modality;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;

/** A picture in a window of its own, as large as the screen has room for; Escape, Enter or the space bar closes it. */
public final class LargePicture {

    private static final double SHARE = 0.9;

    private LargePicture() {}

    /**
     * Opens it.
     *
     * @param owner the window it belongs to
     * @return the window with the picture
     */
    public static Stage open(Window owner, String title, Image picture) {
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        ImageView view = new ImageView(picture);
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setId("large-picture");
        view.setAccessibleText(title);
        ScrollPane scroll = new ScrollPane(view);
        scroll.setPannable(true);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        double width = screen.getWidth() * SHARE;
        double height = screen.getHeight() * SHARE;
        Runnable fit = () -> {
            // Never larger than it is; an upright page keeps its width and is scrolled.
            view.setFitWidth(Math.min(picture.getWidth(), width - 30));
        };
        picture.progressProperty().addListener((property, old, now) -> fit.run());
        fit.run();
        Scene scene = new Scene(scroll, Math.min(width, Math.max(400, picture.getWidth() + 20)), height);
        if (owner.getScene() != null) {
            scene.getStylesheets().setAll(owner.getScene().getStylesheets());
            scroll.getStyleClass().add("kestan");
            owner.getScene()
                    .getRoot()
                    .getPseudoClassStates()
                    .forEach(state -> scroll.pseudoClassStateChanged(state, true));
        }
        Stage stage = new Stage();
        stage.initOwner(owner);
        stage.initModality(Modality.WINDOW_MODAL);
        stage.setTitle(title);
        stage.setScene(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE || key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                stage.close();
                key.consume();
            }
        });
        stage.show();
        return stage;
    }
}
