package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WindowPlacementTest {

    private static final Rectangle2D LEFT = new Rectangle2D(0, 24, 1920, 1056);
    private static final Rectangle2D RIGHT = new Rectangle2D(1920, 0, 1280, 1024);

    private static Rectangle2D at(double x, double y) {
        return new Rectangle2D(x, y, 1280, 800);
    }

    @DataProvider
    public Object[][] places() {
        return new Object[][] {
            {at(100, 100), at(100, 100)},
            // A hundred pixels of the title bar to grab, and one fewer.
            {at(-1180, 100), at(-1180, 100)},
            {at(-1181, 100), null},
            // The title bar above the screen's upper edge, and at it; below its lower edge, and at it.
            {at(100, 23), null},
            {at(100, 24), at(100, 24)},
            {at(100, 1048), at(100, 1048)},
            {at(100, 1049), null},
            // A screen that is no longer there.
            {at(4000, 100), null},
            // On the second screen, and larger than it.
            {new Rectangle2D(1920, 0, 1900, 1056), new Rectangle2D(1920, 0, 1280, 1024)},
        };
    }

    @Test(dataProvider = "places")
    public void aWindowComesBackWhereItCanBeGrasped(Rectangle2D last, Rectangle2D expected) {
        assertThat(WindowPlacement.fitting(last, List.of(LEFT, RIGHT))).isEqualTo(Optional.ofNullable(expected));
    }
}
