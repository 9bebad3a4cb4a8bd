package org.kestan.job.source;

import java.util.List;

/** Gives readings that nobody types: the port behind which a camera, a microphone or a gauge stands. */
@FunctionalInterface
public interface ReadingSource {

    /** Returns what it has read for a sheet, one reading for each line, in the order they were read; none while it has read nothing. */
    List<SourcedReading<?>> readings();
}
