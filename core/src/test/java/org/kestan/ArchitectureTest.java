package org.kestan;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Dependencies point one way through the core: a package knows the layers below it, and nothing else is allowed. */
public class ArchitectureTest {

    /** From the bottom up. */
    private static final List<String> LAYERS =
            List.of("base", "job", "analysis", "judgment", "repair", "week", "overview", "text");

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.kestan");

    @DataProvider
    static Object[][] layers() {
        return LAYERS.stream().map(layer -> new Object[] {layer}).toArray(Object[][]::new);
    }

    /** Only the packages named here are allowed; a package on a layer that is not in the list fails, too. */
    @Test(dataProvider = "layers")
    public void aLayerUsesOnlyTheLayersBeforeIt(String layer) {
        List<String> allowed = LAYERS.subList(0, LAYERS.indexOf(layer) + 1);
        String[] packages = Stream.concat(
                        allowed.stream().map(each -> "org.kestan." + each + ".."),
                        Stream.of("java..", "io.soabase..", "org.hipparchus.."))
                .toArray(String[]::new);
        ArchRuleDefinition.classes()
                .that()
                .resideInAPackage("org.kestan." + layer + "..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(packages)
                .check(core);
    }

    @Test
    public void everyClassIsInALayer() {
        for (JavaClass each : core) {
            String layer =
                    each.getPackageName().substring("org.kestan.".length()).split("\\.")[0];
            assertThat(LAYERS).as(each.getName()).contains(layer);
        }
    }

    /** Findings are put into words by the text package: below it no string in the source reads like a sentence. */
    @Test
    public void nothingBelowTheTextsIsASentence() throws IOException {
        Pattern sentence = Pattern.compile("\"[^\"]*[A-Za-z]+ [a-z]+ [a-z]+ [^\"]*\"");
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java"))) {
            List<String> found = files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !file.toString().contains("text"))
                    .flatMap(ArchitectureTest::lines)
                    // Messages about programming errors are not findings.
                    .filter(line -> !line.contains("Exception(") && !line.contains("Expect.present("))
                    .filter(line -> sentence.matcher(line).find())
                    .toList();
            assertThat(found).isEmpty();
        }
    }

    private static Stream<String> lines(Path file) {
        try {
            return Files.readAllLines(file).stream();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    @Test
    public void packagesHaveNoCircles() {
        SlicesRuleDefinition.slices()
                .matching("org.kestan.(**)")
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
