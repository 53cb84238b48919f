/**
 * Bringing shafts, splines and teeth back into step.
 *
 * <p>A mechanic asks here: <em>the marks are five degrees out: by how many splines and teeth do I move it, and can the
 * two outputs be true at once at all?</em>
 *
 * <p>Angles in degrees, positive when the output advances in its normal sense of rotation. Counts are whole teeth; a
 * remainder is told, not hidden. Number theory: steps of splines and teeth together are 360°/lcm.
 */
@NullMarked
package app.yunque.timing;

import org.jspecify.annotations.NullMarked;
