package org.kestan.desktop.plan;

import java.util.Optional;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import org.kestan.template.Mark;
import org.kestan.template.Template;

/** A template as it will be printed, made to fit. */
final class TemplateView extends Pane {

    private static final double MARGIN = 16;

    private Optional<Template> template = Optional.empty();

    TemplateView() {
        setId("template-view");
        getStyleClass().add("template-view");
        setMinHeight(0);
    }

    void show(Optional<Template> next) {
        template = next;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        getChildren().clear();
        template.ifPresent(this::draw);
    }

    private void draw(Template drawn) {
        double scale = Math.min((getWidth() - 2 * MARGIN) / drawn.width(), (getHeight() - 2 * MARGIN) / drawn.height());
        if (scale <= 0) {
            return;
        }
        for (Mark mark : drawn.marks()) {
            if (mark instanceof Mark.Path path) {
                Polyline line = new Polyline();
                path.points()
                        .forEach(point ->
                                line.getPoints().addAll(MARGIN + point.x() * scale, MARGIN + point.y() * scale));
                if (path.closed()) {
                    line.getPoints()
                            .addAll(line.getPoints().get(0), line.getPoints().get(1));
                }
                add(line, "template-" + path.line().name().toLowerCase(java.util.Locale.ROOT));
            } else if (mark instanceof Mark.Hole hole) {
                add(
                        new Circle(
                                MARGIN + hole.centre().x() * scale,
                                MARGIN + hole.centre().y() * scale,
                                hole.radius() * scale),
                        "template-cut");
            } else if (mark instanceof Mark.Words words) {
                Text text = new Text(
                        MARGIN + words.at().x() * scale, MARGIN + words.at().y() * scale, words.text());
                text.getStyleClass().add("drawing-note");
                text.setStyle("-fx-font-size: " + Math.max(7, Math.min(14, words.size() * scale)) + "px;");
                getChildren().add(text);
            }
        }
    }

    private void add(Shape shape, String style) {
        shape.setFill(null);
        shape.getStyleClass().addAll("template-line", style);
        getChildren().add(shape);
    }
}
