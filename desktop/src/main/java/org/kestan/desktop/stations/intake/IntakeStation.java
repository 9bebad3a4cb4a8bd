package org.kestan.desktop.stations.intake;

import java.nio.file.Files;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.standards.Family;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.week.PromiseOutlook;
import org.kestan.desktop.widgets.field.ChoiceField;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.JobEntries;
import org.kestan.desktop.widgets.field.LinesField;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.desktop.widgets.layout.NextStepLine;
import org.kestan.files.papers.ClaimTagPdf;
import org.kestan.files.papers.PaperName;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.overview.Station;
import org.kestan.text.Wording;

/** The questions asked when an instrument comes in. */
public final class IntakeStation extends HBox implements Room {

    private final JobStore store;
    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();

    /** Makes the station; pictures are copied to where the ledger keeps them. */
    public IntakeStation(RoomContext context) {
        store = context.store();
        session = context.session();
        getStyleClass().add("intake");
        VBox instrument = block(Messages.message("intake-station.instrument"), instrument());
        // Built in the order on the screen, because Enter follows it.
        VBox playing = block(Messages.message("intake-station.owner-and-playing"), playing());
        VBox worth = block(Messages.message("intake-station.worth-and-meaning"), worth());
        VBox promise = block(
                Messages.message("intake-station.job-and-promise"),
                promise(),
                new PromiseOutlook(session, store, context.week()));
        VBox parts = block(Messages.message("intake-station.parts"), new PartsPane(session, order));
        VBox strings = block(Messages.message("intake-station.string-set"), StringSetPane.present(session, order));
        VBox wanted =
                block(Messages.message("intake-station.other-strings-wanted"), StringSetPane.wanted(session, order));
        VBox photos = block(Messages.message("intake-station.pictures"), new PhotoPane(session, context.store()));
        // As wide as what is above it, however many pictures there are.
        photos.setPrefWidth(0);
        FlowPane columns =
                new FlowPane(instrument, playing, new VBox(worth, photos), promise, parts, new VBox(strings, wanted));
        columns.getStyleClass().add("intake-columns");
        ScrollPane scroll = new ScrollPane(columns);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        WorkingOrder.follow(scroll);
        NextStepLine next = new NextStepLine(session, Station.INTAKE);
        VBox all = new VBox(next, scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox.setHgrow(all, Priority.ALWAYS);
        all.setMinWidth(0);
        getChildren().add(all);
        order.setAfterLast(() -> context.enter(Station.MEASURE));
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        order.first();
    }

    private GridPane instrument() {
        Node name = field(Lines.NAME);
        Node family = family();
        Node form = field(Lines.FORM);
        Node joint = field(Lines.JOINT);
        Node jointFret = field(Lines.JOINT_FRET);
        EntryField scale = new EntryField(session, JobEntries.of(Dimension.SCALE, session::standards), "", order);
        EntryField half = new EntryField(session, JobEntries.nutToTwelfth(), "", order);
        half.input().setId("instrument-nut-to-twelfth");
        scale.input().setPrefColumnCount(9);
        Node body = field(Lines.BODY);
        Node bracing = field(Lines.BRACING);
        Node bridge = field(Lines.BRIDGE);
        session.settledProperty().addListener((property, old, next) -> showFor(bridge, next.job()));
        showFor(bridge, session.job());
        GridPane grid = grid();
        grid.add(name, 0, 0, 2, 1);
        grid.addRow(1, family, form);
        grid.addRow(2, joint, jointFret);
        grid.addRow(3, scale, half);
        grid.addRow(4, body, bracing);
        grid.addRow(5, bridge);
        return grid;
    }

    /** The family is asked for; the form follows from it, and can be changed. */
    private ChoiceField<Family> family() {
        return new ChoiceField<>(
                session,
                order,
                new ChoiceField.Choice<>(
                        EntryField.id(Lines.FAMILY),
                        ChoiceField.Texts.of(Lines.FAMILY),
                        Lines.FAMILY.type().choices(),
                        Wording::label,
                        job -> job.get(Lines.FAMILY),
                        IntakeStation::ofFamily));
    }

    private static Job ofFamily(Job job, Optional<Family> choice) {
        if (choice.isEmpty()) {
            return job.without(Lines.FAMILY);
        }
        Job said = job.with(Lines.FAMILY, choice.get());
        return Form.of(choice.get()).map(form -> said.with(Lines.FORM, form)).orElse(said);
    }

    /** The kind of floating bridge is asked for only if there is one. */
    private static void showFor(Node bridge, Job job) {
        bridge.setVisible(job.floating());
    }

    private GridPane worth() {
        GridPane grid = grid();
        grid.addRow(0, field(Lines.AGE), field(Lines.HANDMADE));
        grid.addRow(1, field(Lines.VALUE), field(Lines.CURRENCY));
        grid.addRow(2, field(Lines.COLLECTIBLE), field(Lines.BRIDGE_CUT));
        grid.add(field(Lines.MEANING), 0, 3, 2, 1);
        grid.add(field(Lines.DO_IT_ANYWAY), 0, 4, 2, 1);
        grid.addRow(5, field(Lines.RATE), field(Lines.PICKGUARD_UNDER));
        grid.addRow(6, field(Lines.FINISH), field(Dimension.BRIDGE_AS_MADE));
        return grid;
    }

    private GridPane playing() {
        GridPane grid = grid();
        grid.add(field(Lines.OWNER), 0, 0, 2, 1);
        grid.add(new LinesField(session, order, Lines.COMPLAINT, 3), 0, 1, 2, 1);
        grid.addRow(2, field(Lines.STYLE), field(Lines.TOUCH));
        grid.add(field(Lines.REPAIRS), 0, 3, 2, 1);
        return grid;
    }

    private GridPane promise() {
        GridPane grid = grid();
        grid.add(field(Lines.PHONE), 0, 0, 2, 1);
        grid.add(field(Lines.MAIL), 0, 1, 2, 1);
        grid.add(field(Lines.JOB_NUMBER), 0, 2, 2, 1);
        grid.add(field(Lines.PROMISED_ON), 0, 3, 2, 1);
        grid.addRow(4, field(Lines.PROMISED_FIRM), field(Lines.DEPOSIT));
        grid.add(new TextButton(Messages.message("intake-station.claim-tag"), "claim-tag", this::claimTag), 0, 5, 2, 1);
        return grid;
    }

    /** The tag for the case, and the half that the owner takes home. */
    private void claimTag() {
        Job job = session.job();
        store.files()
                .save(
                        getScene().getWindow(),
                        Messages.message("intake-station.claim-tag"),
                        FileChoice.Kind.PAPER,
                        PaperName.of("claim-tag", job, "", ".pdf"))
                .ifPresent(to -> store.files().write(to, file -> Files.write(file, ClaimTagPdf.write(job))));
    }

    private Node field(Line<?> line) {
        return Fields.of(session, order, line, "");
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("intake-grid");
        return grid;
    }

    private static VBox block(String title, Node... content) {
        Label head = new Label(title);
        head.getStyleClass().add("place-title");
        VBox block = new VBox(head);
        block.getChildren().addAll(content);
        block.getStyleClass().add("intake-block");
        block.setMinWidth(USE_PREF_SIZE);
        return block;
    }
}
