package org.kestan.desktop.rooms.ledger;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.instrument.LoupePair;
import org.kestan.ledger.JobCard;
import org.kestan.text.Wording;

/** One job in the list. */
final class JobCell extends ListCell<JobCard> {

    /** Space for the list's scroll bar and border. */
    private static final double BESIDE = 20;

    private static final double WIDTH = 190;
    private static final double HEIGHT = 52;

    private final SketchView sketch = new SketchView();
    private final LoupePair loupes = new LoupePair("job-card-loupes");
    private final ImageView photo = new ImageView();
    private final StackPane picture = new StackPane(sketch, loupes, photo);
    private final Thumbnails thumbnails;
    private final Label name = label("job-card-name");
    private final Label owner = label("job-card-owner");
    private final Label station = label("job-card-station");
    private final Label waits = label("job-card-waits");
    private final Label due = label("job-card-due");
    private final Label age = label("job-card-age");
    private final HBox row;
    private final JobSession session;
    private final UnaryOperator<String> elsewhere;
    private final Label open = label("open-elsewhere");

    /**
     * @param elsewhere gives who has a job open at another bench; empty text if nobody has
     */
    JobCell(JobSession session, Thumbnails thumbnails, UnaryOperator<String> elsewhere) {
        this.session = session;
        this.elsewhere = elsewhere;
        this.thumbnails = thumbnails;
        picture.setMinSize(WIDTH, HEIGHT);
        picture.setPrefSize(WIDTH, HEIGHT);
        picture.setMaxSize(WIDTH, HEIGHT);
        photo.setPreserveRatio(true);
        photo.setFitWidth(WIDTH);
        photo.setFitHeight(HEIGHT);
        getStyleClass().add("job-cell");
        VBox who = new VBox(name, owner, open);
        who.setMinWidth(0);
        HBox.setHgrow(who, Priority.ALWAYS);
        VBox where = new VBox(station, waits, due);
        where.getStyleClass().add("job-card-where");
        row = new HBox(picture, who, where, age);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("job-card");
        setPrefWidth(0);
        // A long name wraps onto a second line instead of being cut off.
        name.setWrapText(true);
    }

    @Override
    protected double computePrefHeight(double width) {
        double usual = super.computePrefHeight(width);
        if (getGraphic() == null || getListView() == null) {
            return usual;
        }
        double inside = getListView().getWidth() - BESIDE - snappedLeftInset() - snappedRightInset();
        return inside > 0 ? snappedTopInset() + row.prefHeight(inside) + snappedBottomInset() : usual;
    }

    @Override
    protected void updateItem(JobCard card, boolean empty) {
        super.updateItem(card, empty);
        if (empty || card == null) {
            setGraphic(null);
            setAccessibleText(null);
            return;
        }
        sketch.show(card.line());
        show(new Thumbnails.Thumbnail(Optional.empty(), Optional.empty()));
        thumbnails.of(card, found -> {
            // By now the cell may show another job.
            if (card.equals(getItem())) {
                show(found);
            }
        });
        name.setText(card.name().isEmpty() ? Messages.message("job-cell.unnamed-instrument") : card.name());
        owner.setText(card.owner());
        open.setText(elsewhere.apply(card.id()));
        open.setVisible(!open.getText().isEmpty());
        open.setManaged(open.isVisible());
        station.setText(Wording.label(card.station()));
        waits.setText(session.words().say(card.waitsFor()));
        due.setText(card.due().map(JobCell::due).orElse(""));
        due.setVisible(card.due().isPresent());
        due.setManaged(card.due().isPresent());
        due.getStyleClass()
                .setAll(
                        "label",
                        "job-card-due",
                        card.due().filter(day -> !day.isAfter(LocalDate.now())).isPresent()
                                ? "job-card-overdue"
                                : "job-card-later");
        age.setText(age(card.changedAt()));
        setGraphic(row);
        setAccessibleText(name.getText() + ", " + card.owner() + ", " + station.getText() + ": " + waits.getText()
                + (due.getText().isEmpty() ? "" : ", " + due.getText()) + ", " + age.getText()
                + (open.isVisible() ? ", " + open.getText() : ""));
    }

    /** The photograph, or the loupes; until they are found, the instrument's line. */
    private void show(Thumbnails.Thumbnail found) {
        photo.setImage(found.photo().orElse(null));
        photo.setVisible(found.photo().isPresent());
        loupes.setVisible(found.view().isPresent());
        sketch.setVisible(found.photo().isEmpty() && found.view().isEmpty());
        found.view().ifPresent(view -> loupes.show(view, "", ""));
    }

    /** When the job is due for a check. */
    static String due(LocalDate day) {
        return day.isAfter(LocalDate.now())
                ? Messages.message("job-cell.look-at-it-again", day)
                : Messages.message("job-cell.to-look-at-again", day);
    }

    /** How long ago, in the coarsest useful unit. */
    static String age(Instant then) {
        Duration since = Duration.between(then, Instant.now());
        return Optional.of(since.toDays())
                .filter(days -> days >= 1)
                .map(days -> days == 1
                        ? "yesterday"
                        : days < 60
                                ? Messages.message("job-cell.days-ago", days)
                                : Messages.message("job-cell.months-ago", days / 30))
                .orElseGet(() -> since.toHours() >= 1
                        ? Messages.message("job-cell.h-ago", since.toHours())
                        : since.toMinutes() >= 1
                                ? Messages.message("job-cell.min-ago", since.toMinutes())
                                : Messages.message("job-cell.just-now"));
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setMinWidth(0);
        return label;
    }
}
