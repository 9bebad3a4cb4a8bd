package org.kestan.text;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.PlanParts;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Core and bundle agree: every finding has a text, and no text in the bundle is unused. */
public class TextBundleTest {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)");

    private final Map<String, Finding.Kind> kinds = new LinkedHashMap<>();
    private final List<Keyed> terms = new ArrayList<>();

    @BeforeClass
    public void collect() throws Exception {
        for (JavaClass each : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.kestan")) {
            Class<?> type = each.reflect();
            if (type.isEnum()) {
                for (Object constant : type.getEnumConstants()) {
                    add(constant);
                }
            } else {
                for (Field field : type.getDeclaredFields()) {
                    if (Modifier.isStatic(field.getModifiers())
                            && (Finding.Kind.class.isAssignableFrom(field.getType())
                                    || Keyed.class.isAssignableFrom(field.getType()))) {
                        field.setAccessible(true);
                        add(field.get(null));
                    }
                }
            }
        }
    }

    @BeforeClass(dependsOnMethods = "collect")
    public void collectLists() {
        terms.addAll(PlanParts.NUMBERS);
    }

    private void add(Object constant) {
        if (constant instanceof Finding.Kind kind) {
            kinds.put(kind.key(), kind);
        } else if (constant instanceof Keyed term) {
            terms.add(term);
        }
    }

    @DataProvider
    public Object[][] spoken() {
        return kinds.values().stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test
    public void thereIsSomethingToSay() {
        assertThat(kinds).hasSizeGreaterThan(250);
        assertThat(terms).hasSizeGreaterThan(250);
    }

    /**
     * Each pattern names the quantities its kind takes: none missing, so that no finding loses a number, and none
     * extra.
     */
    @Test(dataProvider = "spoken")
    public void everyKindHasItsWordsAndItsPlaces(Finding.Kind kind) {
        for (String key : List.of(kind.key(), kind.key() + ".owner")) {
            if (key.equals(kind.key())) {
                assertThat(TextBundle.find(key)).as(key).isPresent();
            }
            TextBundle.find(key).ifPresent(pattern -> {
                assertThat(pattern).isNotBlank();
                Matcher places = PLACE.matcher(pattern);
                Set<Integer> named = new TreeSet<>();
                while (places.find()) {
                    named.add(Integer.parseInt(places.group(1)));
                }
                assertThat(named)
                        .as(key)
                        .allSatisfy(place ->
                                assertThat(place).isLessThan(kind.takes().size()));
                if (key.equals(kind.key())) {
                    assertThat(named).as(key).hasSize(kind.takes().size());
                }
            });
        }
    }

    @Test
    public void everyLineAndWayHasItsName() {
        List<Line<?>> lines = Stream.of(
                        Lines.OF_INSTRUMENT, Lines.OF_INTAKE, Lines.OF_PROMISE, Lines.OF_TARGET, Lines.OF_VISIT)
                .flatMap(List::stream)
                .collect(Collectors.toList());
        lines.addAll(List.of(Dimension.values()));
        assertThat(lines).allSatisfy(line -> {
            assertThat(Wording.label(line)).as(line.path()).isNotBlank();
            assertThat(Wording.full(line)).as(line.path()).isNotBlank();
            assertThat(Wording.hint(line)).as(line.path()).endsWith(".");
        });
        assertThat(WayCatalog.ALL).allSatisfy(way -> {
            assertThat(Wording.label(way)).isNotBlank();
            assertThat(Wording.suits(way)).endsWith(".");
            assertThat(Wording.risks(way)).isNotEmpty();
        });
    }

    /** Each declared line is in exactly one list, so that it is read, written and asked for. */
    @Test
    public void everyLineStandsInOneList() throws IllegalAccessException {
        List<Line<?>> all = Stream.of(
                        Lines.OF_INSTRUMENT,
                        Lines.OF_INTAKE,
                        Lines.OF_PROMISE,
                        Lines.OF_TARGET,
                        Lines.OF_VISIT,
                        Lines.OF_PROOF)
                .flatMap(List::stream)
                .collect(Collectors.toList());
        assertThat(all).doesNotHaveDuplicates();
        int declared = 0;
        for (Field field : Lines.class.getFields()) {
            if (field.get(null) instanceof Line<?> line) {
                assertThat(all).as(field.getName()).contains(line);
                declared++;
            }
        }
        assertThat(declared).isGreaterThan(40);
        assertThat(all).contains(Dimension.values()).contains(Reading.values());
    }

    /** Everything in the bundle begins with the key of something that can be reported, or of the papers' own texts. */
    @Test
    public void nothingInTheBundleIsLeftOver() {
        Set<String> used = new TreeSet<>(kinds.keySet());
        terms.forEach(term -> used.add(term.family() + "." + term.key()));
        Stream.of(Lines.OF_INSTRUMENT, Lines.OF_INTAKE, Lines.OF_PROMISE, Lines.OF_TARGET, Lines.OF_VISIT)
                .flatMap(List::stream)
                .forEach(line -> used.add(line.family() + "." + line.key()));
        Set<String> own =
                Set.of("plan", "card", "advice", "value", "template", "bench-unit", "headline", "bench-number");
        List<String> left = TextBundle.keys().stream()
                .filter(key -> !own.contains(key.substring(0, key.indexOf('.'))))
                .filter(key -> used.stream().noneMatch(use -> key.equals(use) || key.startsWith(use + ".")))
                // Findings of the modules above the core are checked for their texts there.
                .filter(key -> !key.matches("(file|picture|ledger)-finding\\..*|(order|job-location)\\..*"))
                .sorted()
                .toList();
        assertThat(left).isEmpty();
    }
}
