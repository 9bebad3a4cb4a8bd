package org.kestan.desktop.widgets.layout;

import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;

/** Cards of equal size in as many columns as fit, row after row. */
public final class CardGrid extends Pane {

    private static final double GAP = 8;

    private final double columnEms;
    private final double rowEms;

    /** Has the text size of this pane. */
    private final Label ruler = new Label();

    /**
     * @param columnEms the least width of a card, in text sizes
     * @param rowEms the height of a card, in text sizes
     */
    public CardGrid(double columnEms, double rowEms) {
        this.columnEms = columnEms;
        this.rowEms = rowEms;
        getStyleClass().add("card-grid");
        ruler.setManaged(false);
        ruler.setVisible(false);
        getChildren().add(ruler);
    }

    /** Replaces the cards. */
    public void show(List<? extends Node> cards) {
        if (!getManagedChildren().equals(cards)) {
            getChildren().setAll(ruler);
            getChildren().addAll(cards);
        }
    }

    /** How many columns there are. */
    public int columns() {
        return columns(getWidth() - snappedLeftInset() - snappedRightInset());
    }

    private int columns(double width) {
        return Math.max(1, (int) ((width + GAP) / (columnEms * em() + GAP)));
    }

    private double em() {
        return ruler.getFont().getSize();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth() - snappedLeftInset() - snappedRightInset();
        int columns = columns(width);
        double wide = Math.floor((width - GAP * (columns - 1)) / columns);
        double tall = rowEms * em();
        int at = 0;
        for (Node card : getManagedChildren()) {
            card.resizeRelocate(
                    snappedLeftInset() + at % columns * (wide + GAP),
                    snappedTopInset() + at / columns * (tall + GAP),
                    wide,
                    tall);
            at++;
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        double inner = (width > 0 ? width : getWidth()) - snappedLeftInset() - snappedRightInset();
        int columns = columns(inner);
        int rows = (getManagedChildren().size() + columns - 1) / columns;
        return snappedTopInset() + snappedBottomInset() + rows * rowEms * em() + Math.max(0, rows - 1) * GAP;
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
