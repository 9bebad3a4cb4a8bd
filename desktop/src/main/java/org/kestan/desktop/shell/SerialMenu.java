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

/** Gauges on serial ports: which there are, what they write; none is opened before it is chosen. */
final class SerialMenu {

    private SerialMenu() {}

    static Menu of(MainWindow window, Settings settings) {
        Menu menu = new Menu(Messages.message("menus.serial"));
        // A menu that holds nothing is never shown.
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
                LengthUnit unit = LengthUnit.ofSymbol(settings.bareUnit()).orElse(LengthUnit.MILLIMETRE);
                if (window.gauge()
                        .openSerial(port, new SerialGauge.Settings(SerialGauge.Settings.USUAL.baud(), form, unit))) {
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
            RadioMenuItem choice = new RadioMenuItem(
                    form == SerialForm.PLAIN
                            ? Messages.message("menus.serial-plain")
                            : Messages.message("menus.serial-channel"));
            choice.setToggleGroup(forms);
            choice.setSelected(SerialForm.of(settings.serialForm()).orElse(SerialForm.PLAIN) == form);
            choice.setOnAction(event -> settings.setSerialForm(form.key()));
            items.add(choice);
        }
        menu.getItems().setAll(items);
    }
}
