/**
 * The strip as it happened, and all that follows from it: the picture of the shafts, what to watch, the rebuild order
 * and the ledger.
 *
 * <p>A mechanic asks here: <em>which washer went where, which way round, in which order does it go back, and is anything
 * left over?</em>
 *
 * <p>Shafts count from the input, 1 first; 0 stands for the housing. The left side is the side the input is driven
 * from. Steps count from 1 in the order things came off, so on each side of a shaft the first is the outermost. Counts
 * are whole pieces.
 *
 * <p>The rebuild order is the strip turned round: every step of a strip that succeeded proves that its reverse can be
 * done. Orders cut for tools, flips and two mechanics, passages and contradictions are not here yet, nor is what a wrong
 * screw would strike.
 *
 * <p>Not here: whether a part is reused ({@code finding}).
 */
@NullMarked
package app.yunque.teardown;

import org.jspecify.annotations.NullMarked;
