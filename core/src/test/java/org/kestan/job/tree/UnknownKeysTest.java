package org.kestan.job.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class UnknownKeysTest {

    /** Entries of texts: key, text, key, text. */
    private static Tree.Entries entry(String... keysAndTexts) {
        Map<String, Tree> all = new LinkedHashMap<>();
        for (int i = 0; i < keysAndTexts.length; i += 2) {
            all.put(keysAndTexts[i], Tree.text(keysAndTexts[i + 1]));
        }
        return new Tree.Entries(all);
    }

    private static Tree.Entries list(Tree... entries) {
        return new Tree.Entries(Map.of("list", new Tree.Items(Arrays.asList(entries))));
    }

    private static Tree.Entries written(UnknownKeys keys, Tree.Entries known) {
        return keys.under(known);
    }

    @Test
    public void eachOfSeveralThatBeginAlikeKeepsItsOwn() {
        Tree.Entries read = list(
                entry("kind", "follow-up", "theirs", "first"),
                entry("kind", "follow-up"),
                entry("kind", "follow-up", "theirs", "third"));
        Tree.Entries known = list(entry("kind", "follow-up"), entry("kind", "follow-up"), entry("kind", "follow-up"));
        assertThat(written(UnknownKeys.in(read, known), known)).isEqualTo(read);
    }

    /** What is written and read again is the same, unknown keys included. */
    @Test
    public void aRoundTripChangesNothing() {
        Tree.Entries read = list(entry("fret", "5", "theirs", "x"), entry("fret", "7"), entry("fret", "5"));
        Tree.Entries known = list(entry("fret", "5"), entry("fret", "7"), entry("fret", "5"));
        UnknownKeys keys = UnknownKeys.in(read, known);
        Tree.Entries again = written(keys, known);
        assertThat(UnknownKeys.in(again, known)).isEqualTo(keys);
        assertThat(written(UnknownKeys.in(again, known), known)).isEqualTo(again);
    }

    @Test
    public void whatWasTakenAwayTakesItsOwnAlong() {
        Tree.Entries read = list(entry("fret", "5", "theirs", "x"), entry("fret", "7", "theirs", "y"));
        UnknownKeys keys = UnknownKeys.in(read, list(entry("fret", "5"), entry("fret", "7")));
        assertThat(written(keys, list(entry("fret", "7")))).isEqualTo(list(entry("fret", "7", "theirs", "y")));
        assertThat(written(keys, list(entry("fret", "9"), entry("fret", "5"))))
                .isEqualTo(list(entry("fret", "9"), entry("fret", "5", "theirs", "x")));
    }

    /** Where nothing is unknown nothing is kept, however long the list is. */
    @Test
    public void nothingForeignIsNothing() {
        Tree.Entries known = list(entry("fret", "5"), entry("fret", "5"));
        assertThat(UnknownKeys.in(known, known)).isEqualTo(UnknownKeys.NONE);
        assertThat(UnknownKeys.in(list(entry("fret", "5", "theirs", "x")), list(entry("fret", "5"))))
                .isNotEqualTo(UnknownKeys.NONE);
    }

    /** An entry is recognized by the key that is written first, not by any other key it shares with its neighbors. */
    @Test
    public void onlyTheFirstKeySaysWhatAnEntryIsAbout() {
        Tree.Entries known = list(
                entry("gauge", "0.012", "wound", "no"), entry("wound", "yes"), entry("pitch", "E2", "wound", "no"));
        assertThat(UnknownKeys.in(known, known)).isEqualTo(UnknownKeys.NONE);
        Tree.Entries read = list(
                entry("gauge", "0.012", "wound", "no"),
                entry("wound", "yes"),
                entry("pitch", "E2", "wound", "no", "theirs", "x"));
        assertThat(written(UnknownKeys.in(read, known), known)).isEqualTo(read);
    }

    /** The time for a long list from outside grows with its length, not with its square. */
    @Test(timeOut = 20_000)
    public void aLongListIsGoneThroughOnce() {
        List<Tree> read = new ArrayList<>();
        List<Tree> known = new ArrayList<>();
        IntStream.range(0, 60_000).forEach(each -> {
            read.add(entry("kind", "same", "theirs", Integer.toString(each)));
            known.add(entry("kind", "same"));
        });
        Tree.Entries all = new Tree.Entries(Map.of("list", new Tree.Items(known)));
        Tree.Entries again = written(UnknownKeys.in(new Tree.Entries(Map.of("list", new Tree.Items(read))), all), all);
        assertThat(((Tree.Items) again.all().get("list")).all()).isEqualTo(read);
    }
}
