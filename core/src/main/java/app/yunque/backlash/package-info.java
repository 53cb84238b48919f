/**
 * Backlash: the ways to measure it, what each of them really reads, what it should be, and how it varies round a turn.
 *
 * <p>A mechanic asks here: <em>how much play is there between these teeth, is that too much or too little, and is it
 * the same all round?</em>
 *
 * <p>Symbols after ISO 21771: circumferential j_wt on the working circle in the transverse plane, normal j_bn the shortest
 * distance between flanks, radial j_r how far the centres could close, angle j_θ. An indicator at the rim reads
 * transverse, a feeler or a wire reads normal: the rooms of the trade confuse them, this one does not. Lengths in mm;
 * angles in degrees where they enter, minutes of arc in results.
 *
 * <p>Odd ends: a float that is larger than the reading is refused; a map of fewer than four places is refused, because
 * three fit any wave; schools of recommended backlash are shown side by side and never averaged.
 *
 * <p>Not here: what the mesh itself would have by calculation ({@code mesh}).
 */
@NullMarked
package app.yunque.backlash;

import org.jspecify.annotations.NullMarked;
