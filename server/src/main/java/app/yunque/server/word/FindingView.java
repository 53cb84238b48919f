package app.yunque.server.word;

import app.yunque.line.LineReading.Found;

/**
 * Something that may be found on a part.
 *
 * @param found what it is
 * @param words in words
 */
public record FindingView(Found found, String words) {}
