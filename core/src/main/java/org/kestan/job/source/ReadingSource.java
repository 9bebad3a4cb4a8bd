package org.kestan.job.source;

import java.util.List;

/** A source of readings that are not typed: the port for a camera, a microphone or a gauge. */
@FunctionalInterface
public interface ReadingSource {

    /** Returns its readings for a sheet, one for each line, in the order they were taken; empty if there are none. */
    List<SourcedReading<?>> readings();
}
