package org.kestan.desktop.stations.measure;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Place;
import org.kestan.desktop.widgets.terms.AskButton;
import org.kestan.desktop.widgets.terms.Term;
import org.kestan.text.Wording;

/** The readings of one place on the instrument. */
final class PlaceColumn extends VBox {

    PlaceColumn(Place place) {
        getStyleClass().add("place");
        Label title = new Label(Wording.label(place));
        title.getStyleClass().add("place-title");
        title.setWrapText(false);
        title.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap, new AskButton(term(place)));
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(head);
    }

    void add(Node field) {
        getChildren().add(field);
    }

    private static Term term(Place place) {
        return switch (place) {
            case NUT -> Term.NUT;
            case RELIEF -> Term.RELIEF;
            case ACTION -> Term.ACTION;
            case HEEL -> Term.HEEL;
            case EXTENSION -> Term.EXTENSION;
            case BRIDGE -> Term.SUPPORT_HEIGHT;
            case PROJECTION -> Term.PROJECTION;
            case TAIL -> Term.TAIL;
        };
    }
}
