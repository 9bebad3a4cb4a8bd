/** Jobs, standards, results and papers as files. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.files {
    requires java.desktop;
    requires org.apache.commons.csv;
    requires org.apache.pdfbox;
    requires transitive org.kestan.core;
    requires tools.jackson.databind;

    exports org.kestan.files;
}
