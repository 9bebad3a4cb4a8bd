/** Practice on instruments that exist only on paper: measuring, working, what was true in the end, drills. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.practice {
    requires org.kestan.files;
    requires static io.soabase.recordbuilder.core;
    requires static java.compiler;
    requires transitive org.kestan.core;
    requires transitive org.kestan.simulator;

    exports org.kestan.practice.drills;
    exports org.kestan.practice.file;
    exports org.kestan.practice.hints;
    exports org.kestan.practice.reckoning;
    exports org.kestan.practice.run;
    exports org.kestan.practice.solver;
    exports org.kestan.practice.text;
    exports org.kestan.practice.work;
}
