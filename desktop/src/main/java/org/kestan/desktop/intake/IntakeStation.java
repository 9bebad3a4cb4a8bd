package org.kestan.desktop.intake;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.field.ChoiceField;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.Entry;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.ArchtopBridge;
import org.kestan.job.Details;
import org.kestan.job.Form;
import org.kestan.job.Job;
import org.kestan.job.Joint;
import org.kestan.job.PlayingStyle;
import org.kestan.job.Touch;
import org.kestan.ledger.Pictures;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Fitting;

/** What is asked when an instrument comes in. */
public final class IntakeStation extends HBox {

    private final JobSession session;
    private final WorkingOrder order = new WorkingOrder();

    /** Makes the station for a session; pictures are copied to where the ledger keeps them. */
    public IntakeStation(JobSession session, Pictures pictures) {
        this.session = session;
        getStyleClass().add("intake");
        VBox instrument = block("Instrument", instrument());
        VBox worth = block("Worth and meaning", worth());
        VBox playing = block("Owner and playing", playing());
        VBox strings = block("String set", new StringSetPane(session, order));
        VBox photos = block("Pictures", new PhotoPane(session, pictures));
        HBox columns = new HBox(instrument, playing, worth, strings, photos);
        columns.getStyleClass().add("intake-columns");
        ScrollPane scroll = new ScrollPane(columns);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        HBox.setHgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    /** Says what happens when Enter is pressed on the last field. */
    public void setAfterLast(Runnable action) {
        order.setAfterLast(action);
    }

    private GridPane instrument() {
        EntryField name = field(Entries.name());
        ChoiceField<Form> form = ChoiceField.form(session, order, "instrument-form");
        ChoiceField<Joint> joint = new ChoiceField<>(
                session,
                order,
                "instrument-joint",
                "Neck joint",
                "How the neck is joined to the body: D, M, B, T or N for not known.",
                "not said",
                List.of(Joint.values()),
                Joint::label,
                job -> job.instrument().joint(),
                (job, choice) -> job.withInstrument(job.instrument().withJoint(choice)));
        EntryField scale = field(Entries.length(Dimension.SCALE, session::standards));
        EntryField half = field(Entries.nutToTwelfth(), "instrument-nut-to-twelfth");
        EntryField jointFret = field(Entries.jointFret());
        EntryField body = field(Entries.body());
        ChoiceField<ArchtopBridge> bridge = choice(Details.BRIDGE, ArchtopBridge.class);
        session.reckoningProperty().addListener((property, old, next) -> showFor(bridge, next.job()));
        showFor(bridge, session.job());
        scale.input().setPrefColumnCount(9);
        GridPane grid = grid();
        grid.add(name, 0, 0, 2, 1);
        grid.addRow(1, form, joint);
        grid.addRow(2, scale, half);
        grid.addRow(3, jointFret, body);
        grid.addRow(4, bridge);
        return grid;
    }

    /** The kind of floating bridge is asked only where there is one. */
    private static void showFor(Node bridge, Job job) {
        bridge.setVisible(job.fitting() == Fitting.FLOATING_BRIDGE);
    }

    private GridPane worth() {
        GridPane grid = grid();
        grid.addRow(
                0,
                field(Entries.ofJob(Details.AGE)),
                ChoiceField.flag(session, order, EntryField.id(Details.HANDMADE.pointer()), Details.HANDMADE));
        grid.addRow(1, field(Entries.ofJob(Details.VALUE)), field(Entries.ofJob(Details.CURRENCY)));
        ChoiceField<Boolean> collectible = ChoiceField.collectible(session, order, "instrument-collectible");
        grid.add(collectible, 0, 2);
        grid.add(field(Entries.ofJob(Details.MEANING)), 0, 3, 2, 1);
        return grid;
    }

    private GridPane playing() {
        GridPane grid = grid();
        grid.add(field(Entries.ofJob(Details.OWNER)), 0, 0, 2, 1);
        grid.add(field(Entries.ofJob(Details.COMPLAINT)), 0, 1, 2, 1);
        grid.addRow(2, choice(Details.STYLE, PlayingStyle.class), choice(Details.TOUCH, Touch.class));
        grid.add(field(Entries.ofJob(Details.REPAIRS)), 0, 3, 2, 1);
        return grid;
    }

    private <E extends Enum<E> & org.kestan.sheet.Keyed> ChoiceField<E> choice(Detail<E> detail, Class<E> type) {
        return ChoiceField.of(
                session, order, detail, type, job -> job.details().get(detail), (job, next) -> job.with(detail, next));
    }

    private EntryField field(Entry entry) {
        return new EntryField(session, entry, "", order);
    }

    private EntryField field(Entry entry, String id) {
        EntryField field = field(entry);
        field.input().setId(id);
        return field;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("intake-grid");
        return grid;
    }

    private static VBox block(String title, Node content) {
        Label head = new Label(title);
        head.getStyleClass().add("place-title");
        VBox block = new VBox(head, content);
        block.getStyleClass().add("intake-block");
        block.setMinWidth(USE_PREF_SIZE);
        return block;
    }
}
