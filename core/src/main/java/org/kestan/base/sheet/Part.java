package org.kestan.base.sheet;

/**
 * One part of the rows of a list.
 *
 * @param name its key in a file
 * @param type what it holds: a number, a length or a choice
 * @param needed whether every row has it; one that may be missing is the last
 */
public record Part(String name, ValueType<?> type, boolean needed) {

    /** A part that every row has. */
    public Part(String name, ValueType<?> type) {
        this(name, type, true);
    }

    private static final String NUMBER = "[+\u2212-]?(?:(?:\\d+ )?\\d+/\\d+|\\d+(?:\\.\\d+)?|\\.\\d+)";
    private static final String LENGTH = "[+\u2212-]?[\\d./ ]+?\\s*[a-zA-Z\"\u2033\u201d]+";
    private static final String WORD = "[a-z][a-z-]*";

    /** The pattern of its text within a row. */
    String pattern() {
        return type.equals(ValueType.LENGTH) ? LENGTH : type.form() == ValueType.Form.NUMBER ? NUMBER : WORD;
    }

    /** Its text in the form the type reads: a fraction typed for a number becomes a decimal. */
    String plain(String typed) {
        String text = typed.strip().replace('\u2212', '-');
        if (type.form() != ValueType.Form.NUMBER || text.indexOf('/') < 0) {
            return text;
        }
        boolean minus = text.startsWith("-");
        String[] words = text.replaceAll("^[+-]", "").split("[ /]");
        double whole = words.length == 3 ? Double.parseDouble(words[0]) : 0;
        double below = Double.parseDouble(words[words.length - 1]);
        double fraction = Double.parseDouble(words[words.length - 2]) / below;
        return ValueType.plain((minus ? -1 : 1) * (whole + fraction));
    }
}
