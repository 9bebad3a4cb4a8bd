package org.kestan.desktop.rooms.standards;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import javafx.util.Duration;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Parsed;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.base.week.ShopWeek;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.standards.StandardsFile;
import org.kestan.repair.memory.HandSpread;
import org.kestan.text.Wording;

/**
 * Every threshold and default of the shop, edited with units, reset one by one or all together, exported and imported.
 */
public final class StandardsRoom extends VBox implements Room {

    private static final int AT_ONCE = 14;
    private static final int A_FEW = 4;
    private static final Duration BREATH = Duration.millis(20);

    private final JobSession session;
    private final Consumer<ShopStandards> keeper;
    private final FileChoice files;
    private final LetterheadBox letterhead;
    private final WeekBox week;
    private final TextField currency = new TextField();
    private final TextField leaves = new TextField();
    private final List<StandardField> fields = new ArrayList<>();
    private final TextField search = new TextField();
    private final Map<Standard.Group, VBox> groups = new EnumMap<>(Standard.Group.class);
    private final List<SchoolChoice> schools = new ArrayList<>();
    private final Deque<ShopStandards> before = new ArrayDeque<>();
    private final Deque<ShopStandards> after = new ArrayDeque<>();

    /** Makes the room; changed standards are saved and used everywhere. */
    public StandardsRoom(RoomContext context) {
        session = context.session();
        keeper = context.store()::keepStandards;
        files = context.store().files();
        setId("standards");
        getStyleClass().add("ledger");
        VBox values = new VBox();
        values.getStyleClass().add("standards-values");
        for (Standard.Group group : Standard.Group.values()) {
            values.getChildren().add(group(group));
        }
        VBox questions = new VBox();
        questions.getStyleClass().add("standards-schools");
        letterhead = new LetterheadBox(
                () -> session.standards().letterhead(),
                next -> change(session.standards().withLetterhead(next)),
                session::complain,
                () -> files.open(
                        getScene().getWindow(), Messages.message("standards-room.logo"), FileChoice.Kind.PICTURE));
        week = new WeekBox(
                () -> session.standards().week(),
                next -> change(session.standards().withWeek(next)),
                session::complain,
                () -> files.open(
                        getScene().getWindow(),
                        Messages.message("week-box.from-a-calendar"),
                        FileChoice.Kind.CALENDAR));
        LearnedBox learned = new LearnedBox(context, this::change);
        questions.getChildren().addAll(week, learned);
        // A large ledger takes a while to evaluate, so it is asked only while the room is visible.
        visibleProperty().addListener((property, was, is) -> {
            if (is) {
                ask(learned, context.store());
            }
        });
        context.store().changesProperty().addListener((property, old, next) -> {
            if (isVisible()) {
                ask(learned, context.store());
            }
        });
        for (SchoolQuestion question : SchoolQuestion.values()) {
            SchoolChoice choice = new SchoolChoice(question, this::choose);
            schools.add(choice);
            questions.getChildren().add(choice);
        }
        questions.getChildren().add(letterhead);
        ScrollPane left = scroll(values);
        left.getStyleClass().add("standards-values-scroll");
        HBox.setHgrow(left, Priority.ALWAYS);
        ScrollPane right = scroll(questions);
        right.getStyleClass().add("standards-schools-scroll");
        HBox middle = new HBox(left, right);
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(head(), origins(), middle);
        addEventFilter(KeyEvent.KEY_PRESSED, this::undoOrRedo);
        session.standardsProperty().addListener((property, old, next) -> show(next));
        show(session.standards());
        fields.stream().limit(AT_ONCE).forEach(StandardField::build);
        Platform.runLater(() -> buildFrom(AT_ONCE));
    }

    /** The visible values are built at once, the others follow, a few per frame. */
    private void ask(LearnedBox learned, JobStore store) {
        learned.refresh();
        store.ask(() -> HandSpread.of(store.ledger().lessons(), ShopWeek.USUAL.spread()), week::offer);
    }

    private void buildFrom(int next) {
        fields.stream().skip(next).limit(A_FEW).forEach(StandardField::build);
        if (next + A_FEW < fields.size()) {
            PauseTransition breath = new PauseTransition(BREATH);
            breath.setOnFinished(done -> buildFrom(next + A_FEW));
            breath.play();
        }
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        search.requestFocus();
    }

    private static ScrollPane scroll(VBox content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        return scroll;
    }

    /** What each source mark beside a value means. */
    private static Label origins() {
        Label said = new Label(Messages.message(
                "standards-room.where-a-value-comes",
                Arrays.stream(Origin.values())
                        .map(each -> Wording.label(each) + ": " + Wording.more(each, "meaning"))
                        .collect(Collectors.joining("; "))));
        said.setId("standards-origins");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.getStyleClass().add("card-remark");
        return said;
    }

