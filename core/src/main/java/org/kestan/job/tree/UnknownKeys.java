package org.kestan.job.tree;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * What a section read but does not know: keys of other programs, and the order of all keys. Written back with the
 * section's own values in their places. An entry of a list is recognized by the value of the first key the section
 * writes for it, such as its fret.
 *
 * @param skeleton what was read, with every known value replaced by a mark that keeps its place
 */
public record UnknownKeys(Tree.Entries skeleton) {

    /** No unknown keys. */
    public static final UnknownKeys NONE = new UnknownKeys(Tree.Entries.NONE);

    /** Marks the place of a known value. No file can contain such a key list: it has no keys and is not a value. */
    private static final Tree KNOWN = new Tree.Items(List.of(new Tree.Nothing(), Tree.text("\0known")));

    /**
     * The unknown parts of something that was read.
     *
     * @param read as it was read
     * @param known what the section writes for what it understood of it
     */
    public static UnknownKeys in(Tree.Entries read, Tree.Entries known) {
        return new UnknownKeys(without(read, known));
    }

    private static Tree.Entries without(Tree.Entries read, Tree.Entries known) {
        Map<String, Tree> rest = new LinkedHashMap<>();
        read.all().forEach((key, value) -> {
            Tree understood = known.all().get(key);
            if (understood == null) {
                rest.put(key, value);
            } else if (value instanceof Tree.Entries object && understood instanceof Tree.Entries part) {
                rest.put(key, without(object, part));
            } else if (value instanceof Tree.Items list && understood instanceof Tree.Items part) {
                rest.put(key, without(list, part));
            } else {
                rest.put(key, KNOWN);
            }
        });
        return new Tree.Entries(rest);
    }

    /**
     * The unknown parts of a list's entries, each with what it is recognized by. If any entry has unknown parts, those
     * without keep their turn, since several may be recognized by the same value.
     */
    private static Tree without(Tree.Items read, Tree.Items known) {
        Turns turns = new Turns(known, entry -> List.of(first(entry)));
        Set<String> names = new LinkedHashSet<>();
        entries(known).forEach(each -> names.add(first(each).getKey()));
        List<Tree> rest = new ArrayList<>(List.of(KNOWN));
        boolean foreign = false;
        for (Tree.Entries entry : entries(read)) {
            for (String name : names) {
                Tree value = entry.all().get(name);
                Optional<Tree.Entries> understood = value == null ? Optional.empty() : turns.next(name, value);
                if (understood.isPresent()) {
                    Map<String, Tree> kept =
                            new LinkedHashMap<>(without(entry, understood.get()).all());
                    boolean own = !understood.get().all().keySet().containsAll(kept.keySet());
                    foreign |= own;
                    Map<String, Tree> turn = own ? kept : new LinkedHashMap<>();
                    turn.put(name, understood.get().all().get(name));
                    rest.add(new Tree.Entries(turn));
                    break;
                }
            }
        }
        return foreign ? new Tree.Items(rest) : KNOWN;
    }

    /** The entries of a list that contain anything. */
    private static List<Tree.Entries> entries(Tree.Items list) {
        return list.all().stream()
                .filter(Tree.Entries.class::isInstance)
                .map(Tree.Entries.class::cast)
                .filter(each -> !each.all().isEmpty())
                .toList();
    }

    /** What an entry is recognized by: its first key and that key's value. */
    private static Map.Entry<String, Tree> first(Tree.Entries entry) {
        return entry.all().entrySet().iterator().next();
    }

    /** The entries of a list by what they are recognized by: several with the same value each have their turn. */
    private static final class Turns {

        private final Map<Map.Entry<String, Tree>, Deque<Tree.Entries>> all = new HashMap<>();

        /** @param knownBy the keys, with their values, an entry may be asked for by */
        Turns(Tree.Items items, Function<Tree.Entries, Collection<Map.Entry<String, Tree>>> knownBy) {
            for (Tree.Entries each : entries(items)) {
                knownBy.apply(each)
                        .forEach(key -> all.computeIfAbsent(key, none -> new ArrayDeque<>())
                                .add(each));
            }
        }

        Optional<Tree.Entries> next(String name, Tree value) {
            return Optional.ofNullable(all.get(Map.entry(name, value))).map(Deque::poll);
        }
    }

    /** Combines new values with the unknown parts: unknown keys stay, with all keys in the order they were read. */
    public Tree.Entries under(Tree.Entries fresh) {
        return merged(skeleton, fresh);
    }

    private static Tree.Entries merged(Tree.Entries skeleton, Tree.Entries fresh) {
        Map<String, Tree> all = new LinkedHashMap<>();
        skeleton.all().forEach((key, kept) -> {
            Tree next = fresh.all().get(key);
            if (kept instanceof Tree.Entries object && (next == null || next instanceof Tree.Entries)) {
                Tree.Entries part = merged(object, next == null ? Tree.Entries.NONE : (Tree.Entries) next);
                if (!part.all().isEmpty() || object.all().isEmpty()) {
                    all.put(key, part);
                }
            } else if (kept instanceof Tree.Items list && next instanceof Tree.Items items && isKnown(list)) {
                all.put(key, merged(list, items));
            } else if (next != null) {
                all.put(key, next);
            } else if (!kept.equals(KNOWN) && !(kept instanceof Tree.Items list && isKnown(list))) {
                all.put(key, kept);
            }
        });
        fresh.all().forEach(all::putIfAbsent);
        return new Tree.Entries(all);
    }

    private static Tree merged(Tree.Items skeleton, Tree.Items fresh) {
        List<Tree> all = new ArrayList<>();
        Turns turns = new Turns(skeleton, entry -> entry.all().entrySet());
        for (Tree each : fresh.all()) {
            if (each instanceof Tree.Entries entry && !entry.all().isEmpty()) {
                Map.Entry<String, Tree> first = first(entry);
                all.add(turns.next(first.getKey(), first.getValue())
                        .<Tree>map(kept -> merged(kept, entry))
                        .orElse(entry));
            } else {
                all.add(each);
            }
        }
        return new Tree.Items(all);
    }

    /**
     * Distinguishes a list the section knows, with unknown parts in its entries, from a list that is unknown as a
     * whole.
     */
    private static boolean isKnown(Tree.Items list) {
        return !list.all().isEmpty() && list.all().get(0).equals(KNOWN);
    }

    /** Equal if the unknown parts are equal; their place among known ones only preserves the order of a file. */
    @Override
    public boolean equals(Object other) {
        return other instanceof UnknownKeys that && foreign(skeleton).equals(foreign(that.skeleton));
    }

    @Override
    public int hashCode() {
        return foreign(skeleton).hashCode();
    }

    private static Tree.Entries foreign(Tree.Entries skeleton) {
        Map<String, Tree> all = new LinkedHashMap<>();
        skeleton.all().forEach((key, kept) -> {
            if (kept instanceof Tree.Entries object && !object.all().isEmpty()) {
                Tree.Entries part = foreign(object);
                if (!part.all().isEmpty()) {
                    all.put(key, part);
                }
            } else if (kept instanceof Tree.Items list && isKnown(list)) {
                // An entry that only keeps its turn has no unknown parts.
                List<Tree> own = entries(list).stream()
                        .filter(each -> each.all().size() > 1)
                        .<Tree>map(each -> each)
                        .toList();
                if (!own.isEmpty()) {
                    all.put(key, new Tree.Items(own));
                }
            } else if (!kept.equals(KNOWN)) {
                all.put(key, kept);
            }
        });
        return new Tree.Entries(all);
    }
}
