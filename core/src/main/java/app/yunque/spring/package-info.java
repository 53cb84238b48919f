/**
 * Springs and what they hold: rate and force of a compression spring, what cutting it does, a spring made from stock, the force of a detent.
 *
 * <p>A mechanic asks here: <em>does this spring still push as it should, may I cut a coil off it, how hard will the lever shift?</em>
 *
 * <p>Terms after EN 13906-1: wire d, mean coil diameter D, active coils n. Lengths in mm, forces in N, rates in N/mm.
 *
 * <p>Odd ends: a spring longer than its room but pressed solid is refused, and so is one that does not reach it.
 *
 * <p>Not here: how a spring is looked at ({@code finding}); clock springs, whose force is not reckoned but counted in turns.
 */
@NullMarked
package app.yunque.spring;

import org.jspecify.annotations.NullMarked;
