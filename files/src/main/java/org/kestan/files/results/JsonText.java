package org.kestan.files.results;

import org.kestan.files.json.Json;
import org.kestan.job.tree.Tree;

/** Structured data as JSON, in the form of all results. */
public final class JsonText {

    private JsonText() {}

    /** Prints structured data, ending with a line break. */
    public static String print(Tree tree) {
        return Json.print(tree);
    }
}
