package org.kestan.desktop.stations.plan;

import java.util.Locale;
import javafx.scene.control.SkinBase;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import org.kestan.words.Words;
import org.kestan.work.template.Ink;
import org.kestan.work.template.Template;

/** Draws a template as large as there is room for. */
final class TemplateSkin extends SkinBase<TemplateView> {

    private static final double MARGIN = 16;
    private static final double SMALLEST = 7;
    private static final double LARGEST = 14;

    TemplateSkin(TemplateView view) {
        super(view);
        registerChangeListener(view.shownProperty(), change -> view.requestLayout());
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        getChildren().clear();
        getSkinnable().shownProperty().get().ifPresent(shown -> draw(shown, width, height));
    }

    private void draw(TemplateView.Shown shown, double width, double height) {
        Template template = shown.template();
        double scale = Math.min((width - 2 * MARGIN) / template.width(), (height - 2 * MARGIN) / template.height());
        if (scale > 0) {
            Screen screen = new Screen(scale, shown.words());
            template.inks().forEach(ink -> ink.draw(screen));
        }
    }

    /** Draws on the screen, at a scale. */
    private final class Screen implements Ink.Pen<RuntimeException> {

        private final double scale;
        private final Words words;

        Screen(double scale, Words words) {
            this.scale = scale;
            this.words = words;
        }

        private double at(double millimetres) {
            return MARGIN + millimetres * scale;
        }

        @Override
        public void path(Ink.Path path) {
            Polyline line = new Polyline();
            path.points().forEach(point -> line.getPoints().addAll(at(point.x()), at(point.y())));
            if (path.closed()) {
                line.getPoints()
                        .addAll(line.getPoints().get(0), line.getPoints().get(1));
            }
            add(line, "template-" + path.style().name().toLowerCase(Locale.ROOT));
        }

        @Override
        public void hole(Ink.Hole hole) {
            add(new Circle(at(hole.centre().x()), at(hole.centre().y()), hole.radius() * scale), "template-cut");
        }

        @Override
        public void words(Ink.Words said) {
            Text text = new Text(at(said.at().x()), at(said.at().y()), words.say(said.said()));
            text.getStyleClass().add("drawing-note");
            text.setManaged(false);
            text.setStyle("-fx-font-size: " + Math.max(SMALLEST, Math.min(LARGEST, said.size() * scale)) + "px;");
            getChildren().add(text);
        }

        private void add(Shape shape, String style) {
            shape.setFill(null);
            shape.setManaged(false);
            shape.getStyleClass().addAll("template-line", style);
            getChildren().add(shape);
        }
    }
}
