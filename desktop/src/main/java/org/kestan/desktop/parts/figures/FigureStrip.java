package org.kestan.desktop.parts.figures;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.desktop.parts.terms.Term;
import org.kestan.desktop.session.JobSession;
import org.kestan.following.figures.Figure;

/** The row of deciding figures. */
public final class FigureStrip extends HBox {

    private final JobSession session;
    private final Map<Figure.Kind, FigureTile> tiles = new EnumMap<>(Figure.Kind.class);

    /** Makes the row for a session. */
    public FigureStrip(JobSession session) {
        this.session = session;
        getStyleClass().add("figure-strip");
        for (Figure.Kind kind : Figure.Kind.values()) {
            FigureTile tile = new FigureTile(kind, term(kind));
            HBox.setHgrow(tile, Priority.ALWAYS);
            tiles.put(kind, tile);
            getChildren().add(tile);
        }
        session.dossierProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    private void show() {
        session.dossier().figures().forEach(figure -> tiles.get(figure.kind()).show(figure, session.words()));
    }

    private static Term term(Figure.Kind kind) {
        return switch (kind) {
            case ACTION -> Term.ACTION;
            case SADDLE -> Term.PROTRUSION;
            case NECK_PITCH -> Term.NECK_PITCH;
            case HEEL_CUT -> Term.HEEL_CUT;
            case BREAK_ANGLE -> Term.BREAK_ANGLE;
            case BRIDGE -> Term.BRIDGE;
        };
    }
}
