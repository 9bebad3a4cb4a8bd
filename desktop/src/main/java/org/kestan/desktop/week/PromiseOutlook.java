package org.kestan.desktop.week;

import java.time.LocalDate;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.job.terms.Lines;
import org.kestan.week.WeekReport;

/** Beside a promise: when the open job will be ready by the plan of all jobs, and how likely that is. */
public final class PromiseOutlook extends VBox {

    private final JobSession session;
    private final JobStore store;
    private final WeekDesk desk;
    private final Label said = new Label();
    private final Button notice;

    /** Stays silent until somebody gets to the promise, or there is one. */
    public PromiseOutlook(JobSession session, JobStore store, WeekDesk desk) {
        this.session = session;
        this.store = store;
        this.desk = desk;
        said.setId("promise-outlook");
        said.getStyleClass().add("card-label");
        said.setWrapText(true);
        notice = new TextButton(Messages.message("week-room.notice"), "promise-notice", this::copy);
        getChildren().addAll(said, notice);
        session.focusedLineProperty().addListener((property, old, next) -> come(next));
        session.analysisProperty().addListener((property, old, next) -> say());
        desk.reportProperty().addListener((property, old, next) -> say());
        desk.lookingProperty().addListener((property, old, next) -> say());
        say();
    }

    private void come(Line<?> line) {
        if (line == Lines.PROMISED_ON) {
            desk.begin();
        }
    }

    private Optional<WeekReport.Outlook> outlook() {
        return desk.reportProperty().get().flatMap(report -> store.openId().flatMap(report::of));
    }

    private void copy() {
        outlook().filter(WeekText::isPast).ifPresent(each -> {
            WeekText.copyNotice(each);
            session.say(Messages.message("week-room.notice-copied"));
        });
    }

    private void say() {
        Optional<WeekReport> report = desk.reportProperty().get();
        String text = report.isEmpty()
                ? desk.lookingProperty().get() ? Messages.message("week-room.planning") : ""
                : outlook().map(WeekText::ready).orElse(Messages.message("promise-outlook.not-planned"));
        Optional<LocalDate> promised = session.job().get(Lines.PROMISED_ON);
        boolean past = outlook().filter(WeekText::isPast).isPresent();
        notice.setVisible(past);
        notice.setManaged(past);
        said.setText(
                promised.filter(day -> day.isBefore(LocalDate.now())).isPresent()
                        ? Messages.message("promise-outlook.past") + " " + text
                        : text);
    }
}
