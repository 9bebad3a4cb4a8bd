package org.kestan.text;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.ValueType;
import org.kestan.judgment.way.Way;

/**
 * Puts findings into sentences and terms into names, in the display unit, for one audience. The texts themselves are
 * in the bundle beside this class.
 */
public final class Wording {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)(?:\\|([^}]*))?\\}");

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private final Numbers numbers;
    private final Audience audience;

    private Wording(Numbers numbers, Audience audience) {
        this.numbers = numbers;
        this.audience = audience;
    }

    /** Wording for the bench, with lengths in a unit. */
    public static Wording in(BenchUnit unit) {
        return new Wording(new Numbers(unit), Audience.BENCH);
    }

    /** Returns wording with the same unit for another audience. */
    public Wording to(Audience next) {
        return new Wording(numbers, next);
    }

    /** Returns the formatter for numbers. */
    public Numbers numbers() {
        return numbers;
    }

    /** Returns the sentence for a finding. */
    public String say(Finding finding) {
        String key = finding.kind().key();
        String pattern = (audience == Audience.OWNER ? TextBundle.find(key + ".owner") : Optional.<String>empty())
                .orElseGet(() -> TextBundle.text(key));
        if (pattern.indexOf('{') < 0) {
            return pattern;
        }
        Matcher places = PLACE.matcher(pattern);
        StringBuilder text = new StringBuilder();
        while (places.find()) {
            Quantity quantity = finding.quantities().get(Integer.parseInt(places.group(1)));
            String printed = print(quantity, places.group(2) == null ? "" : places.group(2));
            places.appendReplacement(text, Matcher.quoteReplacement(printed));
        }
        return places.appendTail(text).toString();
    }

    /** Returns the sentences for findings, one after another. */
    public String say(List<Finding> findings) {
        return findings.stream().map(this::say).collect(Collectors.joining(" "));
    }

    /** Formats a quantity. */
    public String print(Quantity quantity) {
        return print(quantity, "");
    }

    private String print(Quantity quantity, String how) {
        if (quantity instanceof Quantity.Distance distance) {
            return switch (distance.reading()) {
                case RULE -> numbers.length(distance.millimeters());
                case FEELERS -> numbers.fine(distance.millimeters());
                case FAR -> numbers.far(distance.millimeters());
            };
        }
        if (quantity instanceof Quantity.Turn turn) {
            return Numbers.angle(turn.angle(), how.equals("whole") ? 0 : how.isEmpty() ? 2 : Integer.parseInt(how));
        }
        if (quantity instanceof Quantity.Said said) {
            return say(said.finding());
        }
        if (quantity instanceof Quantity.Several several) {
            String between = how.equals("or") ? ", or " : ", ";
            return several.all().stream().map(this::print).collect(Collectors.joining(between));
        }
        if (quantity instanceof Quantity.Term term) {
            return switch (how) {
                case "lower" -> label(term.term()).toLowerCase(Locale.ROOT);
                case "full" -> full(term.term());
                default -> label(term.term());
            };
        }
        if (quantity instanceof Quantity.Verbatim verbatim) {
            return verbatim.text();
        }
        if (quantity instanceof Quantity.Moment moment) {
            return moment(moment.at());
        }
        if (quantity instanceof Quantity.Count count) {
            return how.startsWith("plural ")
                    ? how.substring("plural ".length()).split(",")[count.number() == 1 ? 0 : 1]
                    : Integer.toString(count.number());
        }
        return number(quantity, how);
    }

    /** A moment in this machine's time zone, to the minute, with its weekday. */
    public static String moment(Instant at) {
        return CLOCK.format(at.atZone(ZoneId.systemDefault()));
    }

    private String number(Quantity quantity, String how) {
        if (quantity instanceof Quantity.Plain plain) {
            return how.isEmpty()
                    ? Numbers.plain(plain.number())
                    : (how.startsWith("+") && plain.number() > 0 ? "+" : "")
                            + Numbers.decimals(plain.number(), Integer.parseInt(how))
                                    .replace('-', '\u2212');
        }
        if (quantity instanceof Quantity.Cents cents) {
            return Numbers.decimals(cents.cents(), 1);
        }
        if (quantity instanceof Quantity.Signed signed) {
            return numbers.signed(signed.millimeters());
        }
        if (quantity instanceof Quantity.Difference difference) {
            return numbers.change(difference.millimeters());
        }
        if (quantity instanceof Quantity.Force force) {
            return Numbers.whole(force.newtons()) + " N";
        }
        if (quantity instanceof Quantity.Stack stack) {
            return stack.leaves().isEmpty() ? TextBundle.text("plan.no-leaf") : String.join(" + ", stack.leaves());
        }
        if (quantity instanceof Quantity.Money money) {
            return Numbers.whole(money.amount());
        }
        if (quantity instanceof Quantity.Hours hours) {
            return how.equals("whole") ? Numbers.whole(hours.hours()) : Numbers.plain(hours.hours());
        }
        if (quantity instanceof Quantity.Minutes minutes) {
            return Integer.toString(minutes.whole());
        }
        if (quantity instanceof Quantity.Temperature temperature) {
            return Numbers.temperature(temperature.celsius());
        }
        if (quantity instanceof Quantity.Percent percent) {
            return Numbers.whole(percent.percent());
        }
        if (quantity instanceof Quantity.Fret fret) {
            return Integer.toString(fret.number());
        }
        throw new IllegalArgumentException("no way to print " + quantity);
    }

    /** Returns an error as one line: {@code /survey/action/bass: … ; accepted: …}. */
    public String line(Fault fault) {
        String place = fault.pointer().isEmpty() ? "/" : fault.pointer();
        return (place + ": " + problem(fault.problem(), fault.accepted())).replaceAll("\\p{Cntrl}+", " ");
    }

    /** Returns what is wrong and what would be accepted, as a clause. */
    public String problem(Finding problem, Finding accepted) {
        return say(problem) + "; accepted: " + say(accepted);
    }

    /** Returns what is wrong with something typed and what to write, as two sentences. */
    public String correction(Parsed.Bad<?> bad) {
        return correction(bad.problem(), bad.accepted());
    }

    /** Returns what is wrong with something typed and what to write, as two sentences. */
    public String correction(Finding problem, Finding accepted) {
        return capital(say(problem)) + ". Write " + say(accepted) + ".";
    }

    /** Returns a text with its first letter capitalized. */
    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** Returns the name of a term. */
    public static String label(Keyed term) {
        return TextBundle.text(key(term)) + atFret(term);
    }

    /** A reading at one fret has the text of its reading, followed by the fret. */
    private static String atFret(Keyed term) {
        return term instanceof AtFret at
                ? TextBundle.text("value.at-fret").replace("{0}", Integer.toString(at.fret()))
                : "";
    }

    /** Returns the name of a term in lower case. */
    public static String lower(Keyed term) {
        return label(term).toLowerCase(Locale.ROOT);
    }

    /** Returns the name of a line with its place, if the name alone is not enough. */
    public static String full(Keyed term) {
        return TextBundle.find(key(term) + ".full")
                .map(name -> name + atFret(term))
                .orElseGet(() -> label(term));
    }

    /** Returns common entries for a free-text line; none for most. */
    public static List<String> usual(Line<?> line) {
        return TextBundle.find(key(line) + ".usual")
                .map(words -> List.of(words.split("\\|")))
                .orElse(List.of());
    }

    /** Returns one line on what to enter, where to put the tool and how to read it; empty for none. */
    public static String hint(Line<?> line) {
        return more(line, "hint");
    }

    /** Returns the word shown if nothing is chosen on a line. */
    public static String unsaid(Line<?> line) {
        return TextBundle.find(key(line) + ".unsaid").orElseGet(() -> TextBundle.text("value.unsaid"));
    }

    /** Returns an additional text for a term, such as its reason or a note; empty for none. */
    public static String more(Keyed term, String what) {
        return TextBundle.find(key(term) + "." + what).orElse("");
    }

    private static String key(Keyed term) {
        Keyed named = term instanceof AtFret at ? at.reading() : term;
        return named.family() + "." + named.key();
    }

    /** Returns the word for a value of a line, as a choice shows it. */
    public static <T> String value(ValueType<T> type, T value) {
        if (value instanceof Keyed term) {
            return label(term);
        }
        return value instanceof Boolean flag ? TextBundle.text(flag ? "value.yes" : "value.no") : type.write(value);
    }

    /** Returns who a way suits, in a sentence. */
    public static String suits(Way way) {
        return more(way, "suits");
    }

    /** Returns the risks of a way, in sentences. */
    public static List<String> risks(Way way) {
        return numbered(key(way) + ".risk.");
    }

    /** Returns the cautions of a way for skin, lungs and the law, in sentences. */
    public static List<String> cautions(Way way) {
        return numbered(key(way) + ".caution.");
    }

    private static List<String> numbered(String key) {
        List<String> all = new ArrayList<>();
        for (int i = 1; TextBundle.find(key + i).isPresent(); i++) {
            all.add(TextBundle.text(key + i));
        }
        return all;
    }

    /** Returns a list of ways, such as "Truss rod, then saddle"; "Nothing yet" for none. */
    public static String ways(List<Way> ways) {
        if (ways.isEmpty()) {
            return TextBundle.text("advice.nothing-yet");
        }
        StringBuilder text = new StringBuilder(label(ways.get(0)));
        for (Way way : ways.subList(1, ways.size())) {
            String label = label(way);
            text.append(TextBundle.text("advice.then"))
                    .append(Character.toLowerCase(label.charAt(0)))
                    .append(label.substring(1));
        }
        return text.toString();
    }

    /** Returns the text for a key of its own, such as the title of a card. */
    static String text(String key) {
        return TextBundle.text(key);
    }

    /** Returns the check to make before a template is used. */
    public static String templateCheck() {
        return TextBundle.text("template.check");
    }
}
