package org.kestan.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCombination;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Shortcut;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.widgets.instrument.Motion;
import org.kestan.files.papers.SheetPdf;
import org.kestan.repair.picture.Loupe;
import org.kestan.text.Wording;

/** The menu bar; every command shows its key. */
final class Menus {

    /** The fret at which going along the neck starts. */
    private static final int FIRST_GAP = 4;

    private Menus() {}

    /** Puts the menus into the bar. */
    static void fill(MenuBar bar, MainWindow window, JobStore store, Settings settings, List<Path> samples) {
        Menu recent = new Menu(Messages.message("menus.open-recent"));
        recent.setOnShowing(event -> fill(recent, settings.recentFiles(), store));
        recent.getItems().add(none());
        Menu job = new Menu(Messages.message("menus.job"));
        job.getItems()
                .addAll(
                        item(Messages.message("menus.new-job"), "Shortcut+N", window::startBlank),
                        item(
                                Messages.message("menus.open"),
                                "Shortcut+O",
                                () -> window.actions().choose(window.stage())),
                        recent);
        if (!samples.isEmpty()) {
            Menu demo = new Menu(Messages.message("menus.sample-jobs"));
            fill(demo, samples, store);
            job.getItems().add(demo);
        }
        job.getItems()
                .addAll(
                        item(
                                Messages.message("menus.open-from-clipboard"),
                                "Shortcut+Shift+V",
                                window.actions()::paste),
                        new SeparatorMenuItem(),
                        item(Messages.message("menus.save-now"), "Shortcut+S", store::saveNow),
                        item(
                                Messages.message("menus.save-as"),
                                "Shortcut+Shift+S",
                                () -> window.actions().chooseSaveAs(window.stage())),
                        item(
                                Messages.message("menus.copy-the-figures"),
                                "Shortcut+Shift+C",
                                window.actions()::copyFigures),
                        new SeparatorMenuItem(),
                        item(Messages.message("menus.quit"), "Shortcut+Q", window::close));
        Menu edit = new Menu(Messages.message("menus.edit"));
        edit.getItems()
                .addAll(
                        enabled(
                                item(Messages.message("menus.undo"), "Shortcut+Z", window.session()::undo),
                                window.session().canUndoProperty()),
                        enabled(
                                item(Messages.message("menus.redo"), "Shortcut+Shift+Z", window.session()::redo),
                                window.session().canRedoProperty()));
        Menu sheet = new Menu(Messages.message("menus.sheet"));
        sheet.getItems()
                .addAll(
                        item(
                                Messages.message("menus.neck-fret-by-fret"),
                                "F2",
                                () -> window.go(Reading.PROFILE_GAP.at(FIRST_GAP))),
                        new SeparatorMenuItem(),
                        item(
                                Messages.message("menus.read-a-survey-from"),
                                "Shortcut+Shift+O",
                                () -> window.actions().chooseCsvIn(window.stage())),
                        item(
                                Messages.message("menus.write-the-survey-as"),
                                "Shortcut+Shift+E",
                                () -> window.actions().chooseCsvOut(window.stage())),
                        new SeparatorMenuItem(),
                        item(
                                Messages.message("menus.blank-sheet-a4"),
                                "Shortcut+P",
                                () -> window.actions().chooseBlankSheet(window.stage(), SheetPdf.Paper.A4)),
                        item(
                                Messages.message("menus.blank-sheet-letter"),
                                "Shortcut+Shift+P",
                                () -> window.actions().chooseBlankSheet(window.stage(), SheetPdf.Paper.LETTER)));
        Menu tools = new Menu(Messages.message("menus.tools"));
        tools.getItems()
                .addAll(
                        item(Messages.message("menus.gauge-input-on-or"), "Shortcut+G", window.devices()::toggleGauge),
                        item(Messages.message("menus.take-the-gauges-reading"), "F3", window.devices()::takeGauge));
        tools.getItems().add(SerialMenu.of(window, settings));
        tools.getItems().add(bareUnits(window, settings));
        tools.getItems().add(footSwitch(window));
        tools.getItems().add(pictureFolder(window));
        window.drawer()
                .ifPresent(drawer -> tools.getItems()
                        .addAll(
                                new SeparatorMenuItem(),
                                item(Messages.message("menus.practice-tools"), "Shift+F9", drawer::focusTools),
                                item(Messages.message("menus.practice-usual"), "F9", drawer::takeUsual),
                                item(Messages.message("menus.practice-read"), "F11", drawer::readAndWrite)));
        Menu view = new Menu(Messages.message("menus.view"));
        for (RoomEntry room : RoomRegistry.ALL) {
            view.getItems().add(item(room.title(), room.keys(), () -> window.enter(room.id())));
        }
        view.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item(Messages.message("menus.next-unit"), "F6", window::nextUnit),
                        item(Messages.message("menus.paper-or-lamplight"), "F7", window::toggleTheme),
                        item(Messages.message("menus.larger-text"), "Shortcut+EQUALS", () -> window.stepTextSize(1)),
                        item(Messages.message("menus.smaller-text"), "Shortcut+MINUS", () -> window.stepTextSize(-1)),
                        new SeparatorMenuItem(),
                        item(Messages.message("menus.fold-or-unfold-the"), "F5", window::foldDrawing),
                        loupe(window, Loupe.FIRST_FRET, 1),
                        loupe(window, Loupe.NECK, 2),
                        loupe(window, Loupe.ACTION_FRET, 3),
                        loupe(window, Loupe.HEEL, 4),
                        loupe(window, Loupe.BRIDGE, 5),
                        item(Messages.message("menus.pictures-or-tables"), "F8", window::togglePictures),
                        stillPictures(settings));
        bar.setId("menu");
        bar.getMenus().setAll(job, edit, view, sheet, tools);
    }

    /** Returns the commands of a menu bar that have a key. */
    static List<Shortcut> shortcuts(MenuBar bar) {
        return bar.getMenus().stream()
                .flatMap(menu -> menu.getItems().stream()
                        .filter(item -> item.getAccelerator() != null)
                        .map(item -> new Shortcut(
                                menu.getText().replace("_", ""),
                                item.getText().replace("\u2026", ""),
                                item.getAccelerator().getDisplayText())))
                .toList();
    }

    private static void fill(Menu menu, List<Path> files, JobStore store) {
        menu.getItems().clear();
        for (Path file : files) {
            MenuItem item = new MenuItem(file.getFileName().toString());
            item.setMnemonicParsing(false);
            item.setOnAction(action -> store.jobFiles().open(file));
            menu.getItems().add(item);
        }
        if (files.isEmpty()) {
            menu.getItems().add(none());
        }
    }

    /** Shown when there is nothing to choose from. */
    private static MenuItem none() {
        MenuItem none = new MenuItem(Messages.message("menus.none-yet"));
        none.setDisable(true);
        return none;
    }

    /** The unit given to a typed bare number, for calipers that type only numbers. */
    private static Menu bareUnits(MainWindow window, Settings settings) {
        Menu menu = new Menu(Messages.message("menus.a-number-without-a"));
        ToggleGroup group = new ToggleGroup();
        for (String unit : List.of("", "mm", "in", "thou")) {
            RadioMenuItem choice = new RadioMenuItem(
                    unit.isEmpty() ? Messages.message("menus.is-refused") : Messages.message("menus.is-in", unit));
            choice.setToggleGroup(group);
            choice.setSelected(unit.equals(settings.bareUnit()));
            choice.setOnAction(event -> {
                settings.setBareUnit(unit);
                window.session().bareUnitProperty().set(unit);
            });
            menu.getItems().add(choice);
        }
        menu.getItems().add(new SeparatorMenuItem());
        for (Tool tool : Tool.values()) {
            menu.getItems().add(bareUnits(tool, window, settings));
        }
        return menu;
    }

    /** The same for readings with one tool. */
    private static Menu bareUnits(Tool tool, MainWindow window, Settings settings) {
        Menu menu = new Menu(Messages.message("menus.read-with", Wording.label(tool)));
        ToggleGroup group = new ToggleGroup();
        for (String unit : List.of("", "mm", "in", "thou")) {
            RadioMenuItem choice = new RadioMenuItem(
                    unit.isEmpty() ? Messages.message("menus.as-usual") : Messages.message("menus.is-in", unit));
            choice.setToggleGroup(group);
            choice.setSelected(unit.equals(settings.bareUnit(tool)));
            choice.setOnAction(event -> {
                settings.setBareUnit(tool, unit);
                window.session().bareUnits().put(tool, unit);
            });
            menu.getItems().add(choice);
        }
        return menu;
    }

    private static MenuItem loupe(MainWindow window, Loupe loupe, int digit) {
        return item(
                Messages.message("menus.enlarge", Wording.label(loupe)),
                "Shortcut+" + digit,
                () -> window.enlarge(loupe));
    }

    private static Menu footSwitch(MainWindow window) {
        MenuItem learn = new MenuItem(Messages.message("menus.foot-switch-learn"));
        learn.setOnAction(event -> window.devices().footSwitch().learn());
        MenuItem forget = new MenuItem(Messages.message("menus.foot-switch-forget"));
        forget.setOnAction(event -> window.devices().footSwitch().forget());
        Menu menu = new Menu(Messages.message("menus.foot-switch"));
        menu.getItems().setAll(learn, forget);
        return menu;
    }

    /** The menu always shows which folder is watched. */
    private static Menu pictureFolder(MainWindow window) {
        MenuItem choose = new MenuItem(Messages.message("menus.folder-choose"));
        choose.setOnAction(event -> window.devices().chooseFolder(window.stage()));
        MenuItem stop = new MenuItem(Messages.message("menus.folder-stop"));
        stop.setOnAction(event -> window.devices().arrived().stop());
        stop.setMnemonicParsing(false);
        Menu menu = new Menu(Messages.message("menus.folder"));
        menu.getItems().setAll(choose, stop);
        menu.setOnShowing(event -> {
            stop.setDisable(window.devices().arrived().folder().isEmpty());
            stop.setText(window.devices()
                    .arrived()
                    .folder()
                    .map(folder -> Messages.message("menus.folder-stop-named", folder))
                    .orElse(Messages.message("menus.folder-stop")));
        });
        return menu;
    }

    private static MenuItem stillPictures(Settings settings) {
        CheckMenuItem still = new CheckMenuItem(Messages.message("menus.pictures-change-at-once"));
        still.setSelected(settings.still());
        still.selectedProperty().addListener((property, was, is) -> {
            settings.setStill(is);
            Motion.wantedProperty().set(!is);
        });
        return still;
    }

    private static MenuItem item(String text, String key, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setAccelerator(KeyCombination.valueOf(key));
        item.setOnAction(event -> action.run());
        return item;
    }

    private static MenuItem enabled(MenuItem item, ObservableBooleanValue when) {
        item.disableProperty().bind(javafx.beans.binding.Bindings.not(when));
        return item;
    }
}
