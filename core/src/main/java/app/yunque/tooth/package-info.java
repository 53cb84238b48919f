/**
 * How thick the teeth of a gear still are: span, pins and balls, gear-tooth caliper, tip diameter, and what the loss
 * means.
 *
 * <p>A mechanic asks here: <em>which tool suits this gear, where do I put it, what should it read, and how much of the
 * tooth is gone?</em>
 *
 * <p>Terms after ISO 21771: base tangent length W_k over k teeth, dimension over pins or balls M, chordal thickness s̄
 * at the height h̄, normal thickness s_n at the reference circle. Lengths in mm. Wear is the reference less the measured
 * thickness, positive when metal is missing, the sum of two flanks.
 *
 * <p>Odd ends: a pin that drops to the root, does not stand proud or misses the involute is refused with a pin that
 * would do; two straight pins on a helical gear of odd teeth rock and are refused.
 *
 * <p>Not here: backlash ({@code backlash}); what an unmarked gear is ({@code identify}).
 */
@NullMarked
package app.yunque.tooth;

import org.jspecify.annotations.NullMarked;
