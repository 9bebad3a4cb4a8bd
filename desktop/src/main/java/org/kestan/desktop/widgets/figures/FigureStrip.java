package org.kestan.desktop.widgets.figures;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.analysis.figures.Figure;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.terms.Term;
import org.kestan.overview.JobAnalysis;

/** The row of deciding figures. */
public final class FigureStrip extends HBox {

    private static final PseudoClass PLANNED = PseudoClass.getPseudoClass("planned");

    /** Which figures are left out first where there is no room for all. */
    private static final List<Figure.Kind> LEAST_FIRST =
            List.of(Figure.Kind.BRIDGE, Figure.Kind.BREAK_ANGLE, Figure.Kind.NECK_PITCH, Figure.Kind.SADDLE);

    private static final String EMPTY = "figure-strip-empty";

    private final JobSession session;
    private final Map<Figure.Kind, FigureTile> tiles = new EnumMap<>(Figure.Kind.class);

    /** Makes the row for a session, empty and as high as it will be: the figures come with {@link #fill}. */
    public FigureStrip(JobSession session) {
        this.session = session;
        getStyleClass().addAll("figure-strip", EMPTY);
        setMinWidth(0);
    }

    /** Puts the figures in; they follow the job from now on. */
    public void fill() {
        getStyleClass().remove(EMPTY);
        for (Figure.Kind kind : Figure.Kind.values()) {
            FigureTile tile = new FigureTile(kind, term(kind));
            HBox.setHgrow(tile, Priority.ALWAYS);
            tiles.put(kind, tile);
            getChildren().add(tile);
        }
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        show();
    }

    private void show() {
        JobAnalysis analysis = session.analysis();
        boolean plan = analysis.plan().planned().isPresent();
        pseudoClassStateChanged(PLANNED, plan);
        String word = analysis.isPreview() ? "preview" : "planned";
        analysis.figures().forEach(figure -> tiles.get(figure.kind()).show(figure, plan, word, session.words()));
        requestLayout();
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    /** A figure is never cut: words give way first, then whole tiles, the last decided first; at the last the planned row. */
    @Override
    protected void layoutChildren() {
        double room = getWidth() - snappedLeftInset() - snappedRightInset();
        List<FigureTile> shown = new ArrayList<>(tiles.values());
        for (FigureTile.Room give : FigureTile.Room.values()) {
            shown.forEach(tile -> tile.give(give));
            if (wide(shown) <= room) {
                break;
            }
        }
        if (wide(shown) > room) {
            shown.forEach(tile -> tile.give(FigureTile.Room.NO_WORDS));
            for (Figure.Kind least : LEAST_FIRST) {
                if (wide(shown) > room) {
                    shown.remove(tiles.get(least));
                }
            }
        }
        tiles.values().forEach(tile -> {
            boolean in = shown.contains(tile);
            tile.setVisible(in);
            tile.setManaged(in);
        });
        super.layoutChildren();
    }

    private static double wide(List<FigureTile> tiles) {
        return tiles.stream().mapToDouble(tile -> Math.ceil(tile.prefWidth(-1))).sum();
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
