package app.yunque.line;

import app.yunque.teardown.PartKind;

/**
 * The name a clause begins with; of names that stand together the last is the thing itself.
 *
 * @param from     place of the thing itself
 * @param to       place after it
 * @param name     the thing itself
 * @param kind     its kind
 * @param nameFrom place where its whole name begins
 */
record Head(int from, int to, String name, PartKind kind, int nameFrom) {}
