package org.kestan.desktop;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.testng.annotations.Test;

/** Arrows between modules point downward, and the rooms of the application form no circles. */
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

    @Test
    public void roomsOfTheApplicationFormNoCircles() {
        SlicesRuleDefinition.slices()
                .matching("org.kestan.desktop.(*)..")
                .should()
                .beFreeOfCycles()
                .check(all);
    }
}
