/**
 * What a pair of gears is, and what a caliper or an indicator on it means.
 *
 * <p>A mechanic asks here: <em>how thick is this tooth still, how much lash is there really, what should it be,
 * and does the gear go back in?</em>
 *
 * <p>Terms after ISO 1122-1 and ISO 21771: module, reference circle, base tangent length (the span), working
 * pressure angle, circumferential backlash j_wt at the working circle in the transverse plane, normal backlash
 * j_bn as the shortest distance between flanks. Lengths in mm; angles in degrees where they enter, radians
 * inside. A positive profile shift makes the tooth thicker. Index 1 is the pinion, the driver of a reducing
 * stage; index 2 the wheel. Wear is positive when metal is missing.
 *
 * <p>Odd ends: a spur gear is a gear of helix angle 0 without a hand; a span needs at least two teeth and, on a
 * helical gear, face enough for both jaws; a centre distance at which the base circles overlap has no mesh and is
 * refused.
 *
 * <p>Not here: trains of several pairs, speeds and ratios ({@code drive}); whether a part is reused
 * ({@code finding}).
 */
@NullMarked
package app.yunque.gear;

import org.jspecify.annotations.NullMarked;
