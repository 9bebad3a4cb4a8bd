package org.kestan.desktop.widgets.terms;

import java.util.function.Supplier;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** A tooltip that is created when the pointer first rests on its control, since most never are. */
public final class LazyTooltip {

    private static final double WIDEST = 420;

    private LazyTooltip() {}

    /**
     * Puts a tooltip on a node.
     *
     * @param text asked each time the pointer comes
     */
    public static void on(Node node, Supplier<String> text) {
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {

            private Tooltip tip;

            @Override
            public void handle(MouseEvent event) {
                if (tip == null) {
                    tip = new Tooltip();
                    tip.setWrapText(true);
                    tip.setMaxWidth(WIDEST);
                    Tooltip.install(node, tip);
                }
                tip.setText(text.get());
            }
        });
    }
}
