package org.kestan.desktop.stations.plan;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import org.kestan.words.Words;
import org.kestan.work.template.Template;

/** A template as it will be printed, made to fit. */
final class TemplateView extends Control {

    private final ObjectProperty<Optional<Shown>> shown = new SimpleObjectProperty<>(this, "shown", Optional.empty());

    /** What is drawn, and how it speaks. */
    record Shown(Template template, Words words) {}

    TemplateView() {
        setId("template-view");
        getStyleClass().add("template-view");
        setMinHeight(0);
    }

    /** What is drawn; empty for nothing. */
    ObjectProperty<Optional<Shown>> shownProperty() {
        return shown;
    }

    void show(Optional<Template> template, Words words) {
        shown.set(template.map(each -> new Shown(each, words)));
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new TemplateSkin(this);
    }
}