    /** Shows the values that have all these words in their names, notes, groups or marks. */
    private void find(String text) {
        List<String> words = Arrays.stream(text.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(each -> !each.isEmpty())
                .toList();
        fields.forEach(field -> shown(field, field.has(words)));
        groups.forEach((group, box) ->
                shown(box, fields.stream().anyMatch(field -> field.isIn(group) && field.isVisible())));
        schools.forEach(choice -> shown(choice, choice.has(words)));
        boolean none = fields.stream().noneMatch(Node::isVisible);
        if (none) {
            session.say(Messages.message("standards-room.no-value-is-called"));
        }
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private FlowPane head() {
        search.setId("standards-search");
        search.setPromptText(Messages.message("standards-room.find-a-value"));
        search.setAccessibleText(Messages.message("standards-room.find-a-value"));
        search.setPrefColumnCount(14);
        search.textProperty().addListener((property, old, next) -> find(next));
        search.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.DOWN) {
                fields.stream().filter(Node::isVisible).findFirst().ifPresent(StandardField::requestFocus);
                key.consume();
            } else if (key.getCode() == KeyCode.ESCAPE) {
                search.clear();
                key.consume();
            }
        });
        Label money = new Label(Messages.message("standards-room.prices-in"));
        currency.setId("standards-currency");
        currency.setPrefColumnCount(5);
        currency.setPromptText("EUR");
        currency.setAccessibleText(Messages.message("standards-room.currency-of-the-shops"));
        currency.setOnAction(event -> takeCurrency());
        currency.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                takeCurrency();
            }
        });
        leaves.setId("standards-leaves");
        leaves.setPrefColumnCount(34);
        leaves.setAccessibleText(Messages.message("standards-room.feeler-leaves-the-shop"));
        leaves.setOnAction(event -> takeLeaves());
        leaves.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                takeLeaves();
            }
        });
        FlowPane head = new FlowPane(
                search,
                money,
                currency,
                new Label(Messages.message("standards-room.feeler-leaves")),
                leaves,
                new TextButton(
                        Messages.message("standards-room.set-all-back"),
                        "standards-reset",
                        () -> change(ShopStandards.DEFAULT)),
                new TextButton(
                        Messages.message("standards-room.take-in"),
                        "standards-import",
                        () -> chooseImport(getScene().getWindow())),
                new TextButton(
                        Messages.message("standards-room.write-out"),
                        "standards-export",
                        () -> chooseExport(getScene().getWindow())));
        head.getStyleClass().add("ledger-bar");
        return head;
    }

    private VBox group(Standard.Group group) {
        Label title = new Label(Wording.label(group));
        title.getStyleClass().add("place-title");
        GridPane grid = new GridPane();
        VBox box = new VBox(title, grid);
        box.getStyleClass().add("standards-group");
        groups.put(group, box);
        int row = 0;
        for (Standard standard : Standard.values()) {
            if (standard.group() == group) {
                StandardField field = new StandardField(standard, session, this::change);
                fields.add(field);
                grid.add(field, 0, row++);
            }
        }
        return box;
    }

    private void choose(School school) {
        change(session.standards().with(school));
    }

    private void takeCurrency() {
        if (!currency.getText().strip().equals(session.standards().currency())) {
            change(session.standards().withCurrency(currency.getText()));
        }
    }

    private void takeLeaves() {
        if (leaves.getText().equals(session.standards().leaves().text())) {
            return;
        }
        Parsed<FeelerSet> typed = FeelerSet.parse(leaves.getText());
        if (typed instanceof Parsed.Bad<FeelerSet> bad) {
            session.complain(Messages.message(
                    "standards-room.leaves-refused", session.words().correction(bad)));
            return;
        }
        change(session.standards().withLeaves(typed.optional().orElseThrow(Expect.present("valid value"))));
    }

    private void change(ShopStandards next) {
        if (!next.equals(session.standards())) {
            before.push(session.standards());
            after.clear();
            keeper.accept(next);
            session.say(Messages.message("standards-room.the-shop-standards-are"));
        }
    }

    private void undoOrRedo(KeyEvent key) {
        if (key.getCode() != KeyCode.Z || !key.isShortcutDown()) {
            return;
        }
        Deque<ShopStandards> from = key.isShiftDown() ? after : before;
        Deque<ShopStandards> to = key.isShiftDown() ? before : after;
        if (!from.isEmpty()) {
            to.push(session.standards());
            keeper.accept(from.pop());
        }
        key.consume();
    }

    private void chooseImport(Window window) {
        files.open(window, Messages.message("standards-room.take-in-shop-standards"), FileChoice.Kind.STANDARDS)
                .ifPresent(this::takeIn);
    }

    /**
     * Imports standards from a file; if it can't be read, nothing changes and the status line says where the error is.
     */
    public void takeIn(Path file) {
        StandardsFile.Outcome read = StandardsFile.read(file);
        if (read.faults().isEmpty()) {
            change(read.standards());
        } else {
            session.complain(Messages.message(
                    "standards-room.not-taken-in",
                    session.words().line(read.faults().get(0))));
        }
    }

    private void chooseExport(Window window) {
        files.save(
                        window,
                        Messages.message("standards-room.write-out-the-shop"),
                        FileChoice.Kind.STANDARDS,
                        "shop-standards.json")
                .ifPresent(this::writeOut);
    }

    /** Exports the standards to a file. */
    public void writeOut(Path file) {
        files.write(file, to -> StandardsFile.write(session.standards(), to));
    }

    private void show(ShopStandards shop) {
        fields.forEach(field -> field.show(shop));
        schools.forEach(choice -> choice.show(shop));
        letterhead.show(shop.letterhead());
        week.show(shop.week());
        currency.setText(shop.currency());
        leaves.setText(shop.leaves().text());
    }
}
