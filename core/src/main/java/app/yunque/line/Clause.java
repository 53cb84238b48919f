package app.yunque.line;

/**
 * A stretch of a line between two commas, or two names joined by "and".
 *
 * @param from   place of its first character
 * @param to     place after its last
 * @param group  the same for clauses that are joined by "and"
 * @param isLead true for what stands before a colon
 */
record Clause(int from, int to, int group, boolean isLead) {}
