package org.kestan.desktop;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.testng.annotations.Test;

/** Dependencies between modules point downward, and the rooms of the application form no cycles. */
public class ModulesTest {

    private final JavaClasses all = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.kestan");

    @Test
    public void onlyTheApplicationKnowsTheToolkit() {
        ArchRuleDefinition.noClasses()
                .that()
                .resideOutsideOfPackage("org.kestan.desktop..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "org.kestan.desktop..", "org.kordamp..")
                .check(all);
    }

    @Test
    public void filesAndCommandLineStandOverTheCore() {
        ArchRuleDefinition.noClasses()
                .that()
                .resideInAPackage("org.kestan.files..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.kestan.cli..", "org.kestan.desktop..", "picocli..")
                .check(all);
        ArchRuleDefinition.noClasses()
                .that()
                .resideInAPackage("org.kestan.desktop..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("tools.jackson..")
                .check(all);
    }

    /** A room knows its context and no other room, so that one more takes a folder and a line in the register. */
    @Test
    public void roomsKnowNothingOfOneAnother() {
        SlicesRuleDefinition.slices()
                .matching("org.kestan.desktop.(rooms|stations).(*)..")
                .should()
                .notDependOnEachOther()
                .check(all);
        ArchRuleDefinition.noClasses()
                .that()
                .resideInAnyPackage(
                        "org.kestan.desktop.rooms..", "org.kestan.desktop.stations..", "org.kestan.desktop.widgets..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.kestan.desktop.shell..", "org.kestan.ledger.sqlite..")
                .check(all);
    }

    /** The window works on the port: which ledger is behind it is chosen where the program starts. */
    @Test
    public void onlyTheStartKnowsTheDatabase() {
        ArchRuleDefinition.noClasses()
                .that()
                .resideInAPackage("org.kestan.desktop..")
                .and()
                .resideOutsideOfPackages("org.kestan.desktop", "org.kestan.desktop.shots")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.kestan.ledger.sqlite..", "java.sql..")
                .check(all);
    }

    @Test
    public void roomsOfTheApplicationFormNoCircles() {
        SlicesRuleDefinition.slices()
                .matching("org.kestan.desktop.(*)..")
                .should()
                .beFreeOfCycles()
                .check(all);
    }
}
