package org.kestan.desktop.rooms.standards;

import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.ledger.JobLesson;
import org.kestan.overview.Station;
import org.kestan.repair.memory.Memory;
import org.kestan.repair.memory.SuggestedDefault;
import org.kestan.text.MemoryText;
import org.kestan.text.Wording;

/**
 * What the shop's own jobs teach, with the jobs behind it: offered, adopted with one press and dropped with another.
 */
final class LearnedBox extends VBox {

    /** How many are shown before all are requested, since the schools come below. */
    private static final int FEW = 3;

    private static final Pattern TAKING = Pattern.compile("-(use|back)$");

    /** How many of the jobs behind an offer are named. */
    private static final int NAMED = 12;

    private final RoomContext context;
    private final JobSession session;
    private final JobStore store;
    private final Consumer<ShopStandards> changer;
    private final VBox rows = new VBox();
    private boolean all;
    private Memory memory = Memory.of(List.of(), ShopStandards.DEFAULT);

    /**
     * @param changer puts other standards into use
     */
    LearnedBox(RoomContext context, Consumer<ShopStandards> changer) {
        this.context = context;
        session = context.session();
        store = context.store();
        this.changer = changer;
        setId("learned");
        getStyleClass().add("learned");
        Label title = new Label(Messages.message("learned-box.learned-from-your-jobs"));
        title.getStyleClass().add("place-title");
        rows.getStyleClass().add("learned-rows");
        getChildren().addAll(title, rows);
        session.standardsProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
    }

    /** Updates what was learned. */
    void refresh() {
        store.ask(store.ledger()::memory, next -> {
            memory = next;
            show();
        });
    }

    private void show() {
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        String had = focused == null || focused.getId() == null
                ? ""
                : TAKING.matcher(focused.getId()).replaceAll("");
        show(SuggestedDefault.of(memory, session.standards()));
        // The focus stays on the button, so that pressing it again takes the change back.
        if (had.startsWith("learned-")) {
            rows.lookupAll(".button").stream()
                    .filter(each -> had.equals(
                            TAKING.matcher(String.valueOf(each.getId())).replaceAll("")))
                    .findFirst()
                    .ifPresent(Node::requestFocus);
        }
    }

    private void show(List<SuggestedDefault> offers) {
        rows.getChildren().clear();
        if (offers.isEmpty()) {
            Label none = new Label(Messages.message("learned-box.nothing-yet-the-sink"));
            none.setWrapText(true);
            none.getStyleClass().add("card-remark");
            rows.getChildren().add(none);
        }
        offers.stream()
                .limit(all ? Long.MAX_VALUE : FEW)
                .forEach(offer -> rows.getChildren().add(row(offer)));
        if (offers.size() > FEW) {
            rows.getChildren()
                    .add(new TextButton(
                            all
                                    ? Messages.message("learned-box.show-a-few")
                                    : Messages.message("learned-box.show-all", offers.size()),
                            "learned-all",
                            () -> {
                                all = !all;
                                show();
                            }));
        }
    }

    private VBox row(SuggestedDefault offer) {
        String id = "learned-" + offer.what().key()
                + offer.kind()
                        .map(kind -> "-" + kind.family() + "-" + kind.body() + "-" + kind.bracing())
                        .orElse("")
                + (offer.key().isEmpty() ? "" : "-" + offer.key().replaceAll("[^a-z0-9-]+", "-"));
        Label title = new Label(MemoryText.title(offer));
        title.setWrapText(true);
        title.getStyleClass().add("card-label");
        Label said = new Label(MemoryText.say(offer, session.words()));
        said.setWrapText(true);
        said.setId(id);
        said.getStyleClass().add("standard-note");
        FlowPane hand = new FlowPane();
        hand.getStyleClass().add("learned-hand");
        VBox box = new VBox(title, said, hand);
        box.getStyleClass().add("learned-row");
        if (offer.taken()) {
            Label mark = new Label(Wording.label(Origin.LEARNED));
            mark.getStyleClass().add("standard-mark");
            hand.getChildren().add(mark);
        }
        if (offer.canBeTaken()) {
            Button use = new TextButton(
                    offer.taken() ? Messages.message("learned-box.back") : Messages.message("learned-box.use"),
                    id + (offer.taken() ? "-back" : "-use"),
                    () -> changer.accept(
                            offer.taken()
                                    ? offer.givenBackBy(session.standards())
                                    : offer.takenBy(session.standards())));
            use.setAccessibleText(use.getText() + ": " + title.getText());
            hand.getChildren().add(use);
        }
        Button jobs = new TextButton(Messages.message("learned-box.jobs"), id + "-jobs", () -> {});
        jobs.setAccessibleText(Messages.message("learned-box.jobs-behind", title.getText()));
        jobs.setOnAction(event -> {
            jobs.setDisable(true);
            name(offer, box);
        });
        hand.getChildren().add(jobs);
        return box;
    }

    /** Lists the jobs behind an offer below it; each leads to its job. */
    private void name(SuggestedDefault offer, VBox box) {
        store.ask(() -> store.ledger().teaching(offer::isFrom, NAMED + 1), found -> {
            FlowPane names = new FlowPane();
            names.getStyleClass().add("learned-hand");
            for (JobLesson each : found.subList(0, Math.min(NAMED, found.size()))) {
                Button open = new Button(each.name().isEmpty() ? "unnamed" : each.name());
                open.getStyleClass().add("link-button");
                open.setOnAction(event -> {
                    if (store.open(each.id())) {
                        context.enter(Station.PROOF);
                    }
                });
                names.getChildren().add(open);
            }
            if (found.size() > NAMED) {
                names.getChildren().add(new Label(Messages.message("learned-box.and-more")));
            }
            box.getChildren().add(names);
        });
    }
}
