package org.kestan.desktop.shell;

import java.util.Optional;
import javafx.beans.value.ObservableValue;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.instrument.PlanListener;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.drag.PlanDrag;
import org.kestan.repair.drag.UsualValues;
import org.kestan.repair.sideview.PlaceholderInstrument;

/** Connects the drawing with the session: it shows the open job, and drags on it change the job. */
final class DrawingLink {

    private final InstrumentView instrument;
    private final JobSession session;
    private final ObservableValue<RoomEntry> shown;

    private DrawingLink(InstrumentView instrument, JobSession session, ObservableValue<RoomEntry> shown) {
        this.instrument = instrument;
        this.session = session;
        this.shown = shown;
    }

    /**
     * Connects a drawing.
     *
     * @param shown the room that is shown: beside the proof, what was measured before is drawn with what was predicted
     */
    static void of(InstrumentView instrument, JobSession session, ObservableValue<RoomEntry> shown) {
        new DrawingLink(instrument, session, shown).connect();
    }

    private void connect() {
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        shown.addListener((property, old, next) -> show());
        instrument.unitProperty().bind(session.unitProperty());
        instrument.focusedLineProperty().bind(session.focusedLineProperty());
        instrument.planListenerProperty().set(new PlanListener() {
            @Override
            public void moved(Handle handle, double height, boolean fine, Object gesture) {
                session.editDuring(
                        gesture,
                        job -> PlanDrag.move(
                                session.analysis().plan(),
                                handle,
                                height,
                                fine ? session.unit()::fineLength : session.unit()::length));
            }

            @Override
            public void reset(Handle handle) {
                session.edit(job -> PlanDrag.reset(session.analysis().plan(), handle));
            }
        });
        session.movingProperty().bind(instrument.draggingProperty());
        instrument.setUsualValues(handle -> UsualValues.of(session.analysis().plan(), handle));
    }

    private void show() {
        JobAnalysis analysis = session.analysis();
        instrument.figuresProperty().set(analysis.figures());
        instrument.saidProperty().set(said(analysis));
        instrument.sideViewProperty().set(analysis.sideView());
        instrument
                .plainProperty()
                .set(
                        analysis.sideView().isPresent()
                                ? Optional.empty()
                                : Optional.of(PlaceholderInstrument.like(analysis.job())));
    }

    private InstrumentView.Said said(JobAnalysis analysis) {
        boolean planned = analysis.plan().planned().isPresent();
        boolean proved = shown.getValue().station().equals(Optional.of(Station.PROOF))
                && analysis.proof().after().isPresent();
        if (proved) {
            return new InstrumentView.Said(
                    planned,
                    Messages.message("drawing-link.before"),
                    Messages.message("drawing-link.predicted"),
                    session.words());
        }
        String changed = analysis.isPreview()
                ? Messages.message("drawing-link.preview")
                : Messages.message("drawing-link.planned");
        return new InstrumentView.Said(planned, Messages.message("drawing-link.now"), changed, session.words());
    }
}
