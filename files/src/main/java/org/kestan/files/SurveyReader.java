package org.kestan.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.FindingKind;
import org.kestan.job.Held;
import org.kestan.job.ProjectionOver;
import org.kestan.job.Severity;
import org.kestan.job.Survey;
import org.kestan.notation.Length;
import org.kestan.sheet.Detail;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sheet.Tool;

/** Reads one survey of the job file. */
final class SurveyReader {

    private SurveyReader() {}

    static Survey read(JsonPlace at) {
        Map<Reading, Length> readings = new EnumMap<>(Reading.class);
        for (Reading reading : Reading.values()) {
            at.at(reading.key()).length().ifPresent(length -> readings.put(reading, length));
        }
        return Survey.BLANK.edit(draft -> {
            draft.takenOn = at.at("takenOn").date();
            draft.humidity = at.at("humidity").number(0, 100, "a percentage from 0 to 100");
            draft.readings = readings;
            draft.takes = takes(at.at("takes"));
            draft.tools = tools(at.at("tools"));
            draft.provisional = provisional(at.at("provisional"));
            draft.held =
                    at.at("relief.heldAt").pair("two frets, such as [1, 14]").map(pair -> new Held(pair[0], pair[1]));
            draft.reliefReadAt = at.at("relief.readAt").integer(JobReader.A_FRET);
            draft.actionFret = at.at("action.fret").integer(JobReader.A_FRET);
            draft.projectionOver = at.at("projection.over").choice(ProjectionOver.class);
            draft.driftToward = at.at("sideDrift.toward")
                    .choice(Stream.of(Side.values()).map(Side::word).toList(), SurveyReader::side);
            draft.findings = findings(at.at("condition"));
            draft.details = details(at, Details.OF_SURVEY);
            draft.origin = at.source();
        });
    }

    /** Reads details from where they lie; those of a survey are looked for under it, the others under the root. */
    static Details details(JsonPlace at, List<Detail<?>> all) {
        Details details = Details.NONE;
        for (Detail<?> detail : all) {
            details = with(details, at, detail);
        }
        return details;
    }

    private static <T> Details with(Details details, JsonPlace at, Detail<T> detail) {
        Optional<T> value = at.at(relative(detail)).detail(detail);
        return value.isPresent() ? details.with(detail, value) : details;
    }

    /** The path of a detail under its survey, or under the root when it belongs to the job. */
    static String relative(Detail<?> detail) {
        return detail.path().startsWith("survey.") ? detail.path().substring("survey.".length()) : detail.path();
    }

    private static Map<Reading, List<Length>> takes(JsonPlace at) {
        Map<Reading, List<Length>> takes = new EnumMap<>(Reading.class);
        at.entries()
                .forEach((key, place) -> reading(key, place).ifPresent(reading -> {
                    List<Length> lengths = new ArrayList<>();
                    place.elements().forEach(each -> each.length().ifPresent(lengths::add));
                    if (lengths.size() > 1) {
                        takes.put(reading, List.copyOf(lengths));
                    }
                }));
        return takes;
    }

    private static Map<Reading, Tool> tools(JsonPlace at) {
        Map<Reading, Tool> tools = new EnumMap<>(Reading.class);
        at.entries()
                .forEach((key, place) -> reading(key, place)
                        .ifPresent(reading -> place.choice(Tool.class).ifPresent(tool -> tools.put(reading, tool))));
        return tools;
    }

    private static EnumSet<Reading> provisional(JsonPlace at) {
        EnumSet<Reading> marked = EnumSet.noneOf(Reading.class);
        at.elements()
                .forEach(each -> each.text().flatMap(key -> reading(key, each)).ifPresent(marked::add));
        return marked;
    }

    private static List<Finding> findings(JsonPlace at) {
        List<Finding> findings = new ArrayList<>();
        for (JsonPlace each : at.elements()) {
            each.expectObject();
            Optional<FindingKind> what = each.at("what").choice(FindingKind.class);
            Optional<Severity> severity = each.at("severity").choice(Severity.class);
            String note = each.at("note").text().orElse("");
            if (what.isPresent() && severity.isPresent()) {
                findings.add(new Finding(what.get(), severity.get(), note));
            } else if (!each.at("what").isPresent() || !each.at("severity").isPresent()) {
                each.fault("lacks what or severity", "{\"what\": \"brace-loose\", \"severity\": \"slight\"}");
            }
        }
        return findings;
    }

    private static Optional<Reading> reading(String key, JsonPlace place) {
        Optional<Reading> found = Stream.of(Reading.values())
                .filter(reading -> reading.key().equals(key))
                .findFirst();
        if (found.isEmpty()) {
            place.fault(
                    "\u201c" + key + "\u201d is no reading",
                    "one of " + Stream.of(Reading.values()).map(Reading::key).collect(Collectors.joining(", ")));
        }
        return found;
    }

    private static Optional<Side> side(String word) {
        return Stream.of(Side.values()).filter(side -> side.word().equals(word)).findFirst();
    }
}
