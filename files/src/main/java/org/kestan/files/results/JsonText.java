package org.kestan.files.results;

import org.kestan.files.json.Json;
import org.kestan.job.tree.Tree;

/** Structured data as JSON, as all results are printed. */
public final class JsonText {

    private JsonText() {}

    /** Prints structured data with a line end after it. */
    public static String print(Tree tree) {
        return Json.print(tree);
    }
}
