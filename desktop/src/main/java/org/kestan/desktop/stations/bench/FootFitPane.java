package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.kestan.base.notation.TypedLength;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.ValueType;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.FootFit;
import org.kestan.job.bench.Trim;
import org.kestan.job.terms.Lines;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.TrimGoal;
import org.kestan.text.Wording;

/**
 * Parts that are taken down toward a target, and where the feet of a floating bridge touch: readings, log, comparison
 * with the plan.
 */
final class FootFitPane extends VBox {

    private final BenchContext desk;
    private final JobSession session;
    private final VBox trims = new VBox();
    private final VBox feet = new VBox();
    private final Label waiting = new Label(Messages.message("foot-fit-pane.by-this-plan-nothing"));
    private final Set<FootFit.Zone> bass = EnumSet.noneOf(FootFit.Zone.class);
    private final Set<FootFit.Zone> treble = EnumSet.noneOf(FootFit.Zone.class);
    private final FootPicture picture = new FootPicture("foot-picture", this::press);
    private final GridPane boxes = new GridPane();
    private final ListView<String> fits = new ListView<>();
    private final Label share = new Label();
    private final List<TrimBox> built = new ArrayList<>();

    FootFitPane(BenchContext desk) {
        this.desk = desk;
        session = desk.session();
        getStyleClass().add("bench-page");
        waiting.getStyleClass().add("waiting");
        for (Trim.Part part : Trim.Part.values()) {
            TrimBox box = new TrimBox(part);
            built.add(box);
            trims.getChildren().add(box);
        }
        trims.getStyleClass().add("trims");
        Label title = new Label(Messages.message("foot-fit-pane.where-the-feet-bear"));
        title.getStyleClass().add("place-title");
        boxes.getStyleClass().add("foot-boxes");
        for (Side side : Side.values()) {
            for (FootFit.Zone zone : FootFit.Zone.values()) {
                CheckBox box = new CheckBox(Wording.label(zone));
                box.setId("foot-" + side.key() + "-" + zone.key());
                box.setAccessibleText(
                        Messages.message("foot-fit-pane.place", Wording.label(side), Wording.label(zone)));
                box.setOnAction(event -> press(side, zone));
                boxes.add(box, side == Side.BASS ? 0 : 1, zone.ordinal());
            }
        }
        fits.setId("fits");
        fits.getStyleClass().add("diary");
        fits.setPlaceholder(new Label(Messages.message("foot-fit-pane.no-fit-is-logged")));
        share.getStyleClass().add("card-remark");
        share.setWrapText(true);
        share.setMinWidth(0);
        share.setMinHeight(USE_PREF_SIZE);
        feet.getChildren()
                .addAll(
                        title,
                        picture,
                        boxes,
                        share,
                        new TextButton(Messages.message("foot-fit-pane.log-the-fit"), "fit-log", this::logFit),
                        fits);
        feet.getStyleClass().add("feet");
        VBox.setVgrow(fits, Priority.ALWAYS);
        HBox both = new HBox(feet, trims);
        both.getStyleClass().add("heel-body");
        HBox.setHgrow(feet, Priority.ALWAYS);
        HBox.setHgrow(trims, Priority.ALWAYS);
        ScrollPane scroll = new ScrollPane(both);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("station-scroll");
        WorkingOrder.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(waiting, scroll);
    }

    private Set<FootFit.Zone> zones(Side side) {
        return side == Side.BASS ? bass : treble;
    }

    private void press(Side side, FootFit.Zone zone) {
        if (!zones(side).remove(zone)) {
            zones(side).add(zone);
        }
        showZones();
    }

    private void showZones() {
        picture.show(new Sides<>(Set.copyOf(bass), Set.copyOf(treble)));
        for (Side side : Side.values()) {
            for (FootFit.Zone zone : FootFit.Zone.values()) {
                ((CheckBox) boxes.lookup("#foot-" + side.key() + "-" + zone.key()))
                        .setSelected(zones(side).contains(zone));
            }
        }
    }

