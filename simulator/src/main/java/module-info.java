/**
 * An elastic instrument that bends under its strings, and the tools to measure it with. It does not use Kestan's
 * calculations.
 */
module org.kestan.simulator {
    requires transitive org.kestan.core;

    exports org.kestan.simulator.cases;
    exports org.kestan.simulator.elastic;
    exports org.kestan.simulator.instrument;
    exports org.kestan.simulator.tools;
}
