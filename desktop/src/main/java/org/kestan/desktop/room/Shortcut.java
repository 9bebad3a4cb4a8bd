package org.kestan.desktop.room;

/**
 * A command and its key, as the menus show them.
 *
 * @param menu the menu it is in
 * @param text what it does
 * @param keys its key, as the machine writes it
 */
public record Shortcut(String menu, String text, String keys) {}