    private void logFit() {
        FootFit fit = new FootFit(new Sides<>(Set.copyOf(bass), Set.copyOf(treble)));
        desk.keep((bench, job) -> {
            List<FootFit> log = new ArrayList<>(job.section(Sections.FOOT_FIT));
            log.add(fit);
            return bench.write(
                    job.with(Sections.FOOT_FIT, List.copyOf(log)),
                    DiaryEntry.What.FIT,
                    desk.shown().map(Step::id).orElse(""),
                    said(fit));
        });
        session.say(Messages.message("foot-fit-pane.logged", said(fit)));
    }

    private static String said(FootFit fit) {
        return Messages.message(
                "foot-fit-pane.bears-on-of-the",
                Math.round(fit.share() * 100),
                fit.bears().bass().size(),
                fit.bears().treble().size(),
                FootFit.Zone.values().length);
    }

    void focusFirst() {
        if (feet.isVisible()) {
            boxes.getChildren().get(0).requestFocus();
        } else {
            built.stream().filter(Node::isVisible).findFirst().ifPresent(TrimBox::focusFirst);
        }
    }

    void show() {
        Job job = session.job();
        boolean floating = job.floating()
                && desk.steps().stream()
                        .anyMatch(step -> step.work()
                                .tool()
                                .filter(Step.Tool.FOOT_FIT::equals)
                                .isPresent());
        feet.setVisible(floating);
        feet.setManaged(floating);
        boolean any = floating;
        for (TrimBox each : built) {
            any |= each.show();
        }
        waiting.setVisible(!any);
        waiting.setManaged(!any);
        List<FootFit> log = job.section(Sections.FOOT_FIT);
        List<String> lines = new ArrayList<>();
        for (int i = log.size() - 1; i >= 0; i--) {
            lines.add((i + 1) + ".  " + said(log.get(i)));
        }
        if (!lines.equals(fits.getItems())) {
            fits.getItems().setAll(lines);
            bass.clear();
            treble.clear();
            if (!log.isEmpty()) {
                bass.addAll(log.get(log.size() - 1).bears().bass());
                treble.addAll(log.get(log.size() - 1).bears().treble());
            }
        }
        share.setText(Messages.message(
                "foot-fit-pane.even-over-what-has",
                job.get(Lines.FOOT_FIT)
                        .map(text -> Messages.message("foot-fit-pane.on-the-sheet", text))
                        .orElse("")));
        showZones();
    }

    /** The height of one part compared with its target. */
    private final class TrimBox extends VBox {

        private final Trim.Part part;
        private final Label wanted = new Label();
        private final Label left = new Label();
        private final TextField low = new TextField();
        private final TextField high = new TextField();
        private final Label trouble = new Label();
        private final ListView<String> log = new ListView<>();

        TrimBox(Trim.Part part) {
            this.part = part;
            String id = "trim-" + part.key();
            Label title = new Label(Messages.message("foot-fit-pane.toward-its-number", Wording.label(part)));
            title.getStyleClass().add("place-title");
            wanted.getStyleClass().add("card-remark");
            wanted.setWrapText(true);
            left.setId(id + "-left");
            left.getStyleClass().add("heel-next");
            left.setWrapText(true);
            left.setMinWidth(0);
            trouble.getStyleClass().add("entry-note-error");
            trouble.setWrapText(true);
            low.setId(id + "-bass");
            high.setId(id + "-treble");
            low.setPrefColumnCount(7);
            high.setPrefColumnCount(7);
            low.setOnAction(event -> high.requestFocus());
            high.setOnAction(event -> take());
            FlowPane fields = new FlowPane(
                    named(Messages.message("foot-fit-pane.stands-at-bass"), low),
                    named(Messages.message("foot-fit-pane.stands-at-treble"), high),
                    new TextButton(Messages.message("foot-fit-pane.log-it"), id + "-log", this::take));
            fields.getStyleClass().add("heel-entry");
            log.setId(id + "-lines");
            log.getStyleClass().add("diary");
            log.setPlaceholder(new Label(Messages.message("foot-fit-pane.nothing-is-logged-yet")));
            log.setPrefHeight(150);
            getStyleClass().add("trim");
            getChildren().addAll(title, wanted, left, fields, trouble, log);
        }

