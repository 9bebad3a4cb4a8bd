/** Jobs, standards, results and papers as files. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.files {
    requires com.google.zxing;
    requires java.desktop;
    requires java.logging;
    requires ical4j.core;
    requires org.apache.commons.csv;
    requires openhtmltopdf.core;
    requires openhtmltopdf.pdfbox;
    requires org.apache.pdfbox;
    requires transitive org.kestan.core;
    requires transitive tools.jackson.databind;

    exports org.kestan.files.demo;
    exports org.kestan.files.disk;
    exports org.kestan.files;
    exports org.kestan.files.job;
    exports org.kestan.files.json;
    exports org.kestan.files.results;
    exports org.kestan.files.papers;
    exports org.kestan.files.picture;
    exports org.kestan.files.standards;
    exports org.kestan.files.steps;
    exports org.kestan.files.tables;
    exports org.kestan.files.week;
}
