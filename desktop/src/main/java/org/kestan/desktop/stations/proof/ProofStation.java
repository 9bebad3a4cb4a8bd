package org.kestan.desktop.stations.proof;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.LinesField;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.VisitEntry;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.layout.NextStepLine;
import org.kestan.desktop.widgets.layout.OwnerPane;
import org.kestan.desktop.widgets.layout.OwnerPaperExport;
import org.kestan.desktop.widgets.layout.PageTabs;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.proof.PredictionMaker;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.steps.Step;
import org.kestan.text.ProofText;
import org.kestan.text.Wording;

/** The prediction, the result, and what explains the difference; the work is signed off here. */
public final class ProofStation extends VBox implements Room {

    /** The pages of the station. */
    private enum Page {
        PROOF(Messages.message("proof-station.proof")),
        REPORT(Messages.message("proof-station.report-for-the-owner")),
        HISTORY(Messages.message("proof-station.over-the-years"));

        private final String title;

        Page(String title) {
            this.title = title;
        }
    }

    /** The dry fit is read at the bench. */
    private static final List<Reading> ASKED = Proof.TELLING.stream()
            .filter(reading -> reading != Reading.PROJECTION_SLACK)
            .toList();

    private static final double OFF_WIDTH = 300;
    private static final double OFF_LEAST = 150;

    /** Field width in characters: fits a thousandth of an inch with its unit. */
    private static final int VALUE_COLUMNS = 8;

    /** Below this width, in sizes of the headline, nothing is shown beside the results. */
    private static final double NARROW = 40;

    private final JobSession session;
    private final InstrumentView instrument;
    private final WorkingOrder order = new WorkingOrder();
    private final WorkingOrder closing = new WorkingOrder();
    private final PageTabs<Page> pages = new PageTabs<>(Page.PROOF, "proof-page-", page -> page.title);
    private final JobStore store;
    private OwnerPane report;
    private HistoryPane history;
    private final Label headline = new Label();
    private final Label made = new Label();
    private final Label unread = new Label();
    private final GridPane grid = new GridPane();
    private final VBox causes = new VBox();
    private final Map<Reading, EntryField> beside = new LinkedHashMap<>();
    private final Map<Reading, EntryField> onSheet = new LinkedHashMap<>();

