package org.kestan.desktop.widgets.elevation;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Group;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** Fretboard with its relief and fall-away, frets, fret numbers, the heel with the wedge that will go. */
final class NeckLayer extends Group {

    /** Points along the fretboard's crown curve. */
    private static final int STEPS = 24;

    private static final double FRET_PIXELS = 4;

    private final Polygon heel = Shapes.polygon("heel");
    private final Polygon wedge = Shapes.polygon("wedge");
    private final Text wedgeLabel = Shapes.text("drawing-note", "wedge-note");
    private final Polygon fretboard = Shapes.polygon("fretboard");
    private final Polygon extensionWedge = Shapes.polygon("extension-wedge");
    private final Group frets = new Group();
    private final Group numbers = new Group();

    NeckLayer() {
        frets.setMouseTransparent(true);
        numbers.setMouseTransparent(true);
        getChildren().addAll(heel, wedge, wedgeLabel, fretboard, extensionWedge, frets, numbers);
    }

    void draw(SideView view, ViewScale scale, double width, String cutText) {
        drawHeel(view, scale, width, cutText);
        drawFretboard(view, scale);
        drawFrets(view, scale);
    }

    private void drawHeel(SideView view, ViewScale scale, double width, String cutText) {
        heel.setVisible(view.heelHeight().isPresent());
        boolean cut = view.outcome().heel().isPresent()
                && Math.abs(view.outcome().heel().get().atCap()) > 1e-9;
        wedge.setVisible(cut);
        wedgeLabel.setVisible(cut);
        if (view.heelHeight().isEmpty()) {
            return;
        }
        double height = view.heelHeight().getAsDouble();
        double joint = scale.x(view.joint());
        double unit = height * scale.along() * scale.heelFactor();
        double cap = scale.depth(height);
        List<Double> points = new ArrayList<>(List.of(joint, scale.baseline(), joint, cap));
        // The front of the heel sweeps from its cap up into the neck: a quarter of an ellipse, for the eye only.
        for (int i = 0; i <= 12; i++) {
            double turn = Math.PI / 2 * i / 12;
            points.add(joint - unit * (0.22 + 0.5 * (1 - Math.cos(turn))));
            points.add(cap - unit * Math.sin(turn));
        }
        heel.getPoints().setAll(points);
        if (cut) {
            double thickness = scale.wedge(view.outcome().heel().get().atCap());
            // Wood to remove lies inside the heel; wood that would be missing stands out of it.
            Shapes.place(wedge, joint, scale.baseline(), joint, cap, joint - thickness, cap);
            String style = thickness > 0 ? "wood-to-remove" : "wood-to-add";
            if (!wedge.getStyleClass().contains(style)) {
                wedge.getStyleClass().setAll("wedge", style);
            }
            wedgeLabel.setText(cutText);
            wedgeLabel.setX(
                    Math.max(4, Math.min(width - wedgeLabel.getLayoutBounds().getWidth() - 4, joint + 10)));
            wedgeLabel.setY(cap - 4);
        }
    }

    private void drawFretboard(SideView view, ViewScale scale) {
        double end = view.fretboardEnd();
        double thickness = view.measured().map(SideProfile::fretsOverTop).orElse(6.0);
        List<Double> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double x = end * i / STEPS;
            points.add(scale.x(x));
            points.add(scale.y(crown(view, x)) + FRET_PIXELS);
        }
        for (double x : new double[] {end, view.joint(), 0}) {
            points.add(scale.x(x));
            // Past the joint the underside rests on the top.
            double under = crown(view, x) - thickness;
            points.add(scale.y(x > view.joint() ? Math.max(0, under) : under));
        }
        fretboard.getPoints().setAll(points);
        extensionWedge.setVisible(false);
        view.outcome().extension().filter(extension -> extension.wedge() > 0).ifPresent(extension -> {
            extensionWedge.setVisible(true);
            double far = scale.x(view.joint() + extension.length());
            Shapes.place(
                    extensionWedge,
                    scale.x(view.joint()),
                    scale.baseline(),
                    far,
                    scale.baseline(),
                    far,
                    scale.y(extension.wedge()));
        });
    }

    private void drawFrets(SideView view, ViewScale scale) {
        while (frets.getChildren().size() < view.marks().last()) {
            frets.getChildren().add(Shapes.line("fret"));
        }
        while (frets.getChildren().size() > view.marks().last()) {
            frets.getChildren().remove(frets.getChildren().size() - 1);
        }
        int numbered = 0;
        double thickness = view.measured().map(SideProfile::fretsOverTop).orElse(6.0);
        for (int fret = 1; fret <= view.marks().last(); fret++) {
            double x = view.frets().at(fret);
            double top = scale.y(crown(view, x));
            Shapes.place(
                    (javafx.scene.shape.Line) frets.getChildren().get(fret - 1),
                    scale.x(x),
                    top,
                    scale.x(x),
                    top + FRET_PIXELS);
            if (fret == 1
                    || fret == view.marks().relief()
                    || fret == view.marks().action()
                    || fret == view.marks().joint()) {
                if (numbered == numbers.getChildren().size()) {
                    numbers.getChildren().add(Shapes.text("fret-number"));
                }
                Text number = (Text) numbers.getChildren().get(numbered++);
                number.setText(Integer.toString(fret));
                number.setX(scale.x(x) - number.getLayoutBounds().getWidth() / 2);
                number.setY(scale.y(crown(view, x) - thickness) - 4);
            }
        }
        numbers.getChildren().remove(numbered, numbers.getChildren().size());
    }

    private static double crown(SideView view, double x) {
        return view.measured().map(profile -> profile.crownAt(x)).orElse(7.0);
    }
}
