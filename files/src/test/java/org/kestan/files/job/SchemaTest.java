package org.kestan.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.charset.StandardCharsets;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.json.Json;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The schema that ships and the reader agree, judged by a general-purpose validator (draft 2020-12). */
public class SchemaTest {

    private JsonNode source;
    private Schema schema;

    @BeforeClass
    public void load() {
        String text = JobWriter.schema();
        source = Json.MAPPER.readTree(text);
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text, InputFormat.JSON);
    }

    private boolean valid(String json) {
        return schema.validate(json, InputFormat.JSON).isEmpty();
    }

    @Test
    public void goodFilesAreValid() {
        assertThat(schema.validate(BadFiles.GOOD, InputFormat.JSON)).isEmpty();
        for (String name : DemoJobs.NAMES) {
            String text = new String(DemoJobs.bytes(name), StandardCharsets.UTF_8);
            assertThat(schema.validate(text, InputFormat.JSON)).as(name).isEmpty();
        }
    }

    @Test(dataProvider = "spoiled", dataProviderClass = BadFiles.class)
    public void whatTheReaderRefusesTheSchemaRefuses(String good, String bad, String pointer, String word) {
        String spoiled = BadFiles.GOOD.replaceFirst(
                java.util.regex.Pattern.quote(good), java.util.regex.Matcher.quoteReplacement(bad));
        assertThat(valid(spoiled)).as(pointer + " " + word).isFalse();
    }

    @Test
    public void lengthsAreJudgedAlike() {
        String[] texts = {
            "11/64 in",
            "3 3/4 in",
            "3-3/4 in",
            "0.080 in",
            ".08 in",
            "80 thou",
            "80 mil",
            "2.4mm",
            "11/64\"",
            "63.2 cm",
            "-0.5 mm",
            "2.4 MM",
            "2.4",
            "2,4 mm",
            "1/0 in",
            "1//2 in",
            "mm",
            "",
            "1e3 mm",
            "2.4 inch",
            "2 4 mm"
        };
        for (String text : texts) {
            String json = BadFiles.GOOD.replace("\"0.4 mm\"", Json.MAPPER.writeValueAsString(text));
            assertThat(valid(json))
                    .as(text)
                    .isEqualTo(JobReader.read(json).job().isPresent());
        }
    }

    @Test
    public void everyLineOfTheSheetIsInTheSchema() {
        for (LengthLine[] items : new LengthLine[][] {Reading.values(), Aim.values(), Dimension.values()}) {
            for (LengthLine item : items) {
                if (item instanceof Reading reading && reading.perFret()) {
                    assertThat(source.toString()).contains("\"proud\"");
                    continue;
                }
                JsonNode place = source;
                for (String key : item.path().split("\\.")) {
                    JsonNode properties = place.path("properties");
                    String reference = properties.path(key).path("$ref").asString("");
                    place = reference.contains("ength") || reference.isEmpty()
                            ? properties.path(key)
                            : source.at(reference.substring(1));
                }
                assertThat(place.isMissingNode()).as(item.path()).isFalse();
            }
        }
    }
}
