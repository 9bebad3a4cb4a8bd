package org.kestan.files.job;

import org.testng.annotations.DataProvider;

/** Files that are wrong in one place, with the pointer of the place and what the fault should say. */
public final class BadFiles {

    private BadFiles() {}

    /** A good file to spoil. */
    public static final String GOOD = """
            {
              "kestan": 1,
              "instrument": {"form": "flat-top", "joint": "dovetail", "scale": "632 mm", "jointFret": 14},
              "survey": {
                "takenOn": "2026-03-02", "humidity": 47,
                "relief": {"gap": "0.008 in", "heldAt": [1, 14], "readAt": 7},
                "nut": {"bass": "0.55 mm", "treble": "0.4 mm"},
                "action": {"fret": 12, "bass": "3.9 mm", "treble": "3.2 mm"},
                "saddle": {"bass": "3.0 mm", "treble": "2.2 mm"},
                "bridgeThickness": "8.8 mm",
                "projection": {"strung": "5.9 mm", "slack": "6.6 mm"},
                "jointToSaddle": "283 mm", "fretsOverTop": "6.8 mm",
                "heel": {"height": "92 mm", "widthTop": "56 mm", "widthCap": "26 mm"},
                "extension": {"length": "104 mm", "fallAway": "0.2 mm"},
                "sideDrift": {"offset": "1.0 mm", "toward": "treble"}
              },
              "target": {
                "action": {"bass": "2.2 mm", "treble": "1.7 mm"},
                "relief": "0.005 in", "nut": {"bass": "0.5 mm", "treble": "0.4 mm"},
                "saddle": "3.2 mm", "bridgeThickness": "9.2 mm", "fallAway": "0.4 mm"
              }
            }
            """;

    /** What is replaced, by what, the pointer of the fault, a word of its text. */
    @DataProvider
    public static Object[][] spoiled() {
        return new Object[][] {
            {"\"3.9 mm\"", "3.9", "/survey/action/bass", "no unit"},
            {"\"3.9 mm\"", "\"3.9\"", "/survey/action/bass", "unit is missing"},
            {"\"3.9 mm\"", "\"3.9 furlongs\"", "/survey/action/bass", "not a unit"},
            {"\"3.9 mm\"", "null", "/survey/action/bass", "null"},
            {"\"3.9 mm\"", "[\"3.9 mm\"]", "/survey/action/bass", "a list"},
            {"\"3.9 mm\"", "\"1/0 in\"", "/survey/action/bass", "zero below"},
            {"\"632 mm\"", "632", "/instrument/scale", "no unit"},
            {"\"flat-top\"", "\"banjo\"", "/instrument/form", "not known"},
            {"\"flat-top\"", "7", "/instrument/form", "number 7"},
            {"\"dovetail\"", "\"Dovetail\"", "/instrument/joint", "not known"},
            {"\"jointFret\": 14", "\"jointFret\": 14.5", "/instrument/jointFret", "14.5"},
            {"\"jointFret\": 14", "\"jointFret\": \"14\"", "/instrument/jointFret", "text"},
            {"\"2026-03-02\"", "\"2 March 2026\"", "/survey/takenOn", "not a day"},
            {"47", "470", "/survey/humidity", "470"},
            {"47", "\"47 %\"", "/survey/humidity", "text"},
            {"[1, 14]", "[1, 14, 20]", "/survey/relief/heldAt", "a list"},
            {"[1, 14]", "\"1-14\"", "/survey/relief/heldAt", "text"},
            {
                "\"relief\": {\"gap\": \"0.008 in\", \"heldAt\": [1, 14], \"readAt\": 7}",
                "\"relief\": \"0.008 in\"",
                "/survey/relief",
                "not an object"
            },
            {"\"treble\"}", "\"left\"}", "/survey/sideDrift/toward", "not known"},
            {
                "\"slack\": \"6.6 mm\"",
                "\"slack\": \"6.6 mm\", \"over\": \"table\"",
                "/survey/projection/over",
                "not known"
            },
            {"\"humidity\": 47", "\"humidity\": 47, \"trussRod\": \"bent\"", "/survey/trussRod", "not known"},
            {"\"humidity\": 47", "\"humidity\": 47, \"stepsDown\": 40", "/survey/stepsDown", "not a valid number here"},
            {"\"humidity\": 47", "\"humidity\": 47, \"neckAngle\": \"2\"", "/survey/neckAngle", "unit is missing"},
            {
                "\"humidity\": 47",
                "\"humidity\": 47, \"takes\": {\"action.bass\": [3.9]}",
                "/survey/takes/action.bass/0",
                "no unit"
            },
            {
                "\"humidity\": 47",
                "\"humidity\": 47, \"tools\": {\"action.bass\": \"hammer\"}",
                "/survey/tools/action.bass",
                "not known"
            },
            {
                "\"humidity\": 47",
                "\"humidity\": 47, \"condition\": [{\"what\": \"belly\"}]",
                "/survey/condition/0",
                "is missing"
            },
            {"\"target\"", "\"surveys\": [{\"relief\": {\"gap\": 3}}], \"target\"", "/surveys/0/relief/gap", "no unit"},
            {"\"target\"", "\"photos\": [{\"file\": 3}], \"target\"", "/photos/0/file", "number 3"},
            {"\"kestan\": 1", "\"kestan\": 2", "/kestan", "newer"},
            {"\"kestan\": 1", "\"kestan\": \"1\"", "/kestan", "text"},
            {"\"kestan\": 1,", "", "/kestan", "missing"},
        };
    }
}
