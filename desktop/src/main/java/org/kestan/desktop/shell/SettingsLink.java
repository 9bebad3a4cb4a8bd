package org.kestan.desktop.shell;

import org.kestan.base.sheet.Tool;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.widgets.instrument.Motion;
import org.kestan.files.standards.StandardsFile;

/** Connects settings and session: saved settings are applied at startup, and changes are saved. */
final class SettingsLink {

    private final JobSession session;
    private final StandardsFile.Outcome standards;

    /** Sets up a session from the settings, and saves changes from now on. */
    SettingsLink(Settings settings, JobSession session) {
        this.session = session;
        session.unitProperty().set(settings.unit());
        session.unitProperty().addListener((property, old, next) -> settings.setUnit(next));
        session.picturesProperty().set(!settings.tables());
        session.picturesProperty().addListener((property, was, is) -> settings.setTables(!is));
        session.whoProperty().set(settings.who());
        session.whoProperty().addListener((property, old, next) -> settings.setWho(next));
        session.bareUnitProperty().set(settings.bareUnit());
        for (Tool tool : Tool.values()) {
            session.bareUnits().put(tool, settings.bareUnit(tool));
        }
        Motion.wantedProperty().set(!settings.still());
        standards = settings.standards();
        session.standardsProperty().set(standards.standards());
    }

    /** Reports in the status line if the shop's standards could not be read. */
    void complain() {
        standards.faults().stream()
                .findFirst()
                .ifPresent(fault -> session.complain(Messages.message(
                        "settings-link.the-shop-standards-could",
                        session.words().line(fault))));
    }
}
