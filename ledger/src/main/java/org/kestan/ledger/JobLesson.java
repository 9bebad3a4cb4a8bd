package org.kestan.ledger;

import org.kestan.repair.memory.Lesson;

/**
 * A job that teaches something.
 *
 * @param id its id
 * @param name what the shop calls the instrument
 * @param lesson what it teaches
 */
public record JobLesson(String id, String name, Lesson lesson) {}
