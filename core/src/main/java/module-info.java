/** The computation: no files, no screens, no databases. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.core {
    requires static java.compiler;
    requires hipparchus.core;
    requires static io.soabase.recordbuilder.core;

    exports org.kestan.analysis.correction;
    exports org.kestan.analysis.figures;
    exports org.kestan.analysis.loads;
    exports org.kestan.analysis.neck;
    exports org.kestan.analysis.questions;
    exports org.kestan.analysis.setup;
    exports org.kestan.analysis.sheet;
    exports org.kestan.analysis.swing;
    exports org.kestan.analysis.trajectory;
    exports org.kestan.analysis.inputs;
    exports org.kestan.analysis.uncertainty;
    exports org.kestan.base.expect;
    exports org.kestan.base.finding;
    exports org.kestan.base.geometry;
    exports org.kestan.base.lazy;
    exports org.kestan.base.notation;
    exports org.kestan.base.sheet;
    exports org.kestan.base.standards;
    exports org.kestan.base.strings;
    exports org.kestan.job.bench;
    exports org.kestan.job.gauge;
    exports org.kestan.job.parts;
    exports org.kestan.job.pictures;
    exports org.kestan.job.proof;
    exports org.kestan.job.section;
    exports org.kestan.job.strings;
    exports org.kestan.job.takes;
    exports org.kestan.job.terms;
    exports org.kestan.job.tree;
    exports org.kestan.job.visits;
    exports org.kestan.job;
    exports org.kestan.judgment.advice;
    exports org.kestan.judgment.counter;
    exports org.kestan.judgment.kit;
    exports org.kestan.judgment.verdict;
    exports org.kestan.judgment.way;
    exports org.kestan.judgment.ways;
    exports org.kestan.overview;
    exports org.kestan.repair.drag;
    exports org.kestan.repair.heel;
    exports org.kestan.repair.history;
    exports org.kestan.repair.holding;
    exports org.kestan.repair.picture;
    exports org.kestan.repair.memory;
    exports org.kestan.repair.plan;
    exports org.kestan.repair.proof;
    exports org.kestan.repair.sideview;
    exports org.kestan.repair.steps;
    exports org.kestan.repair.template;
    exports org.kestan.text;
}
