/** The solver behind the shop's week. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.planning {
    requires ai.timefold.solver.core;
    requires transitive org.kestan.core;

    exports org.kestan.planning;

    opens org.kestan.planning.search to
            ai.timefold.solver.core;
}
