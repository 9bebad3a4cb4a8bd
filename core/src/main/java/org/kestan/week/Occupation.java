package org.kestan.week;

import java.util.Arrays;

/** The times at which something is occupied, in order: a person, or a place with room for several. */
final class Occupation {

    private int[] starts = new int[16];
    private int[] ends = new int[16];
    private int count;

    /** Occupies a time in which several may overlap. */
    void take(int start, int end) {
        insert(after(start), start, end);
    }

    /** Occupies a time that overlaps no other; adjacent ones are joined. */
    void takeAlone(int start, int end) {
        int at = after(start);
        boolean before = at > 0 && ends[at - 1] == start;
        boolean behind = at < count && starts[at] == end;
        if (before && behind) {
            ends[at - 1] = ends[at];
            remove(at);
        } else if (before) {
            ends[at - 1] = end;
        } else if (behind) {
            starts[at] = start;
        } else {
            insert(at, start, end);
        }
    }

    private void insert(int at, int start, int end) {
        if (count == starts.length) {
            starts = Arrays.copyOf(starts, 2 * count);
            ends = Arrays.copyOf(ends, 2 * count);
        }
        System.arraycopy(starts, at, starts, at + 1, count - at);
        System.arraycopy(ends, at, ends, at + 1, count - at);
        starts[at] = start;
        ends[at] = end;
        count++;
    }

    private void remove(int at) {
        count--;
        System.arraycopy(starts, at + 1, starts, at, count - at);
        System.arraycopy(ends, at + 1, ends, at, count - at);
    }

    /** The first one starting at a minute or later. */
    private int after(int minute) {
        int at = Arrays.binarySearch(starts, 0, count, minute);
        if (at < 0) {
            return -at - 1;
        }
        while (at > 0 && starts[at - 1] == minute) {
            at--;
        }
        return at;
    }

    /** The minute until which it is occupied, from within a time on; -1 if all of it is free. Only if none overlap. */
    int takenUntil(int start, int end) {
        int at = after(start);
        if (at > 0 && ends[at - 1] > start) {
            return ends[at - 1];
        }
        return at < count && starts[at] < end ? ends[at] : -1;
    }

    /** The minute from which there may be room again; -1 if there is room for one more throughout a time. */
    int fullUntil(int start, int end, int room) {
        int until = Integer.MAX_VALUE;
        boolean full = false;
        for (int i = 0; i < count && starts[i] < end; i++) {
            if (ends[i] <= start) {
                continue;
            }
            int point = Math.max(start, starts[i]);
            int there = 0;
            int soonest = Integer.MAX_VALUE;
            for (int j = 0; j < count && starts[j] <= point; j++) {
                if (ends[j] > point) {
                    there++;
                    soonest = Math.min(soonest, ends[j]);
                }
            }
            if (there >= room) {
                full = true;
                until = Math.min(until, soonest);
            }
        }
        return full ? until : -1;
    }
}
