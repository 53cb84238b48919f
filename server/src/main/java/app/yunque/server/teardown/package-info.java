/** The steps of a strip: kept, edited, undone. Every undo is a new revision; the old ones stay in the history. */
@NullMarked
package app.yunque.server.teardown;

import org.jspecify.annotations.NullMarked;
