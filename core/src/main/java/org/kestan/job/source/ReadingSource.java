package org.kestan.job.source;

import java.util.List;

/** A source of readings that are not typed: the port for a camera, a microphone or a gauge. */
@FunctionalInterface
public interface ReadingSource {

    /** Returns what it has read for a sheet, one reading for each line, in the order they were read; none while it has read nothing. */
    List<SourcedReading<?>> readings();
}
