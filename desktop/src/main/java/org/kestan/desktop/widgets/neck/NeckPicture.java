package org.kestan.desktop.widgets.neck;

import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import org.kestan.analysis.neck.NeckProfile;
import org.kestan.analysis.neck.ReliefZones;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.base.sheet.AtFret;
import org.kestan.desktop.session.JobSession;
import org.kestan.text.BenchUnit;

/**
 * The neck from the side, with its dip enlarged: the curve through the gaps with its band, the readings, single frets
 * that stand proud or low, and the planned curve. Its skin and the stylesheet define how it is drawn.
 */
public final class NeckPicture extends Control {

    private final ObjectProperty<Optional<Shown>> shown = new SimpleObjectProperty<>(this, "shown", Optional.empty());
    private IntConsumer pressed = fret -> {};

    /**
     * The data to draw.
     *
     * @param measured the setup as measured
     * @param profile the neck as it was read
     * @param crowns the frets as they were read
     * @param fall how much the frets go down for each mm past the joint
     * @param planned the setup after the work
     * @param zones the relief wanted by zone
     * @param asked the fret to read next, 0 for none
     * @param unit the unit of its scale
     */
    record Shown(
            Setup measured,
            NeckProfile profile,
            FretCrowns crowns,
            double fall,
            Optional<Setup> planned,
            Optional<ReliefZones> zones,
            int asked,
            BenchUnit unit) {}

    /** An empty picture. */
    public NeckPicture() {
        setId("neck-picture");
        getStyleClass().add("neck-picture");
        setMinHeight(0);
    }

    ObjectProperty<Optional<Shown>> shownProperty() {
        return shown;
    }

    /** Sets the listener for a fret pressed in the picture. */
    public void setOnFret(IntConsumer action) {
        pressed = action;
    }

    void press(int fret) {
        pressed.accept(fret);
    }

    /** Shows the current job. */
    public void show(JobSession session) {
        int asked = session.focusedLineProperty().get() instanceof AtFret at ? at.fret() : 0;
        shown.set(session.analysis()
                .measured()
                .map(measured -> new Shown(
                        measured,
                        measured.basis().profile(),
                        FretCrowns.of(measured, session.job(), FretCrowns.fall(session.job())),
                        FretCrowns.fall(session.job()),
                        session.analysis().plan().planned(),
                        ReliefZones.of(session.job(), measured.basis().frets()),
                        asked,
                        session.unit().fine())));
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new NeckPictureSkin(this);
    }
}
