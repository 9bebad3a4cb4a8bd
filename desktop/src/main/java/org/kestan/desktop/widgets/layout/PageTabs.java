package org.kestan.desktop.widgets.layout;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;

/**
 * A row of tabs and their pages. The Left and Right arrow keys move from tab to tab.
 *
 * @param <P> the pages, an enum
 */
public final class PageTabs<P extends Enum<P>> extends HBox {

    private final ReadOnlyObjectWrapper<P> page;
    private final Map<P, Node> nodes = new LinkedHashMap<>();
    private final StackPane body = new StackPane();

    /**
     * @param first the page shown first
     * @param prefix put before the ids of the tabs
     * @param title the title of a page
     */
    public PageTabs(P first, String prefix, Function<P, String> title) {
        page = new ReadOnlyObjectWrapper<>(this, "page", first);
        getStyleClass().add("pages");
        setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (P each : first.getDeclaringClass().getEnumConstants()) {
            ToggleButton tab = new ToggleButton(title.apply(each));
            tab.setId(prefix + each.name().toLowerCase(Locale.ROOT));
            tab.getStyleClass().add("page");
            tab.setToggleGroup(group);
            tab.setUserData(each);
            tab.setMinWidth(USE_PREF_SIZE);
            tab.setSelected(each == first);
            getChildren().add(tab);
        }
        group.selectedToggleProperty().addListener((property, old, next) -> {
            if (next == null) {
                group.selectToggle(old);
            } else {
                page.set(first.getDeclaringClass().cast(next.getUserData()));
                show();
            }
        });
        body.setMinHeight(0);
    }

    /** Sets the content of a page. */
    public void put(P which, Node node) {
        nodes.put(which, node);
        body.getChildren().add(node);
        show();
    }

    private void show() {
        nodes.forEach((which, node) -> {
            // A hidden page takes no space.
            node.setVisible(which == page.get());
            node.setManaged(which == page.get());
        });
    }

    /** Returns the pages, to be laid out below the tabs. */
    public StackPane body() {
        return body;
    }

    /** The visible page. */
    public ReadOnlyObjectProperty<P> pageProperty() {
        return page.getReadOnlyProperty();
    }

    /** Shows a page. */
    public void select(P which) {
        getChildren().stream()
                .filter(each -> each.getUserData() == which)
                .forEach(each -> ((ToggleButton) each).setSelected(true));
    }

    /** Returns the visible page. */
    public P page() {
        return page.get();
    }
}
