package org.kestan.ledger;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which ledgers have changed a job, and how often: what one version knows about another, whatever the clocks said (a
 * version vector: Parker et al., "Detection of Mutual Inconsistency in Distributed Systems", IEEE Transactions on
 * Software Engineering 9 (1983)).
 *
 * @param counts changes by ledger, each 1 or more
 */
public record Versions(SortedMap<String, Long> counts) {

    /** The version of an entry of unknown origin. */
    public static final Versions NONE = new Versions(new TreeMap<>());

    /** How two versions are related. */
    public enum Order {
        SAME,
        NEWER,
        OLDER,
        PARTED
    }

    /** Takes an unmodifiable copy. */
    public Versions {
        counts = java.util.Collections.unmodifiableSortedMap(new TreeMap<>(counts));
    }

    /** Reads what {@link #text} wrote; ignores what can't be read. */
    public static Versions read(String text) {
        SortedMap<String, Long> counts = new TreeMap<>();
        for (String each : text.split(",")) {
            if (each.matches("[0-9a-z]{1,40}:[1-9]\\d{0,17}")) {
                int colon = each.indexOf(':');
                counts.put(each.substring(0, colon), Long.parseLong(each.substring(colon + 1)));
            }
        }
        return new Versions(counts);
    }

    /** Returns it as text. */
    public String text() {
        return counts.entrySet().stream()
                .map(each -> each.getKey() + ":" + each.getValue())
                .collect(Collectors.joining(","));
    }

    /** Returns the version after a change by a ledger. */
    public Versions changedBy(String ledger) {
        SortedMap<String, Long> next = new TreeMap<>(counts);
        next.merge(ledger, 1L, Long::sum);
        return new Versions(next);
    }

    /** Returns the version that includes everything either of them includes. */
    public Versions and(Versions other) {
        return new Versions(Stream.of(this, other)
                .flatMap(each -> each.counts.entrySet().stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, Math::max, TreeMap::new)));
    }

    /** Returns how this version is related to another. */
    public Order to(Versions other) {
        boolean knowsAll = and(other).equals(this);
        boolean isKnown = and(other).equals(other);
        if (knowsAll) {
            return isKnown ? Order.SAME : Order.NEWER;
        }
        return isKnown ? Order.OLDER : Order.PARTED;
    }
}
