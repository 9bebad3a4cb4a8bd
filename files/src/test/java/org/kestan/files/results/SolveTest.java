package org.kestan.files.results;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.kestan.base.finding.Fault;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.BadFiles;
import org.kestan.files.job.JobReader;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.overview.JobAnalysis;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class SolveTest {

    private static PrintedResult solve(String text) {
        Job job = JobReader.read(text).job().orElseThrow();
        return SolveJson.solve(JobAnalysis.of(job, ShopStandards.DEFAULT));
    }

    private static JsonNode result(String text) {
        return Json.MAPPER.readTree(solve(text).text().orElseThrow());
    }

    @Test
    public void resultHasTheKeysOfTheContract() {
        JsonNode result = result(BadFiles.GOOD);
        assertThat(result.propertyNames())
                .containsExactly("strings", "neck", "fretLine", "heel", "extension", "assumed");
        assertThat(result.at("/strings/bass").propertyNames())
                .containsExactly(
                        "nutHeight", "saddleHeight", "actionAfterRelief", "saddleDrop", "nutAfter", "saddleProtrusion");
        assertThat(result.at("/neck").propertyNames()).containsExactly("correctionDeg", "presentPitchDeg");
        assertThat(result.at("/fretLine").propertyNames())
                .containsExactlyInAnyOrder(
                        "impliedStrung", "targetStrung", "sink", "targetSlack", "disagreement", "reconciled", "asRead");
        assertThat(result.at("/fretLine/asRead").propertyNames())
                .containsExactlyInAnyOrder("strung", "slack", "middleOverEdge");
        assertThat(result.at("/heel").propertyNames())
                .containsExactly("removalAtCap", "ruleOfThumb", "byStrings", "byStraightedge", "corners");
        assertThat(result.at("/heel/corners/driftSide").propertyNames()).containsExactly("top", "cap");
        assertThat(result.at("/extension").propertyNames()).containsExactly("fallAwayAfter", "wedge");
        assertThat(result.at("/assumed").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder(
                        "survey.projection.across",
                        "survey.projection.bridgeFront",
                        "survey.fretboard",
                        "survey.stringSpacing");
    }

    /**
     * The relations between the figures, each worked out from the others by hand: H·tan θ, slack = strung + sink, e* =
     * 3.2 mean.
     */
    @Test
    public void figuresAgreeWithOneAnother() {
        JsonNode result = result(BadFiles.GOOD);
        double theta = Math.toRadians(result.at("/neck/correctionDeg").asDouble());
        assertThat(result.at("/heel/removalAtCap").asDouble()).isCloseTo(92 * Math.tan(theta), within(1e-9));
        assertThat(result.at("/fretLine/sink").asDouble()).isCloseTo(0.7 * 283 / 275, within(1e-9));
        assertThat(result.at("/fretLine/targetSlack").asDouble())
                .isCloseTo(result.at("/fretLine/targetStrung").asDouble() + 0.7 * 283 / 275, within(1e-9));
        double mean = (result.at("/strings/bass/saddleProtrusion").asDouble()
                        + result.at("/strings/treble/saddleProtrusion").asDouble())
                / 2;
        assertThat(mean).isCloseTo(3.2, within(1e-9));
        double top = result.at("/heel/corners/driftSide/top").asDouble();
        assertThat(top).isCloseTo(56.0 / 283, within(1e-9));
        double drop = (result.at("/strings/bass/saddleDrop").asDouble()
                        + result.at("/strings/treble/saddleDrop").asDouble())
                / 2;
        assertThat(result.at("/heel/ruleOfThumb").asDouble())
                .isCloseTo(92 * (drop + 3.2 - 2.6 + 9.2 - 8.8) / 283, within(1e-9));
    }

    @Test
    public void partsWithoutInputsAreLeftOut() {
        String bare = """
                {"kestan": 1,
                 "instrument": {"form": "archtop", "scale": "25 in", "jointFret": 14},
                 "survey": {"relief": {"gap": "8 thou"}, "action": {"bass": "3 mm", "treble": "2 mm"},
                            "bridgeHeight": "25 mm"},
                 "target": {"action": {"bass": "2.4 mm", "treble": "1.8 mm"}}}
                """;
        JsonNode result = result(bare);
        assertThat(result.propertyNames()).containsExactly("strings", "neck", "fretLine", "assumed");
        assertThat(result.at("/strings/bass").has("saddleProtrusion")).isFalse();
        assertThat(result.at("/fretLine").has("disagreement")).isFalse();
        assertThat(result.at("/assumed").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder(
                        "survey.nut",
                        "survey.jointToSaddle",
                        "survey.fretsOverTop",
                        "survey.projection",
                        "survey.projection.across",
                        "survey.projection.bridgeFront",
                        "survey.fretboard",
                        "survey.stringSpacing");
        assertThat(result.at("/neck").has("presentPitchDeg")).isFalse();
    }

    @Test
    public void reliefAndTargetHaveToBeThere() {
        assertThat(solve("{\"kestan\": 1}").faults())
                .extracting(Fault::pointer)
                .contains("/survey/relief/gap", "/target/action/bass", "/target/action/treble", "/instrument/scale");
        String noRelief = BadFiles.GOOD.replace("\"gap\": \"0.008 in\", ", "");
        PrintedResult refused =
                solve(noRelief.replace("\"strung\":", "\"was\":").replace("\"slack\":", "\"were\":"));
        assertThat(refused.text()).isEmpty();
        assertThat(refused.faults()).extracting(Fault::pointer).containsExactly("/survey/relief/gap");
        // With a straightedge reading the fret line is known without the strings (§3.6a).
        assertThat(result(noRelief).at("/assumed").valueStream().map(JsonNode::asString))
                .contains("survey.relief.gap");
    }
}
