package org.kestan.desktop.widgets.layout;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;

/** Lays its children out in as many columns as fit, each in the column that is shortest so far. */
public final class Columns extends Pane {

    private static final double GAP = 24;
    private static final double ROW_GAP = 10;

    /** Where a child is. */
    private record Place(Node node, double x, double y, double width, double height) {}

    private final double columnEms;

    /** Has the text size of this pane. */
    private final Label ruler = new Label();

    /**
     * @param columnEms the least width of a column, in text sizes
     */
    public Columns(double columnEms) {
        this.columnEms = columnEms;
        getStyleClass().add("columns");
        ruler.setManaged(false);
        ruler.setVisible(false);
        getChildren().add(ruler);
    }

    /** Replaces the children. */
    public void show(List<? extends Node> nodes) {
        List<Node> all = new ArrayList<>(nodes);
        all.add(ruler);
        if (!all.equals(getChildren())) {
            getChildren().setAll(all);
        }
    }

    private List<Place> places(double width) {
        double least = columnEms * ruler.getFont().getSize();
        int count = Math.max(1, (int) ((width + GAP) / (least + GAP)));
        double column = (width - GAP * (count - 1)) / count;
        double[] heights = new double[count];
        List<Place> places = new ArrayList<>();
        for (Node child : getManagedChildren()) {
            int shortest = 0;
            for (int i = 1; i < count; i++) {
                if (heights[i] < heights[shortest] - 1) {
                    shortest = i;
                }
            }
            double height = child.prefHeight(column);
            places.add(new Place(child, shortest * (column + GAP), heights[shortest], column, height));
            heights[shortest] += height + ROW_GAP;
        }
        return places;
    }

    @Override
    protected void layoutChildren() {
        double left = snappedLeftInset();
        double top = snappedTopInset();
        for (Place each : places(getWidth() - left - snappedRightInset())) {
            each.node().resizeRelocate(left + each.x(), top + each.y(), each.width(), each.height());
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        double inner = (width > 0 ? width : getWidth()) - snappedLeftInset() - snappedRightInset();
        double lowest = places(Math.max(1, inner)).stream()
                .mapToDouble(each -> each.y() + each.height())
                .max()
                .orElse(0);
        return snappedTopInset() + lowest + snappedBottomInset();
    }

    @Override
    protected double computePrefWidth(double height) {
        return columnEms * ruler.getFont().getSize() + snappedLeftInset() + snappedRightInset();
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }
}
