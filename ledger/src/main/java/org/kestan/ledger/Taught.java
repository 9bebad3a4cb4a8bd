package org.kestan.ledger;

import org.kestan.work.memory.Lesson;

/**
 * A job that teaches something.
 *
 * @param id its id
 * @param name what the shop calls the instrument
 * @param lesson what it teaches
 */
public record Taught(String id, String name, Lesson lesson) {}
