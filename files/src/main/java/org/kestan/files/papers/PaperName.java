package org.kestan.files.papers;

import java.text.Normalizer;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/** File names for a job's papers: they name the owner, and work with every disk and language setting. */
public final class PaperName {

    private static final int LONGEST = 60;

    private PaperName() {}

    /**
     * The file name of a paper: its kind, the instrument and its owner, what tells it from similar ones, the
     * extension.
     */
    public static String of(String what, Job job, String variant, String ending) {
        return what + "-" + of(job) + (variant.isEmpty() ? "" : "-" + variant) + ending;
    }

    /** What is printed on every page: the instrument, its owner and the day of the visit, as far as they are known. */
    static String whose(Job job) {
        return Stream.of(job.name(), ownerAndDay(job))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining("   "));
    }

    /** The owner and the day of the visit, as far as they are known. */
    static String ownerAndDay(Job job) {
        return Stream.of(
                        job.text(Lines.OWNER).isEmpty() ? "" : "owner: " + job.text(Lines.OWNER),
                        job.text(Lines.TAKEN_ON).isEmpty() ? "" : "measured " + job.text(Lines.TAKEN_ON))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining("   "));
    }

    /** The instrument and its owner in lowercase English letters, digits and hyphens; never empty. */
    public static String of(Job job) {
        String whole = job.name() + " " + job.text(Lines.OWNER);
        String plain = Normalizer.normalize(whole, Normalizer.Form.NFD)
                .replace("\u00df", "ss")
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String cut = plain.substring(0, Math.min(LONGEST, plain.length())).replaceAll("-$", "");
        // Names without such letters, or with more of them than fit, are told apart by a number made from the whole.
        boolean all = cut.equals(plain) && !plain.isEmpty();
        return all ? plain : (cut.isEmpty() ? "job" : cut) + "-" + Integer.toHexString(whole.hashCode());
    }
}
