package app.yunque.server.word;

import java.util.UUID;

/**
 * @param given       the word
 * @param means       what it stands for, in words
 * @param learnedFrom the step that it was learned from; empty where a lead said it
 * @param counts      true where lines are read by it: what the table of the trade calls otherwise counts from the second correction on
 */
public record OwnWordView(
        UUID id, OwnWordRequest given, String means, String learnedFrom, boolean counts) {}
