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
 * done. What of that order is chance and what is not, what the bench says and what the sizes of parts and openings force
 * makes the model of what blocks what; a plan made from it may better the strip turned round.
 *
 * <p>A subassembly comes out whole under the first step that names it; steps that name it later open it on the bench.
 * Openings are measured at their narrowest; a part passes with 0.5 mm to spare.
 *
 * <p>Not here: the planning itself, which knows no gearbox ({@code plan}); what a screw does in a hole
 * ({@code fastener}); whether a part is reused ({@code finding}).
 */
@NullMarked
package app.yunque.teardown;

import org.jspecify.annotations.NullMarked;
