package org.kestan.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import org.kestan.base.notation.LengthUnit;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.Settings;
import org.kestan.devices.serial.SerialForm;
import org.kestan.devices.serial.SerialGauge;

/**
 * The menu for gauges on serial ports: the ports there are, and what the gauge sends. No port is opened before it is
 * chosen.
 */
final class SerialMenu {

    /** The speeds of gauges, bits per second. */
    private static final List<Integer> SPEEDS = List.of(1200, 2400, 4800, 9600, 19_200);

    private SerialMenu() {}

    static Menu of(MainWindow window, Settings settings) {
        Menu menu = new Menu(Messages.message("menus.serial"));
        // An empty menu would never be shown.
        menu.getItems().setAll(none());
        menu.setOnShowing(event -> fill(menu, window, settings));
        return menu;
    }

    private static MenuItem none() {
        MenuItem none = new MenuItem(Messages.message("menus.no-serial-port"));
        none.setDisable(true);
        return none;
    }

    private static void fill(Menu menu, MainWindow window, Settings settings) {
        List<MenuItem> items = new ArrayList<>();
        for (String port : SerialGauge.ports()) {
            MenuItem item = new MenuItem(
                    port.equals(settings.serialPort()) ? Messages.message("menus.serial-last", port) : port);
            item.setMnemonicParsing(false);
            item.setOnAction(event -> {
                SerialForm form = SerialForm.of(settings.serialForm()).orElse(SerialForm.PLAIN);
                if (window.gauge()
                        .openSerial(port, new SerialGauge.Settings(settings.serialBaud(), form, unit(settings)))) {
                    settings.setSerialPort(port);
                    window.session().say(Messages.message("menus.serial-open", port));
                }
            });
            items.add(item);
        }
        if (items.isEmpty()) {
            items.add(none());
        }
        items.add(new SeparatorMenuItem());
        ToggleGroup forms = new ToggleGroup();
        for (SerialForm form : SerialForm.values()) {
            items.add(choice(
                    forms,
                    form == SerialForm.PLAIN
                            ? Messages.message("menus.serial-plain")
                            : Messages.message("menus.serial-channel"),
                    SerialForm.of(settings.serialForm()).orElse(SerialForm.PLAIN) == form,
                    () -> settings.setSerialForm(form.key())));
        }
        items.add(new SeparatorMenuItem());
        ToggleGroup units = new ToggleGroup();
        for (LengthUnit unit : List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH)) {
            items.add(choice(
                    units,
                    Messages.message("menus.serial-unit", unit.symbol()),
                    unit(settings) == unit,
                    () -> settings.setSerialUnit(unit.symbol())));
        }
        items.add(new SeparatorMenuItem());
        ToggleGroup speeds = new ToggleGroup();
        for (int baud : SPEEDS) {
            items.add(choice(
                    speeds,
                    Messages.message("menus.serial-baud", Integer.toString(baud)),
                    settings.serialBaud() == baud,
                    () -> settings.setSerialBaud(baud)));
        }
        menu.getItems().setAll(items);
    }

    private static LengthUnit unit(Settings settings) {
        return LengthUnit.ofSymbol(settings.serialUnit())
                .or(() -> LengthUnit.ofSymbol(settings.bareUnit()))
                .orElse(LengthUnit.MILLIMETRE);
    }

    private static RadioMenuItem choice(ToggleGroup group, String text, boolean chosen, Runnable choose) {
        RadioMenuItem choice = new RadioMenuItem(text);
        choice.setToggleGroup(group);
        choice.setSelected(chosen);
        choice.setOnAction(event -> choose.run());
        return choice;
    }
}