    /** Makes the station. */
    public ProofStation(RoomContext context) {
        session = context.session();
        store = context.store();
        instrument = context.instrument();
        getStyleClass().add("proof");
        headline.setId("proof-headline");
        headline.getStyleClass().add("proof-head");
        made.setId("proof-made");
        made.getStyleClass().add("card-remark");
        unread.setId("proof-unread");
        unread.getStyleClass().add("notice-error");
        unread.managedProperty().bind(unread.textProperty().isNotEmpty());
        for (Label each : List.of(headline, made, unread)) {
            each.setWrapText(true);
            each.setMinWidth(0);
            each.setMinHeight(USE_PREF_SIZE);
        }
        grid.setId("proof-grid");
        grid.getStyleClass().add("proof-grid");
        order.setAfterLast(closing::first);
        causes.setId("proof-causes");
        causes.getStyleClass().add("step-side");
        Label titled = new Label(Messages.message("proof-station.sign-off"));
        titled.getStyleClass().add("place-title");
        FlowPane later = new FlowPane(
                new TextButton(
                        Messages.message("proof-station.in-half-a-year"),
                        "proof-half",
                        () -> comeBack(LocalDate.now().plusMonths(6))),
                new TextButton(
                        Messages.message("proof-station.in-a-year"),
                        "proof-year",
                        () -> comeBack(LocalDate.now().plusYears(1))));
        later.getStyleClass().add("step-bar");
        VBox side = new VBox(
                causes,
                titled,
                new LinesField(session, closing, Lines.STILL_TO_DO, 3),
                Fields.of(session, closing, Lines.COME_BACK, ""),
                later,
                Fields.of(session, closing, Lines.SIGNED_BY, ""),
                Fields.of(session, closing, Lines.SIGNED_ON, ""),
                new TextButton(Messages.message("proof-station.sign-off-today"), "proof-sign", this::sign));
        side.getStyleClass().add("proof-side");
        closing.setAfterLast(order::first);
        VBox told = new VBox(made, unread, grid);
        told.getStyleClass().add("proof");
        HBox.setHgrow(told, Priority.ALWAYS);
        HBox wide = new HBox();
        wide.getStyleClass().add("proof-page");
        VBox page = new VBox(wide);
        Runnable arrange = () -> {
            // In a narrow window the sign-off is below the results.
            boolean narrow = getWidth() < NARROW * headline.getFont().getSize();
            page.getChildren().setAll(wide);
            wide.getChildren().setAll(told);
            if (narrow) {
                page.getChildren().add(side);
            } else {
                wide.getChildren().add(side);
            }
        };
        widthProperty().addListener((property, old, next) -> arrange.run());
        arrange.run();
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        WorkingOrder.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        NextStepLine line = new NextStepLine(session, Station.PROOF);
        line.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(headline, Priority.ALWAYS);
        headline.setMaxWidth(Double.MAX_VALUE);
        HBox head = new HBox(headline, line);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("proof-bar");
        VBox proof = new VBox(head, scroll);
        proof.getStyleClass().add("proof");
        pages.put(Page.PROOF, proof);
        VBox.setVgrow(pages.body(), Priority.ALWAYS);
        FlowPane tabs = new FlowPane(pages);
        tabs.getStyleClass().add("plan-head");
        getChildren().addAll(tabs, pages.body());
        pages.pageProperty().addListener((property, old, next) -> show());
        session.settledProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> {
            if (!is) {
                instrument.compared().clear();
            }
            show();
        });
        show();
    }

    /** A reading after the work: in a separate visit, or on the sheet if that visit is on it already. */
    private EntryField field(Reading reading, boolean ofItsOwn) {
        EntryField field = new EntryField(
                session,
                ofItsOwn
                        ? new VisitEntry(JobEntries.of(reading, "", session::standards), "", Step.Into.AFTER)
                        : JobEntries.of(reading, "", session::standards),
                "",
                order);
        field.input().setId((ofItsOwn ? "proof-" : "proof-sheet-") + EntryField.id(reading));
        field.setMinWidth(USE_PREF_SIZE);
        field.input().setPrefColumnCount(VALUE_COLUMNS);
        field.input().setMinWidth(USE_PREF_SIZE);
        field.input().setAccessibleText(Messages.message("proof-station.after-the-work", Wording.full(reading)));
        return field;
    }

    private void comeBack(LocalDate day) {
        session.edit(job -> job.with(Lines.COME_BACK, day));
        session.say(Messages.message("proof-station.the-ledger-reminds-of", day));
    }

    private void sign() {
        JobAnalysis analysis = session.analysis();
        if (analysis.proof().after().isEmpty()) {
            session.complain(Messages.message("proof-station.nothing-was-read-after"));
            return;
        }
        session.edit(job -> {
            Job signed = job.with(Lines.SIGNED_ON, LocalDate.now());
            return job.get(Lines.SIGNED_BY).isPresent()
                            || session.whoProperty().get().isBlank()
                    ? signed
                    : signed.with(Lines.SIGNED_BY, session.whoProperty().get().strip());
        });
        session.say(
                analysis.proof().misses()
                        ? Messages.message("proof-station.signed-off-with-what")
                        : Messages.message("proof-station.signed-off"));
    }

    /** The prediction is saved before anything is read that could change anyone's mind. */
    private void keepPrediction() {
        JobAnalysis analysis = session.analysis();
        // A room built ahead of time is not visible yet, and must not change anything.
        if (getScene() != null
                && analysis.job().section(Sections.PREDICTION).isEmpty()
                && !analysis.isPreview()
                && analysis.proof().after().isEmpty()) {
            Optional<Prediction> made =
                    PredictionMaker.of(analysis.plan(), analysis.spread().plan(), LocalDate.now());
            made.ifPresent(each -> session.edit(job -> job.with(Sections.PREDICTION, Optional.of(each))));
        }
    }

    private void show() {
        if (!isVisible()) {
            return;
        }
        keepPrediction();
        if (pages.page() == Page.REPORT) {
            instrument.compared().clear();
            if (report == null) {
                report = new OwnerPane(session, store, "report", OwnerPaperExport::report);
                pages.put(Page.REPORT, report);
            }
            report.show();
            return;
        }
        if (pages.page() == Page.HISTORY) {
            instrument.compared().clear();
            if (history == null) {
                history = new HistoryPane(session, store);
                pages.put(Page.HISTORY, history);
            }
            history.show();
            return;
        }
        JobAnalysis analysis = session.analysis();
        Proof proof = analysis.proof();
        Wording words = session.words();
        headline.setText(ProofText.headline(proof, words));
        made.setText(ProofText.made(proof));
        unread.setText(
                ProofText.unread(session.job(), session.stepsProperty().get().book(), words));
        rows(proof, words);
        causes.getChildren().clear();
        if (proof.misses() || !analysis.shares().isEmpty()) {
            Label title = new Label(
                    proof.misses()
                            ? Messages.message("proof-station.where-the-actions-miss")
                            : Messages.message("proof-station.what-made-the-small"));
            title.getStyleClass().add("place-title");
            causes.getChildren().add(title);
            ProofText.causes(analysis, words).forEach(said -> {
                Label line = new Label(said);
                line.setWrapText(true);
                line.setMinWidth(0);
                causes.getChildren().add(line);
            });
        }
        draw(analysis, proof);
    }

    private void rows(Proof proof, Wording words) {
        grid.getChildren().clear();
        grid.addRow(
                0,
                head(""),
                head(Messages.message("proof-station.column-before")),
                head(Messages.message("proof-station.column-predicted")),
                head(Messages.message("proof-station.column-after")),
                head(Messages.message("proof-station.column-off")),
                head(Messages.message("proof-station.column-change")));
        boolean sheet = session.job()
                .visit()
                .get(Lines.ROLE)
                .filter(VisitRole.STRUNG::equals)
                .isPresent();
        int at = 1;
        for (Reading reading : ASKED) {
            boolean taken = session.job().takes(reading);
            Map<Reading, EntryField> others = sheet ? beside : onSheet;
            Optional.ofNullable(others.get(reading)).ifPresent(field -> field.setVisible(false));
            // A field is built once, when it is first needed.
            EntryField after = (sheet ? onSheet : beside).computeIfAbsent(reading, each -> field(each, !sheet));
            after.setVisible(taken);
            if (!taken) {
                continue;
            }
            Optional<Proof.Row> row = proof.lines().stream()
                    .filter(line -> line.reading() == reading)
                    .findFirst();
            OptionalDouble before = proof.before().millimeters(reading);
            grid.addRow(
                    at++,
                    name(reading),
                    value(before.isPresent() ? print(reading, before.getAsDouble()) : "—", "proof-value"),
                    value(
                            row.flatMap(Proof.Row::predicted)
                                    .map(each -> print(reading, each.value()))
                                    .orElse("—"),
                            "proof-predicted"),
                    after,
                    off(row, words),
                    value(row.map(ProofText::percent).orElse(""), "card-remark"));
        }
    }

    private Label off(Optional<Proof.Row> row, Wording words) {
        Label label = new Label(row.map(each -> ProofText.off(each, words)).orElse(""));
        label.getStyleClass().add(row.filter(Proof.Row::isMiss).isPresent() ? "proof-miss" : "proof-within");
        label.setWrapText(true);
        label.setMinWidth(OFF_LEAST);
        label.setMaxWidth(OFF_WIDTH);
        label.setId("proof-off-" + row.map(each -> each.reading().key()).orElse(""));
        return label;
    }

    private String print(Reading reading, double millimeters) {
        return reading.withFeelers()
                ? session.words().numbers().fine(millimeters)
                : session.words().numbers().length(millimeters);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("entry-label");
        return label;
    }

    private static Label name(Reading reading) {
        Label label = new Label(Wording.full(reading));
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Label value(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().addAll("proof-value", style);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    /** Predicted and after, drawn over the measured state before. */
    private void draw(JobAnalysis analysis, Proof proof) {
        List<SideProfile> profiles = new ArrayList<>();
        analysis.plan().planned().ifPresent(planned -> profiles.add(SideProfile.of(planned, 0)));
        proof.strung(analysis.job(), analysis.shop()).ifPresent(after -> profiles.add(SideProfile.of(after, 0)));
        instrument.compared().setAll(proof.after().isPresent() ? profiles : List.of());
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        if (pages.page() == Page.PROOF) {
            order.first();
        } else {
            pages.lookup(".page").requestFocus();
        }
    }
}
