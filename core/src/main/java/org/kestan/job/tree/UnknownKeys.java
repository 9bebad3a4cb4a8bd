package org.kestan.job.tree;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a section was read from and does not know: keys of other programs, and the order all keys stood in. Written back
 * with the section's own values in their places. An entry of a list is known by the value of the first key the section
 * writes of it, such as the fret it is about.
 *
 * @param skeleton what was read, with every known value replaced by a mark that keeps its place
 */
public record UnknownKeys(Tree.Entries skeleton) {

    /** Nothing foreign. */
    public static final UnknownKeys NONE = new UnknownKeys(Tree.Entries.NONE);

    /** Stands where a known value stood. No file can hold a key list like it: it has no keys and is no value. */
    private static final Tree KNOWN = new Tree.Items(List.of(new Tree.Nothing(), Tree.text("\0known")));

    /**
     * What is foreign in something that was read.
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

    /** What is foreign in the entries of a list, each with what it is known by; what has nothing foreign is left out. */
    private static Tree without(Tree.Items read, Tree.Items known) {
        List<Tree> rest = new ArrayList<>(List.of(KNOWN));
        Map<Tree, Integer> had = new HashMap<>();
        for (Tree each : read.all()) {
            if (each instanceof Tree.Entries entry) {
                known(entry, known, had).ifPresent(understood -> {
                    Map<String, Tree> kept =
                            new LinkedHashMap<>(without(entry, understood).all());
                    boolean foreign = !understood.all().keySet().containsAll(kept.keySet());
                    if (foreign || isShared(read, understood)) {
                        // One with nothing foreign keeps its turn among those known by the same.
                        Map<String, Tree> turn = foreign ? kept : new LinkedHashMap<>();
                        String name = understood.all().keySet().iterator().next();
                        turn.put(name, understood.all().get(name));
                        rest.add(new Tree.Entries(turn));
                    }
                });
            }
        }
        boolean nothing = rest.stream()
                .skip(1)
                .allMatch(each -> ((Tree.Entries) each).all().size() == 1);
        return nothing ? KNOWN : new Tree.Items(rest);
    }

    /** Tells whether another entry of a list is known by the same as one. */
    private static boolean isShared(Tree.Items read, Tree.Entries understood) {
        return read.all().stream()
                        .filter(Tree.Entries.class::isInstance)
                        .map(Tree.Entries.class::cast)
                        .filter(each -> isAbout(each, understood))
                        .count()
                > 1;
    }

    /**
     * The entry of a list that is about the same as one given: of several, each in its turn.
     *
     * @param had how many of those known by the same have had their turn
     */
    private static Optional<Tree.Entries> known(Tree.Entries entry, Tree.Items among, Map<Tree, Integer> had) {
        List<Tree.Entries> same = among.all().stream()
                .filter(Tree.Entries.class::isInstance)
                .map(Tree.Entries.class::cast)
                .filter(each -> !each.all().isEmpty() && isAbout(entry, each))
                .toList();
        if (same.isEmpty()) {
            return Optional.empty();
        }
        int turn = had.merge(same.get(0).all().values().iterator().next(), 1, Integer::sum) - 1;
        return Optional.of(same.get(Math.min(turn, same.size() - 1)));
    }

    /** Lays fresh values over what is foreign: foreign keys stay, all keys in the order they were read in. */
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
        Map<Tree, Integer> had = new HashMap<>();
        for (Tree each : fresh.all()) {
            all.add(
                    each instanceof Tree.Entries entry && !entry.all().isEmpty()
                            ? turn(skeleton, entry, had)
                                    .<Tree>map(kept -> merged(kept, entry))
                                    .orElse(entry)
                            : each);
        }
        return new Tree.Items(all);
    }

    /** What is foreign in an entry; of several known by the same, each has its own, by their order. */
    private static Optional<Tree.Entries> turn(Tree.Items skeleton, Tree.Entries entry, Map<Tree, Integer> had) {
        int turn = had.merge(entry.all().values().iterator().next(), 1, Integer::sum) - 1;
        return skeleton.all().stream()
                .filter(Tree.Entries.class::isInstance)
                .map(Tree.Entries.class::cast)
                .filter(kept -> isAbout(kept, entry))
                .skip(turn)
                .findFirst();
    }

    /** Tells a list the section knows, with what is foreign in its entries, from a list that is foreign as a whole. */
    private static boolean isKnown(Tree.Items list) {
        return !list.all().isEmpty() && list.all().get(0).equals(KNOWN);
    }

    private static boolean isAbout(Tree.Entries kept, Tree.Entries fresh) {
        Map.Entry<String, Tree> first = fresh.all().entrySet().iterator().next();
        return first.getValue().equals(kept.all().get(first.getKey()));
    }

    /** The same where the same is foreign: where it stands among what is known only keeps the order of a file. */
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
            } else if (!kept.equals(KNOWN)) {
                all.put(key, kept);
            }
        });
        return new Tree.Entries(all);
    }
}
