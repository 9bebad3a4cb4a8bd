package org.kestan.desktop.stations.measure;

import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** The columns of readings side by side; if they would get too narrow, in two or more rows with equal numbers. */
final class PlaceRows extends Pane {

    private static final double ROW_GAP = 8;

    PlaceRows() {
        getStyleClass().add("readings");
    }

    private int inARow(double width) {
        List<Node> columns = getManagedChildren();
        double least =
                columns.stream().mapToDouble(each -> each.minWidth(-1)).max().orElse(1);
        int fit = Math.max(1, (int) (width / Math.max(1, least)));
        int rows = Math.max(1, (columns.size() + fit - 1) / fit);
        return Math.max(1, (columns.size() + rows - 1) / rows);
    }

    private double inner(double width) {
        return width - snappedLeftInset() - snappedRightInset();
    }

    @Override
    protected void layoutChildren() {
        double y = snappedTopInset();
        List<Node> columns = getManagedChildren();
        int count = inARow(inner(getWidth()));
        double wide = inner(getWidth()) / count;
        for (int from = 0; from < columns.size(); from += count) {
            List<Node> row = columns.subList(from, Math.min(columns.size(), from + count));
            double tall = height(row, wide);
            for (int i = 0; i < row.size(); i++) {
                double left = Math.round(i * wide);
                row.get(i).resizeRelocate(snappedLeftInset() + left, y, Math.round((i + 1) * wide) - left, tall);
            }
            y += tall + ROW_GAP;
        }
    }

    private static double height(List<Node> row, double wide) {
        return row.stream().mapToDouble(each -> each.prefHeight(wide)).max().orElse(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        double inner = inner(width > 0 ? width : getWidth());
        List<Node> columns = getManagedChildren();
        int count = inARow(inner);
        double tall = snappedTopInset() + snappedBottomInset();
        for (int from = 0; from < columns.size(); from += count) {
            tall += height(columns.subList(from, Math.min(columns.size(), from + count)), inner / count)
                    + (from == 0 ? 0 : ROW_GAP);
        }
        return tall;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computePrefWidth(double height) {
        return getManagedChildren().stream()
                .mapToDouble(each -> each.minWidth(-1))
                .sum();
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }
}
