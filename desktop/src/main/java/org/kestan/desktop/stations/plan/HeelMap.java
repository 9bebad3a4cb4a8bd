package org.kestan.desktop.stations.plan;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.text.BenchUnit;

/**
 * The heel: end-on with the wood to take off each cheek every 5 mm, and from the side. Its skin and the stylesheet
 * define how it is drawn.
 */
final class HeelMap extends Control {

    private final ObjectProperty<Optional<Shown>> shown = new SimpleObjectProperty<>(this, "shown", Optional.empty());

    /**
     * The data to draw.
     *
     * @param cut what comes off
     * @param drift the side from which more goes, bass when the neck stands straight
     * @param joint how the heel is held
     * @param unit the unit of its numbers
     */
    record Shown(HeelCut cut, Side drift, Joint joint, BenchUnit unit) {}

    HeelMap() {
        setId("heel-map");
        getStyleClass().add("heel-map");
        setMinHeight(0);
    }

    /** The data to draw; empty if no wood is removed. */
    ObjectProperty<Optional<Shown>> shownProperty() {
        return shown;
    }

    /** Shows the current plan. */
    void show(JobSession session) {
        shown.set(session.analysis()
                .plan()
                .heel()
                .map(cut -> new Shown(
                        cut,
                        session.job().visit().driftSide().orElse(Side.BASS),
                        session.job().get(Lines.JOINT).orElse(Joint.UNKNOWN),
                        session.unit().fine())));
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new HeelMapSkin(this);
    }
}
