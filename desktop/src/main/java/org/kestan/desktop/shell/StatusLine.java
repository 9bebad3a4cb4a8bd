package org.kestan.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.desktop.gauge.GaugeListener;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.job.gauge.GaugeLine;
import org.kordamp.ikonli.javafx.FontIcon;

/** The hint of the focused field or a message, the display unit, and when the job was saved. */
final class StatusLine extends HBox {

    StatusLine(JobSession session, JobStore store, GaugeListener gauge) {
        getStyleClass().add("status-line");
        setAlignment(Pos.CENTER_LEFT);
        FontIcon icon = new FontIcon("fth-info");
        icon.getStyleClass().add("status-icon");
        Label notice = new Label();
        notice.setId("notice");
        notice.getStyleClass().add("notice");
        notice.textProperty().bind(session.noticeProperty());
        notice.setMaxWidth(Double.MAX_VALUE);
        notice.setMinWidth(0);
        LazyTooltip.on(notice, notice::getText);
        HBox.setHgrow(notice, Priority.ALWAYS);
        session.noticeIsErrorProperty().addListener((property, was, is) -> {
            notice.getStyleClass().remove("notice-error");
            if (is) {
                notice.getStyleClass().add("notice-error");
            }
            icon.setIconLiteral(is ? "fth-alert-triangle" : "fth-info");
        });
        Button unit = new Button();
        unit.setId("unit-button");
        unit.getStyleClass().add("status-button");
        unit.setFocusTraversable(false);
        unit.textProperty()
                .bind(javafx.beans.binding.Bindings.createStringBinding(
                        () -> Messages.message(
                                "status-line.units-f6", session.unit().label()),
                        session.unitProperty()));
        unit.setOnAction(action -> session.unitProperty().set(session.unit().next()));
        Label saved = new Label();
        saved.setId("saved");
        saved.getStyleClass().add("saved");
        saved.textProperty().bind(store.savedProperty());
        saved.setMinWidth(USE_PREF_SIZE);
        unit.setMinWidth(USE_PREF_SIZE);
        Label elsewhere = new Label();
        elsewhere.setId("open-elsewhere");
        elsewhere.getStyleClass().add("open-elsewhere");
        elsewhere.setMinWidth(0);
        LazyTooltip.on(elsewhere, elsewhere::getText);
        Runnable tell = () -> {
            elsewhere.setText(store.openId().map(store.others()::openBy).orElse(""));
            elsewhere.setManaged(!elsewhere.getText().isEmpty());
        };
        store.others().openProperty().addListener((property, old, next) -> tell.run());
        session.analysisProperty().addListener((property, old, next) -> tell.run());
        tell.run();
        Button input = new Button();
        input.setId("gauge-button");
        input.getStyleClass().add("status-button");
        input.setFocusTraversable(false);
        input.setMinWidth(USE_PREF_SIZE);
        input.textProperty()
                .bind(javafx.beans.binding.Bindings.createStringBinding(
                        () -> !gauge.listeningProperty().get()
                                ? Messages.message("status-line.gauge-off")
                                : gauge.liveProperty().get().isEmpty()
                                        ? Messages.message("status-line.gauge-listening")
                                        : Messages.message(
                                                "status-line.gauge-f3",
                                                gauge.liveProperty().get()),
                        gauge.listeningProperty(),
                        gauge.liveProperty()));
        input.setOnAction(action -> {
            if (gauge.listeningProperty().get()) {
                gauge.stop();
            } else {
                gauge.start(GaugeLine.PORT);
            }
        });
        gauge.troubleProperty().addListener((property, old, next) -> {
            if (!next.isEmpty()) {
                session.complain(next);
            }
        });
        getChildren().addAll(icon, notice, elsewhere, input, unit, saved);
    }
}
