/**
 * What happens where two gears meet at the centre distance they really have.
 *
 * <p>A mechanic asks here: <em>with these teeth at this centre distance, how much backlash is there, how many teeth
 * carry, do tips strike roots, and what do heat, a gasket or a slip of paper change?</em>
 *
 * <p>Terms and formulas after ISO 21771, from memory. Transverse plane, working circles; lengths in mm. Index 1 is the
 * pinion, index 2 the wheel, which may be a ring. Thicknesses are the real, measured ones; where none was measured the
 * nominal one stands in.
 *
 * <p>Odd ends: a negative backlash means that the teeth would overlap, and is told as such and not refused, because a
 * mechanic who moves a centre distance has to see how far it is still off. Below the sum of the base radii there is no
 * mesh at all.
 *
 * <p>Not here: how backlash is measured or judged ({@code backlash}).
 */
@NullMarked
package app.yunque.mesh;

import org.jspecify.annotations.NullMarked;