        private VBox named(String label, TextField field) {
            Label name = new Label(label);
            name.getStyleClass().add("entry-label");
            name.setLabelFor(field);
            field.setAccessibleText(Wording.label(part) + " " + label.toLowerCase(Locale.ROOT));
            return new VBox(name, field);
        }

        void focusFirst() {
            low.requestFocus();
        }

        boolean show() {
            Optional<TrimGoal> goal = TrimGoal.of(session.analysis().plan(), part);
            setVisible(goal.isPresent());
            setManaged(goal.isPresent());
            goal.ifPresent(this::show);
            return goal.isPresent();
        }

        private void show(TrimGoal goal) {
            List<Trim> all = session.job().section(Sections.TRIMS).stream()
                    .filter(each -> each.part() == part)
                    .toList();
            Sides<Double> now = all.isEmpty()
                    ? goal.from()
                    : all.get(all.size() - 1).stands().map(Length::millimeters);
            wanted.setText(Messages.message(
                    "foot-fit-pane.from-to-bass-treble",
                    session.words().numbers().fineSides(goal.from()),
                    session.words().numbers().fineSides(goal.to()),
                    session.words().numbers().fineSides(now)));
            left.setText(Wording.capital(said(Side.BASS, goal, now)) + ", " + said(Side.TREBLE, goal, now));
            List<String> lines = new ArrayList<>();
            for (int i = all.size() - 1; i >= 0; i--) {
                lines.add((i + 1) + ".  " + all.get(i).stands().bass().text() + " / "
                        + all.get(i).stands().treble().text());
            }
            log.getItems().setAll(lines);
        }

        private String said(Side side, TrimGoal goal, Sides<Double> now) {
            double off = now.get(side) - goal.to().get(side);
            boolean grows = goal.to().get(side) > goal.from().get(side);
            String by = session.words().numbers().fine(Math.abs(off));
            String where = Wording.lower(side) + " ";
            if (Math.abs(off) <= TrimGoal.NEAR) {
                return Messages.message("foot-fit-pane.is-there", where);
            }
            if (off > 0) {
                return where
                        + (grows
                                ? Messages.message("foot-fit-pane.too-high-by", by)
                                : Messages.message("foot-fit-pane.to-come-off", by));
            }
            return where
                    + (grows
                            ? Messages.message("foot-fit-pane.to-come-up", by)
                            : Messages.message("foot-fit-pane.too-low-by", by));
        }

        private void take() {
            List<Length> both = new ArrayList<>();
            for (TextField each : List.of(low, high)) {
                Parsed<Length> parsed = ValueType.LENGTH.parse(TypedLength.tidy(
                        each.getText().strip(), session.bareUnitProperty().get()));
                if (parsed instanceof Parsed.Bad<Length> bad) {
                    trouble.setText(session.words().correction(bad));
                    each.requestFocus();
                    return;
                }
                both.add(parsed.optional().orElseThrow(Expect.present("valid value")));
            }
            trouble.setText("");
            Trim trim = new Trim(part, new Sides<>(both.get(0), both.get(1)));
            desk.keep((bench, job) -> {
                List<Trim> next = new ArrayList<>(job.section(Sections.TRIMS));
                next.add(trim);
                return bench.write(
                        job.with(Sections.TRIMS, List.copyOf(next)),
                        DiaryEntry.What.FIT,
                        desk.shown().map(Step::id).orElse(""),
                        Messages.message(
                                "foot-fit-pane.stands-at",
                                Wording.label(part),
                                both.get(0).text(),
                                both.get(1).text()));
            });
            low.clear();
            high.clear();
            low.requestFocus();
            session.say(Messages.message("foot-fit-pane.was-logged"));
        }
    }
}
