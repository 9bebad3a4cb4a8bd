package org.kestan.desktop.widgets.figures;

import java.util.List;
import java.util.Locale;
import javafx.scene.layout.Region;
import org.kestan.analysis.figures.State;

/** The mark of a state: each has its own shape, so that nothing is shown by color alone. */
public final class StateShape extends Region {

    private static final double SIZE = 12;

    /** Makes a mark without a state. */
    public StateShape() {
        getStyleClass().add("state");
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        setMaxSize(SIZE, SIZE);
    }

    /** Shows a state. */
    public void show(State state) {
        getStyleClass().removeAll(List.of("state-good", "state-marginal", "state-stop", "state-unknown"));
        getStyleClass().add("state-" + state.name().toLowerCase(Locale.ROOT));
    }
}
