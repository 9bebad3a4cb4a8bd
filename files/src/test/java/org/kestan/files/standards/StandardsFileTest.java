package org.kestan.files.standards;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import org.kestan.base.finding.Fault;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.AdoptedValues;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.files.json.Json;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class StandardsFileTest {

    private static ShopStandards odd() {
        return ShopStandards.DEFAULT
                .with(Standard.SINK, "1/32 in")
                .optional()
                .orElseThrow()
                .with(Standard.HOURLY_RATE, "72.50")
                .optional()
                .orElseThrow()
                .with(School.RELIEF_STRAIGHT)
                .with(School.KISSES)
                .withCurrency("EUR");
    }

    /** Values adopted from the shop's jobs are kept with their marks; an impossible sink is refused at its place. */
    @Test
    public void whatWasLearnedIsKept() {
        ShopStandards shop = ShopStandards.DEFAULT
                .learning(Standard.PULL_80, "0.036 mm")
                .withTakenOver(new AdoptedValues(
                        Map.of(new InstrumentKind("steel", "large", "x"), Length.ofText("1.05 mm")),
                        Set.of(Standard.PULL_80)));
        StandardsFile.Outcome read = StandardsFile.read(StandardsFile.write(shop));
        assertThat(read.faults()).isEmpty();
        assertThat(read.standards()).isEqualTo(shop);
        assertThat(read.standards().origin(Standard.PULL_80)).isEqualTo(Origin.LEARNED);
        String odd = StandardsFile.write(shop).replace("1.05 mm", "-4 mm").replace("\"pull80\" ]", "\"nothing\" ]");
        assertThat(StandardsFile.read(odd).faults())
                .extracting(Fault::pointer)
                .containsExactly("/learned/values/0", "/learned/sinks/0/sink");
    }

    @Test
    public void comesBackAsItWasWritten() throws IOException {
        Path file = Files.createTempFile("standards", ".json");
        for (ShopStandards shop : new ShopStandards[] {ShopStandards.DEFAULT, odd()}) {
            StandardsFile.write(shop, file);
            StandardsFile.Outcome read = StandardsFile.read(file);
            assertThat(read.faults()).isEmpty();
            assertThat(read.standards()).isEqualTo(shop);
            assertThat(read.standards().text(Standard.SINK)).isEqualTo(shop.text(Standard.SINK));
        }
        Files.delete(file);
    }

    @Test
    public void saysEveryValueWithItsUnit() {
        JsonNode tree = Json.MAPPER.readTree(StandardsFile.write(odd()));
        assertThat(tree.get("values").size()).isEqualTo(Standard.values().length);
        assertThat(tree.at("/values/sink").asString()).isEqualTo("1/32 in");
        assertThat(tree.at("/values/shimFine").asString()).isEqualTo("0.25 deg");
        assertThat(tree.at("/values/hourlyRate").isNumber()).isTrue();
        assertThat(tree.at("/schools/projection").asString()).isEqualTo("kisses-slack");
        assertThat(tree.at("/currency").asString()).isEqualTo("EUR");
    }

    @Test
    public void whatAFileDoesNotSayStaysAsItStarts() {
        StandardsFile.Outcome read = StandardsFile.read("{\"kestanStandards\": 1, \"values\": {\"sink\": \"1 mm\"}}");
        assertThat(read.faults()).isEmpty();
        assertThat(read.standards().get(Standard.SINK)).isEqualTo(1.0);
        assertThat(read.standards().isSet(Standard.NUT_HEIGHT)).isFalse();
    }

    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {"", ""},
            {"[]", ""},
            {"{}", "/kestanStandards"},
            {"{\"kestanStandards\": 2}", "/kestanStandards"},
            {"{\"kestanStandards\": 1, \"values\": {\"sink\": 0.8}}", "/values/sink"},
            {"{\"kestanStandards\": 1, \"values\": {\"sink\": \"0.8\"}}", "/values/sink"},
            {"{\"kestanStandards\": 1, \"values\": {\"hourlyRate\": \"60\"}}", "/values/hourlyRate"},
            {"{\"kestanStandards\": 1, \"values\": {\"sinkk\": \"1 mm\"}}", "/values/sinkk"},
            {"{\"kestanStandards\": 1, \"values\": {\"reliefLeast\": \"1 mm\"}}", "/values/reliefLeast"},
            {"{\"kestanStandards\": 1, \"schools\": {\"sink\": \"maybe\"}}", "/schools/sink"},
            {"{\"kestanStandards\": 1, \"schools\": {\"tuning\": \"low\"}}", "/schools/tuning"}
        };
    }

    @Test(dataProvider = "bad")
    public void badFilesSayWhere(String text, String pointer) {
        StandardsFile.Outcome read = StandardsFile.read(text);
        assertThat(read.faults())
                .anySatisfy(fault -> assertThat(fault.pointer()).isEqualTo(pointer));
        assertThat(read.standards()).isEqualTo(ShopStandards.DEFAULT);
    }

    @Test
    public void theDocsNameEveryStandardAndSchool() throws IOException {
        String docs = Files.readString(Path.of("..", "docs", "standards.md"));
        for (Standard standard : Standard.values()) {
            assertThat(docs)
                    .contains("| `" + standard.key() + "` | " + Wording.label(standard) + " | " + standard.startText());
        }
        for (School school : School.values()) {
            assertThat(docs).contains("`" + school.key() + "` " + Wording.label(school));
        }
    }

    @Test
    public void aFileThatIsNotThereIsAFault() {
        assertThat(StandardsFile.read(Path.of("no-such-standards.json")).faults())
                .hasSize(1);
    }
}
