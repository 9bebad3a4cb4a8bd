package org.kestan.desktop.widgets.instrument;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.LoupePictures;
import org.kestan.repair.sideview.SideView;

/** The two loupes that show an instrument at a glance, side by side: the action, and the bridge. */
public final class LoupePair extends HBox {

    private final PicturePane action;
    private final PicturePane bridge;

    /**
     * @param id their id; the two pictures have it with -action and -bridge appended
     */
    public LoupePair(String id) {
        setId(id);
        getStyleClass().add("loupe-pair");
        setMouseTransparent(true);
        setMinSize(0, 0);
        action = new PicturePane(id + "-action", true);
        bridge = new PicturePane(id + "-bridge", true);
        for (PicturePane each : List.of(action, bridge)) {
            HBox.setHgrow(each, Priority.ALWAYS);
            each.setPrefWidth(100);
        }
        getChildren().addAll(action, bridge);
    }

    /**
     * Shows an instrument as it is and after the work.
     *
     * @param actionSays what the first picture shows, for a screen reader
     * @param bridgeSays what the second shows
     */
    public void show(SideView view, String actionSays, String bridgeSays) {
        action.show(Optional.of(LoupePictures.of(Loupe.ACTION_FRET, view, List.of())));
        bridge.show(Optional.of(LoupePictures.of(Loupe.BRIDGE, view, List.of())));
        action.setAccessibleText(actionSays);
        bridge.setAccessibleText(bridgeSays);
    }
}
