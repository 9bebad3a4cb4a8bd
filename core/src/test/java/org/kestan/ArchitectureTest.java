package org.kestan;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.testng.annotations.Test;

/** Data flows one way through the core: from the sheet to the job, its trajectory, the correction, the reckoning. */
public class ArchitectureTest {

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.kestan");

    @Test
    public void arrowsPointDownOnly() {
        Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("notation")
                .definedBy("org.kestan.notation..")
                .layer("geometry")
                .definedBy("org.kestan.geometry..")
                .layer("standards")
                .definedBy("org.kestan.standards..")
                .layer("sheet")
                .definedBy("org.kestan.sheet..")
                .layer("job")
                .definedBy("org.kestan.job..")
                .layer("trajectory")
                .definedBy("org.kestan.trajectory..")
                .layer("setup")
                .definedBy("org.kestan.setup..")
                .layer("strings")
                .definedBy("org.kestan.strings..")
                .layer("ways")
                .definedBy("org.kestan.ways..")
                .layer("plan")
                .definedBy("org.kestan.plan..")
                .layer("template")
                .definedBy("org.kestan.template..")
                .layer("counter")
                .definedBy("org.kestan.counter..")
                .layer("correction")
                .definedBy("org.kestan.correction..")
                .layer("reckoning")
                .definedBy("org.kestan.reckoning..")
                .layer("sideview")
                .definedBy("org.kestan.sideview..")
                .layer("verdict")
                .definedBy("org.kestan.verdict..")
                .layer("station")
                .definedBy("org.kestan.station..")
                .layer("planning")
                .definedBy("org.kestan.planning..")
                .whereLayer("geometry")
                .mayNotAccessAnyLayer()
                .whereLayer("notation")
                .mayNotAccessAnyLayer()
                .whereLayer("standards")
                .mayOnlyAccessLayers("notation")
                .whereLayer("sheet")
                .mayOnlyAccessLayers("notation")
                .whereLayer("job")
                .mayOnlyAccessLayers("sheet", "notation")
                .whereLayer("trajectory")
                .mayOnlyAccessLayers("job", "sheet", "notation", "geometry", "standards")
                .whereLayer("setup")
                .mayOnlyAccessLayers("trajectory", "job", "sheet", "notation", "geometry", "standards")
                .whereLayer("strings")
                .mayOnlyAccessLayers("job", "sheet", "notation", "geometry", "standards")
                .whereLayer("correction")
                .mayOnlyAccessLayers("setup", "trajectory", "job", "sheet", "notation", "geometry", "standards")
                .whereLayer("station")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("verdict")
                .mayOnlyBeAccessedByLayers("station", "ways", "counter")
                .whereLayer("ways")
                .mayOnlyBeAccessedByLayers("plan", "sideview", "counter", "station")
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers("sideview", "station", "template")
                .whereLayer("template")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("planning")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("sideview")
                .mayNotBeAccessedByAnyLayer()
                .check(core);
    }

    @Test
    public void packagesHaveNoCircles() {
        SlicesRuleDefinition.slices()
                .matching("org.kestan.(*)..")
                .should()
                .beFreeOfCycles()
                .check(core);
    }

    @Test
    public void knowsNothingOfFilesScreensOrDatabases() {
        ArchRuleDefinition.noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "java.io..", "java.nio..", "java.sql..", "javafx..", "java.awt..", "javax..", "tools..")
                .check(core);
    }
}
