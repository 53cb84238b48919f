/**
 * What a gear is: spur, helical and ring, worm, bevel, and two of them in mesh.
 *
 * <p>A mechanic asks here: <em>what are the circles, the thickness and the angles of this gear, and can these two run
 * together?</em>
 *
 * <p>Terms after ISO 1122-1 and ISO 21771: module, reference circle, working pressure angle. Lengths in mm; angles in
 * degrees where they enter, radians inside. A positive profile shift makes the tooth thicker, on a ring too. Index 1 is
 * the pinion, the driver of a reducing stage; index 2 the wheel.
 *
 * <p>Odd ends: a spur gear is a gear of helix angle 0 without a hand; a ring has positive teeth and a flag; a centre
 * distance at which the base circles overlap has no mesh and is refused.
 *
 * <p>Not here: measuring a tooth ({@code tooth}), backlash ({@code backlash}), what a mesh does ({@code mesh}), trains
 * ({@code drive}).
 */
@NullMarked
package app.yunque.gear;

import org.jspecify.annotations.NullMarked;
