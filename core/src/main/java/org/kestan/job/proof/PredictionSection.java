package org.kestan.job.proof;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;

/** The prediction: {@code proof.prediction}. */
public final class PredictionSection extends Section<Optional<Prediction>> {

    private static final String PATH = "proof.prediction";

    /** A micrometer is finer than any prediction. */
    private static final int DECIMALS = 3;

    /** Names the section. */
    public PredictionSection() {
        super(PATH, Optional.empty());
    }

    @Override
    public Optional<Prediction> read(TreeCursor root) {
        TreeCursor at = root.at(PATH);
        if (!at.isPresent()) {
            return Optional.empty();
        }
        at.expectObject();
        Optional<LocalDate> madeOn = at.at("madeOn").value(ValueType.DAY);
        if (!at.at("madeOn").isPresent()) {
            at.fault(
                    TreeFinding.LACKS.of(Quantity.text("madeOn")),
                    TreeFinding.LIKE.of(Quantity.text("\"madeOn\": \"2026-03-02\"")));
        }
        List<String> ways = new ArrayList<>();
        at.at("ways").elements().forEach(each -> each.text().ifPresent(ways::add));
        Map<Reading, Prediction.Predicted> predicted = new LinkedHashMap<>();
        at.at("foretold").children().forEach((key, place) -> {
            Optional<Reading> reading = reading(key);
            if (reading.isEmpty()) {
                place.fault(
                        NotationFinding.NOT_KNOWN.of(Quantity.text(key)),
                        TreeFinding.LIKE.of(Quantity.text("\"survey.action.bass\"")));
                return;
            }
            place.expectObject();
            Optional<Double> value = number(place.at("mm"));
            double within = number(place.at("within")).orElse(0.0);
            value.ifPresent(mm -> predicted.put(reading.get(), new Prediction.Predicted(mm, Math.abs(within))));
        });
        Optional<Double> sink = number(at.at("sink"));
        at.at("standards").expectObject();
        return madeOn.map(day ->
                new Prediction(day, ways, predicted, sink, at.at("standards").entries()));
    }

    private static Optional<Reading> reading(String path) {
        return Stream.of(Reading.values())
                .filter(each -> each.path().equals(path))
                .findFirst();
    }

    private static Optional<Double> number(TreeCursor at) {
        return at.number(TreeFinding.A_NUMBER.of())
                .map(BigDecimal::doubleValue)
                .filter(each -> Double.isFinite(each) && Math.abs(each) < 1e6);
    }

    @Override
    public void write(Optional<Prediction> prediction, Tree.Draft root) {
        prediction.ifPresent(each -> root.put(PATH, entries(each)));
    }

    private static Tree.Entries entries(Prediction prediction) {
        Map<String, Tree> predicted = new LinkedHashMap<>();
        prediction
                .predicted()
                .forEach((reading, each) -> predicted.put(
                        reading.path(),
                        new Tree.Draft()
                                .put("mm", number(each.value()))
                                .put("within", number(each.within()))
                                .entries()));
        Tree.Draft draft = new Tree.Draft()
                .put("madeOn", Tree.text(ValueType.DAY.write(prediction.madeOn())))
                .put(
                        "ways",
                        new Tree.Items(
                                prediction.ways().stream().map(Tree::text).toList()))
                .put("foretold", new Tree.Entries(predicted));
        prediction.sink().ifPresent(sink -> draft.put("sink", number(sink)));
        if (!prediction.standards().all().isEmpty()) {
            draft.put("standards", prediction.standards());
        }
        return draft.entries();
    }

    private static Tree number(double value) {
        return new Tree.Num(BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_EVEN));
    }

    @Override
    public void schema(SchemaDraft root) {
        Tree number = new Tree.Entries(Map.of("type", Tree.text("number")));
        root.put(
                PATH,
                SchemaDraft.object("madeOn")
                        .put("madeOn", SchemaDraft.of(ValueType.DAY))
                        .put("ways", SchemaDraft.list(SchemaDraft.of(ValueType.TEXT)))
                        .put(
                                "foretold",
                                SchemaDraft.map(SchemaDraft.object("mm")
                                        .put("mm", number)
                                        .put("within", number)
                                        .entries()))
                        .put("sink", number)
                        .put("standards", new Tree.Entries(Map.of("type", Tree.text("object"))))
                        .entries());
    }
}
